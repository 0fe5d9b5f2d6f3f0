package loosehip.core.link;

import java.util.Optional;
import loosehip.core.limit.Limit;
import loosehip.core.measure.Band;
import loosehip.core.measure.Measurement;
import loosehip.core.pivot.BudgetMargin;
import loosehip.core.pivot.Margin;

/** What one step of an evidence sum rests on. It is put into words where it is shown. */
public sealed interface Finding {

  /** The fault is seen slight, not clear. */
  record SeenSlight() implements Finding {}

  /**
   * What the tests of a limit found.
   *
   * @param limit the limit tested
   * @param band what was found
   * @param decisive the number that decides the band, a hip-only turn before the standing one;
   *     empty when words decided, or nothing was measured
   * @param stoppedByPain whether pain ended a test, so that it is no evidence
   */
  record Tested(Limit limit, Band band, Optional<Measurement> decisive, boolean stoppedByPain)
      implements Finding {}

  /**
   * What the turn budget says of a hip range.
   *
   * @param which going back or coming through
   * @param margin that margin
   * @param limiting whether this hip is the one that limits a short turn going back
   */
  record Budgeted(BudgetMargin which, Margin margin, boolean limiting) implements Finding {}

  /** How the slow rehearsal went. */
  record Rehearsed(Rehearsal result) implements Finding {}

  /** How strongly the set-up fault is seen. */
  record SetupSeen(Level level) implements Finding {}

  /** How strongly the fault is seen that this one follows. */
  record FollowedSeen(PivotFault fault, Level level) implements Finding {}

  /** Every strong cause in the body is measured and enough. */
  record StrongBodyCleared() implements Finding {}

  /** Whether golfer or trainer named the habit. */
  record HabitNamed(boolean named) implements Finding {}
}
