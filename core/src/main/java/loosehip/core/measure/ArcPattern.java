package loosehip.core.measure;

/** How a hip's inward and outward turn share its whole arc. Edges are ours, from practice. */
public enum ArcPattern {
  SMALL("small", "small arc both ways"),
  OUT_SHIFTED("out-shifted", "arc shifted outward"),
  IN_SHIFTED("in-shifted", "arc shifted inward"),
  BALANCED("balanced", "balanced arc");

  private static final double SMALL_BELOW = 65;
  private static final double SHIFT = 20;
  private static final double NORMAL_TOTAL = 70;

  private final String id;
  private final String word;

  ArcPattern(String id, String word) {
    this.id = id;
    this.word = word;
  }

  /** The id used in files. */
  public String id() {
    return id;
  }

  /** The words shown. */
  public String word() {
    return word;
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
