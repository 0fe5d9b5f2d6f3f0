package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.limit.Body;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.PivotFault;
import loosehip.core.named.Named;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Demand;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The shipped exercises and drills, held against the programme and the cautions. */
class CatalogueTest {
  private static final Catalogue SHIPPED = Catalogue.standard();

  private static Exercise own(String id, String ladder, int rung) {
    return new Exercise(
        ItemId.of(id),
        LadderId.of(ladder),
        rung,
        Exercise.Kind.RANGE,
        List.of(LimitKind.TRAIL_IR),
        List.of(),
        Dose.parse("1 x 10, 3"),
        Position.FLOOR,
        Tools.NONE,
        Set.of(Demand.KNEEL),
        Set.of());
  }

  @Test
  void everyLadderHasEveryRung() {
    SHIPPED
        .ladders()
        .forEach(
            (ladder, rungs) -> {
              for (int i = 1; i < rungs.size(); i++) {
                int step = rungs.get(i).rung() - rungs.get(i - 1).rung();
                assertThat(step).as(ladder.id()).isBetween(0, 1);
              }
            });
    List<ItemId> ids =
        Stream.concat(
                SHIPPED.exercises().stream().map(Exercise::id),
                SHIPPED.drills().stream().map(Drill::id))
            .toList();
    assertThat(ids).doesNotHaveDuplicates().hasSize(48 + 34);
  }

  @ParameterizedTest
  @EnumSource(LimitKind.class)
  void everyLimitHasWorkThatServesItFirst(LimitKind kind) {
    assertThat(SHIPPED.exercises()).anyMatch(e -> e.service(kind) == 1);
  }

  @ParameterizedTest
  @EnumSource(PivotFault.class)
  void everyFaultHasADrillOfItsOwnAndOneThatNeedsNothing(PivotFault fault) {
    assertThat(SHIPPED.drills())
        .anyMatch(d -> d.faults().contains(fault) && d.faults().size() < 10);
    assertThat(SHIPPED.drills())
        .anyMatch(
            d ->
                d.faults().contains(fault)
                    && d.schools().isEmpty()
                    && d.reduced().demands().isEmpty()
                    && d.reduced().tools().equals(Tools.NONE));
  }

