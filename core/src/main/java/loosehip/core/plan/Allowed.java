package loosehip.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Leg;
import loosehip.core.limit.Body;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.ArcPattern;
import loosehip.core.measure.Band;
import loosehip.core.pivot.School;
import loosehip.core.safety.Change;
import loosehip.core.safety.Demand;
import loosehip.core.safety.Health;
import loosehip.core.safety.Movement;

/**
 * Whether a golfer may do an exercise or drill, and why not. A caution on one side blocks the whole
 * exercise, since both sides are always done.
 */
final class Allowed {
  private static final LadderId LOADED = LadderId.of("hip-turn-loaded");
  private static final Set<LadderId> HIP_TURN =
      Set.of(LadderId.of("hip-turn-floor"), LadderId.of("hip-turn-standing"), LOADED);

  private final Health health;
  private final Body body;
  private final Set<Tool> tools;
  private final School school;

  Allowed(PlanRequest request) {
    this.health = request.health();
    this.body = request.body();
    this.tools = request.wishes().tools();
    this.school = request.school();
  }

  /** Why this exercise is out, or empty when it may be done. */
  Optional<Reason> against(Exercise exercise) {
    return blocked(exercise.demands(), health)
        .or(() -> byGates(exercise, body))
        .or(() -> byShiftedArc(exercise))
        .or(() -> byTools(exercise.tools()));
  }

  /** Why this drill is out, or empty when it may be done. */
  Optional<Reason> against(Drill drill) {
    return blocked(drill, health)
        .or(() -> bySchool(drill))
        .or(() -> byGate(drill))
        .or(() -> byTools(drill.tools()));
  }

  /** How an exercise is done differently for this golfer's cautions. */
  List<Movement.Changed> changed(Exercise exercise) {
    return health.movement(exercise.demands()).changed();
  }

  /** The first week of a block an exercise may be in for this golfer. */
  int fromWeek(Exercise exercise) {
    boolean technique = changed(exercise).stream().anyMatch(c -> c.how() == Change.TECHNIQUE_FIRST);
    return technique ? Math.max(exercise.fromWeek(), Exercise.FAST_FROM_WEEK) : exercise.fromWeek();
  }

  /** The caution that blocks an item, if one does; tools and gates are not looked at. */
  static Optional<Reason> blocked(Catalogue catalogue, ItemId item, Health health) {
    return catalogue
        .find(item)
        .map(exercise -> blocked(exercise.demands(), health))
        .orElseGet(() -> catalogue.drill(item).flatMap(drill -> blocked(drill, health)));
  }

  private static Optional<Reason> blocked(Drill drill, Health health) {
    return blocked(drill.demands(), health)
        .or(
            () ->
                health.cautions().stream()
                    .filter(c -> drill.notWith().contains(c.caution()))
                    .findFirst()
                    .map(c -> new Reason.ByCaution(c, Optional.empty())));
  }

  private static Optional<Reason> blocked(Set<Demand> demands, Health health) {
    return health
        .movement(demands)
        .blocked()
        .map(
            b ->
                b.by() instanceof Movement.By.OfCaution caution
                    ? new Reason.ByCaution(caution.noted(), Optional.of(b.demand()))
                    : new Reason.ByLimit(
                        ((Movement.By.OfClearance) b.by()).clearance(), b.demand()));
  }

  /** What must be measured before an exercise is given and is not there yet, if anything. */
  static Optional<Reason> byGates(Exercise exercise, Body body) {
    return exercise.gates().stream()
        .filter(gate -> !gate.passed(body))
        .findFirst()
        .map(Reason.NotYet::new);
  }

  /** No ladder aims at the end range a shifted arc lacks; foot rolls and circles stay inside it. */
  private Optional<Reason> byShiftedArc(Exercise exercise) {
    boolean endRange =
        exercise.kind() == Exercise.Kind.RANGE
            && HIP_TURN.contains(exercise.ladder())
            && (exercise.rung() > 1 || exercise.ladder().equals(LOADED));
    if (!endRange) {
      return Optional.empty();
    }
    for (Leg leg : Leg.values()) {
      Optional<ArcPattern> arc = body.arc(leg).filter(ArcPattern::shifted);
      if (arc.isPresent()) {
        return Optional.of(new Reason.ShiftedArc(leg, arc.get()));
      }
    }
    return Optional.empty();
  }

  private Optional<Reason> bySchool(Drill drill) {
    return drill.school().filter(s -> s != school).map(Reason.OtherSchool::new);
  }

  private Optional<Reason> byGate(Drill drill) {
    for (LimitKind need : drill.needs()) {
      Band band = body.band(need);
      if (!band.atLeastClose()) {
        return Optional.of(new Reason.TooShort(need, band));
      }
    }
    return Optional.empty();
  }

  private Optional<Reason> byTools(Set<Tool> wanted) {
    List<Tool> missing = wanted.stream().filter(t -> !tools.contains(t)).toList();
    return missing.isEmpty() ? Optional.empty() : Optional.of(new Reason.MissingTools(missing));
  }
}
