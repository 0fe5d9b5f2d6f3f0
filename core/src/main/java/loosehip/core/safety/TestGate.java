package loosehip.core.safety;

import java.util.Arrays;
import java.util.Optional;
import loosehip.core.body.Side;
import loosehip.core.measure.Part;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;

/** What must be measured before a test may be taken. Untaken counts as not allowed. */
public final class TestGate {
  /** Seconds on one leg with open eyes, on both, before a hop or closed eyes (domain/02). */
  public static final int STAND_SECONDS = 10;

  private TestGate() {}

  /** Whether a test waits until the golfer has stood long enough on each leg. */
  public static boolean standFirst(ScreenTest test, Optional<Part> part, Screen screen) {
    boolean gated =
        test == ScreenTest.HOP_HOLD
            || test == ScreenTest.ONE_LEG_STAND
                && part.filter(Part.EYES_CLOSED::equals).isPresent();
    return gated && !stands(screen, STAND_SECONDS);
  }

  /** Whether the golfer stood at least so many seconds on each leg, eyes open. */
  public static boolean stands(Screen screen, int seconds) {
    return Arrays.stream(Side.values())
        .allMatch(
            side ->
                screen
                    .measurement(stand(side))
                    .filter(stood -> stood.mean() >= seconds)
                    .isPresent());
  }

  /** Whether it is known how long the golfer stands on each leg. */
  public static boolean measured(Screen screen) {
    return stands(screen, 0);
  }

  private static Slot stand(Side side) {
    return new Slot(ScreenTest.ONE_LEG_STAND, Optional.of(side), Optional.of(Part.EYES_OPEN));
  }
}
