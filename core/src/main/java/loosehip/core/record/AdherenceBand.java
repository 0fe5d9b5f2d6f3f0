package loosehip.core.record;

import loosehip.core.named.Named;

/** How much of a block was done, in three bands (domain/09). */
public enum AdherenceBand implements Named {
  UNDER_HALF("under-half", "under 50 % done"),
  HALF_TO_MOST("half-to-most", "50 to 80 % done"),
  MOST("most", "over 80 % done");

  private static final double HALF = 0.5;
  private static final double FOUR_FIFTHS = 0.8;

  private final String id;
  private final String words;

  AdherenceBand(String id, String words) {
    this.id = id;
    this.words = words;
  }

  @Override
  public String id() {
    return id;
  }

  /** The band in words. */
  public String words() {
    return words;
  }

  /**
   * The band of a share.
   *
   * @param share 0 to 1
   */
  public static AdherenceBand of(double share) {
    if (share < HALF) {
      return UNDER_HALF;
    }
    return share > FOUR_FIFTHS ? MOST : HALF_TO_MOST;
  }
}
