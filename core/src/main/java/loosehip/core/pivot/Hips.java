package loosehip.core.pivot;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.limit.Body;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Measurement;
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

  /** Reads them off a body in this set-up. */
  public static Hips of(Body body, Coefficients coefficients, Setup setup) {
    Screen screen = body.screen();
    Side trail = body.side(Leg.TRAIL);
    Side lead = body.side(Leg.LEAD);
    return new Hips(
        WorkingRange.of(screen, trail, Direction.INTERNAL, setup, coefficients),
        WorkingRange.of(screen, lead, Direction.EXTERNAL, setup, coefficients),
        WorkingRange.of(screen, lead, Direction.INTERNAL, setup, coefficients),
        screen.evidence(Slot.of(ScreenTest.TRUNK_TURN, trail)).map(Measurement::mean),
        coefficients);
  }

  /** Whether every part is known. */
  public boolean complete() {
    return trailInternal.isPresent()
        && leadExternal.isPresent()
        && leadInternal.isPresent()
        && trunk.isPresent();
  }

  /** Parts that no test gives, in the order of the budget. */
  public List<Part> missing() {
    return Arrays.stream(Part.values()).filter(part -> !part.known.test(this)).toList();
  }

  /** A part of the budget, with the quickest test that gives it. */
  public enum Part {
    TRAIL_INWARD(ScreenTest.SEATED_ROTATION, "trail hip, inward", h -> h.trailInternal.isPresent()),
    LEAD_OUTWARD(ScreenTest.SEATED_ROTATION, "lead hip, outward", h -> h.leadExternal.isPresent()),
    LEAD_INWARD(ScreenTest.SEATED_ROTATION, "lead hip, inward", h -> h.leadInternal.isPresent()),
    TRUNK(ScreenTest.TRUNK_TURN, "trunk turn towards the trail side", h -> h.trunk.isPresent());

    private final ScreenTest test;
    private final String title;
    private final Predicate<Hips> known;

    Part(ScreenTest test, String title, Predicate<Hips> known) {
      this.test = test;
      this.title = title;
      this.known = known;
    }

    /** The quickest test that gives it. */
    public ScreenTest test() {
      return test;
    }

    /** The name shown. */
    public String title() {
      return title;
    }
  }
}
