package loosehip.core.pivot;

import loosehip.core.named.Named;

/** How a figure of the set-up is known. The source says how far the figure may be off. */
public enum SetupLook implements Named {
  /** Measured on a still. */
  STILL("still", Coefficient.SETUP_STILL),
  /** Told by the golfer, or judged by eye. */
  EYE("eye", Coefficient.SETUP_TOLD),
  /** Nobody noted it; the usual figure stands in. */
  NOT_NOTED("not-noted", Coefficient.SETUP_UNNOTED);

  private final String id;
  private final Coefficient deviation;

  SetupLook(String id, Coefficient deviation) {
    this.id = id;
    this.deviation = deviation;
  }

  @Override
  public String id() {
    return id;
  }

  /** Squared degrees that not knowing the set-up better adds to a margin. */
  double variance(Coefficients c) {
    double degrees = c.of(deviation);
    return degrees * degrees;
  }
}
