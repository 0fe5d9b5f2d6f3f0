package loosehip.core.still;

import java.util.Optional;

/**
 * A figure of a still, with how far it may be off.
 *
 * @param figure which
 * @param value in its unit
 * @param plusMinus how far it may be off either way, in its unit; 0 or more
 * @param window where it is right; empty when nothing says so
 */
public record StillValue(
    StillFigure figure, double value, double plusMinus, Optional<StillFigure.Window> window) {

  /** Whether it lies where it is right; empty when nothing says where that is. */
  public Optional<Boolean> inside() {
    return window.map(w -> w.holds(value));
  }

  /** Whether it is sure enough to suggest a level: not off by more than half of what is right. */
  public boolean speaks() {
    return window.map(w -> plusMinus <= w.half()).orElse(true);
  }
}
