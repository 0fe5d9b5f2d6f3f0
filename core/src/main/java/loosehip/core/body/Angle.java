package loosehip.core.body;

/**
 * An angle or a turn in degrees; may be negative. Pelvis turns are positive away from the target.
 *
 * @param degrees any finite number of degrees
 */
public record Angle(double degrees) implements Comparable<Angle> {
  /** No turn at all. */
  public static final Angle ZERO = new Angle(0);

  /**
   * @throws IllegalArgumentException when {@code degrees} is not finite
   */
  public Angle {
    if (!Double.isFinite(degrees)) {
      throw new IllegalArgumentException("An angle must be a finite number of degrees: " + degrees);
    }
    degrees = degrees == 0 ? 0 : degrees;
  }

  /** An angle of so many degrees. */
  public static Angle of(double degrees) {
    return new Angle(degrees);
  }

  /** The sum of the two. */
  public Angle plus(Angle other) {
    return new Angle(degrees + other.degrees);
  }

  /** This less the other. */
  public Angle minus(Angle other) {
    return new Angle(degrees - other.degrees);
  }

  /** This angle, held between {@code low} and {@code high}, both included. */
  public Angle clamp(Angle low, Angle high) {
    return new Angle(Math.max(low.degrees, Math.min(high.degrees, degrees)));
  }

  /** The smaller of the two. */
  public Angle min(Angle other) {
    return degrees <= other.degrees ? this : other;
  }

  /** The value to one decimal, halves away from zero, as every page and file shows it. */
  public double toOneDecimal() {
    double rounded = Math.signum(degrees) * Math.round(Math.abs(degrees) * 10) / 10.0;
    return rounded == 0 ? 0 : rounded;
  }

  @Override
  public int compareTo(Angle other) {
    return Double.compare(degrees, other.degrees);
  }

  @Override
  public String toString() {
    return toOneDecimal() + "°";
  }
}
