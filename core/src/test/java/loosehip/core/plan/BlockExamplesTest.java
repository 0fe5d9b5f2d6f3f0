package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import loosehip.core.Bodies;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import loosehip.core.limit.Body;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Seen;
import loosehip.core.measure.Screen;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Demand;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Blocks of one stiff golfer, whose weeks, doses, pins and notes are known. */
class BlockExamplesTest {
  private static final ItemId BRIDGE = ItemId.of("bridge");
  private static final ItemId DOUBLE_BEND = ItemId.of("double-bend-sit");
  private static final ItemId DROPS = ItemId.of("seated-knee-drops");
  private static final LocalDate START = LocalDate.of(2027, 1, 11);

  @ParameterizedTest(name = "{0}: {1} s")
  @CsvSource(
      delimiter = '|',
      value = {
        // 30 + 80
        "seated-foot-rolls | 110",
        // 30 + 2 × 10 × (3 + 3) + 5 + 25 to stand up + 10 × 3
        "seated-knee-drops wall-taps | 210",
        // 30 + 5 × 5 + 25 + 10 × 3 + 25 + 12 × 7
        "lying-tilts wall-taps bridge | 219",
        // 30 + 2 × (2 × 10 × 2 + 5) + 15 + 25 + 2 × (2 × 30 + 5) + 15
        "double-bend-sit half-kneel-front-hip | 305",
        // 30 + 2 × 10 × 3 + 5 + 15 + 10 × 3 + 15 + 10 × 6 + 15 + 8 × 3 × 2 + 5
        "squeeze-tall wall-slides low-side-steps long-lunge | 283",
        // 30 + 3 × (10 × 2 + 5) + 2 × 15 + 25 + 10 × 3 + 25 + 3 × 15 + 2 × 15
        "one-leg-bridge-hold club-hinge front-hold-floor | 290",
      })
  void theLengthOfARoutine(String ids, int seconds) {
    List<PlanItem> items = new ArrayList<>();
    for (String id : ids.split(" ")) {
      Exercise exercise = Catalogue.standard().find(ItemId.of(id)).orElseThrow();
      Dose.Prescribed much = exercise.dose().in(1, 3);
      items.add(PlanItem.of(PlanItem.Role.EXERCISE, exercise, much, Why.of(new Why.ByHand())));
    }
    assertThat(new Session(1, items).seconds()).isEqualTo(seconds);
  }

  @Test
  void aBlackedOutDayGivesWayToTheNearestFreeOne() {
    Wishes wishes = wishes(15, 3, Set.of(START.plusDays(2), START.plusDays(7)));
    assertThat(TrainingDays.of(wishes, 1)).isEqualTo(Days.of(1, 4, 5));
    assertThat(TrainingDays.of(wishes, 2)).isEqualTo(Days.of(2, 3, 5));
    Set<LocalDate> all = new LinkedHashSet<>();
    for (int day = 0; day < 42; day++) {
      all.add(START.plusDays(day));
    }
    Block none = block(stiff(), wishes(15, 3, all), PlanEdits.NONE);
    assertThat(none.empty()).isTrue();
    assertThat(none.notes()).contains(new PlanNote.NoFreeDay());
  }

  /** The dose rises over the stage; the rung never does, whatever the calendar says. */
  @Test
  void theDoseRisesOverTheStageAndTheRungWaitsForTheLog() {
    Block block = block(stiff(), wishes(40, 5, Set.of()), PlanEdits.NONE);
    assertThat(block.stages()).containsExactly(new Block.Stage(1, 3), new Block.Stage(4, 6));
    assertThat(dose(block, 1, DROPS).reps()).isEqualTo(10);
    assertThat(dose(block, 3, DROPS).reps()).isEqualTo(15);
    assertThat(dose(block, 6, DROPS).reps()).isEqualTo(15);
    assertThat(block.items(6)).extracting(PlanItem::id).doesNotContain(DOUBLE_BEND);
    assertThat(block.next()).contains(new NextRung(DROPS, DOUBLE_BEND, 3));
    PlanEdits moved = PlanEdits.NONE.start(Catalogue.standard().find(DOUBLE_BEND).orElseThrow());
    assertThat(block(stiff(), wishes(40, 5, Set.of()), moved).items())
        .extracting(PlanItem::id)
        .contains(DOUBLE_BEND);
  }

