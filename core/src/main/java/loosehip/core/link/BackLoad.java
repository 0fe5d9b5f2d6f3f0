package loosehip.core.link;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.core.measure.Band;
import loosehip.core.pivot.Body;
import loosehip.core.pivot.TurnBudget;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Health;

/**
 * What loads the lower back in this set-up and swing. Looked at only for a golfer with a back
 * caution; then it stands above everything else.
 *
 * @param what what was found
 * @param words what follows
 */
public record BackLoad(String what, String words) {
  /** Degrees of separation between shoulders and pelvis above which a short trunk is strained. */
  public static final double LARGE_SEPARATION = 50;

  private static final String FIRST =
      "loads the lower back: settle this before anything else, work in neutral range first, no"
          + " loaded or end-range bending and turning while pain is 4 or more of 10";

  /** Pivot faults that load the back. */
  public static final List<PivotFault> FAULTS =
      List.of(PivotFault.STEEP_BEND, PivotFault.REVERSE_TILT);

  /** Everything found; empty without a back caution. */
  public static List<BackLoad> of(
      Health health, Seen seen, Body body, Optional<TurnBudget> budget) {
    if (!concerned(health)) {
      return List.of();
    }
    List<BackLoad> found = new ArrayList<>();
    if (seen.level(SetupFault.ARCHED).present()) {
      found.add(new BackLoad("Arched lower back at address", FIRST));
    }
    for (PivotFault fault : FAULTS) {
      if (seen.level(fault).present()) {
        found.add(new BackLoad(fault.title(), FIRST));
      }
    }
    budget.flatMap(b -> separation(b, body)).ifPresent(found::add);
    return List.copyOf(found);
  }

  /** Whether back pain or its like is on record and not cleared. */
  public static boolean concerned(Health health) {
    return health.active(Caution.BACK) || health.active(Caution.SCIATICA);
  }

  private static Optional<BackLoad> separation(TurnBudget budget, Body body) {
    Band trunk = Limit.of(LimitKind.TRUNK_TURN).band(body.screen(), body.handed());
    double shoulders =
        body.coefficients().demands(budget.school()).shoulders(budget.setup().club());
    return budget
        .back()
        .flatMap(b -> b.demand().map(d -> shoulders - d.degrees()))
        .filter(apart -> apart > LARGE_SEPARATION && trunk == Band.SHORT)
        .map(
            apart ->
                new BackLoad(
                    "Shoulders " + Math.round(apart) + "° beyond the pelvis with a short trunk",
                    FIRST));
  }

  /** The links with those that load the back on top, when the golfer has a back caution. */
  public static List<Link> first(List<Link> links, Health health) {
    if (!concerned(health)) {
      return links;
    }
    List<Link> ordered = new ArrayList<>();
    links.stream().filter(l -> FAULTS.contains(l.fault())).forEach(ordered::add);
    links.stream().filter(l -> !FAULTS.contains(l.fault())).forEach(ordered::add);
    return List.copyOf(ordered);
  }
}
