package loosehip.core.link;

import java.util.Optional;
import loosehip.core.body.Leg;
import loosehip.core.limit.Limit;

/**
 * What may stand behind a fault. A followed fault is judged by the level seen, so chains cannot
 * loop.
 *
 * @param source what it is
 * @param prior its chance of being a cause when the fault is clear, above 0 and below 1
 * @param strength how much its own test says; heeded for limits of the body alone
 */
public record Cause(Source source, double prior, Strength strength) {

  /**
   * @throws IllegalArgumentException when the prior is not above 0 and below 1
   */
  public Cause {
    if (!(prior > 0 && prior < 1)) {
      throw new IllegalArgumentException("A prior lies between 0 and 1: " + prior);
    }
  }

  /** A limit of the body as a cause. */
  public static Cause ofLimit(Limit limit, double prior, Strength strength) {
    return new Cause(new Source.OfLimit(limit), prior, strength);
  }

  /** A set-up fault, a habit or a followed fault as a cause. */
  public static Cause of(Source source, double prior) {
    return new Cause(source, prior, Strength.MODERATE);
  }

  /** The name shown. */
  public String title() {
    return source.title();
  }

  /** Which family it belongs to. */
  public Family family() {
    return source.family();
  }

  /** The leg it concerns, if one. */
  public Optional<Leg> leg() {
    return source.leg();
  }

  /** The limit it is, when it is one. */
  public Optional<Limit> limit() {
    return source instanceof Source.OfLimit of ? Optional.of(of.limit()) : Optional.empty();
  }

  /** How much its own test says; empty for what is seen, not tested. */
  public Optional<Strength> evidence() {
    return limit().map(l -> strength);
  }

  /** The id that tells it from the other causes of its fault. */
  public CauseId id() {
    return new CauseId(family(), source.id(), leg());
  }

  /** The same cause weighed otherwise. */
  public Cause weighed(double newPrior, Strength newStrength) {
    return new Cause(source, newPrior, newStrength);
  }
}
