package loosehip.core.safety;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;

/**
 * What a test asks of the body. Turns, hinge and tilt without load and within comfort ask nothing.
 * Source: domain/06.
 */
public final class TestDemands {
  private TestDemands() {}

  /** The demands of a test, or of one part of it. */
  public static Set<Demand> of(ScreenTest test, Optional<Part> part) {
    return switch (test) {
      case HOP_HOLD -> EnumSet.of(Demand.IMPACT);
      case ONE_LEG_STAND ->
          part.filter(Part.EYES_CLOSED::equals).isPresent()
              ? EnumSet.of(Demand.ONE_LEG, Demand.EYES_CLOSED)
              : EnumSet.of(Demand.ONE_LEG);
      case REACH_DOWN -> EnumSet.of(Demand.ONE_LEG);
      case SQUAT_DEPTH -> EnumSet.of(Demand.KNEE_DEEP, Demand.HIP_DEEP);
      case BRIDGE_HOLD -> EnumSet.of(Demand.STRAIN, Demand.ON_BACK);
      case FRONT_HOLD -> EnumSet.of(Demand.STRAIN, Demand.ON_FRONT, Demand.ARM_LOAD);
      case LEG_EXTENSION_SHORT -> EnumSet.of(Demand.ON_BACK, Demand.NERVE, Demand.HIP_CROSS);
      case HIP_FLEXOR_LENGTH -> EnumSet.of(Demand.ON_BACK, Demand.HIP_OPEN);
      case OVERHEAD_REACH -> EnumSet.of(Demand.ARM_UP);
      case STANDING_TURN, KNEE_TRACK -> EnumSet.of(Demand.STANCE_TWIST, Demand.ONE_LEG_HELD);
      default -> EnumSet.noneOf(Demand.class);
    };
  }
}
