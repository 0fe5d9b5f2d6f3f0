package loosehip.core.safety;

import java.util.Optional;
import loosehip.core.body.Side;
import loosehip.core.measure.Pain;
import loosehip.core.measure.Part;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;

/** Why nothing may be put in for a test now. The gravest reason stands. */
public sealed interface TryRefusal {

  /** The golfer may not be tested. */
  record ByGuard(Refusal refusal) implements TryRefusal {}

  /** The visit is closed. */
  record VisitClosed() implements TryRefusal {}

  /** Pain of 4 or more ended the test on this side. */
  record StoppedByPain(Pain pain) implements TryRefusal {}

  /** The golfer has not stood long enough on each leg yet. */
  record StandFirst() implements TryRefusal {}

  /** A caution keeps the test from this golfer. */
  record ByCaution(TestRule rule) implements TryRefusal {}

  /**
   * Why nothing may be put in, or empty when it may. What was taken before may be corrected
   * although the warning signs were not asked: nobody moves for it.
   *
   * @param old whether it corrects what was taken before
   * @param closed whether the visit is closed
   * @param stop what keeps the test from this golfer, if anything does
   */
  static Optional<TryRefusal> of(
      Guard guard, boolean old, boolean closed, Optional<TryRefusal> stop) {
    Optional<Refusal> refusal = old ? guard.gravest() : guard.refuses(Passage.MOVES);
    if (refusal.isPresent()) {
      return refusal.map(ByGuard::new);
    }
    return closed ? Optional.of(new VisitClosed()) : stop;
  }

  /** What keeps a test from a golfer by their cautions, or by what is not measured yet. */
  static Optional<TryRefusal> stop(
      Health health, Screen screen, ScreenTest test, Optional<Side> side, Optional<Part> part) {
    Optional<TryRefusal> byCaution = health.blocks(test, side, part).map(ByCaution::new);
    return byCaution.isEmpty() && TestGate.standFirst(test, part, screen)
        ? Optional.of(new StandFirst())
        : byCaution;
  }
}
