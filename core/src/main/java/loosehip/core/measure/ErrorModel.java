package loosehip.core.measure;

import java.util.Optional;

/**
 * How wrong a mean may be. Standard error of a mean of n tries: √(s²/n + 2²), where s is the
 * deviation of one try by its method and 2° is repositioning between days (ours). Seconds use 15 %
 * of the mean for s and centimetres 1, without repositioning.
 */
public final class ErrorModel {
  /** Repositioning between days, in degrees (ours). */
  public static final double REPOSITIONING = 2;

  /** Added to the deviation of one try for each discounting compensation, in degrees (ours). */
  public static final double DISCOUNT = 3;

  private static final double SECONDS_SHARE = 0.15;
  private static final double DISCOUNT_SHARE = 0.10;
  private static final double Z_95 = 1.96;
  private static final double Z_LIKELY = 1.28;

  private ErrorModel() {}

  /** Standard error of the mean of this set in its own unit, or empty when no try counts. */
  public static Optional<Double> standardError(Reading reading) {
    return reading.mean().map(mean -> Math.sqrt(variance(reading, mean)));
  }

  private static double variance(Reading reading, double mean) {
    int n = reading.counted().size();
    int discounts = (int) reading.compensations().stream().filter(c -> !c.voids()).count();
    return switch (reading.slot().test().unit()) {
      case DEGREES -> {
        double one = reading.tryDeviation() + DISCOUNT * discounts;
        yield one * one / n + REPOSITIONING * REPOSITIONING;
      }
      case SECONDS -> {
        double one = mean * (SECONDS_SHARE + DISCOUNT_SHARE * discounts);
        yield one * one / n;
      }
      case CENTIMETRES -> {
        double one = 1 + DISCOUNT_SHARE * discounts * mean;
        yield one * one / n;
      }
      default -> 0;
    };
  }

  /**
   * The smallest change between two occasions that is real at 95 %: 1.96·√(SEM₁² + SEM₂²).
   *
   * @param first standard error on the first occasion, not negative
   * @param second standard error on the second occasion, not negative
   */
  public static double minimalDetectableChange(double first, double second) {
    return Z_95 * Math.hypot(first, second);
  }

  /**
   * The chance that the true change exceeds a size, both readings taken as normal about the truth.
   *
   * @param size degrees (or the test's unit), not negative
   */
  public static double chanceBeyond(
      double from, double fromError, double to, double toError, double size) {
    double both = Math.hypot(fromError, toError);
    double change = to - from;
    if (both == 0) {
      return Math.abs(change) > size ? 1 : 0;
    }
    return Normal.cumulative((change - size) / both) + Normal.cumulative((-change - size) / both);
  }

  /** What a change between two occasions amounts to. */
  public static Change change(double from, double fromError, double to, double toError) {
    double size = Math.abs(to - from);
    double both = Math.hypot(fromError, toError);
    if (size >= Z_95 * both) {
      return Change.REAL;
    }
    return size >= Z_LIKELY * both ? Change.LIKELY : Change.WITHIN_THE_RULER;
  }
}
