package loosehip.core.measure;

/** The normal distribution function, to better than 1e-7 (Abramowitz and Stegun 1964, 26.2.17). */
public final class Normal {
  private Normal() {}

  /** Chance that a standard normal variate is at most {@code z}. */
  public static double cumulative(double z) {
    if (z < 0) {
      return 1 - cumulative(-z);
    }
    double t = 1 / (1 + 0.2316419 * z);
    double tail =
        t
            * (0.319381530
                + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
    return 1 - Math.exp(-z * z / 2) / Math.sqrt(2 * Math.PI) * tail;
  }
}
