package loosehip.core.pivot;

/** How likely a margin is to be short, in words. Edges are ours. */
public enum ShortChance {
  ALMOST_SURELY_SHORT("almost surely short"),
  LIKELY_SHORT("likely short"),
  EITHER("could be either"),
  LIKELY_ENOUGH("likely enough"),
  ALMOST_SURELY_ENOUGH("almost surely enough");

  private final String words;

  ShortChance(String words) {
    this.words = words;
  }

  /** The words shown. */
  public String words() {
    return words;
  }

  /** The words for a chance of being short, 0 to 1: an edge belongs to the stronger word. */
  public static ShortChance of(double chance) {
    if (chance >= 0.9) {
      return ALMOST_SURELY_SHORT;
    }
    if (chance >= 0.65) {
      return LIKELY_SHORT;
    }
    if (chance > 0.35) {
      return EITHER;
    }
    return chance > 0.1 ? LIKELY_ENOUGH : ALMOST_SURELY_ENOUGH;
  }
}
