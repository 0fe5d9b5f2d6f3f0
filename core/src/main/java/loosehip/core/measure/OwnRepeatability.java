package loosehip.core.measure;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;

/**
 * How far one person's own tries scatter by one method in one kind of test: the pooled within-set
 * deviation, s² = Σ(nᵢ−1)sᵢ² / Σ(nᵢ−1) over sets of angles with at least two tries that count.
 * Tries one has just seen agree too well, so once there are enough blind sets only they count.
 *
 * @param deviation pooled standard deviation of one try, in degrees
 * @param freedom degrees of freedom, Σ(nᵢ−1), at least 1
 * @param blind whether it rests on blind sets alone
 */
public record OwnRepeatability(double deviation, int freedom, boolean blind) {
  /** From so many degrees of freedom it replaces the method's default (ours). */
  public static final int TAKES_OVER_AT = 20;

  /** No own deviation is taken for smaller than this share of the default (ours). */
  public static final double LEAST_SHARE = 0.5;

  /** Whether there are enough tries to use it in place of the default. */
  public boolean takesOver() {
    return freedom >= TAKES_OVER_AT;
  }

  /**
   * The deviation of one try in use: the person's own once it takes over, never below half the
   * default; else the default.
   */
  public double inUse(double byDefault) {
    return takesOver() ? Math.max(LEAST_SHARE * byDefault, deviation) : byDefault;
  }

  /** What a hand's scatter is known for: never across methods, never across kinds of test. */
  public record Of(Method method, AngleKind kind) {}

  /**
   * One set of tries of the same angle.
   *
   * @param of how and of what they were read
   * @param values the tries that count, in degrees
   * @param blind whether each was taken with the earlier ones out of sight
   */
  public record TrySet(Of of, Collection<Double> values, boolean blind) {}

  /** The pooled deviation by method and kind; those without two tries in any set are absent. */
  public static Map<Of, OwnRepeatability> pooled(Collection<TrySet> sets) {
    Map<Of, Sum> all = new HashMap<>();
    Map<Of, Sum> blind = new HashMap<>();
    for (TrySet set : sets) {
      if (set.values().size() < 2) {
        continue;
      }
      all.merge(set.of(), Sum.of(set.values()), Sum::plus);
      if (set.blind()) {
        blind.merge(set.of(), Sum.of(set.values()), Sum::plus);
      }
    }
    Map<Of, OwnRepeatability> pooled = new HashMap<>();
    all.forEach(
        (of, sum) -> {
          Sum unseen = blind.get(of);
          boolean enough = unseen != null && unseen.freedom >= TAKES_OVER_AT;
          pooled.put(of, enough ? unseen.pooled(true) : sum.pooled(false));
        });
    return pooled;
  }

  private record Sum(double squares, int freedom) {
    static Sum of(Collection<Double> values) {
      double mean = values.stream().mapToDouble(v -> v).average().orElseThrow();
      double squares = values.stream().mapToDouble(v -> (v - mean) * (v - mean)).sum();
      return new Sum(squares, values.size() - 1);
    }

    Sum plus(Sum other) {
      return new Sum(squares + other.squares, freedom + other.freedom);
    }

    OwnRepeatability pooled(boolean blind) {
      return new OwnRepeatability(Math.sqrt(squares / freedom), freedom, blind);
    }
  }
}
