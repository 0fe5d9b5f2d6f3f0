package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.Screens;
import loosehip.core.Seens;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.casefile.Assessment;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import loosehip.core.casefile.Notice;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Complaint;
import loosehip.core.link.Level;
import loosehip.core.link.Need;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.link.Seen;
import loosehip.core.measure.ArcPattern;
import loosehip.core.measure.Band;
import loosehip.core.measure.Screen;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.Demand;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.WarningSign;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlannerTest {
  private static final LocalDate START = LocalDate.of(2027, 1, 11);
  private static final ItemId DROPS = ItemId.of("seated-knee-drops");
  private static final Set<Tool> ALL = EnumSet.allOf(Tool.class);
  private static final String STIFF =
      """
      seated-rotation.right.internal 22
      seated-rotation.left.internal 38
      seated-rotation.left.external 45
      trunk-turn.right 40
      hinge-contact 35
      tilt-control.arch 5
      tilt-control.flatten 4
      tilt-control.quality smooth
      side-hip-hold.right 6
      side-hip-hold.left 5
      bridge-hold.left 8
      bridge-hold.right 12
      """;

  @ParameterizedTest(name = "{0}: {2} s")
  @CsvSource(
      delimiter = '|',
      value = {
        "seated-foot-rolls | 1 x 20, 4 | 80",
        "seated-knee-drops | 1 x 10-15, 3 + 3 ps | 125",
        "double-bend-sit | 2-3 x 1, 0 + 10-15 ps ways 2 | 105",
        "hip-circles | 1 x 6-8, 3 ps ways 2 | 77",
        "bridge | 1 x 12-20, 1/2/4 | 84",
        "one-leg-bridge-hold | 3 x 1, 0 + 10-20 ps | 105",
        "squeeze-tall | 1 x 10, 0 + 3 ps | 65",
      })
  void secondsOfAFirstWeekDose(String id, String dose, int seconds) {
    Dose parsed = Dose.parse(dose);
    assertThat(parsed.seconds(parsed.in(1, 6))).isEqualTo(seconds);
    assertThat(Catalogue.standard().exercises())
        .filteredOn(e -> e.id().id().equals(id))
        .extracting(Exercise::dose)
        .containsExactly(parsed);
  }

  @Test
  void doseRisesFromLowToTopOverTheBlock() {
    Dose dose = Dose.parse("2-3 x 10-20, 3 + 10-15 ps");
    assertThat(dose.in(1, 6)).isEqualTo(new Dose.Prescribed(2, 10, 10));
    assertThat(dose.in(6, 6)).isEqualTo(new Dose.Prescribed(3, 20, 15));
    assertThat(dose.in(1, 1)).isEqualTo(new Dose.Prescribed(2, 10, 10));
  }

  @Test
  void anExtraSetOnTheWeakerSideCostsOneSideAndAPause() {
    Dose dose = Dose.parse("1 x 15, 3 + 3 ps");
    assertThat(dose.seconds(dose.in(1, 6).withExtraSet())).isEqualTo(180 + 5 + 15 + 90);
  }

  @Test
  void theWorstHipIsServedAndEveryItemSaysWhy() {
    Block block = plan(STIFF, Health.CLEAR, 15, 5, ALL);
    assertThat(block.items())
        .extracting(i -> i.id().id())
        .contains("seated-knee-drops", "belt-over-line");
    PlanItem drops =
        block.items().stream().filter(i -> i.id().equals(DROPS)).findFirst().orElseThrow();
    assertThat(drops.why())
        .isEqualTo(
            new Why(
                new Why.Serves(
                    List.of(
                        new Why.Served(LimitKind.TRAIL_IR, Band.SHORT, true, Need.Family.FAULT),
                        new Why.Served(
                            LimitKind.LEAD_IR, Band.CLOSE, true, Need.Family.GROUNDWORK))),
                Optional.of(Leg.TRAIL),
                false));
    assertThat(drops.family()).isEqualTo(PlanItem.Family.FAULT);
    assertThat(block.retest()).isEqualTo(START.plusWeeks(6));
  }

  @ParameterizedTest(name = "{0} keeps out {1}")
  @CsvSource({
    "INNER_KNEE, seated-knee-drops",
    "HIP_REPLACEMENT, seated-knee-drops",
    "HIP_PINCH, seated-knee-drops",
  })
  void aCautionKeepsAnExerciseOutAndSaysSo(Caution caution, String exercise) {
    Health health = Health.of(Set.of(), List.of(NotedCaution.of(caution)));
    Block block = plan(STIFF, health, 60, 5, ALL);
    assertThat(block.items()).extracting(i -> i.id().id()).doesNotContain(exercise);
    assertThat(block.leftOut())
        .anySatisfy(
            left -> {
              assertThat(left.item()).isEqualTo(ItemId.of(exercise));
              assertThat(left.because())
                  .isInstanceOfSatisfying(
                      Reason.ByCaution.class,
                      by -> assertThat(by.noted()).isEqualTo(NotedCaution.of(caution)));
            });
  }

  @Test
  void aClearanceLiftsWhatItNamesAndNothingElse() {
    assertThat(with(Set.of(Demand.KNEE_TWIST), Set.of())).contains("seated-knee-drops");
    assertThat(with(Set.of(Demand.IMPACT), Set.of())).doesNotContain("seated-knee-drops");
    assertThat(with(Set.of(), Set.of())).doesNotContain("seated-knee-drops");
    assertThat(with(Set.of(Demand.KNEE_TWIST), Set.of(Demand.IR_END)))
        .doesNotContain("seated-knee-drops");
  }

  private static List<String> with(Set<Demand> lifts, Set<Demand> blocks) {
    Clearance clearance =
        new Clearance(
            "Dr Imrie", "doctor", Optional.empty(), "", Optional.empty(), lifts, blocks, List.of());
    NotedCaution cleared =
        new NotedCaution(
            Caution.INNER_KNEE,
            Optional.of(Side.LEFT),
            "",
            NotedCaution.Detail.NONE,
            Optional.of(clearance));
    return plan(STIFF, Health.of(Set.of(), List.of(cleared)), 60, 5, ALL).items().stream()
        .map(i -> i.id().id())
        .toList();
  }

  @Test
  void withoutToolsTheLadderStepsDownAndSaysWhichToolIsMissing() {
    Block block = plan(STIFF, Health.CLEAR, 60, 5, Set.of());
    assertThat(block.leftOut())
        .extracting(LeftOut::because)
        .contains(new Reason.MissingTools(List.of(Set.of(Tool.STICKS, Tool.CLUB))));
    assertThat(block.items())
        .extracting(i -> i.id().id())
        .contains("lead-foot-ball")
        .doesNotContain("belt-over-line");
  }

  @Test
  void aShiftedArcGetsNoEndRangeStretching() {
    String shifted = STIFF + "seated-rotation.right.external 50\n";
    List<PlanItem> items = plan(shifted, Health.CLEAR, 60, 5, ALL).items();
    assertThat(items).filteredOn(i -> i.id().equals(DROPS)).allMatch(i -> i.only().isPresent());
    assertThat(items)
        .filteredOn(i -> i.only().isPresent())
        .isNotEmpty()
        .allSatisfy(
            i -> {
              assertThat(i.only()).contains(Leg.LEAD);
              assertThat(i.sides()).isEqualTo(1);
              assertThat(i.seconds()).isEqualTo(i.dose().seconds(i.much(), 1));
            });
    String both = shifted + "seated-rotation.left.external 62\n";
    Block none = plan(both, Health.CLEAR, 60, 5, ALL);
    assertThat(none.items()).extracting(PlanItem::id).doesNotContain(DROPS);
    assertThat(none.leftOut())
        .extracting(LeftOut::because)
        .contains(new Reason.ShiftedArc(Leg.TRAIL, ArcPattern.OUT_SHIFTED));
  }

  @Test
  void whatIsEnoughIsNotTrained() {
    String free =
        """
        seated-rotation.right.internal 45
        seated-rotation.left.internal 45
        seated-rotation.left.external 45
        trunk-turn.right 50
        side-hip-hold.right 1
        """;
    Block block = plan(free, Health.CLEAR, 30, 5, ALL);
    assertThat(block.items())
        .filteredOn(i -> i.role() == PlanItem.Role.EXERCISE)
        .isNotEmpty()
        .allMatch(i -> i.family() == PlanItem.Family.BASE);
  }

  @Test
  void twoFaultsGetADrillEachAndEachSaysItsFault() {
    CaseFile one = golfer(STIFF, Health.CLEAR, 40, 5, ALL);
    Map<PivotFault, Level> both =
        Map.of(PivotFault.SWAY, Level.CLEAR, PivotFault.EARLY_STOP, Level.SLIGHT);
    CaseFile two =
        new CaseFile(
            one.handed(),
            one.complaints(),
            one.health(),
            one.screen(),
            one.setup(),
            new Seen(Map.of(), new EnumMap<>(both), Map.of(), Set.of()),
            one.school(),
            one.wishes());
    List<PlanItem> drills =
        Assessment.of(two).plan().orElseThrow().items().stream().filter(PlanItem::drill).toList();
    assertThat(drills)
        .extracting(PlanItem::why)
        .containsExactly(
            Why.of(new Why.ForFaults(List.of(PivotFault.SWAY))),
            Why.of(new Why.ForFaults(List.of(PivotFault.EARLY_STOP))));
    assertThat(drills).extracting(i -> i.id().id()).doesNotHaveDuplicates();
  }

  @Test
  void aTightTrunkUnderFreeHipsIsWhatGetsTrained() {
    String tight =
        """
        seated-rotation.right.internal 60
        seated-rotation.left.internal 55
        seated-rotation.left.external 60
        trunk-turn.right 22
        """;
    Block block = plan(tight, Health.CLEAR, 20, 5, ALL);
    assertThat(block.items()).extracting(i -> i.id().id()).contains("side-lying-opener");
    assertThat(block.items())
        .filteredOn(i -> i.id().id().equals("side-lying-opener"))
        .singleElement()
        .satisfies(
            i ->
                assertThat(i.why().purpose())
                    .isInstanceOfSatisfying(
                        Why.Serves.class,
                        serves ->
                            assertThat(serves.needs())
                                .contains(
                                    new Why.Served(
                                        LimitKind.TRUNK_TURN,
                                        Band.SHORT,
                                        true,
                                        Need.Family.FAULT))));
  }

  @Test
  void threeMinutesStillGiveTheMostUsefulThing() {
    Block block = plan(STIFF, Health.CLEAR, 3, 5, ALL);
    assertThat(block.items()).anyMatch(i -> i.role() == PlanItem.Role.EXERCISE);
    assertThat(plan(STIFF, Health.CLEAR, 1, 5, ALL).empty()).isTrue();
    assertThat(block.leftOut())
        .extracting(LeftOut::because)
        .anyMatch(r -> r instanceof Reason.NoTime no && no.minutes() == 3);
  }

  @ParameterizedTest
  @CsvSource({"1", "2", "3", "4", "5", "6", "7"})
  void strengthDaysAreTwoDaysApartAlsoOverTheWeekend(int perWeek) {
    Block block = plan(STIFF, Health.CLEAR, 40, perWeek, ALL);
    List<Integer> strength =
        block.weeks().get(0).sessions().stream()
            .filter(
                s ->
                    s.items().stream()
                        .anyMatch(
                            i ->
                                i.exercise()
                                    .filter(e -> e.kind() == Exercise.Kind.STRENGTH)
                                    .isPresent()))
            .map(Session::day)
            .collect(Collectors.toCollection(ArrayList::new));
    assertThat(strength).isNotEmpty().hasSizeLessThanOrEqualTo(3);
    strength.add(strength.get(0) + 7);
    for (int i = 1; i < strength.size(); i++) {
      assertThat(strength.get(i) - strength.get(i - 1)).isGreaterThanOrEqualTo(2);
    }
  }

  @Test
  void aWarningSignStopsEverything() {
    Assessment assessment =
        Assessment.of(
            golfer(STIFF, Health.of(Set.of(WarningSign.NIGHT_PAIN), List.of()), 15, 5, ALL));
    assertThat(assessment.judgement().status()).isEqualTo(Judgement.Status.REFER);
    assertThat(assessment.plan()).isEmpty();
    assertThat(assessment.judgement().budget()).isEmpty();
    assertThat(assessment.notices()).contains(new Notice.Refer());
  }

  @Law(tries = 60)
  void aMirroredLeftHanderGetsTheSameJudgement(Chance chance) {
    int in = chance.whole(5, 60);
    Set<Caution> cautions = cautions(chance);
    List<NotedCaution> noted =
        cautions.stream()
            .map(c -> c.sided() ? NotedCaution.of(c, Side.LEFT) : NotedCaution.of(c))
            .toList();
    CaseFile golfer =
        golfer(
            STIFF + "seated-rotation.right.external " + in + "\n",
            Health.of(Set.of(), noted),
            20,
            4,
            ALL);
    Assessment right = Assessment.of(golfer);
    Assessment left = Assessment.of(golfer.mirrored());
    assertThat(left.judgement().budget()).isEqualTo(right.judgement().budget());
    assertThat(Seens.told(left.judgement().links()))
        .isEqualTo(Seens.told(right.judgement().links()));
    assertThat(left.judgement().needs()).isEqualTo(right.judgement().needs());
    assertThat(left.judgement().schools()).isEqualTo(right.judgement().schools());
    assertThat(left.plan().map(PlannerTest::ids)).isEqualTo(right.plan().map(PlannerTest::ids));
  }

  private static List<ItemId> ids(Block block) {
    return block.items().stream().map(PlanItem::id).toList();
  }

  private static Set<Caution> cautions(Chance chance) {
    List<Caution> adult = List.copyOf(EnumSet.complementOf(EnumSet.of(Caution.UNDER_18)));
    return Set.copyOf(chance.list(0, 4, () -> chance.one(adult)));
  }

  private static Block plan(String sheet, Health health, int minutes, int days, Set<Tool> tools) {
    return Assessment.of(golfer(sheet, health, minutes, days, tools)).plan().orElseThrow();
  }

  private static CaseFile golfer(
      String sheet, Health health, int minutes, int days, Set<Tool> tools) {
    Screen screen = Screens.of(sheet);
    Map<PivotFault, Level> faults = new EnumMap<>(PivotFault.class);
    faults.put(PivotFault.SWAY, Level.CLEAR);
    return new CaseFile(
        Handed.RIGHT,
        Set.of(Complaint.LOST_DISTANCE),
        health,
        screen,
        Setup.PLAIN,
        new Seen(Map.of(), faults, Map.of(PivotFault.SWAY, Rehearsal.CANNOT), Set.of()),
        School.ROTATION_FIRST,
        Optional.of(new Wishes(minutes, days, 6, START, tools)));
  }

  @Test
  void minutesThatStayFreeAreSaidWhenATestMightFillThem() {
    String hips =
        """
        seated-rotation.right.internal 22
        seated-rotation.left.internal 38
        seated-rotation.left.external 45
        """;
    Block block = plan(hips, Health.CLEAR, 60, 5, ALL);
    assertThat(block.notes())
        .anyMatch(n -> n instanceof PlanNote.MinutesFree free && free.minutes() == 60);
    assertThat(plan(hips, Health.CLEAR, 5, 5, ALL).notes())
        .noneMatch(n -> n instanceof PlanNote.MinutesFree);
  }

  @Test
  void aBodyThatCanDoItGetsADrillAndIsToldWhyThereIsNoMore() {
    String free =
        """
        seated-rotation.right.internal 50
        seated-rotation.left.internal 50
        seated-rotation.left.external 50
        trunk-turn.right 60
        side-hip-hold.right 1
        side-hip-hold.left 1
        """;
    CaseFile golfer = golfer(free, Health.CLEAR, 15, 5, ALL);
    Wishes noBase =
        new Wishes(15, 5, 6, START, ALL, Set.of(), Optional.empty(), false, Optional.empty());
    Block block = Assessment.of(golfer.with(noBase)).plan().orElseThrow();
    assertThat(block.items())
        .isNotEmpty()
        .allMatch(i -> i.drill() || i.role() == PlanItem.Role.SETTLE);
    assertThat(block.notes()).contains(new PlanNote.NoBodyWork());
    assertThat(plan(free, Health.CLEAR, 15, 5, ALL).items())
        .as("base work fills what stays free")
        .anyMatch(i -> i.family() == PlanItem.Family.BASE);
  }

  @Test
  void everyDayOfTheBlockFindsItsSessionAndNoOtherDayDoes() {
    Block block = plan(STIFF, Health.CLEAR, 15, 5, ALL);
    assertThat(block.span().start()).isEqualTo(START);
    assertThat(block.span().week(START.minusDays(1))).isZero();
    assertThat(block.span().week(START.plusDays(7))).isEqualTo(2);
    assertThat(block.session(START.minusDays(1))).isEmpty();
    assertThat(block.session(block.retest())).isEmpty();
    for (Block.Week week : block.weeks()) {
      for (Session session : week.sessions()) {
        LocalDate on = START.plusWeeks(week.number() - 1L).plusDays(session.day() - 1L);
        assertThat(block.session(on)).contains(session);
      }
    }
    assertThat(block.session(START.plusDays(3))).as("the fourth day of five is rest").isEmpty();
    assertThat(block.everyId())
        .doesNotHaveDuplicates()
        .containsAll(block.items().stream().map(PlanItem::id).toList());
  }
}
