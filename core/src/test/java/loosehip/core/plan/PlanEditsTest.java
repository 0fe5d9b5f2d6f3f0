package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;

class PlanEditsTest {
  private static final ItemId BRIDGE = ItemId.of("bridge");
  private static final Dose.Prescribed TWELVE = new Dose.Prescribed(1, 12, 0);

  @Test
  void nothingDecidedSaysSo() {
    assertThat(PlanEdits.NONE.none()).isTrue();
    assertThat(PlanEdits.NONE.pin(BRIDGE, Days.NONE).none()).isFalse();
    assertThat(PlanEdits.NONE.leave(BRIDGE).none()).isFalse();
    assertThat(PlanEdits.NONE.dose(BRIDGE, TWELVE).none()).isFalse();
  }

  @Test
  void whatIsHeldIsNoLongerOutAndTheOtherWayRound() {
    PlanEdits out = PlanEdits.NONE.leave(BRIDGE);
    assertThat(out.pin(BRIDGE, Days.of(1, 3)).out()).isEmpty();
    PlanEdits held = PlanEdits.NONE.pin(BRIDGE, Days.of(3, 1));
    assertThat(held.pins()).containsEntry(BRIDGE, Days.of(1, 3));
    assertThat(held.leave(BRIDGE).pins()).isEmpty();
    assertThat(held.leave(BRIDGE).out()).containsExactly(BRIDGE);
    assertThat(held.unpin(BRIDGE)).isEqualTo(PlanEdits.NONE);
  }

  @Test
  void theOrderOfHoldingStays() {
    PlanEdits three =
        PlanEdits.NONE
            .pin(ItemId.of("c"), Days.NONE)
            .pin(ItemId.of("a"), Days.NONE)
            .pin(ItemId.of("b"), Days.NONE)
            .pin(ItemId.of("a"), Days.of(2));
    assertThat(three.pinned()).containsExactly(ItemId.of("c"), ItemId.of("a"), ItemId.of("b"));
  }

  @Test
  void aRungIsKeptByItsLadder() {
    Exercise second = Catalogue.standard().exercises(LadderId.of("glute"), 2).get(0);
    Exercise third = Catalogue.standard().exercises(LadderId.of("glute"), 3).get(0);
    PlanEdits edits = PlanEdits.NONE.start(second).start(third);
    assertThat(edits.rungs()).isEqualTo(Map.of(LadderId.of("glute"), 3));
  }

  @Test
  void nobodyChangesItFromOutside() {
    PlanEdits edits = PlanEdits.NONE.pin(BRIDGE, Days.of(1));
    assertThatThrownBy(() -> edits.pins().clear())
        .isInstanceOf(UnsupportedOperationException.class);
    assertThatThrownBy(() -> edits.out().add(BRIDGE))
        .isInstanceOf(UnsupportedOperationException.class);
  }
}
