package loosehip.core.measure;

import loosehip.core.named.Named;

/**
 * How a number was read, with the default standard deviation of one try (ours, near published
 * intra-rater values).
 */
public enum Method implements Named {
  GONIOMETER("goniometer", "goniometer", 4),
  INCLINOMETER("inclinometer", "inclinometer", 3),
  CLUB_ANGLE("club-angle", "club against floor angle", 5),
  STILL("still", "still picture", 4);

  private final String id;
  private final String word;
  private final double tryDeviation;

  Method(String id, String word, double tryDeviation) {
    this.id = id;
    this.word = word;
    this.tryDeviation = tryDeviation;
  }

  @Override
  public String id() {
    return id;
  }

  /** The words shown. */
  public String word() {
    return word;
  }

  /** Standard deviation of one try, in degrees. */
  public double tryDeviation() {
    return tryDeviation;
  }
}
