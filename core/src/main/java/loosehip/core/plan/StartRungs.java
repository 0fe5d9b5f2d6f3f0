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
 * Where each ladder starts, from the screen (domain/05; where it is silent, ours). The floor ladder
 * starts on rung 1 for inward turn under 20, 2 for 20–29, 3 from 30, the outward one the same by
 * outward turn; the standing ladder and leg control by the stand on one leg (under 5 s, 5 to 9, 10
 * and more), the seat by the bridge, the rest from their own test. What is not measured starts on
 * the lowest.
 */
final class StartRungs {
  private static final double LOW_TURN = 20;
  private static final double TURN = 30;
  private static final double SOME_SECONDS = 5;
  private static final double SECONDS = 10;

  private StartRungs() {}

  static int of(LadderId ladder, Screen screen) {
    return switch (ladder.id()) {
      case "hip-turn-floor" -> byTurn(screen, Direction.INTERNAL);
      case "hip-turn-loaded" -> Math.max(1, byTurn(screen, Direction.INTERNAL) - 1);
      case "hip-out" -> byTurn(screen, Direction.EXTERNAL);
      case "hip-turn-standing", "leg-control" -> byStand(screen);
      case "tilt" -> byBand(band(screen, ScreenTest.TILT_CONTROL), 1, 2, 3);
      case "hinge" -> byBand(band(screen, ScreenTest.HINGE_CONTACT), 1, 2, 3);
      case "glute-wake" -> tallOnBothSides(screen) ? 2 : 1;
      case "glute" -> byBand(bothSides(screen, ScreenTest.BRIDGE_HOLD), 1, 2, 3);
      case "side-hip" -> byBand(bothSides(screen, ScreenTest.SIDE_HIP_HOLD), 1, 2, 3);
      case "front" -> 2;
      case "trunk" -> byBand(bothSides(screen, ScreenTest.TRUNK_TURN), 1, 2, 3);
      default -> 1;
    };
  }

  private static int byTurn(Screen screen, Direction direction) {
    double least = Double.MAX_VALUE;
    for (Side side : Side.values()) {
      for (ScreenTest test :
          new ScreenTest[] {ScreenTest.SEATED_ROTATION, ScreenTest.PRONE_ROTATION}) {
        Optional<Measurement> turn = screen.turn(test, side, direction);
        least = Math.min(least, turn.map(Measurement::mean).orElse(Double.MAX_VALUE));
      }
    }
    if (least == Double.MAX_VALUE || least < LOW_TURN) {
      return 1;
    }
    return least < TURN ? 2 : 3;
  }

  /** By the leg that stands shorter; a leg that was not tested has not stood. */
  private static int byStand(Screen screen) {
    double least = Double.MAX_VALUE;
    for (Side side : Side.values()) {
      Slot open = Slot.of(ScreenTest.ONE_LEG_STAND, side, Part.EYES_OPEN);
      least = Math.min(least, screen.evidence(open).map(Measurement::mean).orElse(0.0));
    }
    if (least < SOME_SECONDS) {
      return 1;
    }
    return least < SECONDS ? 2 : 3;
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
