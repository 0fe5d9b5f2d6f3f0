package loosehip.core.plan;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Leg;
import loosehip.core.limit.Body;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.ArcPattern;
import loosehip.core.measure.Band;
import loosehip.core.safety.Change;
import loosehip.core.safety.Demand;
import loosehip.core.safety.Health;
import loosehip.core.safety.Movement;

/**
 * Whether a golfer may do an exercise or drill, and why not. A caution on one side blocks the whole
 * exercise, since both sides are always done; a shifted arc keeps end-range work from its own hip
 * alone.
 */
final class Allowed {
  /** The end range a hip with a shifted arc lacks, by the pattern of its arc. */
  private static final Map<ArcPattern, Demand> LACKS =
      Map.of(ArcPattern.OUT_SHIFTED, Demand.IR_END, ArcPattern.IN_SHIFTED, Demand.ER_END);

  private final PlanRequest request;
  private final Health health;
  private final Body body;
  private final Set<Tool> tools;
  private final Map<Leg, ArcPattern> arcs;

  Allowed(PlanRequest request) {
    this(request, shifted(request));
  }

  private Allowed(PlanRequest request, Map<Leg, ArcPattern> arcs) {
    this.request = request;
    this.arcs = arcs;
    this.health = request.health();
    this.body = request.body();
    this.tools = request.wishes().tools();
  }

  /** The shifted arcs that the trainer lets stand. */
  private static Map<Leg, ArcPattern> shifted(PlanRequest request) {
    Map<Leg, ArcPattern> arcs = new EnumMap<>(Leg.class);
    for (Leg leg : Leg.values()) {
      if (!request.arcsOverruled().contains(leg)) {
        request.body().arc(leg).filter(ArcPattern::shifted).ifPresent(arc -> arcs.put(leg, arc));
      }
    }
    return arcs;
  }

  /** What would be allowed if this were held. */
  Allowed holding(ItemId held) {
    return new Allowed(request.holding(Set.of(held)), arcs);
  }

  /** Why this exercise is out, or empty when it may be done on one leg at least. */
  Optional<Reason> against(Exercise exercise) {
    return blocked(exercise.demands(), health)
        .or(() -> byGates(exercise, body, heldBelow(exercise)))
        .or(() -> byShiftedArc(exercise))
        .or(() -> byTools(exercise.tools()));
  }

  /** Whether the rung below was held: the log says so, or the trainer moved the ladder on. */
  private boolean heldBelow(Exercise exercise) {
    boolean moved = request.edits().rungs().getOrDefault(exercise.ladder(), 0) >= exercise.rung();
    return moved
        || request.catalogue().rung(exercise, -1).stream()
            .anyMatch(below -> request.held().contains(below.id()));
  }

  /** The form of a drill this golfer may do, the full one before the reduced, or why neither. */
  DrillChoice.Verdict verdict(Drill drill) {
    Optional<Reason> against = bySchool(drill).or(() -> byCompany(drill)).or(() -> byWeek(drill));
    if (against.isPresent()) {
      return new DrillChoice.Verdict(Optional.empty(), against);
    }
    Optional<Reason> full =
        inForm(drill, Drill.Form.FULL).or(() -> byNeeds(drill)).or(() -> steppedBack(drill));
    if (full.isEmpty()) {
      return new DrillChoice.Verdict(Optional.of(Drill.Form.FULL), Optional.empty());
    }
    Optional<Reason> reduced = inForm(drill, Drill.Form.REDUCED);
    return reduced.isEmpty()
        ? new DrillChoice.Verdict(Optional.of(Drill.Form.REDUCED), full)
        : new DrillChoice.Verdict(Optional.empty(), reduced);
  }

  private Optional<Reason> steppedBack(Drill drill) {
    return request.edits().drills().get(drill.id()) == DrillStep.EASIER
        ? Optional.of(new Reason.Eased())
        : Optional.empty();
  }

