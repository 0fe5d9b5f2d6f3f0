package loosehip.core.safety;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Side;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import org.jspecify.annotations.Nullable;

/**
 * What one noted caution asks of one test: leave it out, or take it with care. It goes by what the
 * test asks of the body; only what a clearance names is lifted.
 *
 * @param because the caution
 * @param advice what to do
 */
public record TestRule(NotedCaution because, Advice advice) {
  /**
   * How long a hold lasts at most with a heart or blood pressure to mind, in seconds (domain/06).
   */
  public static final double HOLD_LIMIT = 10;

  /** What a caution can ask of a test. */
  public enum Advice {
    NO_HOPS(true, "hops only without any caution"),
    SHORT_OF_PINCH(false, "stop short of the pinch"),
    FIRST_PULL(false, "stop at the first pull inside the knee"),
    NO_DEEP_SQUAT(true, "no deep squats"),
    NO_STANCE_TURN(true, "no turning while that knee carries"),
    TOO_SORE(true, "not while the back hurts 4 of 10 or more, or was not asked after"),
    NEUTRAL_FIRST(false, "neutral first; stop at 4 of 10"),
    NO_NERVE_STRETCH(true, "no knee straightening across the midline"),
    SHORT_OF_END(false, "stay short of the end range"),
    SLOW_AND_SUPPORTED(false, "unloaded, slow, support at hand"),
    TEN_SECONDS(false, "stop at 10 s; keep breathing"),
    GROIN_QUIET(false, "stop where the groin complains"),
    NO_ARM_UP(true, "no arm overhead"),
    NO_LOADED_ARM(true, "nothing that loads that shoulder"),
    LIMITS_NOT_NOTED(true, "the surgeon's limits are not noted yet (Talk, a clearance)"),
    WITHIN_LIMITS(false, "only inside the limits noted"),
    NO_LONG_HOLD(true, "no long holds"),
    NOT_ON_BACK(true, "not on the back from week 16, nor while the week is not noted"),
    NOT_ON_FRONT(true, "not on the front"),
    NO_CLOSED_EYES(true, "no closed eyes"),
    WITH_HELPER(false, "support at hand, helper present"),
    HAND_ON_SOMETHING(false, "a hand on something"),
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
    Advice special = special(noted, test, part);
    if (special != null) {
      return special;
    }
    Set<Demand> blocked = EnumSet.noneOf(Demand.class);
    blocked.addAll(TestDemands.of(test, part));
    blocked.retainAll(DemandRules.of(noted).blocks());
    return blocked.isEmpty() ? care(noted, test, part) : without(blocked.iterator().next());
  }

  /** Where a caution does not go by the demands of a test alone. */
  private static @Nullable Advice special(
      NotedCaution noted, ScreenTest test, Optional<Part> part) {
    boolean stand = test == ScreenTest.ONE_LEG_STAND;
    boolean open = part.filter(Part.EYES_CLOSED::equals).isEmpty();
    return switch (noted.caution()) {
      case HIP_REPLACEMENT ->
          turnsIn(test, part)
              ? noted.clearance().isPresent() ? Advice.WITHIN_LIMITS : Advice.LIMITS_NOT_NOTED
              : null;
      case BACK -> back(noted, test);
      // How long somebody unsteady stands is what lifts the caution again, so it stays testable.
      case BALANCE -> stand ? open ? Advice.WITH_HELPER : Advice.NO_CLOSED_EYES : null;
      case HEART ->
          test.hasPart(Part.LIMIT) && !noted.lifted().contains(Demand.STRAIN)
              ? Advice.TEN_SECONDS
              : null;
      case KNEE ->
          noted.detail().replacement() && TestDemands.of(test, part).contains(Demand.STANCE_TWIST)
              ? Advice.HAND_ON_SOMETHING
              : null;
      default -> null;
    };
  }

  private static @Nullable Advice back(NotedCaution noted, ScreenTest test) {
    boolean turned =
        test == ScreenTest.TRUNK_TURN
            || test == ScreenTest.TILT_CONTROL
            || test == ScreenTest.HINGE_CONTACT;
    if (turned && DemandRules.hurts(noted)) {
      return Advice.TOO_SORE;
    }
    return bends(test) ? Advice.NEUTRAL_FIRST : null;
  }

  /** What is said of a test that a blocked demand keeps out. */
  private static Advice without(Demand demand) {
    return switch (demand) {
      case KNEE_DEEP, HIP_DEEP -> Advice.NO_DEEP_SQUAT;
      case NERVE, HIP_CROSS -> Advice.NO_NERVE_STRETCH;
      case STRAIN -> Advice.NO_LONG_HOLD;
      case ON_BACK -> Advice.NOT_ON_BACK;
      case ON_FRONT -> Advice.NOT_ON_FRONT;
      case ARM_UP -> Advice.NO_ARM_UP;
      case ARM_LOAD -> Advice.NO_LOADED_ARM;
      case STANCE_TWIST -> Advice.NO_STANCE_TURN;
      case EYES_CLOSED -> Advice.NO_CLOSED_EYES;
      case IMPACT -> Advice.NO_HOPS;
      default -> Advice.NO_FREE_ONE_LEG;
    };
  }

  private static @Nullable Advice care(NotedCaution noted, ScreenTest test, Optional<Part> part) {
    return switch (noted.caution()) {
      case HIP_PINCH -> turnsIn(test, part) ? Advice.SHORT_OF_PINCH : null;
      case INNER_KNEE ->
          test == ScreenTest.SEATED_ROTATION || test == ScreenTest.STANDING_TURN
              ? Advice.FIRST_PULL
              : null;
      case SCIATICA -> test == ScreenTest.HINGE_CONTACT ? Advice.SHORT_OF_END : null;
      case BRITTLE_BONES ->
          bends(test)
              ? Advice.SLOW_AND_SUPPORTED
              : test == ScreenTest.ONE_LEG_STAND ? Advice.HAND_ON_SOMETHING : null;
      case BALANCE ->
          switch (test) {
            case STANDING_TURN, SIDE_HIP_HOLD, KNEE_TRACK -> Advice.WITH_HELPER;
            default -> null;
          };
      case GROIN ->
          test.measuresHipTurn() || test == ScreenTest.SQUAT_DEPTH ? Advice.GROIN_QUIET : null;
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
