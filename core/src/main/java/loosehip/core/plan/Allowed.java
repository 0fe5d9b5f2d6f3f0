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
import loosehip.core.safety.Caution;
import loosehip.core.safety.Health;

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
    return blocked(exercise, health)
        .or(() -> byShiftedArc(exercise))
        .or(() -> byTools(exercise.tools()));
  }

  /** Why this drill is out, or empty when it may be done. */
  Optional<Reason> against(Drill drill) {
    return byCaution(drill.cautions(), health)
        .or(() -> bySchool(drill))
        .or(() -> byGate(drill))
        .or(() -> byTools(drill.tools()));
  }

  /** The caution that blocks an item, if one does; tools and gates are not looked at. */
  static Optional<Reason> blocked(Catalogue catalogue, ItemId item, Health health) {
    return catalogue
        .find(item)
        .map(exercise -> blocked(exercise, health))
        .orElseGet(
            () -> catalogue.drill(item).flatMap(drill -> byCaution(drill.cautions(), health)));
  }

  /** Fast work is done with no caution at all. */
  private static Optional<Reason> blocked(Exercise exercise, Health health) {
    return byCaution(exercise.cautions(), health)
        .or(
            () ->
                exercise.kind() == Exercise.Kind.SPEED
                    ? byCaution(Set.of(Caution.values()), health)
                    : Optional.empty());
  }

  private static Optional<Reason> byCaution(Set<Caution> cautions, Health health) {
    return health.cautions().stream()
        .filter(c -> !c.cleared() && cautions.contains(c.caution()))
        .findFirst()
        .map(Reason.ByCaution::new);
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
        return Optional.of(new Reason.Gate(need, band));
      }
    }
    return Optional.empty();
  }

  private Optional<Reason> byTools(Set<Tool> wanted) {
    List<Tool> missing = wanted.stream().filter(t -> !tools.contains(t)).toList();
    return missing.isEmpty() ? Optional.empty() : Optional.of(new Reason.MissingTools(missing));
  }
}
