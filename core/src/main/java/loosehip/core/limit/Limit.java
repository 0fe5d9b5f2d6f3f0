package loosehip.core.limit;

import java.util.List;
import java.util.Optional;
import loosehip.core.body.Leg;
import loosehip.core.measure.Direction;
import loosehip.core.measure.ScreenTest;

/**
 * A limit, on one leg or on the worse of both.
 *
 * @param kind what is limited
 * @param leg the leg looked at; empty for limits without sides or where the worse side counts. The
 *     four hip ranges carry their leg in the kind
 */
public record Limit(LimitKind kind, Optional<Leg> leg) {

  /** A limit without a leg of its own. */
  public static Limit of(LimitKind kind) {
    return new Limit(kind, Optional.empty());
  }

  /** The leg this concerns, hip ranges included; empty when both or neither. */
  public Optional<Leg> concerns() {
    return switch (kind) {
      case TRAIL_IR, TRAIL_ER -> Optional.of(Leg.TRAIL);
      case LEAD_IR, LEAD_ER -> Optional.of(Leg.LEAD);
      default -> leg;
    };
  }

  /** The name shown, the leg included: {@code Side of the hip, trail}. */
  public String title() {
    return kind.title() + leg.map(l -> ", " + l.id()).orElse("");
  }

  /** The tests that show it. The first is the one to take when none was taken. */
  public List<ScreenTest> tests() {
    return switch (kind) {
      case TRAIL_IR, LEAD_IR, TRAIL_ER, LEAD_ER ->
          List.of(ScreenTest.SEATED_ROTATION, ScreenTest.PRONE_ROTATION, ScreenTest.STANDING_TURN);
      case TILT_CONTROL -> List.of(ScreenTest.TILT_CONTROL);
      case HINGE -> List.of(ScreenTest.HINGE_CONTACT);
      case DISSOCIATION -> List.of(ScreenTest.PELVIS_UNDER_CHEST);
      case GLUTE_SWITCH -> List.of(ScreenTest.GLUTE_SWITCH);
      case GLUTE_STRENGTH -> List.of(ScreenTest.BRIDGE_HOLD);
      case SIDE_HIP -> List.of(ScreenTest.SIDE_HIP_HOLD);
      case SINGLE_LEG -> List.of(ScreenTest.ONE_LEG_STAND, ScreenTest.REACH_DOWN);
      case HAMSTRING -> List.of(ScreenTest.LEG_EXTENSION_SHORT);
      case HIP_FLEXOR -> List.of(ScreenTest.HIP_FLEXOR_LENGTH);
      case TRUNK_TURN -> List.of(ScreenTest.TRUNK_TURN);
      case OVERHEAD -> List.of(ScreenTest.OVERHEAD_REACH);
      case SQUAT -> List.of(ScreenTest.SQUAT_DEPTH);
      case ANKLE -> List.of(ScreenTest.ANKLE_WALL);
      case FRONT -> List.of(ScreenTest.FRONT_HOLD);
      case LANDING -> List.of(ScreenTest.HOP_HOLD);
      case KNEE_TRACK -> List.of(ScreenTest.KNEE_TRACK);
    };
  }

  /** The rotation this limit restricts, when it is a hip range. */
  public Optional<Direction> direction() {
    return switch (kind) {
      case TRAIL_IR, LEAD_IR -> Optional.of(Direction.INTERNAL);
      case TRAIL_ER, LEAD_ER -> Optional.of(Direction.EXTERNAL);
      default -> Optional.empty();
    };
  }
}
