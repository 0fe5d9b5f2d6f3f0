package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Seen;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.safety.Health;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A pelvis that turns little under the chest: control or range, by the chest held lightly. */
class ByQuietChestTest {
  private static final ItemId ONE_LEG_TURN = ItemId.of("one-leg-turn-held");

  /** Hips and trunk have enough; only the pelvis under the chest does not. */
  private static Block block(String repeat) {
    CaseFile golfer =
        new CaseFile(
            Handed.RIGHT,
            Set.of(),
            Health.CLEAR,
            Screens.of(
                """
                seated-rotation.right.internal 38; seated-rotation.left.internal 39
                seated-rotation.right.external 46; seated-rotation.left.external 46
                trunk-turn.right 52; trunk-turn.left 52; bridge-hold.left 40; bridge-hold.right 40
                one-leg-stand.left.open 25; one-leg-stand.right.open 25
                pelvis-under-chest.total 14; pelvis-under-chest.quality smooth
                """
                    + repeat),
            Setup.PLAIN,
            new Seen(Map.of(), Map.of(PivotFault.OVER_TOP, Level.CLEAR), Map.of(), Set.of()),
            School.ROTATION_FIRST,
            Optional.of(
                new Wishes(
                    15,
                    5,
                    6,
                    LocalDate.of(2027, 1, 11),
                    EnumSet.allOf(Tool.class),
                    Set.of(),
                    Optional.empty(),
                    false,
                    Optional.empty())));
    return Planner.plan(
        Judgement.of(golfer).request(golfer.wishes().orElseThrow(), PlanEdits.NONE));
  }

  private static List<ItemId> fully(Block block) {
    return block.items().stream()
        .filter(
            item ->
                item.why().purpose() instanceof Why.Serves serves
                    && serves.needs().stream()
                        .anyMatch(s -> s.kind() == LimitKind.DISSOCIATION && s.fully()))
        .map(PlanItem::id)
        .toList();
  }

  /** Eight degrees better with the chest held, and it is control. */
  @ParameterizedTest
  @CsvSource({"22, true", "30, true", "21.9, false", "14, false", "8, false"})
  void controlGoesBeforeRangeOrRangeBeforeControl(double held, boolean control) {
    Block block = block("; pelvis-under-chest.held " + held);
    List<ItemId> first = fully(block);
    if (control) {
      assertThat(first).contains(ONE_LEG_TURN);
      assertThat(first).doesNotContain(ItemId.of("weight-swing"), ItemId.of("double-bend-sit"));
    } else {
      assertThat(first)
          .contains(ItemId.of("double-bend-sit"))
          .doesNotContain(ONE_LEG_TURN, ItemId.of("weight-swing"));
    }
  }

  @Test
  void withoutTheRepeatEachServesAsListed() {
    assertThat(fully(block("")))
        .contains(ONE_LEG_TURN)
        .doesNotContain(ItemId.of("double-bend-sit"));
  }

  /** What comes second is not lost: it serves by half. */
  @Test
  void nothingListedServesNothing() {
    for (String repeat : List.of("; pelvis-under-chest.held 30", "; pelvis-under-chest.held 14")) {
      ByQuietChest first = ByQuietChest.of(Screens.of("pelvis-under-chest.total 14" + repeat));
      assertThat(first.lacks()).isPresent();
      for (Exercise exercise : Catalogue.standard().exercises()) {
        double listed = exercise.service(LimitKind.DISSOCIATION);
        assertThat(first.service(exercise, LimitKind.DISSOCIATION))
            .isGreaterThanOrEqualTo(Math.min(listed, 0.5));
        assertThat(first.service(exercise, LimitKind.TRAIL_IR))
            .isEqualTo(exercise.service(LimitKind.TRAIL_IR));
      }
    }
  }
}
