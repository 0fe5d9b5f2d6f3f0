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
 * @param because the caution
 * @param advice what to do
 */
public record TestRule(NotedCaution because, Advice advice) {

  /** What a caution can ask of a test. */
  public enum Advice {
    NO_HOPS(true, "hops only without any caution"),
    SHORT_OF_PINCH(false, "stop short of the pinch"),
    FIRST_PULL(false, "stop at the first pull inside the knee"),
    NO_DEEP_SQUAT(true, "no deep squats"),
    NO_STANCE_TURN(true, "no turning while that knee carries"),
    NEUTRAL_FIRST(false, "neutral first; stop at 4 of 10"),
    NO_NERVE_STRETCH(true, "no knee straightening across the midline"),
    SHORT_OF_END(false, "stay short of the end range"),
    SLOW_AND_SUPPORTED(false, "unloaded, slow, support at hand"),
    TEN_SECONDS(false, "stop at 10 s; keep breathing"),
    GROIN_QUIET(false, "stop where the groin complains"),
    SHOULDER_QUIET(false, "only as far as the shoulder is quiet"),
    LIMITS_NOT_NOTED(true, "the surgeon's limits are not noted yet (Talk)"),
    WITHIN_LIMITS(false, "only inside the limits noted"),
    NO_LONG_HOLD(true, "no long holds"),
    WEEK_NOT_NOTED(true, "not on the back after week 16: note the week on Talk"),
    MIND_THE_WEEK(false, "not on the back after week 16; noted"),
    NO_CLOSED_EYES(true, "no closed eyes"),
    WITH_HELPER(false, "support at hand, helper present"),
    NO_FREE_ONE_LEG(true, "no free one-leg work");

    private final boolean blocks;
    private final String words;

    Advice(boolean blocks, String words) {
      this.blocks = blocks;
      this.words = words;
    }

    /** Whether the test is left out; otherwise it is taken with care. */
    public boolean blocks() {
      return blocks;
    }

    /** What to do, in words. */
    public String words() {
      return words;
    }
  }

  /** Whether the test is left out. */
  public boolean blocks() {
    return advice.blocks();
  }

  /** The rule for a test on a side, or empty when the caution does not touch it. */
  public static Optional<TestRule> of(
      NotedCaution noted, ScreenTest test, Optional<Side> side, Optional<Part> part) {
    if (noted.cleared()) {
      return Optional.empty();
    }
    return Optional.ofNullable(advice(noted, test, side, part)).map(a -> new TestRule(noted, a));
  }

  private static @Nullable Advice advice(
      NotedCaution noted, ScreenTest test, Optional<Side> side, Optional<Part> part) {
    if (test == ScreenTest.HOP_HOLD) {
      return Advice.NO_HOPS;
    }
    if (side.isPresent() && !noted.concerns(side.get())) {
      return null;
    }
    return switch (noted.caution()) {
      case HIP_REPLACEMENT -> newHip(noted, test, part);
      case HIP_PINCH -> turnsIn(test, part) ? Advice.SHORT_OF_PINCH : null;
      case INNER_KNEE ->
          test == ScreenTest.SEATED_ROTATION || test == ScreenTest.STANDING_TURN
              ? Advice.FIRST_PULL
              : null;
      case KNEE -> test == ScreenTest.SQUAT_DEPTH ? Advice.NO_DEEP_SQUAT : null;
      case STANDING_KNEE ->
          test == ScreenTest.STANDING_TURN || test == ScreenTest.KNEE_TRACK
              ? Advice.NO_STANCE_TURN
              : null;
      case BACK -> bends(test) ? Advice.NEUTRAL_FIRST : null;
      case SCIATICA ->
          test == ScreenTest.LEG_EXTENSION_SHORT
              ? Advice.NO_NERVE_STRETCH
              : test == ScreenTest.HINGE_CONTACT ? Advice.SHORT_OF_END : null;
      case BRITTLE_BONES -> bends(test) ? Advice.SLOW_AND_SUPPORTED : null;
      case BALANCE -> balance(test, part);
      case HEART ->
          test == ScreenTest.FRONT_HOLD || test == ScreenTest.BRIDGE_HOLD
              ? Advice.TEN_SECONDS
              : null;
      case PREGNANCY -> pregnancy(noted, test);
      case GROIN ->
          test.measuresHipTurn() || test == ScreenTest.SQUAT_DEPTH ? Advice.GROIN_QUIET : null;
      case SHOULDER ->
          test == ScreenTest.OVERHEAD_REACH || test == ScreenTest.FRONT_HOLD
              ? Advice.SHOULDER_QUIET
              : null;
      case WRIST, UNDER_18 -> null;
    };
  }

  private static @Nullable Advice newHip(NotedCaution noted, ScreenTest test, Optional<Part> part) {
    if (!turnsIn(test, part)) {
      return null;
    }
    return noted.note().isBlank() ? Advice.LIMITS_NOT_NOTED : Advice.WITHIN_LIMITS;
  }

  private static @Nullable Advice pregnancy(NotedCaution noted, ScreenTest test) {
    if (test == ScreenTest.FRONT_HOLD) {
      return Advice.NO_LONG_HOLD;
    }
    if (test.position() != Position.ON_BACK) {
      return null;
    }
    return noted.note().isBlank() ? Advice.WEEK_NOT_NOTED : Advice.MIND_THE_WEEK;
  }

  private static @Nullable Advice balance(ScreenTest test, Optional<Part> part) {
    return switch (test) {
      case ONE_LEG_STAND ->
          part.filter(Part.EYES_CLOSED::equals).isPresent()
              ? Advice.NO_CLOSED_EYES
              : Advice.WITH_HELPER;
      case REACH_DOWN -> Advice.NO_FREE_ONE_LEG;
      case STANDING_TURN, SIDE_HIP_HOLD, KNEE_TRACK -> Advice.WITH_HELPER;
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
}