  /** Whatever an exercise asks that a caution blocks keeps it out; the rest of the table stands. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "hip-replacement | seated-knee-drops double-bend-sit double-bend-switch knee-to-floor-sit wide-squat-hold cross-midline-extension hop-hold seated-shin-cross | bridge deep-squat-swings side-lying-lift one-leg-turn-held",
        "hip-pinch | seated-knee-drops double-bend-sit knee-to-floor-sit wide-squat-hold | deep-squat-swings long-lunge cross-midline-extension",
        "inner-knee | seated-knee-drops double-bend-sit double-bend-switch knee-to-floor-sit side-squat-foot-press side-squat-foot-sweeps hop-hold | one-leg-turn-held hip-circles",
        "knee | kneeling-hip-circles four-point-arch-round half-kneel-front-hip long-lunge side-squat-foot-press upright-kneeling-circles hop-hold | side-lunge-swings low-side-steps heels-down-squat",
        "back | posture-tilts weight-swing hop-hold one-leg-turn-posture seated-trunk-turn pull-and-rise one-leg-bridge-turn reach-down lower-lead-side | bridge wall-taps",
        "sciatica | cross-midline-extension club-hinge double-bend-sit weight-swing hop-hold | bridge",
        "brittle-bones | double-bend-sit hop-hold weight-swing pull-and-rise seated-trunk-turn reach-down one-leg-turn-posture | one-leg-turn-free hip-circles",
        "balance | one-leg-turn-free one-leg-turn-posture hop-hold reach-down weight-swing | lead-foot-ball hip-circles one-leg-turn-held",
        "heart | hop-hold one-leg-bridge-hold front-hold-floor half-kneel-front-hip weight-swing | bridge",
        "pregnancy | hop-hold lying-tilts bridge one-leg-bridge-hold front-hold-floor cross-midline-extension opposite-limb-lowers half-kneel-front-hip weight-swing | standing-tilts four-point-arch-round",
        "groin | side-squat-foot-press side-squat-foot-sweeps wide-squat-hold double-bend-sit | side-lunge-swings long-lunge",
        "shoulder | side-lying-opener wall-slides front-hold-floor pull-and-rise weight-swing | two-sticks shaft-past-ball bridge",
        "wrist | four-point-arch-round kneeling-hip-circles | front-hold-floor hop-hold",
        "under-18 | weight-swing hop-hold | bridge one-leg-turn-free",
      })
  void aCautionBlocksWhatAsksForIt(String caution, String blocked, String free) {
    Health health =
        Health.of(
            Set.of(), List.of(NotedCaution.of(Named.parse(Caution.class, caution).orElseThrow())));
    for (String id : blocked.split(" ")) {
      assertThat(Planner.blockedBy(SHIPPED, ItemId.of(id), health))
          .as(id)
          .get()
          .isInstanceOfSatisfying(
              Reason.ByCaution.class,
              by -> assertThat(by.noted()).isEqualTo(health.cautions().get(0)));
      assertThat(Planner.blockedBy(SHIPPED, ItemId.of(id), Health.CLEAR)).isEmpty();
      assertThat(Planner.changed(SHIPPED, ItemId.of(id), health)).isEmpty();
    }
    for (String id : free.split(" ")) {
      assertThat(Planner.blockedBy(SHIPPED, ItemId.of(id), health)).as(id).isEmpty();
    }
  }

  /** What is planned in a changed way says how; on paper it stands with the item. */
  @ParameterizedTest
  @CsvSource({
    "hip-replacement, one-leg-turn-free, INSIDE_THE_LIMIT HAND_ON_SOMETHING",
    "hip-replacement, long-lunge, RIGHT_ANGLE",
    "hip-pinch, long-lunge, SHORT_OF_THE_PINCH",
    "inner-knee, one-leg-turn-held, SMALLER",
    "knee, low-side-steps, SHALLOW_AND_HELD",
    "balance, one-leg-turn-held, HELPER",
    "pregnancy, seated-knee-drops, NOT_PUSHED",
    "groin, long-lunge, NARROWER",
    "wrist, bridge, ''",
  })
  void aCautionChangesWhatItDoesNotBlock(String caution, String item, String how) {
    Health health =
        Health.of(
            Set.of(), List.of(NotedCaution.of(Named.parse(Caution.class, caution).orElseThrow())));
    assertThat(
            Planner.changed(SHIPPED, ItemId.of(item), health).stream()
                .map(c -> c.how().name())
                .collect(Collectors.joining(" ")))
        .isEqualTo(how);
  }

