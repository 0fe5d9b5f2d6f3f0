package loosehip.core.trace;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * A pressure trace, row by row.
 *
 * @param seconds the time of each row
 * @param lead share of the weight on the lead foot, 0 to 1
 * @param leadToe where under the lead foot, 0 heel to 1 toe
 * @param trailToe where under the trail foot, 0 heel to 1 toe
 * @param moments the rows that are marked
 */
public record PressureTrace(
    double[] seconds,
    double[] lead,
    double[] leadToe,
    double[] trailToe,
    Map<PressureMoment, Integer> moments) {
  /** Longest recording, seconds (ours: a bucket of balls is not one swing). */
  public static final double SECONDS_MOST = 120;

  /** Copies the map. */
  public PressureTrace {
    moments = new EnumMap<>(moments);
  }

  /** How the weight stood at a row. */
  public record Weight(double lead, double leadToe, double trailToe) {
    /** Share on the trail foot. */
    public double trail() {
      return 1 - lead;
    }
  }

  /** How many rows there are. */
  public int rows() {
    return seconds.length;
  }

  /** How the weight stood at a row. */
  public Weight at(int row) {
    return new Weight(lead[row], leadToe[row], trailToe[row]);
  }

  /** How the weight stood at a moment, where it is marked. */
  public Optional<Weight> at(PressureMoment moment) {
    return Optional.ofNullable(moments.get(moment)).map(this::at);
  }

  /** What makes it unreadable, if anything does. */
  public Optional<TraceProblem> problem() {
    if (rows() < 2) {
      return Optional.of(new TraceProblem.TooFewRows(rows()));
    }
    for (int i = 1; i < rows(); i++) {
      if (seconds[i] <= seconds[i - 1]) {
        return Optional.of(new TraceProblem.TimeBack(i, seconds[i - 1], seconds[i]));
      }
      if (seconds[i] - seconds[0] > SECONDS_MOST + 1e-9) {
        return Optional.of(new TraceProblem.Length(i, seconds[i] - seconds[0]));
      }
    }
    if (moments.isEmpty()) {
      return Optional.of(new TraceProblem.NothingMarked());
    }
    PressureMoment before = null;
    for (PressureMoment moment : moments.keySet()) {
      if (before != null && moments.get(moment) < moments.get(before)) {
        return Optional.of(new TraceProblem.MomentsOutOfOrder(moments.get(moment), moment, before));
      }
      before = moment;
    }
    return Optional.empty();
  }
}
