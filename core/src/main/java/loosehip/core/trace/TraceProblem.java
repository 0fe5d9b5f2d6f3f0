package loosehip.core.trace;

/** Why a recording cannot be read as it is. Put into words where it is shown. */
public sealed interface TraceProblem {

  /** Fewer rows than can be read. */
  record TooFewRows(int rows) implements TraceProblem {}

  /** A time that is not later than the one before. */
  record TimeBack(int row, double before, double at) implements TraceProblem {}

  /** A gap too long to be filled; the row is the one after it. */
  record LongGap(int row, double milliseconds) implements TraceProblem {}

  /** Too few or too many rows a second. */
  record Rate(double hz) implements TraceProblem {}

  /** A recording too short or too long, in seconds; the row is the last one read. */
  record Length(int row, double seconds) implements TraceProblem {}

  /** All turns so small that they look like radians; the largest change of any of them. */
  record LooksLikeRadians(double largest) implements TraceProblem {}

  /** No segment ever leaves its address angle for a backswing. */
  record NoBackswing() implements TraceProblem {}

  /** Impact cannot be found; which segment was looked at, when there is one. */
  record NoImpact(SwingSegment looked) implements TraceProblem {}

  /** Impact stands before the backswing, or in the address. */
  record ImpactTooEarly(double at) implements TraceProblem {}

  /** More than one swing: the second begins here, in seconds. */
  record TwoSwings(double at) implements TraceProblem {}

  /** A moment of a pressure trace that comes before one it should follow. */
  record MomentsOutOfOrder(int row, PressureMoment moment, PressureMoment after)
      implements TraceProblem {}

  /** A moment marked twice. */
  record MarkedTwice(int row, PressureMoment moment) implements TraceProblem {}

  /** No moment of a pressure trace is marked. */
  record NothingMarked() implements TraceProblem {}
}
