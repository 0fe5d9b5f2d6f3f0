package loosehip.core.pivot;

import loosehip.core.named.Named;

/**
 * A set-up the golfer could take today, with what it costs and what it leaves.
 *
 * @param setup the set-up itself
 * @param score cost plus the price of what stays short; lower is better
 * @param cost how much is changed
 * @param main the lever that costs most
 * @param unpinch whether a pinched knee is let go
 * @param level whether the pelvis is brought to neutral
 * @param backMargin degrees to spare going back
 * @param shoulderMargin degrees to spare at the shoulders
 * @param impactMargin degrees to spare at impact
 * @param finishMargin degrees to spare at the finish
 */
public record SetupOption(
    Setup setup,
    double score,
    double cost,
    Lever main,
    boolean unpinch,
    boolean level,
    double backMargin,
    double shoulderMargin,
    double impactMargin,
    double finishMargin) {

  /** What can be changed in a set-up. */
  public enum Lever implements Named {
    NONE("none"),
    TRAIL_FLARE("trail-flare"),
    LEAD_FLARE("lead-flare"),
    STRAIGHTENING("straightening"),
    RELEASE("release"),
    UNPINCH("unpinch"),
    LEVEL("level");

    private final String id;

    Lever(String id) {
      this.id = id;
    }

    @Override
    public String id() {
      return id;
    }
  }

  /** Whether nothing is asked for that this set-up cannot pay. */
  public boolean reachesZero() {
    return backMargin >= 0 && impactMargin >= 0;
  }
}