  /** The rung after a held one waits for the log; a log that says so opens it. */
  @Test
  void theRungAboveOpensWhenTheLogSaysHeld() {
    CaseFile golfer = golferOf(stiff(), wishes(40, 5, Set.of()), Health.CLEAR);
    ItemId switching = ItemId.of("double-bend-switch");
    PlanEdits wanted = PlanEdits.NONE.pin(switching, Days.NONE);
    PlanRequest request = Judgement.of(golfer).request(golfer.wishes().orElseThrow(), wanted);
    assertThat(Planner.plan(request).notes())
        .contains(new PlanNote.CouldNotHold(switching, new Reason.NotYet(Gate.RUNG_BELOW)));
    assertThat(Planner.plan(request.holding(Set.of(DOUBLE_BEND))).items())
        .extracting(PlanItem::id)
        .contains(switching);
  }

  /** A tenth of the body, 8 kg at most, 4 while it is not known; half for a minor. */
  @ParameterizedTest
  @CsvSource({", false, 4", "60, false, 6", "95, false, 8", "60, true, 3", ", true, 2"})
  void howMuchMayBeSwung(Double kg, boolean minor, double most) {
    assertThat(SwungWeight.most(Optional.ofNullable(kg), minor)).isEqualTo(most);
  }

  private static Dose.Prescribed dose(Block block, int week, ItemId id) {
    return block.items(week).stream()
        .filter(i -> i.id().equals(id))
        .findFirst()
        .orElseThrow()
        .much();
  }

  @Test
  void whatTheTrainerDecidesIsHeldOrSaid() {
    Wishes wishes = wishes(20, 5, Set.of());
    PlanEdits held =
        PlanEdits.NONE
            .pin(BRIDGE, Days.of(2, 5))
            .leave(DROPS)
            .dose(BRIDGE, new Dose.Prescribed(1, 14, 0));
    Block block = block(stiff(), wishes, held);
    Map<Integer, List<ItemId>> byDay = new TreeMap<>();
    block
        .weeks()
        .get(0)
        .sessions()
        .forEach(s -> byDay.put(s.day(), s.items().stream().map(PlanItem::id).toList()));
    assertThat(byDay.get(2)).contains(BRIDGE);
    assertThat(byDay.get(1)).doesNotContain(BRIDGE);
    assertThat(dose(block, 1, BRIDGE).reps()).isEqualTo(14);
    assertThat(block.items()).extracting(PlanItem::id).doesNotContain(DROPS);
    assertThat(block.leftOut()).contains(new LeftOut(DROPS, new Reason.TrainersHand()));

    Block tight = block(stiff(), wishes(2, 5, Set.of()), PlanEdits.NONE.pin(BRIDGE, Days.NONE));
    assertThat(tight.notes()).contains(new PlanNote.NoRoom(BRIDGE));
    Health back = Health.of(Set.of(), List.of(NotedCaution.of(Caution.PREGNANCY)));
    Block blocked = block(golferOf(stiff(), wishes, back), PlanEdits.NONE.pin(BRIDGE, Days.NONE));
    assertThat(blocked.notes())
        .contains(
            new PlanNote.CouldNotHold(
                BRIDGE,
                new Reason.ByCaution(
                    NotedCaution.of(Caution.PREGNANCY), Optional.of(Demand.ON_BACK))));
    assertThat(blocked.items()).extracting(PlanItem::id).doesNotContain(BRIDGE);
  }

  /** Two that are held and fit neither together nor alone both give way, and it is said of both. */
  @Test
  void everyPinThatHasNoRoomGivesWay() {
    ItemId rolls = ItemId.of("seated-foot-rolls");
    PlanEdits held = PlanEdits.NONE.pin(rolls, Days.NONE).pin(BRIDGE, Days.NONE);
    Block block = block(stiff(), wishes(1, 5, Set.of()), held);
    assertThat(block.notes()).contains(new PlanNote.NoRoom(BRIDGE), new PlanNote.NoRoom(rolls));
  }

  /** Doses rise only into the minutes that are left, whatever they are, and they do rise. */
  @ParameterizedTest
  @ValueSource(ints = {2, 3, 5})
  void dosesRiseWithinTheMinutes(int days) {
    int raised = 0;
    for (int minutes = 3; minutes <= 40; minutes++) {
      Block block = block(stiff(), wishes(minutes, days, Set.of()), PlanEdits.NONE);
      for (Block.Week week : block.weeks()) {
        for (Session session : week.sessions()) {
          assertThat(session.seconds()).isLessThanOrEqualTo(minutes * 60);
        }
      }
      for (PlanItem item : block.items(3)) {
        boolean more =
            block.items(1).stream()
                .anyMatch(i -> i.id().equals(item.id()) && i.much().reps() < item.much().reps());
        raised += more ? 1 : 0;
      }
    }
    assertThat(raised).isGreaterThan(10);
  }

