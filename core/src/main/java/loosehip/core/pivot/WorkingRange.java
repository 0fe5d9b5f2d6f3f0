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
  private static final double ONE_POSITION_VARIANCE = 16;
  private static final double STANDING_ONLY_VARIANCE = 36;
  private static final double STANDING_SHARE_OF_LEG = 15;
  private static final double SLACK_MEASURED_VARIANCE = 9;
  private static final double SLACK_ASSUMED_VARIANCE = 25;
  private static final double SLACK_ASSUMED = 10;
  private static final double SLACK_MOST = 25;
  private static final double ARCH_COST = 0.6;
  private static final double TUCK_GAIN = 0.5;
  private static final double TILT_EFFECT_MOST = 10;

  /**
   * Works out the range from the screen, or empty when no rotation test of that hip and direction
   * counts. Prone is hip bend 0, seated 90; between them w = bend/90. Tilt moves inward turn only
   * (a 10° forward tilt costs about 6–9° of it in flexion; Ross et al. 2014).
   *
   * @param setup gives hip bend and pelvic tilt
   */
  public static Optional<WorkingRange> of(
      Screen screen, Side side, Direction direction, Setup setup) {
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
      variance = one.variance() + ONE_POSITION_VARIANCE;
      basis = (prone.isPresent() ? "face-down" : "seated") + " turn alone";
    } else if (standing.isPresent()) {
      raw = standing.get().mean() - STANDING_SHARE_OF_LEG;
      variance = standing.get().variance() + STANDING_ONLY_VARIANCE;
      basis = "standing turn less 15";
    } else {
      return Optional.empty();
    }
    double slack = SLACK_ASSUMED;
    double slackVariance = SLACK_ASSUMED_VARIANCE;
    String slackBasis = "slack below the hip taken as 10";
    if (standing.isPresent() && (prone.isPresent() || seated.isPresent())) {
      double below = standing.get().mean() - prone.map(Measurement::mean).orElse(raw);
      slack = Math.max(0, Math.min(SLACK_MOST, below));
      slackVariance = SLACK_MEASURED_VARIANCE;
      slackBasis = "slack from the standing turn";
    }
    double tilt = direction == Direction.INTERNAL ? tiltEffect(setup.pelvicTilt()) : 0;
    return Optional.of(
        new WorkingRange(raw + tilt, slack, variance + slackVariance, List.of(basis, slackBasis)));
  }

  /** Degrees of inward turn a pelvic tilt gives (tucked) or takes (arched), within ±10. */
  public static double tiltEffect(double tilt) {
    double effect = tilt > 0 ? -ARCH_COST * tilt : TUCK_GAIN * -tilt;
    return Math.max(-TILT_EFFECT_MOST, Math.min(TILT_EFFECT_MOST, effect));
  }

  /** Hip and slack together. */
  public double total() {
    return hip + slack;
  }
}
