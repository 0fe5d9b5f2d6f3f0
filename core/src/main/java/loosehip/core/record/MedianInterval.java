package loosehip.core.record;

import java.util.Arrays;
import java.util.Optional;
import org.apache.commons.statistics.distribution.BinomialDistribution;

/**
 * A median with the interval that holds the true one four times in five. No shape is taken for
 * granted: the interval lies between order statistics, interpolated to the level asked for
 * (Hettmansperger and Sheather, 1986).
 *
 * @param median of the sample
 * @param low lower end
 * @param high upper end
 */
public record MedianInterval(double median, double low, double high) {
  /** How often the interval holds the true median. */
  public static final double LEVEL = 0.8;

  /** Fewer are too few to say (domain/09). */
  public static final int FEWEST = 8;

  /** The interval of a sample in any order; empty when it is too small to say. */
  public static Optional<MedianInterval> of(double[] sample) {
    if (sample.length < FEWEST) {
      return Optional.empty();
    }
    double[] x = sample.clone();
    Arrays.sort(x);
    int n = x.length;
    int d = 1;
    while (level(n, d + 1) >= LEVEL && d + 1 < n - d) {
      d++;
    }
    double wide = level(n, d);
    double narrow = level(n, d + 1);
    double share = (wide - LEVEL) / (wide - narrow);
    double weight = (n - d) * share / (d + (n - 2.0 * d) * share);
    return Optional.of(
        new MedianInterval(
            median(x),
            (1 - weight) * x[d - 1] + weight * x[d],
            (1 - weight) * x[n - d] + weight * x[n - d - 1]));
  }

  /** How often the d-th from below and the d-th from above hold the median between them. */
  private static double level(int n, int d) {
    return 1 - 2 * BinomialDistribution.of(n, 0.5).cumulativeProbability(d - 1);
  }

  /** The median of a sorted sample that is not empty. */
  static double median(double[] sorted) {
    int half = sorted.length / 2;
    return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
  }
}
