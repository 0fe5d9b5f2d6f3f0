package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PlanEditsTest {
  private static final Dose.Prescribed TWELVE = new Dose.Prescribed(1, 12, 0);

  @Test
  void nothingDecidedSaysSo() {
    assertThat(PlanEdits.NONE.none()).isTrue();
    assertThat(PlanEdits.NONE.pin("bridge", Set.of()).none()).isFalse();
    assertThat(PlanEdits.NONE.leave("bridge").none()).isFalse();
    assertThat(PlanEdits.NONE.dose("bridge", TWELVE).none()).isFalse();
  }

  @Test
  void whatIsHeldIsNoLongerOutAndTheOtherWayRound() {
    PlanEdits out = PlanEdits.NONE.leave("bridge");
    assertThat(out.pin("bridge", Set.of(1, 3)).out()).isEmpty();
    PlanEdits held = PlanEdits.NONE.pin("bridge", Set.of(3, 1));
    assertThat(held.pins()).containsEntry("bridge", Set.of(1, 3));
    assertThat(held.leave("bridge").pins()).isEmpty();
    assertThat(held.leave("bridge").out()).containsExactly("bridge");
    assertThat(held.unpin("bridge")).isEqualTo(PlanEdits.NONE);
  }

  @Test
  void theOrderOfHoldingStays() {
    PlanEdits three =
        PlanEdits.NONE.pin("c", Set.of()).pin("a", Set.of()).pin("b", Set.of()).pin("a", Set.of(2));
    assertThat(three.pinned()).containsExactly("c", "a", "b");
  }

  @Test
  void aRungIsKeptByItsLadder() {
    Exercise second = Catalogue.standard().exercise("glute", 2).orElseThrow();
    Exercise third = Catalogue.standard().exercise("glute", 3).orElseThrow();
    PlanEdits edits = PlanEdits.NONE.start(second).start(third);
    assertThat(edits.rungs()).isEqualTo(Map.of("glute", 3));
  }

  @Test
  void nobodyChangesItFromOutside() {
    PlanEdits edits = PlanEdits.NONE.pin("bridge", Set.of(1));
    assertThatThrownBy(() -> edits.pins().clear())
        .isInstanceOf(UnsupportedOperationException.class);
    assertThatThrownBy(() -> edits.pins().get("bridge").clear())
        .isInstanceOf(UnsupportedOperationException.class);
    assertThatThrownBy(() -> edits.out().add("x"))
        .isInstanceOf(UnsupportedOperationException.class);
  }
}
