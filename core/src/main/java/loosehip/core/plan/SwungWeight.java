package loosehip.core.plan;

import java.util.Optional;

/** How much weight may be swung. Source: domain/05, ours from practice. */
final class SwungWeight {
  private static final double OF_THE_BODY = 0.1;
  private static final double MOST = 8;
  private static final double UNKNOWN = 4;

  private SwungWeight() {}

  /**
   * The most weight in kilograms: a tenth of the body's, 8 at most, 4 when the body's is not known;
   * half of that for a minor.
   *
   * @param bodyKg the golfer's weight in kilograms
   */
  static double most(Optional<Double> bodyKg, boolean half) {
    double most = bodyKg.map(kg -> Math.min(MOST, OF_THE_BODY * kg)).orElse(UNKNOWN);
    return half ? most / 2 : most;
  }
}
