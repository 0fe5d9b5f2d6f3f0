package loosehip.core.safety;

import java.util.Optional;
import loosehip.core.body.Side;
import loosehip.core.measure.Part;
import loosehip.core.measure.Position;
import loosehip.core.measure.ScreenTest;
import org.jspecify.annotations.Nullable;

/**
 * What one noted caution asks of one test: leave it out, or take it with care. Only a recorded
 * clearance lifts it.
 *
 * @param blocks whether the test is left out; otherwise it is taken with care
 * @param words what to do, in words
 */
public record TestRule(boolean blocks, String words) {

  /** The rule for a test on a side, or empty when the caution does not touch it. */
  public static Optional<TestRule> of(
      NotedCaution noted, ScreenTest test, Optional<Side> side, Optional<Part> part) {
    if (noted.cleared()) {
      return Optional.empty();
    }
    if (test == ScreenTest.HOP_HOLD) {
      return block("hops only without any caution");
    }
    if (side.isPresent() && !noted.concerns(side.get())) {
      return Optional.empty();
    }
    return Optional.ofNullable(
        switch (noted.caution()) {
          case HIP_REPLACEMENT -> newHip(noted, test, part);
          case HIP_PINCH -> turnsIn(test, part) ? care("stop short of the pinch") : null;
          case INNER_KNEE ->
              test == ScreenTest.SEATED_ROTATION || test == ScreenTest.STANDING_TURN
                  ? care("stop at the first pull inside the knee")
                  : null;
          case KNEE -> test == ScreenTest.SQUAT_DEPTH ? left("no deep squats") : null;
          case STANDING_KNEE ->
              test == ScreenTest.STANDING_TURN || test == ScreenTest.KNEE_TRACK
                  ? left("no turning while that knee carries")
                  : null;
          case BACK -> bends(test) ? care("neutral first; stop at 4 of 10") : null;
          case SCIATICA ->
              test == ScreenTest.LEG_EXTENSION_SHORT
                  ? left("no knee straightening across the midline")
                  : test == ScreenTest.HINGE_CONTACT ? care("stay short of the end range") : null;
          case BRITTLE_BONES -> bends(test) ? care("unloaded, slow, support at hand") : null;
          case BALANCE -> balance(test, part);
          case HEART ->
              test == ScreenTest.FRONT_HOLD || test == ScreenTest.BRIDGE_HOLD
                  ? care("stop at 10 s; keep breathing")
                  : null;
          case PREGNANCY -> pregnancy(noted, test);
          case GROIN ->
              test.measuresHipTurn() || test == ScreenTest.SQUAT_DEPTH
                  ? care("stop where the groin complains")
                  : null;
          case SHOULDER ->
              test == ScreenTest.OVERHEAD_REACH || test == ScreenTest.FRONT_HOLD
                  ? care("only as far as the shoulder is quiet")
                  : null;
          case WRIST, UNDER_18 -> null;
        });
  }

  private static @Nullable TestRule newHip(
      NotedCaution noted, ScreenTest test, Optional<Part> part) {
    if (!turnsIn(test, part)) {
      return null;
    }
    return noted.note().isBlank()
        ? left("the surgeon's limits are not noted yet (Talk)")
        : care("only inside the limits noted: " + noted.note());
  }

  private static @Nullable TestRule pregnancy(NotedCaution noted, ScreenTest test) {
    if (test == ScreenTest.FRONT_HOLD) {
      return left("no long holds");
    }
    if (test.position() != Position.ON_BACK) {
      return null;
    }
    return noted.note().isBlank()
        ? left("not on the back after week 16: note the week on Talk")
        : care("not on the back after week 16; noted: " + noted.note());
  }

  private static @Nullable TestRule balance(ScreenTest test, Optional<Part> part) {
    return switch (test) {
      case ONE_LEG_STAND ->
          part.filter(Part.EYES_CLOSED::equals).isPresent()
              ? left("no closed eyes")
              : care("support at hand, helper present");
      case REACH_DOWN -> left("no free one-leg work");
      case STANDING_TURN, SIDE_HIP_HOLD, KNEE_TRACK -> care("support at hand, helper present");
      default -> null;
    };
  }

  private static boolean turnsIn(ScreenTest test, Optional<Part> part) {
    return test.measuresHipTurn() && part.filter(Part.INTERNAL::equals).isPresent();
  }

  private static boolean bends(ScreenTest test) {
    return switch (test) {
      case HINGE_CONTACT, TILT_CONTROL, TRUNK_TURN, REACH_DOWN, PELVIS_UNDER_CHEST -> true;
      default -> false;
    };
  }

  private static Optional<TestRule> block(String words) {
    return Optional.of(left(words));
  }

  private static TestRule left(String words) {
    return new TestRule(true, words);
  }

  private static TestRule care(String words) {
    return new TestRule(false, words);
  }
}
