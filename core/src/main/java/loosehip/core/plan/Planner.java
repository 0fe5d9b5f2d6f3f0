package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.body.Leg;
import loosehip.core.limit.Body;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Link;
import loosehip.core.link.Needs;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Triage;
import loosehip.core.measure.Band;
import loosehip.core.safety.Health;
import loosehip.core.safety.Movement;

/**
 * Makes a block for the three highest needs. Each week is chosen exactly, see {@link WeekSolver};
 * over the weeks rungs rise by rule, see {@link Rungs}. Range and control work is for every
 * training day, strength for two or three days 48 h apart, fast work for at most two from the third
 * week on. Drills stand first in the minutes as far as they leave room for body work. Pure: the
 * same input gives the same block.
 */
public final class Planner {
  private static final int MOST_HARD_DAYS = 3;
  private static final int MOST_FAST_DAYS = 2;

  private static final LadderId STANDING = LadderId.of("hip-turn-standing");

  private final PlanRequest request;
  private final Body body;
  private final Wishes wishes;
  private final PlanEdits edits;
  private final Allowed allowed;
  private final Map<LimitKind, Double> needs = new EnumMap<>(LimitKind.class);
  private final Outcomes outcomes = new Outcomes();
  private final List<LimitKind> untested;
  private final List<PivotFault> working;
  private final Optional<Leg> weaker;

  private Planner(PlanRequest request) {
    this.request = request;
    this.body = request.body();
    this.wishes = request.wishes();
    this.edits = request.edits();
    this.allowed = new Allowed(request);
    this.weaker = body.stifferHip();
    request.needs().stream()
        .filter(n -> toTrain(body.band(n.limit())))
        .limit(Needs.DRIVERS)
        .forEach(n -> needs.merge(n.limit().kind(), n.size(), Math::max));
    this.untested =
        request.needs().stream()
            .filter(n -> !body.band(n.limit()).measured())
            .map(n -> n.limit().kind())
            .distinct()
            .toList();
    this.working =
        request.links().stream()
            .filter(l -> l.triage().kind() != Triage.Kind.SEE_OTHER)
            .sorted(Comparator.comparingDouble((Link l) -> -l.level().severity()))
            .map(l -> (PivotFault) l.fault())
            .toList();
  }

  /** Makes a block. */
  public static Block plan(PlanRequest request) {
    return new Planner(request).block();
  }

  /** The caution that keeps an item from a golfer; empty when none does. */
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

  private Block block() {
    DrillChoice drills = new DrillChoice(request, allowed, working, outcomes);
    Map<LadderId, List<Exercise>> ladders = new Climbs(request, allowed, needs, outcomes).ladders();
    List<Block.Week> weeks = new ArrayList<>();
    int hardYesterday = 0;
    WeekFit fit =
        new WeekFit(
            wishes,
            edits,
            needs.values().stream().mapToDouble(Double::doubleValue).toArray(),
            Climbs.reciprocal(body),
            outcomes);
    for (int number = 1; number <= wishes.weeks(); number++) {
      Days days = TrainingDays.of(wishes, number);
      List<PlanItem> drillItems = drills.items(number);
      List<Piece> pieces = pieces(ladders, days, number);
      WeekFit.Chosen chosen = fit.choose(pieces, drillItems, days, hardYesterday);
      List<Session> sessions = sessions(raised(fit, chosen, ladders, number), days);
      weeks.add(new Block.Week(number, sessions));
      hardYesterday = hardOn(chosen, Days.IN_A_WEEK);
    }
    WhyNot whyNot = new WhyNot(wishes, needs.keySet(), untested, weeks);
    whyNot.unchosen(ladders.values()).forEach(l -> outcomes.leftOut(l.item(), l.because()));
    whyNot.notes().forEach(outcomes::note);
    return new Block(
        List.copyOf(weeks),
        List.copyOf(outcomes.leftOut()),
        outcomes.notes(),
        wishes.halfWay(),
        wishes.retest());
  }

  /** Only what was measured and falls short is trained; what is not measured is tested first. */
  private static boolean toTrain(Band band) {
    return band == Band.SHORT || band == Band.CLOSE;
  }

  // ---- one week

  private List<Piece> pieces(Map<LadderId, List<Exercise>> ladders, Days days, int number) {
    List<Piece> pieces = new ArrayList<>();
    ladders
        .values()
        .forEach(
            rising ->
                Rungs.of(rising, number)
                    .filter(at -> number >= allowed.fromWeek(at.exercise()))
                    .flatMap(at -> piece(at, days))
                    .ifPresent(pieces::add));
    return pieces;
  }

  private static boolean fast(Exercise exercise) {
    return exercise.kind() == Exercise.Kind.SPEED;
  }

  private Optional<Piece> piece(Rungs.At at, Days days) {
    Exercise exercise = at.exercise();
    double[] service = needs.keySet().stream().mapToDouble(exercise::service).toArray();
    int mains = 0;
    if (exercise.hard()) {
      for (LimitKind kind : exercise.serves()) {
        mains |= 1 << kind.ordinal();
      }
    }
    boolean must = edits.pins().containsKey(exercise.id());
    Days held = edits.pins().getOrDefault(exercise.id(), Days.NONE).and(days);
    int most = fast(exercise) ? MOST_FAST_DAYS : MOST_HARD_DAYS;
    List<Days> choices;
    if (!held.none()) {
      choices = List.of(held);
    } else if (exercise.hard()) {
      choices = TrainingDays.hard(days, most);
    } else {
      choices = days.none() ? List.of() : List.of(days);
    }
    return choices.isEmpty()
        ? Optional.empty()
        : Optional.of(new Piece(item(exercise, at.least()), service, mains, choices, must));
  }

