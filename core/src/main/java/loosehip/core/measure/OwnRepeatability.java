package loosehip.core.measure;

import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How far one person's own tries scatter by one method: the pooled within-set deviation, s² =
 * Σ(nᵢ−1)sᵢ² / Σ(nᵢ−1) over sets of angles with at least two tries that count.
 *
 * @param deviation pooled standard deviation of one try, in degrees
 * @param freedom degrees of freedom, Σ(nᵢ−1), at least 1
 */
public record OwnRepeatability(double deviation, int freedom) {
  /** From so many degrees of freedom it replaces the method's default (ours). */
  public static final int TAKES_OVER_AT = 20;

  /** No own deviation is taken for smaller than this: a ruler reads to one degree (ours). */
  public static final double LEAST = 0.5;

  /** Whether there are enough tries to use it in place of the default. */
  public boolean takesOver() {
    return freedom >= TAKES_OVER_AT;
  }

  /** The deviation of one try in use: the person's own once it takes over, else the default. */
  public double inUse(double byDefault) {
    return takesOver() ? Math.max(LEAST, deviation) : byDefault;
  }

  /**
   * One set of tries of the same angle.
   *
   * @param method how they were read
   * @param values the tries that count, in degrees
   */
  public record TrySet(Method method, List<Double> values) {}

  /** The pooled deviation by method; methods without two tries in any set are absent. */
  public static Map<Method, OwnRepeatability> pooled(Collection<TrySet> sets) {
    Map<Method, double[]> sums = new EnumMap<>(Method.class);
    for (TrySet set : sets) {
      int n = set.values().size();
      if (n < 2) {
        continue;
      }
      double mean = set.values().stream().mapToDouble(v -> v).average().orElseThrow();
      double squares = set.values().stream().mapToDouble(v -> (v - mean) * (v - mean)).sum();
      double[] sum = sums.computeIfAbsent(set.method(), m -> new double[2]);
      sum[0] += squares;
      sum[1] += n - 1;
    }
    Map<Method, OwnRepeatability> pooled = new EnumMap<>(Method.class);
    sums.forEach(
        (method, sum) ->
            pooled.put(method, new OwnRepeatability(Math.sqrt(sum[0] / sum[1]), (int) sum[1])));
    return pooled;
  }
}
