package loosehip.core.pivot;

import loosehip.core.body.Angle;
import loosehip.core.measure.Band;
import loosehip.core.measure.Normal;

/**
 * Capacity less demand, with the uncertainty of the reading it rests on.
 *
 * @param angle degrees to spare; negative is short
 * @param deviation standard deviation in degrees, above 0
 * @param clearOf from here on it is {@code enough}, at or below its negative {@code short}
 */
public record Margin(Angle angle, double deviation, double clearOf) {

  /** A margin of so many degrees. */
  public static Margin of(double degrees, double variance, double clearOf) {
    return new Margin(Angle.of(degrees), Math.sqrt(variance), clearOf);
  }

  /** Degrees to spare; negative is short. */
  public double degrees() {
    return angle.degrees();
  }

  /**
   * At least {@link #clearOf} is {@code enough}, its negative {@code short}, else {@code close}.
   */
  public Band band() {
    if (degrees() >= clearOf) {
      return Band.ENOUGH;
    }
    return degrees() <= -clearOf ? Band.SHORT : Band.CLOSE;
  }

  /** Chance, 0 to 1, that the body is short: Φ(−margin/σ). */
  public double chanceShort() {
    return Normal.cumulative(-degrees() / deviation);
  }

  /** How likely it is to be short, in words. */
  public ShortChance shortChance() {
    return ShortChance.of(chanceShort());
  }
}
