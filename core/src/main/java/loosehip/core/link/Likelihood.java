package loosehip.core.link;

/** A chance in words. Edges are ours; the words are working estimates, not frequencies. */
public enum Likelihood {
  UNLIKELY("unlikely", 0.2),
  POSSIBLE("possible", 0.5),
  LIKELY("likely", 0.75),
  VERY_LIKELY("very likely", Double.POSITIVE_INFINITY);

  private final String word;
  private final double below;

  Likelihood(String word, double below) {
    this.word = word;
    this.below = below;
  }

  /** The word shown and written to files. */
  public String word() {
    return word;
  }

  /** The word for a chance of 0 to 1: an edge belongs to the likelier side. */
  public static Likelihood of(double chance) {
    for (Likelihood each : values()) {
      if (chance < each.below) {
        return each;
      }
    }
    return VERY_LIKELY;
  }
}
