package loosehip.core.pivot;

import java.util.List;
import java.util.Optional;
import loosehip.core.body.Side;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;

/**
 * What one hip gives one way at the golfer's own hip bend, and what slack below it adds.
 *
 * @param hip degrees of the hip joint, tilt included
 * @param slack degrees of knee, ankle and foot, 0 to 25
 * @param variance squared degrees: reading, interpolation and slack together
 * @param basis the tests it rests on, in words
 */
public record WorkingRange(double hip, double slack, double variance, List<String> basis) {
  /**
   * Works out the range from the screen, or empty when no rotation test of that hip and direction
   * counts. Prone is hip bend 0, seated 90; between them w = bend/90. Tilt moves inward turn only
   * (a 10° forward tilt costs about 6–9° of it in flexion; Ross et al. 2014).
   *
   * @param setup gives hip bend and pelvic tilt
   */
  public static Optional<WorkingRange> of(
      Screen screen, Side side, Direction direction, Setup setup) {
    return of(screen, side, direction, setup, Coefficients.SHIPPED);
  }

  /** The same by a practice's own figures. */
  public static Optional<WorkingRange> of(
      Screen screen, Side side, Direction direction, Setup setup, Coefficients c) {
    Optional<Measurement> prone = screen.turn(ScreenTest.PRONE_ROTATION, side, direction);
    Optional<Measurement> seated = screen.turn(ScreenTest.SEATED_ROTATION, side, direction);
    Optional<Measurement> standing = screen.turn(ScreenTest.STANDING_TURN, side, direction);
    double w = Math.max(0, Math.min(1, setup.hipFlexion() / 90));
    double raw;
    double variance;
    String basis;
    if (prone.isPresent() && seated.isPresent()) {
      raw = prone.get().mean() * (1 - w) + seated.get().mean() * w;
      variance = prone.get().variance() * (1 - w) + seated.get().variance() * w;
      basis = "face-down and seated turn, at this hip bend";
    } else if (prone.isPresent() || seated.isPresent()) {
      Measurement one = prone.or(() -> seated).orElseThrow();
      raw = one.mean();
      variance = one.variance() + c.of(Coefficient.ONE_POSITION);
      basis = (prone.isPresent() ? "face-down" : "seated") + " turn alone";
    } else if (standing.isPresent()) {
      raw = standing.get().mean() - c.of(Coefficient.STANDING_SHARE);
      variance = standing.get().variance() + c.of(Coefficient.STANDING_ONLY);
      basis = "standing turn less " + Math.round(c.of(Coefficient.STANDING_SHARE));
    } else {
      return Optional.empty();
    }
    double slack = c.of(Coefficient.SLACK_ASSUMED);
    double slackVariance = c.of(Coefficient.SLACK_UNKNOWN);
    String slackBasis = "slack below the hip taken as " + Math.round(slack);
    if (standing.isPresent() && (prone.isPresent() || seated.isPresent())) {
      double below = standing.get().mean() - prone.map(Measurement::mean).orElse(raw);
      slack = Math.max(0, Math.min(c.of(Coefficient.SLACK_MOST), below));
      slackVariance = c.of(Coefficient.SLACK_MEASURED);
      slackBasis = "slack from the standing turn";
    }
    double tilt = direction == Direction.INTERNAL ? c.tilt(setup.pelvicTilt()) : 0;
    return Optional.of(
        new WorkingRange(raw + tilt, slack, variance + slackVariance, List.of(basis, slackBasis)));
  }

  /** Hip and slack together. */
  public double total() {
    return hip + slack;
  }
}
