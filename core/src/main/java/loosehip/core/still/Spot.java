package loosehip.core.still;

/**
 * A place in a picture, in pixels of that picture; x to the right, y downwards.
 *
 * @param x any finite number
 * @param y any finite number
 */
public record Spot(double x, double y) {
  /**
   * @throws IllegalArgumentException when a coordinate is not finite
   */
  public Spot {
    if (!Double.isFinite(x) || !Double.isFinite(y)) {
      throw new IllegalArgumentException("A spot needs finite coordinates: " + x + ", " + y);
    }
  }

  /** Pixels from here to there. */
  public double to(Spot other) {
    return Math.hypot(other.x - x, other.y - y);
  }

  /** The middle between the two. */
  public Spot middle(Spot other) {
    return new Spot((x + other.x) / 2, (y + other.y) / 2);
  }
}
