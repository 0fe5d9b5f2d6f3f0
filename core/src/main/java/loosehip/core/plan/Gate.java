package loosehip.core.plan;

import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Side;
import loosehip.core.limit.Body;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.Band;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.named.Named;
import loosehip.core.safety.TestGate;

/** What must be there before an exercise is given; untested counts as not yet. */
public enum Gate implements Named {
  /** Five seconds on each leg, eyes open. */
  STAND_5("stand-5"),
  /** Ten seconds on each leg, eyes open. */
  STAND_10("stand-10"),
  /** The hinge at least close. */
  HINGE("hinge-close"),
  /** Tilt control at least close. */
  TILT("tilt-close"),
  /** The squat at least close. */
  SQUAT("squat-close"),
  /** The side of both hips at least close. */
  SIDE_HIP("side-hip-close"),
  /** The seat muscles switch on, tall and hinged. */
  SWITCH("switch-both"),
  /** The seat muscles switch on standing tall. */
  SWITCH_TALL("switch-tall"),
  /** Ten seconds of the one-leg bridge on each side. */
  BRIDGE_10("bridge-10"),
  /** Ten seconds of the straight-body hold, or the rung below held. */
  FRONT_10("front-10"),
  /** The rung below was held, by the log or by the trainer's hand. */
  RUNG_BELOW("rung-below");

  private static final int SOME_SECONDS = 5;
  private static final double HELD_SECONDS = 10;

  private final String id;

  Gate(String id) {
    this.id = id;
  }

  @Override
  public String id() {
    return id;
  }

  /**
   * Whether a body as it was screened has passed it.
   *
   * @param below whether the rung below was held
   */
  boolean passed(Body body, boolean below) {
    return switch (this) {
      case STAND_5 -> TestGate.stands(body.screen(), SOME_SECONDS);
      case STAND_10 -> TestGate.stands(body.screen(), TestGate.STAND_SECONDS);
      case HINGE -> body.band(LimitKind.HINGE).atLeastClose();
      case TILT -> body.band(LimitKind.TILT_CONTROL).atLeastClose();
      case SQUAT -> body.band(LimitKind.SQUAT).atLeastClose();
      case SIDE_HIP -> bothSides(body, ScreenTest.SIDE_HIP_HOLD);
      case SWITCH -> body.band(LimitKind.GLUTE_SWITCH) == Band.ENOUGH;
      case SWITCH_TALL -> switchedTall(body);
      case BRIDGE_10 -> held(body, Side.LEFT) && held(body, Side.RIGHT);
      case FRONT_10 -> below || seconds(body, Slot.of(ScreenTest.FRONT_HOLD));
      case RUNG_BELOW -> below;
    };
  }

  /** A side that was not tested has not passed. */
  private static boolean bothSides(Body body, ScreenTest test) {
    return body.screen().band(test, Optional.of(Side.LEFT)).atLeastClose()
        && body.screen().band(test, Optional.of(Side.RIGHT)).atLeastClose();
  }

  private static boolean switchedTall(Body body) {
    for (Side side : Side.values()) {
      if (body.screen()
          .word(Slot.of(ScreenTest.GLUTE_SWITCH, side, Part.TALL))
          .filter("yes"::equals)
          .isEmpty()) {
        return false;
      }
    }
    return true;
  }

  private static boolean held(Body body, Side side) {
    return seconds(body, Slot.of(ScreenTest.BRIDGE_HOLD, side));
  }

  private static boolean seconds(Body body, Slot slot) {
    return body.screen()
        .evidence(slot)
        .map(Measurement::mean)
        .filter(s -> s >= HELD_SECONDS)
        .isPresent();
  }

  /** The limits whose measuring would tell. */
  Set<LimitKind> limits() {
    return switch (this) {
      case STAND_5, STAND_10 -> Set.of(LimitKind.SINGLE_LEG);
      case HINGE -> Set.of(LimitKind.HINGE);
      case TILT -> Set.of(LimitKind.TILT_CONTROL);
      case SQUAT -> Set.of(LimitKind.SQUAT);
      case SIDE_HIP -> Set.of(LimitKind.SIDE_HIP);
      case SWITCH, SWITCH_TALL -> Set.of(LimitKind.GLUTE_SWITCH);
      case BRIDGE_10 -> Set.of(LimitKind.GLUTE_STRENGTH);
      case FRONT_10 -> Set.of(LimitKind.FRONT);
      case RUNG_BELOW -> Set.of();
    };
  }
}
