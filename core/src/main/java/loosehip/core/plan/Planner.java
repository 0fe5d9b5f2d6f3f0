package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.core.body.Leg;
import loosehip.core.limit.Body;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Need;
import loosehip.core.link.Seen;
import loosehip.core.measure.Band;
import loosehip.core.safety.Health;
import loosehip.core.safety.Movement;

/**
 * Makes a block: a stage up to the half-way check, repeated as it is after it. Each week is chosen
 * exactly, see {@link DaySolver}. The largest needs lead and the rest fill what is left: needs of
 * faults, of set-up faults, groundwork, then base work. Range and control work is for every
 * training day or, where a session is full, for every other; strength for two or three days 48 h
 * apart, fast work for at most two from the third week on. Nothing rises by the calendar. Pure: the
 * same input gives the same block.
 */
public final class Planner {
  private static final int MOST_HARD_DAYS = 3;
  private static final int MOST_FAST_DAYS = 2;
  private static final int FEW_DAYS = 5;
  private static final int MOST_BASE = 3;

  /** What base work is worth beside needs: it fills what stays free, and displaces nothing. */
  private static final double BASE_WORTH = 0.004;

  private static final List<ItemId> BASE =
      List.of(
          ItemId.of("bridge"),
          ItemId.of("low-side-steps"),
          ItemId.of("heels-down-squat"),
          ItemId.of("opposite-limb-lowers"),
          ItemId.of("wall-taps"));

  private static final ItemId SETTLE_UP = ItemId.of("standing-tilts");
  private static final ItemId SETTLE_DOWN = ItemId.of("lying-tilts");
  private static final ItemId WARM = ItemId.of("seated-foot-rolls");

  private final PlanRequest request;
  private final Body body;
  private final Wishes wishes;
  private final PlanEdits edits;
  private final Allowed allowed;
  private final Map<LimitKind, Double> needs = new LinkedHashMap<>();
  private final Map<LimitKind, Need.Family> families = new LinkedHashMap<>();
  private final Outcomes outcomes = new Outcomes();
  private final List<LimitKind> untested;
  private final Optional<Leg> weaker;
  private final Set<ItemId> base;
  private final Climbs climbs;
  private final Map<LadderId, Exercise> ladders;

  private Planner(PlanRequest request) {
    this.request = request;
    this.body = request.body();
    this.wishes = request.wishes();
    this.edits = request.edits();
    this.allowed = new Allowed(request);
    this.weaker = body.stifferHip();
    request.needs().stream()
        .filter(n -> toTrain(body.band(n.limit())))
        .sorted(Comparator.comparingDouble(Need::size).reversed())
        .forEach(
            n -> {
              needs.merge(n.limit().kind(), n.size(), Math::max);
              families.merge(n.limit().kind(), n.family(), (a, b) -> a.compareTo(b) <= 0 ? a : b);
            });
    this.untested =
        request.needs().stream()
            .filter(n -> !body.band(n.limit()).measured())
            .map(n -> n.limit().kind())
            .distinct()
            .toList();
    this.base = wishes.baseWork() ? base() : Set.of();
    this.climbs = new Climbs(request, allowed, needs, base, outcomes);
    this.ladders = climbs.ladders();
  }

  /** Makes a block. */
  public static Block plan(PlanRequest request) {
    return new Planner(request).block();
  }

  /**
   * Whether a block would hold anything: what {@link #plan} says of {@link Block#empty}, without
   * making more of it than the first week in which something is done.
   */
  public static boolean anything(PlanRequest request) {
    Planner planner = new Planner(request);
    Weeks weeks = planner.new Weeks();
    for (int number = 1; number <= planner.wishes.weeks(); number++) {
      if (!weeks.next(number).sessions(weeks.days).isEmpty()) {
        return true;
      }
    }
    return false;
  }

  /** The caution that keeps an item from a golfer in every form; empty when none does. */
  public static Optional<Reason> blockedBy(Catalogue catalogue, ItemId item, Health health) {
    return Allowed.blocked(catalogue, item, health);
  }

