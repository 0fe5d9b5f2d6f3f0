package loosehip.core.record;

import loosehip.core.link.CauseId;
import loosehip.core.link.Fault;

/**
 * A weight the practice's own blocks would give a cause, beside the shipped one. It is offered,
 * never taken by itself.
 *
 * @param shipped the shipped prior
 * @param borne how often the cause was borne out, of how often it was called likely
 * @param offered the prior offered, rounded to hundredths and held within what a rule takes
 */
public record WeightOffer(Fault fault, CauseId cause, double shipped, Share borne, double offered) {
  /** The shipped prior counts as much as so many blocks (domain/09). */
  public static final int PRIOR_WORTH = 20;

  /** From so many closed blocks on weights are offered (domain/09). */
  public static final int FROM_BLOCKS = 20;

  /**
   * The weight by Beta and binomial: the shipped prior worth twenty blocks, and what was seen.
   *
   * @param least the smallest prior a rule takes
   * @param most the largest
   */
  static WeightOffer of(
      Fault fault, CauseId cause, double shipped, Share borne, double least, double most) {
    double mean = (PRIOR_WORTH * shipped + borne.were()) / (PRIOR_WORTH + borne.of());
    double held = Math.max(least, Math.min(most, Math.round(mean * 100) / 100.0));
    return new WeightOffer(fault, cause, shipped, borne, held);
  }
}
