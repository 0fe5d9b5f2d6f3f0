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
 */
public record Hips(
    Optional<WorkingRange> trailInternal,
    Optional<WorkingRange> leadExternal,
    Optional<WorkingRange> leadInternal,
    Optional<Double> trunk) {

  /** Reads them off a screen for a golfer of this hand in this set-up. */
  public static Hips of(Screen screen, Handed handed, Setup setup) {
    Side trail = handed.side(Leg.TRAIL);
    Side lead = handed.side(Leg.LEAD);
    return new Hips(
        WorkingRange.of(screen, trail, Direction.INTERNAL, setup),
        WorkingRange.of(screen, lead, Direction.EXTERNAL, setup),
        WorkingRange.of(screen, lead, Direction.INTERNAL, setup),
        screen.evidence(Slot.of(ScreenTest.TRUNK_TURN, trail)).map(m -> m.mean()));
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
