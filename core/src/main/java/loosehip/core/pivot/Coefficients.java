package loosehip.core.pivot;

import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The figures of the working model in force: the shipped ones, or a practice's own. */
public final class Coefficients {
  /** The shipped figures. */
  public static final Coefficients SHIPPED = new Coefficients(Map.of());

  private final double[] values = new double[Coefficient.values().length];
  private final Demands[] demands = new Demands[School.values().length];
  private final Map<ModelFigure, Double> own;

  /**
   * The shipped figures with a practice's own in their place.
   *
   * @throws IllegalArgumentException when one lies outside its bounds, or two contradict each other
   */
  public Coefficients(Map<? extends ModelFigure, Double> own) {
    Map<ModelFigure, Double> differing = new LinkedHashMap<>();
    own.forEach(
        (figure, value) -> {
          if (!(value >= figure.low() && value <= figure.high())) {
            throw new IllegalArgumentException(
                figure.id() + " lies between " + figure.low() + " and " + figure.high());
          }
          if (value != figure.shipped()) {
            differing.put(figure, value);
          }
        });
    this.own = Collections.unmodifiableMap(differing);
    for (Coefficient each : Coefficient.values()) {
      values[each.ordinal()] = differing.getOrDefault(each, each.shipped());
    }
    for (School school : School.values()) {
      demands[school.ordinal()] = demands(school, differing);
    }
    contradiction()
        .ifPresent(
            words -> {
              throw new IllegalArgumentException(words);
            });
  }

  private static Demands demands(School school, Map<ModelFigure, Double> own) {
    double[] of =
        Arrays.stream(SchoolFigure.Kind.values())
            .map(kind -> new SchoolFigure(school, kind))
            .mapToDouble(figure -> own.getOrDefault(figure, figure.shipped()))
            .toArray();
    return new Demands(of[0], of[1], of[2], of[3], of[4], of[5], of[6], of[7], of[8], of[9]);
  }

  /** What two figures say against each other, in words; empty when all fit together. */
  private Optional<String> contradiction() {
    for (School school : School.values()) {
      Demands d = demands(school);
      if (d.pelvisLow() > d.pelvisHigh()) {
        return Optional.of(school.title() + ": the least pelvis turn would be above the most.");
      }
      if (d.shiftLow() > d.shiftHigh() || d.headLow() > d.headHigh()) {
        return Optional.of(school.title() + ": the least shift would be above the most.");
      }
    }
    boolean inOrder =
        of(Coefficient.GAIN_SLOW) <= of(Coefficient.GAIN)
            && of(Coefficient.GAIN) <= of(Coefficient.GAIN_FAST)
            && of(Coefficient.TRUNK_GAIN_SLOW) <= of(Coefficient.TRUNK_GAIN)
            && of(Coefficient.TRUNK_GAIN) <= of(Coefficient.TRUNK_GAIN_FAST);
    return inOrder
        ? Optional.empty()
        : Optional.of("The gain must lie between the slow and the fast one.");
  }

  /** The value in force. */
  public double of(Coefficient which) {
    return values[which.ordinal()];
  }

  /** What a school demands here. */
  public Demands demands(School school) {
    return demands[school.ordinal()];
  }

  /** Any figure's value in force. */
  public double value(ModelFigure figure) {
    return own.getOrDefault(figure, figure.shipped());
  }

  /** Those that differ from the shipped figures. */
  public Map<ModelFigure, Double> own() {
    return own;
  }

  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof Coefficients figures && own.equals(figures.own);
  }

  @Override
  public int hashCode() {
    return own.hashCode();
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
