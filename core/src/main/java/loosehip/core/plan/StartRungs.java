package loosehip.core.plan;

import java.util.Optional;
import loosehip.core.body.Side;
import loosehip.core.measure.Band;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Part;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;

/**
 * Where each ladder starts, from the screen (ours). The floor ladder starts on rung 1 for inward
 * turn under 20, 2 for 20–29, 3 from 30. The standing ladder starts from one-leg control, the glute
 * ladder from the bridge, the rest from their own test.
 */
final class StartRungs {
  private StartRungs() {}

  static int of(LadderId ladder, Screen screen) {
    return switch (ladder.id()) {
      case "hip-turn-floor" -> floor(screen);
      case "hip-turn-standing" -> standing(screen);
      case "tilt" -> byBand(band(screen, ScreenTest.TILT_CONTROL), 1, 2, 3);
      case "hinge" -> byBand(band(screen, ScreenTest.HINGE_CONTACT), 1, 2, 3);
      case "glute-wake" -> tallOnBothSides(screen) ? 2 : 1;
      case "glute" -> byBand(bothSides(screen, ScreenTest.BRIDGE_HOLD), 1, 2, 3);
      case "side-hip" -> byBand(bothSides(screen, ScreenTest.SIDE_HIP_HOLD), 1, 2, 3);
      case "hip-turn-loaded" -> floor(screen);
      case "front" -> byBand(band(screen, ScreenTest.FRONT_HOLD), 1, 2, 2);
      case "trunk" -> byBand(bothSides(screen, ScreenTest.TRUNK_TURN), 1, 2, 3);
      default -> 1;
    };
  }

  private static int floor(Screen screen) {
    double least = Double.MAX_VALUE;
    for (Side side : Side.values()) {
      for (ScreenTest test :
          new ScreenTest[] {ScreenTest.SEATED_ROTATION, ScreenTest.PRONE_ROTATION}) {
        Optional<Measurement> turn = screen.turn(test, side, Direction.INTERNAL);
        least = Math.min(least, turn.map(Measurement::mean).orElse(Double.MAX_VALUE));
      }
    }
    if (least == Double.MAX_VALUE || least < 20) {
      return 1;
    }
    return least < 30 ? 2 : 3;
  }

  /**
   * One-leg stand enough starts free of the ladder's support; with no test, hands stay on a club.
   */
  private static int standing(Screen screen) {
    Band band = bothSides(screen, ScreenTest.ONE_LEG_STAND);
    return band == Band.ENOUGH ? 3 : 1;
  }

  private static boolean tallOnBothSides(Screen screen) {
    for (Side side : Side.values()) {
      Optional<String> tall = screen.word(Slot.of(ScreenTest.GLUTE_SWITCH, side, Part.TALL));
      if (tall.isEmpty() || tall.get().equals("no")) {
        return false;
      }
    }
    return true;
  }

  private static Band band(Screen screen, ScreenTest test) {
    return screen.band(test, Optional.empty());
  }

  private static Band bothSides(Screen screen, ScreenTest test) {
    return screen
        .band(test, Optional.of(Side.LEFT))
        .worse(screen.band(test, Optional.of(Side.RIGHT)));
  }

  private static int byBand(Band band, int whenShort, int whenClose, int whenEnough) {
    return switch (band) {
      case SHORT, NOT_MEASURED -> whenShort;
      case CLOSE -> whenClose;
      case ENOUGH -> whenEnough;
    };
  }
}
