package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.PivotFault;
import loosehip.core.named.Named;
import loosehip.core.safety.Caution;
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
        Set.of(),
        Set.of(Caution.KNEE));
  }

  @Test
  void everyLadderHasEveryRungOnce() {
    SHIPPED
        .ladders()
        .forEach(
            (ladder, rungs) -> {
              for (int i = 0; i < rungs.size(); i++) {
                assertThat(rungs.get(i).rung()).as(ladder.id()).isEqualTo(i + 1);
              }
            });
    List<ItemId> ids =
        Stream.concat(
                SHIPPED.exercises().stream().map(Exercise::id),
                SHIPPED.drills().stream().map(Drill::id))
            .toList();
    assertThat(ids).doesNotHaveDuplicates().hasSize(41 + 21);
  }

  @ParameterizedTest
  @EnumSource(LimitKind.class)
  void everyLimitHasWorkThatServesItFirst(LimitKind kind) {
    assertThat(SHIPPED.exercises()).anyMatch(e -> e.service(kind) == 1);
  }

  @ParameterizedTest
  @EnumSource(PivotFault.class)
  void everyFaultHasADrillThatNeedsNothing(PivotFault fault) {
    assertThat(SHIPPED.drills()).anyMatch(d -> d.faults().contains(fault) && d.needs().isEmpty());
  }

  /** The hard blocks of the safety table, word for word by id. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "hip-replacement | seated-knee-drops double-bend-sit double-bend-switch knee-to-floor-sit cross-midline-extension hop-hold",
        "inner-knee | seated-knee-drops double-bend-sit double-bend-switch knee-to-floor-sit side-squat-foot-press side-squat-foot-sweeps",
        "standing-knee | one-leg-turn-held one-leg-turn-free one-leg-turn-posture",
        "back | posture-tilts weight-pendulum hop-hold one-leg-turn-posture club-hinge pull-and-rise",
        "sciatica | cross-midline-extension club-hinge",
        "brittle-bones | hop-hold weight-pendulum pull-and-rise",
        "balance | one-leg-turn-free hop-hold reach-down",
        "heart | hop-hold one-leg-bridge-hold front-hold-floor",
        "pregnancy | hop-hold lying-tilts bridge front-hold-floor",
        "groin | side-squat-foot-press side-squat-foot-sweeps",
        "shoulder | side-lying-opener wall-slides front-hold-floor",
        "wrist | four-point-arch-round front-hold-floor",
        "under-18 | weight-pendulum hop-hold",
      })
  void aCautionBlocksWhatTheTableNames(String caution, String blocked) {
    Caution of = Named.parse(Caution.class, caution).orElseThrow();
    Health health =
        new Health(Set.of(), Set.of(), List.of(new NotedCaution(of, Optional.empty(), "", false)));
    for (String id : blocked.split(" ")) {
      assertThat(Planner.blockedBy(SHIPPED, ItemId.of(id), health))
          .as(id)
          .contains(new Reason.ByCaution(health.cautions().get(0)));
      assertThat(Planner.blockedBy(SHIPPED, ItemId.of(id), Health.CLEAR)).isEmpty();
    }
  }

  @Test
  void fastWorkIsKeptBackByAnyCautionAtAll() {
    for (Caution caution : Caution.values()) {
      Health health =
          new Health(
              Set.of(), Set.of(), List.of(new NotedCaution(caution, Optional.empty(), "", false)));
      assertThat(Planner.blockedBy(SHIPPED, ItemId.of("hop-hold"), health))
          .as(caution.id())
          .isPresent();
    }
  }

  @Test
  void ownExercisesStandOnLaddersOfTheirOwn() {
    Catalogue with = SHIPPED.with(List.of(own("b", "shed", 2), own("a", "shed", 1)));
    assertThat(with.ladders().get(LadderId.of("shed")))
        .extracting(e -> e.id().id())
        .containsExactly("a", "b");
    assertThat(with.exercise(LadderId.of("shed"), 2)).map(e -> e.id().id()).contains("b");
    assertThat(with.exercises()).hasSize(SHIPPED.exercises().size() + 2);
    assertThat(SHIPPED.find(ItemId.of("a"))).isEmpty();
    assertThatThrownBy(() -> SHIPPED.with(List.of(own("x", "glute", 4))))
        .hasMessageContaining("glute is a shipped one");
  }

  @Test
  void aRetiredExerciseIsFoundWithItsCautionsButOnNoLadder() {
    Catalogue with = SHIPPED.withRetired(List.of(own("old", "old", 1)));
    assertThat(with.find(ItemId.of("old"))).isPresent();
    assertThat(with.exercises()).extracting(e -> e.id().id()).doesNotContain("old");
    assertThat(with.ladders()).doesNotContainKey(LadderId.of("old"));
    Health knee =
        new Health(
            Set.of(),
            Set.of(),
            List.of(new NotedCaution(Caution.KNEE, Optional.empty(), "", false)));
    assertThat(Planner.blockedBy(with, ItemId.of("old"), knee)).isPresent();
    assertThat(with.with(List.of(own("new", "new", 1))).find(ItemId.of("old"))).isPresent();
  }

  @Test
  void noDrillAsksForMoreThanItsFaultsLinkTo() {
    Set<String> tools =
        SHIPPED.drills().stream()
            .flatMap(d -> d.tools().stream())
            .map(Tool::id)
            .collect(Collectors.toSet());
    assertThat(Arrays.stream(Tool.values()).map(Tool::id)).containsAll(tools);
    assertThat(SHIPPED.drills()).allSatisfy(d -> assertThat(d.faults()).isNotEmpty());
  }
}
