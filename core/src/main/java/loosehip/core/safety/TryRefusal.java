package loosehip.core.safety;

import java.util.Optional;

/** Why nothing may be put in for a test now. The gravest reason stands. */
public sealed interface TryRefusal {

  /** The golfer may not be tested. */
  record ByGuard(Refusal refusal) implements TryRefusal {}

  /** The visit is closed. */
  record VisitClosed() implements TryRefusal {}

  /** A caution keeps the test from this golfer. */
  record ByCaution(TestRule rule) implements TryRefusal {}

  /**
   * Why nothing may be put in, or empty when it may. What was taken before may be corrected
   * although the warning signs were not asked: nobody moves for it.
   *
   * @param old whether it corrects what was taken before
   * @param closed whether the visit is closed
   * @param rule the caution that blocks the test, if one does
   */
  static Optional<TryRefusal> of(
      Guard guard, boolean old, boolean closed, Optional<TestRule> rule) {
    Optional<Refusal> refusal = old ? guard.gravest() : guard.refuses(Passage.MOVES);
    if (refusal.isPresent()) {
      return refusal.map(ByGuard::new);
    }
    return closed ? Optional.of(new VisitClosed()) : rule.map(ByCaution::new);
  }
}
