package loosehip.core.record;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What a group of blocks gained.
 *
 * @param sorted every gain, the smallest first
 * @param real how many were real
 */
public record Gains(List<Double> sorted, Share real) {

  /** The gains of these. */
  static Gains of(List<ClosedBlock.Gain> gains) {
    return new Gains(
        gains.stream().map(ClosedBlock.Gain::gain).sorted().toList(),
        new Share((int) gains.stream().filter(ClosedBlock.Gain::real).count(), gains.size()));
  }

  /** How many there are. */
  public int blocks() {
    return sorted.size();
  }

  /** The median with its interval; empty when there are too few to say. */
  public Optional<MedianInterval> median() {
    return MedianInterval.of(sorted.stream().mapToDouble(Double::doubleValue).toArray());
  }

  /** The middle one, also of few; NaN of none. */
  public double middle() {
    double[] all = sorted.stream().mapToDouble(Double::doubleValue).toArray();
    Arrays.sort(all);
    return all.length == 0 ? Double.NaN : MedianInterval.median(all);
  }
}
