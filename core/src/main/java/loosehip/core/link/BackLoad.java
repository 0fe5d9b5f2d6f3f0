package loosehip.core.link;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.core.limit.Body;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.Band;
import loosehip.core.pivot.Demands;
import loosehip.core.pivot.TurnBudget;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Health;

/**
 * Something in set-up or swing that loads the lower back. Looked at only for a golfer with a back
 * caution; then it stands above everything else.
 */
public sealed interface BackLoad {
  /** Degrees of separation between shoulders and pelvis above which a short trunk is strained. */
  double LARGE_SEPARATION = 50;

  /** Pivot faults that load the back. */
  List<PivotFault> FAULTS = List.of(PivotFault.STEEP_BEND, PivotFault.REVERSE_TILT);

  /** The lower back is arched at address. */
  record ArchedAtAddress() implements BackLoad {}

  /** A pivot fault that loads it. */
  record ByFault(PivotFault fault) implements BackLoad {}

  /** The shoulders must turn this many degrees beyond the pelvis, with a short trunk. */
  record ByStretch(double degrees) implements BackLoad {}

  /**
   * Everything found; empty without a back caution.
   *
   * @param asks what the golfer's school demands
   */
  static List<BackLoad> of(
      Health health, Seen seen, Body body, Demands asks, Optional<TurnBudget> budget) {
    if (!concerned(health)) {
      return List.of();
    }
    List<BackLoad> found = new ArrayList<>();
    if (seen.level(SetupFault.ARCHED).present()) {
      found.add(new ArchedAtAddress());
    }
    FAULTS.stream()
        .filter(fault -> seen.level(fault).present())
        .forEach(fault -> found.add(new ByFault(fault)));
    if (body.band(LimitKind.TRUNK_TURN) == Band.SHORT) {
      budget.flatMap(b -> stretch(b, asks)).ifPresent(found::add);
    }
    return List.copyOf(found);
  }

  /** Whether back pain or its like is on record and not cleared. */
  static boolean concerned(Health health) {
    return health.active(Caution.BACK) || health.active(Caution.SCIATICA);
  }

  private static Optional<BackLoad> stretch(TurnBudget budget, Demands asks) {
    double shoulders = asks.shoulders(budget.setup().club());
    return budget
        .back()
        .flatMap(TurnBudget.Back::demand)
        .map(demand -> shoulders - demand.degrees())
        .filter(apart -> apart > LARGE_SEPARATION)
        .map(ByStretch::new);
  }

  /** The links with those that load the back on top, when the golfer has a back caution. */
  static List<Link> first(List<Link> links, Health health) {
    if (!concerned(health)) {
      return links;
    }
    List<Link> ordered = new ArrayList<>();
    links.stream().filter(l -> FAULTS.contains(l.fault())).forEach(ordered::add);
    links.stream().filter(l -> !FAULTS.contains(l.fault())).forEach(ordered::add);
    return List.copyOf(ordered);
  }
}
