package loosehip.core.body;

import loosehip.core.named.Named;

/** Which way a golfer stands to the ball; maps anatomical sides to trail and lead. */
public enum Handed implements Named {
  RIGHT("right"),
  LEFT("left");

  private final String id;

  Handed(String id) {
    this.id = id;
  }

  @Override
  public String id() {
    return id;
  }

  /** The anatomical side of a leg. A right-hander's lead leg is the left one. */
  public Side side(Leg leg) {
    boolean trailIsRight = this == RIGHT;
    return (leg == Leg.TRAIL) == trailIsRight ? Side.RIGHT : Side.LEFT;
  }

  /** The leg that this anatomical side is. */
  public Leg leg(Side side) {
    return side(Leg.TRAIL) == side ? Leg.TRAIL : Leg.LEAD;
  }
}
