package loosehip.core.measure;

/**
 * The two edges that cut a number into bands. Both edges belong to the better band.
 *
 * @param enough the edge of {@code enough}
 * @param close the edge of {@code close}
 * @param moreIsBetter whether larger numbers are better (turns) or smaller ones (degrees of drop)
 */
public record BandScale(double enough, double close, boolean moreIsBetter) {

  /** A scale on which {@code value >= enough} is enough and {@code value >= close} is close. */
  public static BandScale atLeast(double enough, double close) {
    return new BandScale(enough, close, true);
  }

  /** A scale on which {@code value <= enough} is enough and {@code value <= close} is close. */
  public static BandScale atMost(double enough, double close) {
    return new BandScale(enough, close, false);
  }

  /** The band of a value. */
  public Band of(double value) {
    double sign = moreIsBetter ? 1 : -1;
    if (sign * value >= sign * enough) {
      return Band.ENOUGH;
    }
    return sign * value >= sign * close ? Band.CLOSE : Band.SHORT;
  }
}
