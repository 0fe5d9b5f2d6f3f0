package loosehip.core.floor;

/**
 * A club or stick of the practice's bag.
 *
 * @param name what the trainer calls it
 * @param centimetres its length tip to tip, above 0
 */
public record Shaft(String name, double centimetres) {
  /** Centimetres in an inch, exactly. */
  public static final double INCH = 2.54;

  /** Shortest length taken for a shaft, in centimetres (ours). */
  public static final double SHORTEST = 20;

  /** Longest length taken for a shaft, in centimetres (ours). */
  public static final double LONGEST = 300;

  /**
   * @throws IllegalArgumentException when the length is not from 20 to 300 cm
   */
  public Shaft {
    if (!(centimetres >= SHORTEST && centimetres <= LONGEST)) {
      throw new IllegalArgumentException(
          "A shaft is " + (int) SHORTEST + " to " + (int) LONGEST + " cm long: " + centimetres);
    }
  }

  /** A shaft measured in inches. */
  public static Shaft ofInches(String name, double inches) {
    return new Shaft(name, inches * INCH);
  }
}
