package loosehip.core.still;

/**
 * A known length in a picture.
 *
 * @param ends its two ends
 * @param cm how long it is in truth, centimetres, above zero
 */
public record Scale(Segment ends, double cm) {
  /** Diameter of a golf ball, centimetres (rules of the game: at least 42.67 mm). */
  public static final double BALL_CM = 4.27;

  /** A length shorter than this many pixels gives no scale. */
  static final double LEAST_PIXELS = 4;

  /**
   * @throws IllegalArgumentException when the length is not above zero
   */
  public Scale {
    if (!(cm > 0) || !Double.isFinite(cm)) {
      throw new IllegalArgumentException("A known length is above 0 cm: " + cm);
    }
  }

  /** Pixels a centimetre. */
  public double pixelsPerCm() {
    return ends.length() / cm;
  }
}