  /**
   * How an item is done differently for a golfer's cautions; empty when it is not, or is blocked.
   */
  public static List<Movement.Changed> changed(Catalogue catalogue, ItemId item, Health health) {
    return blockedBy(catalogue, item, health).isPresent()
        ? List.of()
        : health.movement(catalogue.demands(item)).changed();
  }

  /** How an item of a plan is done differently for a golfer's cautions, in the form it has. */
  public static List<Movement.Changed> changed(Catalogue catalogue, PlanItem item, Health health) {
    return item.form()
        .flatMap(
            form ->
                catalogue
                    .drill(item.id())
                    .map(d -> health.movement(d.asks(form).demands()).changed()))
        .orElseGet(() -> changed(catalogue, item.id(), health));
  }

  /** Base work this golfer may do, on ladders that nothing else asks for. */
  private Set<ItemId> base() {
    return BASE.stream()
        .filter(id -> !edits.out().contains(id))
        .filter(
            id ->
                request
                    .catalogue()
                    .find(id)
                    .filter(e -> allowed.against(e).isEmpty() && !asked(e.ladder()))
                    .isPresent())
        .limit(MOST_BASE)
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  private boolean asked(LadderId ladder) {
    return request.catalogue().ladders().getOrDefault(ladder, List.of()).stream()
        .anyMatch(e -> needs.keySet().stream().anyMatch(kind -> e.service(kind) > 0));
  }

  private Block block() {
    Weeks chosen = new Weeks();
    DoseRise rise = new DoseRise(worths(), needs.size(), this::item);
    List<Block.Week> weeks = new ArrayList<>();
    Optional<WeekFit.Chosen> last = Optional.empty();
    for (int number = 1; number <= wishes.weeks(); number++) {
      WeekFit.Chosen week = chosen.next(number);
      weeks.add(new Block.Week(number, rise.raised(week, stageWeek(number)).sessions(chosen.days)));
      last = number <= Block.STAGE_WEEKS ? Optional.of(week) : last;
    }
    return told(weeks, chosen.drills, last.orElseThrow());
  }

  private static int stageWeek(int number) {
    return Math.min(number, Block.STAGE_WEEKS);
  }

  /**
   * Chooses one week after the other, with doses as they start; hard work rests from one to the
   * next.
   */
  private final class Weeks {
    private final DrillChoice drills =
        new DrillChoice(request, allowed, DrillChoice.working(request), outcomes);
    private final WeekFit fit =
        new WeekFit(
            wishes,
            edits,
            worths(),
            needs.size(),
            new WeekFit.Settling(settle(SETTLE_UP), settle(SETTLE_DOWN)),
            together(),
            outcomes);
    private Days days = Days.NONE;
    private boolean hardYesterday;

    WeekFit.Chosen next(int number) {
      days = TrainingDays.of(wishes, number);
      WeekFit.Chosen chosen =
          fit.choose(
              pieces(days, stageWeek(number), hardYesterday),
              new WeekFit.Tail(routines(), drills.items(number)),
              days);
      hardYesterday = chosen.hardOn(Days.IN_A_WEEK);
      return chosen;
    }
  }

  /** What frees the front of the hip, and the seat work that waits for it. */
  private Optional<DaySolver.Together> together() {
    Optional<ItemId> first =
        ladders.values().stream()
            .filter(e -> !e.hard() && e.serves().contains(LimitKind.HIP_FLEXOR))
            .map(Exercise::id)
            .findFirst();
    return first
        .filter(f -> Climbs.reciprocal(body))
        .map(
            f ->
                new DaySolver.Together(
                    f,
                    ladders.values().stream()
                        .filter(Climbs::seat)
                        .map(Exercise::id)
                        .filter(id -> !id.equals(f))
                        .toList()));
  }

  private Block told(List<Block.Week> weeks, DrillChoice drills, WeekFit.Chosen last) {
    List<Exercise> in =
        weeks.stream()
            .flatMap(w -> w.sessions().stream())
            .flatMap(s -> s.items().stream())
            .filter(i -> i.role() == PlanItem.Role.EXERCISE)
            .map(i -> i.exercise().orElseThrow())
            .distinct()
            .toList();
    List<NextRung> next = climbs.next(in);
    if (wishes.daysPerWeek() < FEW_DAYS) {
      outcomes.note(new PlanNote.FewDays(wishes.daysPerWeek()));
    }
    WhyNot whyNot = new WhyNot(request.catalogue(), wishes, needs, untested, weeks, outcomes);
    whyNot.unchosen(last, worths());
    whyNot.notes(last.firstFirst(), routines(), drills.items(1)).forEach(outcomes::note);
    return new Block(
        List.copyOf(weeks),
        next,
        drills.all(),
        List.copyOf(outcomes.leftOut()),
        outcomes.notes(),
        wishes.halfWay(),
        wishes.retest());
  }

  /** The routines for what is seen at address, the first two in the order of putting right. */
  private List<PlanItem> routines() {
    Seen seen = request.seen();
    return SetupRoutine.of(seen).entrySet().stream()
        .filter(e -> !edits.out().contains(e.getKey().id()))
        .limit(SetupRoutine.MOST)
        .map(e -> PlanItem.of(e.getKey(), Why.of(new Why.ForSetup(e.getValue()))))
        .toList();
  }

  /** Only what was measured and falls short is trained; what is not measured is tested first. */
  private static boolean toTrain(Band band) {
    return band == Band.SHORT || band == Band.CLOSE;
  }

  // ---- one week

  /** How large each need is, the largest first, then what each piece of base work is worth. */
  private double[] worths() {
    double[] worths = new double[needs.size() + base.size()];
    int n = 0;
    for (double need : needs.values()) {
      worths[n++] = need;
    }
    for (int b = 0; b < base.size(); b++) {
      worths[n++] = BASE_WORTH;
    }
    return worths;
  }

  /** What settles: tilts standing or lying, unless they are the golfer's own work on the tilt. */
  private Optional<PlanItem> settle(ItemId id) {
    return request
        .catalogue()
        .find(id)
        .filter(e -> ladders.values().stream().noneMatch(in -> in.id().equals(id)))
        .filter(e -> !edits.out().contains(id) && allowed.against(e).isEmpty())
        .map(e -> PlanItem.of(PlanItem.Role.SETTLE, e, e.dose().top(), Why.of(new Why.Settles())));
  }

  private List<Piece> pieces(Days days, int stageWeek, boolean hardYesterday) {
    List<Piece> pieces = new ArrayList<>();
    Days strength = strength(days, hardYesterday);
    for (Exercise exercise : ladders.values()) {
      if (stageWeek >= allowed.fromWeek(exercise)) {
        Days on = days(exercise, days, strength);
        if (!on.none()) {
          pieces.add(
              new Piece(
                  item(exercise, exercise.dose().low()),
                  service(exercise),
                  mains(exercise),
                  on,
                  held(exercise)));
        }
      }
    }
    warm(days, pieces).ifPresent(pieces::add);
    return pieces;
  }

  /** The days of hard work: those the trainer chose for it, else the first that lie 48 h apart. */
  private Days strength(Days days, boolean hardYesterday) {
    Days pinned = Days.NONE;
    for (Exercise exercise : ladders.values()) {
      if (exercise.hard()) {
        pinned = pinned.or(edits.pins().getOrDefault(exercise.id(), Days.NONE).and(days));
      }
    }
    Days free = hardYesterday && days.has(1) ? days.without(1) : days;
    List<Days> ways = TrainingDays.hard(free, MOST_HARD_DAYS);
    Days wanted = pinned;
    return ways.stream()
        .filter(wanted::within)
        .findFirst()
        .orElse(ways.isEmpty() ? Days.NONE : ways.get(0));
  }

  /**
   * The days an exercise may be in. Hard work on the same limit as something pinned keeps away from
   * the days around it.
   */
  private Days days(Exercise exercise, Days days, Days strength) {
    Days pinned = edits.pins().getOrDefault(exercise.id(), Days.NONE).and(days);
    if (!pinned.none()) {
      return pinned;
    }
    if (!exercise.hard()) {
      return base.contains(exercise.id()) ? strength : days;
    }
    int most = exercise.kind() == Exercise.Kind.SPEED ? MOST_FAST_DAYS : MOST_HARD_DAYS;
    Days on = strength.first(most);
    for (Exercise other : ladders.values()) {
      Days held = edits.pins().getOrDefault(other.id(), Days.NONE).and(days);
      if (other.hard() && (mains(other) & mains(exercise)) != 0) {
        on = on.and(held.around().others());
      }
    }
    return on;
  }

  /** An easy thing before something deep, where nothing else would warm. */
  private Optional<Piece> warm(Days days, List<Piece> pieces) {
    boolean deep = pieces.stream().anyMatch(Piece::deep);
    return request
        .catalogue()
        .find(WARM)
        .filter(e -> deep && !days.none())
        .filter(e -> pieces.stream().noneMatch(p -> p.item().id().equals(e.id())))
        .filter(e -> !edits.out().contains(e.id()) && allowed.against(e).isEmpty())
        .map(
            e ->
                new Piece(
                    PlanItem.of(PlanItem.Role.SETTLE, e, e.dose().low(), Why.of(new Why.Settles())),
                    new double[needs.size() + base.size()],
                    0,
                    days,
                    false));
  }

  private double[] service(Exercise exercise) {
    double[] service = new double[needs.size() + base.size()];
    int n = 0;
    for (LimitKind kind : needs.keySet()) {
      service[n++] = climbs.service(exercise, kind);
    }
    for (ItemId id : base) {
      service[n++] = id.equals(exercise.id()) ? 1 : 0;
    }
    return service;
  }

  private int mains(Exercise exercise) {
    int mains = 0;
    if (exercise.hard()) {
      for (LimitKind kind : exercise.serves()) {
        mains |= 1 << kind.ordinal();
      }
    }
    return mains;
  }

  private PlanItem item(Exercise exercise, Dose.Prescribed dose) {
    List<Leg> legs = allowed.legs(exercise);
    boolean oneLeg = legs.size() == 1 && exercise.dose().perSide();
    boolean extra =
        weaker.isPresent()
            && !oneLeg
            && exercise.dose().perSide()
            && exercise.service(weaker.get() == Leg.TRAIL ? LimitKind.TRAIL_IR : LimitKind.LEAD_IR)
                == 1;
    Dose.Prescribed much = edits.doses().getOrDefault(exercise.id(), dose);
    Dose.Prescribed given = extra && much.extraSets() == 0 ? much.withExtraSet() : much;
    PlanItem item =
        PlanItem.of(
            PlanItem.Role.EXERCISE,
            exercise,
            given,
            new Why(purpose(exercise), weaker.filter(w -> extra), held(exercise)));
    PlanItem onLegs = oneLeg ? item.onlyOn(legs.get(0)) : item;
    return exercise.kind() == Exercise.Kind.COMBINE
            && exercise.tools().named().contains(Tool.WEIGHT)
        ? onLegs.withWeight(SwungWeight.most(wishes.bodyKg(), allowed.half(exercise)))
        : onLegs;
  }

  private boolean held(Exercise exercise) {
    return edits.pins().containsKey(exercise.id());
  }

  private Why.Purpose purpose(Exercise exercise) {
    List<Why.Served> served =
        needs.keySet().stream()
            .filter(kind -> climbs.service(exercise, kind) > 0)
            .sorted(
                Comparator.comparingDouble(
                    (LimitKind kind) -> -needs.get(kind) * climbs.service(exercise, kind)))
            .map(
                kind ->
                    new Why.Served(
                        kind,
                        body.band(kind),
                        climbs.service(exercise, kind) == 1,
                        families.get(kind)))
            .toList();
    if (!served.isEmpty()) {
      return new Why.Serves(served);
    }
    if (held(exercise)) {
      return new Why.ByHand();
    }
    return base.contains(exercise.id()) ? new Why.Base() : new Why.FreesFirst();
  }
}