  private static final String STEADY =
      "one-leg-stand.left.open 14; one-leg-stand.right.open 12; side-hip-hold.right 6; side-hip-hold.left 6\n";

  /** Fast work waits for the third week and then comes. */
  @Test
  void fastWorkBeginsInTheThirdWeek() {
    PlanEdits held = PlanEdits.NONE.pin(ItemId.of("hop-hold"), Days.NONE);
    String steady = stiff() + STEADY;
    Block block = block(steady, wishes(30, 3, Set.of()), held);
    List<Integer> weeks =
        block.weeks().stream()
            .filter(w -> block.items(w.number()).stream().anyMatch(BlockExamplesTest::fast))
            .map(Block.Week::number)
            .toList();
    assertThat(weeks).containsExactly(3, 4, 5, 6);
  }

  /** Somebody who stood three seconds on one leg is never given a hop, by hand neither. */
  @Test
  void aHopWaitsForTheStandWhateverTheTrainersHandSays() {
    PlanEdits held = PlanEdits.NONE.pin(ItemId.of("hop-hold"), Days.NONE);
    String shaky = stiff() + STEADY.replace("left.open 14", "left.open 3");
    Block block = block(shaky, wishes(30, 3, Set.of()), held);
    assertThat(block.items()).noneMatch(BlockExamplesTest::fast);
    assertThat(block.notes())
        .contains(
            new PlanNote.CouldNotHold(ItemId.of("hop-hold"), new Reason.NotYet(Gate.STAND_10)));
  }

  private static boolean fast(PlanItem item) {
    return item.exercise().filter(e -> e.kind() == Exercise.Kind.SPEED).isPresent();
  }

  /** The seat waits for the front only where it works tall, not hinged, and the front is short. */
  @ParameterizedTest(name = "tall {0}, hinged {1}, front {2}: {3}")
  @CsvSource({
    "yes, no, 10.1, true",
    "yes, no, 10, false",
    "yes, no, -5, false",
    "yes, yes, 15, false",
    "no, no, 15, false",
    "no, yes, 15, false",
  })
  void theFrontIsFreedFirstOnlyWhereItHoldsTheSeatBack(
      String tall, String hinged, double front, boolean first) {
    Body body =
        Bodies.of(
            "glute-switch.left.tall %s; glute-switch.left.hinged %s; hip-flexor-length.left %s; hip-flexor-length.right -5"
                .formatted(tall, hinged, front));
    assertThat(Climbs.reciprocal(body)).isEqualTo(first);
  }

  @Test
  void fewMinutesForManyNeedsSayWhatGoesUnserved() {
    Block block = block(stiff(), wishes(1, 5, Set.of()), PlanEdits.NONE);
    assertThat(block.empty()).isTrue();
    assertThat(block.notes()).anyMatch(n -> n instanceof PlanNote.NotServed);
  }

  private static String stiff() {
    return """
        seated-rotation.right.internal 22; seated-rotation.left.internal 24
        seated-rotation.left.external 45; trunk-turn.right 30; bridge-hold.left 8
        bridge-hold.right 9; side-hip-hold.right 6; side-hip-hold.left 5
        """;
  }

  private static Wishes wishes(int minutes, int days, Set<LocalDate> blackout) {
    return new Wishes(
        minutes,
        days,
        6,
        START,
        EnumSet.allOf(Tool.class),
        blackout,
        Optional.empty(),
        true,
        Optional.empty());
  }

  private static Block block(String sheet, Wishes wishes, PlanEdits edits) {
    return block(golferOf(sheet, wishes, Health.CLEAR), edits);
  }

  private static Block block(CaseFile golfer, PlanEdits edits) {
    return Planner.plan(Judgement.of(golfer).request(golfer.wishes().orElseThrow(), edits));
  }

  private static CaseFile golferOf(String sheet, Wishes wishes, Health health) {
    Screen screen = Screens.of(sheet);
    Map<PivotFault, Level> faults = new EnumMap<>(PivotFault.class);
    faults.put(PivotFault.SWAY, Level.CLEAR);
    faults.put(PivotFault.REVERSE_TILT, Level.SLIGHT);
    return new CaseFile(
        Handed.RIGHT,
        Set.of(),
        health,
        screen,
        Setup.PLAIN,
        new Seen(Map.of(), faults, Map.of(), Set.of()),
        School.ROTATION_FIRST,
        Optional.of(wishes));
  }
}
