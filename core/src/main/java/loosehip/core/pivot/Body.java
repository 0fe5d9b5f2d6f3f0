package loosehip.core.pivot;

import loosehip.core.body.Handed;
import loosehip.core.measure.Screen;

/**
 * What a budget is worked out for: a screened body, its hand, and the figures of the model.
 *
 * @param screen what was measured
 * @param handed which way the golfer stands
 * @param coefficients the figures in force
 */
public record Body(Screen screen, Handed handed, Coefficients coefficients) {
  /** A body judged by the shipped figures. */
  public static Body of(Screen screen, Handed handed) {
    return new Body(screen, handed, Coefficients.SHIPPED);
  }
}
