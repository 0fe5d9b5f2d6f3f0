package loosehip.core.pivot;

import java.util.EnumMap;
import java.util.Map;

/** The figures of the working model in force: the shipped ones, or a practice's own. */
public final class Coefficients {
  /** The shipped figures. */
  public static final Coefficients SHIPPED = new Coefficients(Map.of());

  private final double[] values = new double[Coefficient.values().length];

  /**
   * The shipped figures with a practice's own in their place.
   *
   * @throws IllegalArgumentException when one lies outside its bounds
   */
  public Coefficients(Map<Coefficient, Double> own) {
    for (Coefficient each : Coefficient.values()) {
      double value = own.getOrDefault(each, each.shipped());
      if (!(value >= each.low() && value <= each.high())) {
        throw new IllegalArgumentException(
            each.id() + " lies between " + each.low() + " and " + each.high() + ": " + value);
      }
      values[each.ordinal()] = value;
    }
  }

  /** The value in force. */
  public double of(Coefficient which) {
    return values[which.ordinal()];
  }

  /** Those that differ from the shipped figures. */
  public Map<Coefficient, Double> own() {
    Map<Coefficient, Double> own = new EnumMap<>(Coefficient.class);
    for (Coefficient each : Coefficient.values()) {
      if (of(each) != each.shipped()) {
        own.put(each, of(each));
      }
    }
    return own;
  }

  /** Degrees of pelvis turn a release adds to the lead side going back. */
  public double release(LeadRelease release) {
    return switch (release) {
      case HELD -> 0;
      case KNEE -> of(Coefficient.RELEASE_KNEE);
      case HEEL -> of(Coefficient.RELEASE_HEEL);
    };
  }

  /** Degrees of trail-side turn that straightening the trail knee buys. */
  public double straightening(double degrees) {
    return Math.min(
        of(Coefficient.STRAIGHTENING_MOST), of(Coefficient.STRAIGHTENING_SHARE) * degrees);
  }

  /** Degrees of inward turn a pelvic tilt gives (tucked) or takes (arched). */
  public double tilt(double tilt) {
    double effect =
        tilt > 0 ? -of(Coefficient.ARCH_COST) * tilt : of(Coefficient.TUCK_GAIN) * -tilt;
    double most = of(Coefficient.TILT_MOST);
    return Math.max(-most, Math.min(most, effect));
  }

  /** What a rounded, arched or tucked back leaves of the trunk turn, at most 1. */
  public double posture(Setup setup) {
    double factor =
        1
            - of(Coefficient.ROUNDING_COST) * Math.max(0, setup.rounding() - 15)
            - of(Coefficient.ARCHED_COST) * Math.max(0, setup.pelvicTilt() - 5)
            - of(Coefficient.TUCKED_COST) * Math.max(0, -setup.pelvicTilt() - 10);
    return Math.max(of(Coefficient.POSTURE_LEAST), factor);
  }

  /** Price of moving the release by so many steps, 0 to 2. */
  double releasePrice(int steps) {
    return switch (steps) {
      case 0 -> 0;
      case 1 -> of(Coefficient.PRICE_RELEASE_ONE);
      default -> of(Coefficient.PRICE_RELEASE_TWO);
    };
  }
}
