package loosehip.core.pivot;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;

/**
 * The four numbers a pivot is paid from, in trail and lead words. A part that no test gives is
 * empty; what depends on it says so.
 *
 * @param trailInternal trail hip turning in: going back over the trail leg
 * @param leadExternal lead hip turning out: going back
 * @param leadInternal lead hip turning in: coming through
 * @param trunk seated trunk turn towards the trail side, degrees
 * @param coefficients the figures they were worked out by
 */
public record Hips(
    Optional<WorkingRange> trailInternal,
    Optional<WorkingRange> leadExternal,
    Optional<WorkingRange> leadInternal,
    Optional<Double> trunk,
    Coefficients coefficients) {

  /** Reads them off a screen for a golfer of this hand in this set-up. */
  public static Hips of(Screen screen, Handed handed, Setup setup) {
    return of(Body.of(screen, handed), setup);
  }

  /** Reads them off a body in this set-up. */
  public static Hips of(Body body, Setup setup) {
    Side trail = body.handed().side(Leg.TRAIL);
    Side lead = body.handed().side(Leg.LEAD);
    Coefficients c = body.coefficients();
    Screen screen = body.screen();
    return new Hips(
        WorkingRange.of(screen, trail, Direction.INTERNAL, setup, c),
        WorkingRange.of(screen, lead, Direction.EXTERNAL, setup, c),
        WorkingRange.of(screen, lead, Direction.INTERNAL, setup, c),
        screen.evidence(Slot.of(ScreenTest.TRUNK_TURN, trail)).map(m -> m.mean()),
        c);
  }

  /** Whether every part is known. */
  public boolean complete() {
    return trailInternal.isPresent()
        && leadExternal.isPresent()
        && leadInternal.isPresent()
        && trunk.isPresent();
  }

  /** What is missing, in words, with the test that would fill it. */
  public List<MissingTest> missing() {
    List<MissingTest> missing = new ArrayList<>();
    if (trailInternal.isEmpty()) {
      missing.add(new MissingTest(ScreenTest.SEATED_ROTATION, "trail hip, inward"));
    }
    if (leadExternal.isEmpty()) {
      missing.add(new MissingTest(ScreenTest.SEATED_ROTATION, "lead hip, outward"));
    }
    if (leadInternal.isEmpty()) {
      missing.add(new MissingTest(ScreenTest.SEATED_ROTATION, "lead hip, inward"));
    }
    if (trunk.isEmpty()) {
      missing.add(new MissingTest(ScreenTest.TRUNK_TURN, "trunk turn towards the trail side"));
    }
    return missing;
  }

  /**
   * A test that would let the budget go on.
   *
   * @param test the quickest test that fills the gap
   * @param what what it would give, in words
   */
  public record MissingTest(ScreenTest test, String what) {}
}
