package loosehip.app.pivot;

import java.util.Optional;
import loosehip.app.fact.Facts;
import loosehip.app.fact.SetupTaken;
import loosehip.app.golfer.Workup;
import loosehip.core.pivot.Bridge;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.WorkingRange;

/**
 * A set-up change taken into the plan, with the set-up before it and the ranges of that day, so
 * that a retest can move the bridge.
 *
 * @param before the set-up it changes
 * @param then the set-up taken on
 * @param ranges ranges on that day
 */
public record AcceptedSetup(Setup before, Setup then, SetupTaken.Ranges ranges) {

  /** What is kept of a change accepted now. */
  static SetupTaken taken(Workup workup, Setup then) {
    Setup before = workup.golfer().setup();
    Hips hips = hips(workup);
    return new SetupTaken(
        levers(then),
        levers(before),
        then.pinch() == 0 && before.pinch() > 0,
        then.pelvicTilt() == 0,
        new SetupTaken.Ranges(
            degrees(hips.trailInternal()),
            degrees(hips.leadExternal()),
            degrees(hips.leadInternal()),
            hips.trunk().orElse(null)));
  }

  private static Hips hips(Workup workup) {
    return Hips.of(workup.golfer().body(), workup.golfer().practice().coefficients(), Setup.PLAIN);
  }

  private static SetupTaken.Levers levers(Setup setup) {
    return new SetupTaken.Levers(
        setup.trailFlare(), setup.leadFlare(), setup.straightening(), setup.release());
  }

  private static double degrees(Optional<WorkingRange> range) {
    return range.map(WorkingRange::hip).orElse(0.0);
  }

  /** The change accepted for this golfer; empty when none is. */
  public static Optional<AcceptedSetup> of(Workup workup) {
    Setup today = workup.golfer().setup();
    return Facts.SETUP_TODAY
        .in(workup.file())
        .map(
            taken -> {
              Setup then = stood(today, taken.then());
              then = taken.unpinched() ? then.unpinched() : then;
              then = taken.levelled() ? then.levelled() : then;
              return new AcceptedSetup(stood(today, taken.before()), then, taken.ranges());
            });
  }

  private static Setup stood(Setup today, SetupTaken.Levers levers) {
    return today
        .with(BudgetFigure.TRAIL_FLARE, levers.trailFlare())
        .with(BudgetFigure.LEAD_FLARE, levers.leadFlare())
        .with(BudgetFigure.STRAIGHTENING, levers.straightening())
        .with(levers.release());
  }

  /** When each part of it goes again, by what was gained since. */
  public Bridge bridge(Workup workup) {
    Hips hips = hips(workup);
    return Bridge.of(
        before,
        then,
        new Bridge.Gained(
            gained(hips.trailInternal(), ranges.trailIn()),
            gained(hips.leadExternal(), ranges.leadOut()),
            gained(hips.leadInternal(), ranges.leadIn()),
            relief(workup, hips)),
        workup.golfer().practice().coefficients());
  }

  /** What the trunk gained since lowers the demand on the pelvis; never below nothing. */
  private double relief(Workup workup, Hips hips) {
    if (ranges.trunk() == null || hips.trunk().isEmpty()) {
      return 0;
    }
    double lost = ranges.trunk() - hips.trunk().get();
    return workup
        .judgement()
        .budget()
        .map(b -> Math.max(0, -b.relief(lost, workup.golfer().practice().coefficients())))
        .orElse(0.0);
  }

  private static double gained(Optional<WorkingRange> now, double then) {
    return now.filter(r -> then > 0).map(r -> r.hip() - then).orElse(0.0);
  }
}