  /**
   * The same week with the doses it has come to: each rises as planned while every session that has
   * it keeps within the minutes, what serves most first; else it stays at the least.
   */
  private WeekFit.Chosen raised(
      WeekFit fit, WeekFit.Chosen chosen, Map<LadderId, List<Exercise>> ladders, int number) {
    int[] left = fit.secondsLeft(chosen.drills(), Days.ALL);
    for (int p = 0; p < chosen.pieces().size(); p++) {
      spend(left, chosen.days().get(p), chosen.pieces().get(p).seconds() + Session.BETWEEN_ITEMS);
    }
    List<Piece> pieces = new ArrayList<>(chosen.pieces());
    List<Integer> order = new ArrayList<>();
    for (int p = 0; p < pieces.size(); p++) {
      order.add(p);
    }
    order.sort(
        Comparator.comparingDouble((Integer p) -> -worth(pieces.get(p))).thenComparingInt(p -> p));
    for (int p : order) {
      Piece piece = pieces.get(p);
      Exercise exercise = piece.item().exercise().orElseThrow();
      Rungs.At at = Rungs.of(ladders.get(exercise.ladder()), number).orElseThrow();
      PlanItem more = item(exercise, at.planned());
      int extra = more.seconds() - piece.seconds();
      Days days = chosen.days().get(p);
      boolean fits = days.list().stream().allMatch(day -> left[day - 1] >= extra);
      if (!days.none() && fits) {
        spend(left, days, extra);
        pieces.set(p, piece.with(more));
      }
    }
    return new WeekFit.Chosen(pieces, chosen.days(), chosen.drills());
  }

  private static void spend(int[] left, Days days, int seconds) {
    days.list().forEach(day -> left[day - 1] -= seconds);
  }

  private double worth(Piece piece) {
    double sum = 0;
    int n = 0;
    for (double need : needs.values()) {
      sum += need * piece.service()[n++];
    }
    return sum;
  }

  private List<Session> sessions(WeekFit.Chosen chosen, Days days) {
    List<Session> sessions = new ArrayList<>();
    for (int day : days.list()) {
      List<PlanItem> items = new ArrayList<>();
      for (int p = 0; p < chosen.pieces().size(); p++) {
        if (chosen.days().get(p).has(day)) {
          items.add(chosen.pieces().get(p).item());
        }
      }
      items.sort(Comparator.comparingInt(Planner::order));
      chosen
          .drills()
          .forEach(
              (drill, on) -> {
                if (on.has(day)) {
                  items.add(drill);
                }
              });
      if (!items.isEmpty()) {
        sessions.add(new Session(day, List.copyOf(items)));
      }
    }
    return sessions;
  }

  private static int hardOn(WeekFit.Chosen chosen, int day) {
    int hard = 0;
    for (int p = 0; p < chosen.pieces().size(); p++) {
      if (chosen.days().get(p).has(day)) {
        hard |= chosen.pieces().get(p).mains();
      }
    }
    return hard;
  }

  /**
   * Place of an item in a session: loosen, switch on, combine, fast, groove; then up its ladder.
   */
  static int order(PlanItem item) {
    return item.exercise()
        .map(e -> e.kind().ordinal() * 100 + (e.ladder().equals(STANDING) ? 10 : 0) + e.rung())
        .orElse(1000);
  }

  private PlanItem item(Exercise exercise, Dose.Prescribed dose) {
    boolean extra =
        weaker.isPresent()
            && exercise.dose().perSide()
            && exercise.service(weaker.get() == Leg.TRAIL ? LimitKind.TRAIL_IR : LimitKind.LEAD_IR)
                == 1;
    Dose.Prescribed much = edits.doses().getOrDefault(exercise.id(), dose);
    Dose.Prescribed given = extra && much.extraSets() == 0 ? much.withExtraSet() : much;
    return new PlanItem(
        exercise.id(),
        Optional.of(exercise),
        exercise.dose(),
        given,
        exercise.dose().seconds(given),
        new Why(purpose(exercise), weaker.filter(w -> extra), held(exercise)));
  }

  private boolean held(Exercise exercise) {
    return edits.pins().containsKey(exercise.id());
  }

  private Why.Purpose purpose(Exercise exercise) {
    List<Why.Served> served =
        needs.entrySet().stream()
            .filter(n -> exercise.service(n.getKey()) > 0)
            .sorted(Map.Entry.<LimitKind, Double>comparingByValue().reversed())
            .map(
                n ->
                    new Why.Served(
                        n.getKey(), body.band(n.getKey()), exercise.service(n.getKey()) == 1))
            .toList();
    if (!served.isEmpty()) {
      return new Why.Serves(served);
    }
    return held(exercise) ? new Why.ByHand() : new Why.FreesFirst();
  }
}
