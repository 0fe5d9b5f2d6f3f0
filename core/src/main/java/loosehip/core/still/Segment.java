package loosehip.core.still;

/**
 * Two places in a picture that belong together: the ends of a known length, a plumb line, two fixed
 * marks of the scene.
 *
 * @param a one end
 * @param b the other
 */
public record Segment(Spot a, Spot b) {
  /** Pixels between the two. */
  public double length() {
    return a.to(b);
  }
}
