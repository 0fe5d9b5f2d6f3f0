package loosehip.app.fact;

import loosehip.core.pivot.LeadRelease;
import org.jspecify.annotations.Nullable;

/**
 * A set-up change taken into the plan, as it is kept: where each lever stands, where it stood
 * before, and the ranges of that day; degrees.
 *
 * @param then the levers as taken on
 * @param before the levers before
 * @param unpinched whether a pinched knee is let go
 * @param levelled whether the pelvis is brought to neutral
 * @param ranges the ranges of that day
 */
public record SetupTaken(
    Levers then, Levers before, boolean unpinched, boolean levelled, Ranges ranges) {

  /** The levers a set-up change can move. */
  public record Levers(
      double trailFlare, double leadFlare, double straightening, LeadRelease release) {}

  /**
   * Ranges that pay for it; 0 where one was not known.
   *
   * @param trunk trunk turn towards the trail side; none in changes taken before it was kept
   */
  public record Ranges(double trailIn, double leadOut, double leadIn, @Nullable Double trunk) {}
}
