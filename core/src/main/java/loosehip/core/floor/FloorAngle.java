package loosehip.core.floor;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The geometry of an angle on the floor. Lengths in centimetres, angles in degrees. */
public final class FloorAngle {
  private static final double TAPE_STEP = 5;

  private FloorAngle() {}

  /**
   * The angle at the apex between two shafts whose tips a third one closes: θ = acos((a² + b² −
   * c²)/(2ab)).
   *
   * @throws ImpossibleTriangle when the three do not make a triangle
   */
  public static double between(double a, double b, double closing) {
    double longest = Math.max(a, Math.max(b, closing));
    double others = a + b + closing - longest;
    if (!(Math.min(a, Math.min(b, closing)) > 0) || longest >= others) {
      throw new ImpossibleTriangle(longest, others);
    }
    return Math.toDegrees(Math.acos((a * a + b * b - closing * closing) / (2 * a * b)));
  }

  /** Three lengths that cannot meet tip to tip. */
  public static class ImpossibleTriangle extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    ImpossibleTriangle(double longest, double others) {
      super(
          String.format(
              Locale.ROOT,
              "No triangle: the longest is %.1f cm, and the other two together reach only %.1f cm.",
              longest,
              others));
    }
  }

  /**
   * How far apart the tips of two shafts lie when they make this angle at the apex: d = √(a² + b² −
   * 2ab·cos θ).
   *
   * @param degrees above 0 and below 180
   */
  public static double tipDistance(double a, double b, double degrees) {
    return Math.sqrt(a * a + b * b - 2 * a * b * Math.cos(Math.toRadians(degrees)));
  }

  /**
   * Where to mark a tape line: along the base line and square to it, every 5° up to the angle, the
   * angle itself included.
   *
   * @param radius distance of the marks from the apex
   * @param degrees above 0 and below 180
   */
  public static List<TapeMark> tape(double radius, double degrees) {
    List<TapeMark> marks = new ArrayList<>();
    for (double at = TAPE_STEP; at < degrees - 1e-9; at += TAPE_STEP) {
      marks.add(mark(radius, at));
    }
    marks.add(mark(radius, degrees));
    return marks;
  }

  private static TapeMark mark(double radius, double degrees) {
    double turn = Math.toRadians(degrees);
    return new TapeMark(degrees, radius * Math.sin(turn), radius * Math.cos(turn));
  }

  /**
   * One mark: x = r·sin θ square to the base line, y = r·cos θ along it.
   *
   * @param degrees the angle marked
   * @param across square to the base line
   * @param along along the base line; negative past a right angle
   */
  public record TapeMark(double degrees, double across, double along) {}
}
