package loosehip.core.trace;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * A movement trace as it was read, row by row.
 *
 * @param seconds the time of each row
 * @param turns the turn of each segment there is, degrees, positive away from the target; the
 *     pelvis always
 * @param tilt pelvis tilt, degrees, positive with the trail side up
 * @param impactRow the row marked as impact; empty when none is
 */
public record MovementSamples(
    double[] seconds,
    Map<SwingSegment, double[]> turns,
    double[] tilt,
    Optional<Integer> impactRow) {

  /** Copies the map. */
  public MovementSamples {
    turns = new EnumMap<>(turns);
  }

  /** How many rows there are. */
  public int rows() {
    return seconds.length;
  }
}
