package loosehip.core.record;

import org.apache.commons.statistics.distribution.BetaDistribution;

/**
 * So many of so many.
 *
 * @param of how many there were
 * @param were how many were so
 */
public record Share(int were, int of) {
  private static final double TAIL = (1 - MedianInterval.LEVEL) / 2;
  private static final double HALF = 0.5;

  /**
   * @throws IllegalArgumentException when more were so than there were
   */
  public Share {
    if (were < 0 || were > of) {
      throw new IllegalArgumentException(were + " of " + of);
    }
  }

  /** The share, 0 to 1; 0 of none. */
  public double share() {
    return of == 0 ? 0 : were / (double) of;
  }

  /** Whether there are too few to say anything. */
  public boolean tooFew() {
    return of < MedianInterval.FEWEST;
  }

  /** The lower end of the 80 % interval (Jeffreys: Beta, a half added to both); 0 when none was. */
  public double low() {
    return were == 0 ? 0 : beta().inverseCumulativeProbability(TAIL);
  }

  /** The upper end of the same; 1 when all were. */
  public double high() {
    return were == of ? 1 : beta().inverseCumulativeProbability(1 - TAIL);
  }

  private BetaDistribution beta() {
    return BetaDistribution.of(were + HALF, of - were + HALF);
  }
}