  private Optional<Reason> inForm(Drill drill, Drill.Form form) {
    Drill.Asks asks = drill.asks(form);
    return blocked(asks.demands(), health).or(() -> byTools(asks.tools()));
  }

  private Optional<Reason> byCompany(Drill drill) {
    return never(drill, health)
        .or(
            () ->
                drill.notWhile().stream()
                    .filter(fault -> request.seen().level(fault).present())
                    .sorted((a, b) -> a.id().compareTo(b.id()))
                    .findFirst()
                    .map(Reason.NotWhile::new));
  }

  private static Optional<Reason> never(Drill drill, Health health) {
    return health.cautions().stream()
        .filter(c -> drill.notWith().contains(c.caution()))
        .findFirst()
        .map(c -> new Reason.ByCaution(c, Optional.empty()));
  }

  private static Optional<Reason> byWeek(Drill drill) {
    return drill.fromWeek() > 1
        ? Optional.of(new Reason.FromWeek(drill.fromWeek()))
        : Optional.empty();
  }

  private Optional<Reason> bySchool(Drill drill) {
    return drill.schools().isEmpty() || drill.schools().contains(request.school())
        ? Optional.empty()
        : Optional.of(new Reason.OtherSchool(drill.schools()));
  }

  private Optional<Reason> byNeeds(Drill drill) {
    for (LimitKind need : drill.needs()) {
      Band band = body.band(need);
      if (!band.atLeastClose()) {
        return Optional.of(new Reason.TooShort(need, band));
      }
    }
    return Optional.empty();
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

  /** Whether a minor may lift no more than half. */
  boolean half(Exercise exercise) {
    return changed(exercise).stream().anyMatch(c -> c.how() == Change.TECHNIQUE_FIRST);
  }

  /** The caution that blocks an item in every form, if one does; tools and gates not looked at. */
  static Optional<Reason> blocked(Catalogue catalogue, ItemId item, Health health) {
    return catalogue
        .find(item)
        .map(exercise -> blocked(exercise.demands(), health))
        .orElseGet(() -> catalogue.drill(item).flatMap(drill -> blocked(drill, health)));
  }

  private static Optional<Reason> blocked(Drill drill, Health health) {
    Optional<Reason> full = blocked(drill.full().demands(), health);
    return full.isPresent() && blocked(drill.reduced().demands(), health).isPresent()
        ? full
        : never(drill, health);
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

  /**
   * What must be there before an exercise is given and is not yet, if anything.
   *
   * @param below whether the rung below was held
   */
  static Optional<Reason> byGates(Exercise exercise, Body body, boolean below) {
    return exercise.gates().stream()
        .filter(gate -> !gate.passed(body, below))
        .findFirst()
        .map(Reason.NotYet::new);
  }

  /** The legs an exercise may be done on: not at the end range that a hip's shifted arc lacks. */
  List<Leg> legs(Exercise exercise) {
    return List.of(Leg.values()).stream().filter(leg -> lacks(exercise, leg).isEmpty()).toList();
  }

  private Optional<ArcPattern> lacks(Exercise exercise, Leg leg) {
    return Optional.ofNullable(arcs.get(leg))
        .filter(arc -> exercise.demands().contains(LACKS.get(arc)));
  }

  /** Out when neither leg may do it, or when it cannot be done on one leg alone. */
  private Optional<Reason> byShiftedArc(Exercise exercise) {
    List<Leg> legs = legs(exercise);
    if (legs.size() == 2 || legs.size() == 1 && exercise.dose().perSide()) {
      return Optional.empty();
    }
    Leg leg = legs.contains(Leg.TRAIL) ? Leg.LEAD : Leg.TRAIL;
    return lacks(exercise, leg).map(arc -> new Reason.ShiftedArc(leg, arc));
  }

  private Optional<Reason> byTools(Tools wanted) {
    List<Set<Tool>> missing = wanted.missing(tools);
    return missing.isEmpty() ? Optional.empty() : Optional.of(new Reason.MissingTools(missing));
  }
}
