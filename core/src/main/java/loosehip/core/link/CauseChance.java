package loosehip.core.link;

import java.util.List;

/**
 * How likely one cause is, and the sum behind it.
 *
 * @param cause the cause
 * @param factors every step, in the order multiplied
 * @param odds prior odds times all factors
 * @param settled whether its own evidence was looked at (test taken, set-up seen, habit named)
 */
public record CauseChance(Cause cause, List<Factor> factors, double odds, boolean settled) {
  /** No chance is ever called higher than this. */
  public static final double MOST = 0.95;

  /** Chance, 0 to 0.95. */
  public double chance() {
    return Math.min(MOST, odds / (1 + odds));
  }

  /** The chance in words. */
  public Likelihood likelihood() {
    return Likelihood.of(chance());
  }
}