  @Test
  void whatMustBeMeasuredFirstIsThatOfTheProgramme() {
    assertThat(SHIPPED.find(ItemId.of("hop-hold")).orElseThrow().gates())
        .containsExactlyInAnyOrder(Gate.STAND_10, Gate.SIDE_HIP);
    assertThat(SHIPPED.find(ItemId.of("weight-swing")).orElseThrow().gates())
        .containsExactlyInAnyOrder(Gate.HINGE, Gate.SWITCH);
    assertThat(SHIPPED.find(ItemId.of("one-leg-turn-held")).orElseThrow().gates())
        .containsExactly(Gate.STAND_5);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "STAND_10 | one-leg-stand.left.open 10; one-leg-stand.right.open 12 | true",
        "STAND_10 | one-leg-stand.left.open 9; one-leg-stand.right.open 30 | false",
        "STAND_10 | one-leg-stand.left.open 30 | false",
        "STAND_5 | one-leg-stand.left.open 5; one-leg-stand.right.open 5 | true",
        "STAND_5 | one-leg-stand.left.open 3; one-leg-stand.right.open 5 | false",
        "HINGE | hinge-contact 34 | true",
        "HINGE | hinge-contact 20 | false",
        "HINGE | trunk-turn.left 50 | false",
        "SIDE_HIP | side-hip-hold.left 2; side-hip-hold.right 6 | true",
        "SIDE_HIP | side-hip-hold.left 2; side-hip-hold.right 12 | false",
        "SWITCH | glute-switch.left.tall yes; glute-switch.left.hinged yes; glute-switch.right.tall yes; glute-switch.right.hinged yes | true",
        "SWITCH | glute-switch.left.tall yes; glute-switch.left.hinged no; glute-switch.right.tall yes; glute-switch.right.hinged yes | false",
        "SWITCH | hinge-contact 40 | false",
        "SIDE_HIP | side-hip-hold.right 2 | false",
        "TILT | tilt-control.arch 5; tilt-control.flatten 5; tilt-control.quality smooth | true",
        "TILT | tilt-control.arch 5; tilt-control.flatten 5 | false",
        "SQUAT | squat-depth partial | true",
        "SQUAT | squat-depth not | false",
        "SWITCH_TALL | glute-switch.left.tall yes; glute-switch.right.tall yes | true",
        "SWITCH_TALL | glute-switch.left.tall yes | false",
        "BRIDGE_10 | bridge-hold.left 10; bridge-hold.right 11 | true",
        "BRIDGE_10 | bridge-hold.left 9; bridge-hold.right 30 | false",
        "BRIDGE_10 | bridge-hold.right 30 | false",
        "FRONT_10 | front-hold 10 | true",
        "FRONT_10 | front-hold 9 | false",
        "RUNG_BELOW | front-hold 60 | false",
      })
  void aGateIsPassedOnlyByWhatWasMeasured(Gate gate, String sheet, boolean passed) {
    assertThat(gate.passed(new Body(Screens.of(sheet), Handed.RIGHT), false)).isEqualTo(passed);
  }

  @Test
  void ownExercisesStandOnLaddersOfTheirOwn() {
    Catalogue with = SHIPPED.with(List.of(own("b", "shed", 2), own("a", "shed", 1)));
    assertThat(with.ladders().get(LadderId.of("shed")))
        .extracting(e -> e.id().id())
        .containsExactly("a", "b");
    assertThat(with.exercises(LadderId.of("shed"), 2))
        .extracting(e -> e.id().id())
        .containsExactly("b");
    assertThat(with.exercises()).hasSize(SHIPPED.exercises().size() + 2);
    assertThat(SHIPPED.find(ItemId.of("a"))).isEmpty();
    assertThatThrownBy(() -> SHIPPED.with(List.of(own("x", "glute", 4))))
        .hasMessageContaining("glute is a shipped one");
  }

  @Test
  void aRetiredExerciseIsFoundWithItsDemandsButOnNoLadder() {
    Catalogue with = SHIPPED.withRetired(List.of(own("old", "old", 1)), List.of());
    assertThat(with.find(ItemId.of("old"))).isPresent();
    assertThat(with.exercises()).extracting(e -> e.id().id()).doesNotContain("old");
    assertThat(with.ladders()).doesNotContainKey(LadderId.of("old"));
    Health knee = Health.of(Set.of(), List.of(NotedCaution.of(Caution.KNEE)));
    assertThat(Planner.blockedBy(with, ItemId.of("old"), knee)).isPresent();
    assertThat(with.with(List.of(own("new", "new", 1))).find(ItemId.of("old"))).isPresent();
  }

  /** A tool may have stand-ins; where anything in a house will do, none is asked for. */
  @ParameterizedTest
  @CsvSource({
    "hip-circles, CLUB, true",
    "hip-circles, WALL, true",
    "hip-circles, CHAIR, false",
    "band-stance-turn, BAND, false",
    "kneeling-hip-circles, LAMP, true",
  })
  void anyOneOfTheToolsWillDo(String id, Tool atHand, boolean enough) {
    Tools tools = SHIPPED.find(ItemId.of(id)).orElseThrow().tools();
    assertThat(tools.missing(Set.of(atHand)).isEmpty()).isEqualTo(enough);
  }
}
