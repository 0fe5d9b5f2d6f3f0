package loosehip.core.safety;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Side;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Part;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;

/**
 * Whether a golfer is unsteady by what was measured: less than 5 s on one leg, eyes open, until a
 * later 10 s on the same leg (domain/06).
 */
public final class Unsteady {
  private static final double FALLS_SHORT = 5;

  private Unsteady() {}

  /** Whether it holds after these screens, the oldest first. */
  public static boolean after(List<Screen> screens) {
    Set<Side> unsteady = EnumSet.noneOf(Side.class);
    for (Screen screen : screens) {
      for (Side side : Side.values()) {
        Optional<Double> stood =
            screen
                .measurement(
                    new Slot(
                        ScreenTest.ONE_LEG_STAND, Optional.of(side), Optional.of(Part.EYES_OPEN)))
                .map(Measurement::mean);
        if (stood.filter(s -> s < FALLS_SHORT).isPresent()) {
          unsteady.add(side);
        } else if (stood.filter(s -> s >= TestGate.STAND_SECONDS).isPresent()) {
          unsteady.remove(side);
        }
      }
    }
    return !unsteady.isEmpty();
  }
}
