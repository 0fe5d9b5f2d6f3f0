package loosehip.core.safety;

import java.util.Optional;
import loosehip.core.body.Side;

/**
 * A caution as noted for one golfer.
 *
 * @param caution which
 * @param side the side it concerns; empty means both, or that it has no side
 * @param note limits given by a clinician, or the golfer's own words; may be blank
 * @param cleared whether a clinician has lifted its blocks, on record
 */
public record NotedCaution(Caution caution, Optional<Side> side, String note, boolean cleared) {

  /** A caution on a side, without a note and not cleared. */
  public static NotedCaution of(Caution caution, Side side) {
    return new NotedCaution(caution, Optional.of(side), "", false);
  }

  /** A caution without a side. */
  public static NotedCaution of(Caution caution) {
    return new NotedCaution(caution, Optional.empty(), "", false);
  }

  /** Whether it concerns this side. */
  public boolean concerns(Side which) {
    return side.isEmpty() || side.get() == which;
  }

  /** The same caution of a mirrored body. */
  public NotedCaution mirrored() {
    return new NotedCaution(caution, side.map(Side::other), note, cleared);
  }
}
