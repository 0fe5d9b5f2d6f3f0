package loosehip.core.still;

import java.util.List;
import loosehip.core.link.Fault;
import loosehip.core.link.Level;

/**
 * A level that a still suggests.
 *
 * @param fault which fault
 * @param level how strongly, {@code none} included
 * @param because the figures it rests on
 */
public record StillFinding(Fault fault, Level level, List<StillValue> because) {
  /** Copies the reasons. */
  public StillFinding {
    because = List.copyOf(because);
  }
}
