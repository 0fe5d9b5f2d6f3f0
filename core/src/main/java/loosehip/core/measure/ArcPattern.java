package loosehip.core.measure;

import loosehip.core.named.Named;

/** How a hip's inward and outward turn share its whole arc. Edges are ours, from practice. */
public enum ArcPattern implements Named {
  SMALL("small", "small arc both ways", "range both ways is worth working for"),
  OUT_SHIFTED(
      "out-shifted",
      "arc shifted outward",
      "the bones may be shaped so: let the feet do it; stretching in is not likely to help here"),
  IN_SHIFTED(
      "in-shifted",
      "arc shifted inward",
      "the bones may be shaped so: let the feet do it; stretching out is not likely to help here"),
  BALANCED("balanced", "balanced arc", "nothing in the shape of the arc forbids range work");

  private static final double SMALL_BELOW = 65;
  private static final double SHIFT = 20;
  private static final double NORMAL_TOTAL = 70;

  private final String id;
  private final String word;
  private final String follows;

  ArcPattern(String id, String word, String follows) {
    this.id = id;
    this.word = word;
    this.follows = follows;
  }

  @Override
  public String id() {
    return id;
  }

  /** The words shown. */
  public String word() {
    return word;
  }

  /** The same within a sentence: {@code a shifted arc, outward}. */
  public String named() {
    return switch (this) {
      case OUT_SHIFTED -> "a shifted arc, outward";
      case IN_SHIFTED -> "a shifted arc, inward";
      default -> "a " + word;
    };
  }

  /** What follows from it for the plan, in words. */
  public String follows() {
    return follows;
  }

  /** Whether bone shape is suspected, so that set-up serves better than end-range stretching. */
  public boolean shifted() {
    return this == OUT_SHIFTED || this == IN_SHIFTED;
  }

  /**
   * The pattern of one hip.
   *
   * @param internal inward turn in degrees
   * @param external outward turn in degrees
   */
  public static ArcPattern of(double internal, double external) {
    double total = internal + external;
    if (total < SMALL_BELOW) {
      return SMALL;
    }
    if (total >= NORMAL_TOTAL && external - internal >= SHIFT) {
      return OUT_SHIFTED;
    }
    return total >= NORMAL_TOTAL && internal - external >= SHIFT ? IN_SHIFTED : BALANCED;
  }
}
