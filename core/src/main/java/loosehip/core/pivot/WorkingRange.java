package loosehip.core.pivot;

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
 * @param basis the tests the hip's part rests on
 * @param slackMeasured whether the slack was measured standing, rather than taken as usual
 */
public record WorkingRange(
    double hip, double slack, double variance, Basis basis, boolean slackMeasured) {

  /** The tests a hip's range rests on. */
  public enum Basis {
    FACE_DOWN_AND_SEATED,
    FACE_DOWN_ALONE,
    SEATED_ALONE,
    STANDING_ALONE
  }

  /**
   * Works out the range from the screen, or empty when no rotation test of that hip and direction
   * counts. Prone is hip bend 0, seated 90; between them w = bend/90. Tilt moves inward turn only
   * (a 10° forward tilt costs about 6–9° of it in flexion; Ross et al. 2014).
   *
   * @param setup gives hip bend and pelvic tilt
   * @param c the figures of the model in force
   */
  public static Optional<WorkingRange> of(
      Screen screen, Side side, Direction direction, Setup setup, Coefficients c) {
    Optional<Measurement> prone = screen.turn(ScreenTest.PRONE_ROTATION, side, direction);
    Optional<Measurement> seated = screen.turn(ScreenTest.SEATED_ROTATION, side, direction);
    Optional<Measurement> standing = screen.turn(ScreenTest.STANDING_TURN, side, direction);
    double w = Math.max(0, Math.min(1, setup.hipFlexion() / 90));
    double raw;
    double variance;
    Basis basis;
    if (prone.isPresent() && seated.isPresent()) {
      raw = prone.get().mean() * (1 - w) + seated.get().mean() * w;
      variance = prone.get().variance() * (1 - w) + seated.get().variance() * w;
      basis = Basis.FACE_DOWN_AND_SEATED;
    } else if (prone.isPresent() || seated.isPresent()) {
      Measurement one = prone.or(() -> seated).orElseThrow();
      raw = one.mean();
      variance = one.variance() + c.of(Coefficient.ONE_POSITION);
      basis = prone.isPresent() ? Basis.FACE_DOWN_ALONE : Basis.SEATED_ALONE;
    } else if (standing.isPresent()) {
      raw = standing.get().mean() - c.of(Coefficient.STANDING_SHARE);
      variance = standing.get().variance() + c.of(Coefficient.STANDING_ONLY);
      basis = Basis.STANDING_ALONE;
    } else {
      return Optional.empty();
    }
    double slack = c.of(Coefficient.SLACK_ASSUMED);
    double slackVariance = c.of(Coefficient.SLACK_UNKNOWN);
    boolean measured = standing.isPresent() && basis != Basis.STANDING_ALONE;
    if (measured) {
      double below = standing.get().mean() - prone.map(Measurement::mean).orElse(raw);
      slack = Math.max(0, Math.min(c.of(Coefficient.SLACK_MOST), below));
      slackVariance = c.of(Coefficient.SLACK_MEASURED);
    }
    double tilt = direction == Direction.INTERNAL ? c.tilt(setup.pelvicTilt()) : 0;
    return Optional.of(
        new WorkingRange(raw + tilt, slack, variance + slackVariance, basis, measured));
  }

  /** Hip and slack together. */
  public double total() {
    return hip + slack;
  }
}
