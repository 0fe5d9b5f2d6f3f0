package loosehip.core.link;

import java.util.List;
import java.util.Optional;

/**
 * How likely one cause is, and the sum behind it. The computed chance stays beside what the trainer
 * decided; what counts is the decision.
 *
 * @param cause the cause
 * @param factors every step, in the order multiplied
 * @param odds prior odds times all factors
 * @param settled whether its own evidence was looked at (test taken, set-up seen, habit named)
 * @param decision what the trainer decided about it, if anything
 */
public record CauseChance(
    Cause cause,
    List<Factor> factors,
    double odds,
    boolean settled,
    Optional<Overrule.Verdict> decision) {
  /** No chance is ever called higher than this. */
  public static final double MOST = 0.95;

  private static final double DOUBTED = 0.5;

  /** A chance as computed, with nothing decided about it. */
  public CauseChance(Cause cause, List<Factor> factors, double odds, boolean settled) {
    this(cause, factors, odds, settled, Optional.empty());
  }

  /** The same with a decision. */
  CauseChance decided(Overrule.Verdict verdict) {
    return new CauseChance(cause, factors, odds, settled, Optional.of(verdict));
  }

  /** Chance as computed, 0 to 0.95. */
  public double chance() {
    return Math.min(MOST, odds / (1 + odds));
  }

  /** The computed chance in words. */
  public Likelihood likelihood() {
    return Likelihood.of(chance());
  }

  /** The chance that counts: rejected 0, accepted 0.95, doubted half of the computed one. */
  public double counted() {
    return decision
        .map(
            verdict ->
                switch (verdict) {
                  case ACCEPTED -> MOST;
                  case DOUBTED -> DOUBTED * chance();
                  case REJECTED -> 0.0;
                })
        .orElseGet(this::chance);
  }

  /** The counted chance in words. */
  public Likelihood countedAs() {
    return Likelihood.of(counted());
  }

  /** Whether the trainer ruled it out. */
  public boolean rejected() {
    return decision.filter(Overrule.Verdict.REJECTED::equals).isPresent();
  }
}
