package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.link.Limit;
import loosehip.core.link.LimitKind;
import loosehip.core.link.Link;
import loosehip.core.link.Need;
import loosehip.core.link.Needs;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Triage;
import loosehip.core.measure.Band;
import loosehip.core.measure.Screen;
import loosehip.core.pivot.School;
import loosehip.core.safety.Health;

/**
 * Makes a block for the three highest needs. Each week is chosen exactly, see {@link WeekSolver};
 * over the weeks rungs rise by rule, see {@link Rungs}. Range and control work is for every
 * training day, strength for two or three days 48 h apart, fast work for at most two from the third
 * week on and only without any caution. Drills stand first in the minutes as far as they leave room
 * for body work. Pure: the same input gives the same block.
 */
public final class Planner {
  private static final int MOST_HARD_DAYS = 3;
  private static final int MOST_FAST_DAYS = 2;
  private static final int FAST_FROM_WEEK = 3;

  private final Catalogue catalogue;
  private final Screen screen;
  private final Handed handed;
  private final Wishes wishes;
  private final PlanEdits edits;
  private final Allowed allowed;
  private final Map<LimitKind, Double> needs = new EnumMap<>(LimitKind.class);
  private final Map<String, LeftOut> leftOut = new LinkedHashMap<>();
  private final Set<String> notes = new LinkedHashSet<>();
  private final List<LimitKind> untested;
  private final List<PivotFault> working;
  private final Optional<Leg> weaker;

  private Planner(
      Catalogue catalogue,
      Screen screen,
      Handed handed,
      Health health,
      Wishes wishes,
      List<Need> ranked,
      List<Link> links,
      School school,
      PlanEdits edits) {
    this.catalogue = catalogue;
    this.screen = screen;
    this.handed = handed;
    this.wishes = wishes;
    this.edits = edits;
    this.allowed = new Allowed(health, screen, handed, wishes.tools(), school);
    this.weaker = Needs.weakerSide(screen, handed);
    ranked.stream()
        .filter(n -> toTrain(n.limit().band(screen, handed)))
        .limit(Needs.DRIVERS)
        .forEach(n -> needs.merge(n.limit().kind(), n.size(), Math::max));
    this.untested =
        ranked.stream()
            .filter(n -> !n.limit().band(screen, handed).measured())
            .map(n -> n.limit().kind())
            .distinct()
            .toList();
    this.working =
        links.stream()
            .filter(l -> l.triage().kind() != Triage.Kind.SEE_OTHER)
            .sorted(Comparator.comparingDouble((Link l) -> -l.level().severity()))
            .map(Link::fault)
            .toList();
  }

  /** Makes a block with nothing decided by the trainer. */
  public static Block plan(
      Catalogue catalogue,
      Screen screen,
      Handed handed,
      Health health,
      Wishes wishes,
      List<Need> needs,
      List<Link> links) {
    return plan(
        catalogue,
        screen,
        handed,
        health,
        wishes,
        needs,
        links,
        School.ROTATION_FIRST,
        PlanEdits.NONE);
  }

  /**
   * Makes a block.
   *
   * @param needs ranked needs; those measured enough or not at all are passed over
   * @param links the faults in work
   * @param school the pivot worked towards; some drills belong to one
   * @param edits what the trainer decided; what cannot be held is said in the block's notes
   */
  public static Block plan(
      Catalogue catalogue,
      Screen screen,
      Handed handed,
      Health health,
      Wishes wishes,
      List<Need> needs,
      List<Link> links,
      School school,
      PlanEdits edits) {
    return new Planner(catalogue, screen, handed, health, wishes, needs, links, school, edits)
        .block();
  }

  /** The caution that keeps an item from this golfer, in words; empty when none does. */
  public static Optional<String> blockedBy(
      Catalogue catalogue, String id, Screen screen, Handed handed, Health health) {
    Allowed allowed = new Allowed(health, screen, handed, Set.of(), School.ROTATION_FIRST);
    return catalogue
        .find(id)
        .map(e -> allowed.blocked(e.cautions(), e.kind() == Exercise.Kind.SPEED))
        .orElseGet(() -> catalogue.drill(id).flatMap(d -> allowed.blocked(d.cautions(), false)));
  }

  private Block block() {
    DrillChoice drills =
        new DrillChoice(catalogue, allowed, wishes, edits, working, leftOut, notes);
    Climbs climbs = new Climbs(catalogue, screen, handed, allowed, edits, needs, leftOut, notes);
    Map<String, List<Exercise>> ladders = climbs.ladders();
    List<Block.Week> weeks = new ArrayList<>();
    int hardYesterday = 0;
    WeekFit fit =
        new WeekFit(
            wishes,
            edits,
            needs.values().stream().mapToDouble(Double::doubleValue).toArray(),
            Climbs.reciprocal(screen, handed),
            notes);
    for (int number = 1; number <= wishes.weeks(); number++) {
      List<Integer> days = TrainingDays.of(wishes, number);
      List<PlanItem> drillItems = drills.items(number);
      List<Piece> pieces = pieces(ladders, days, number);
      WeekFit.Chosen chosen = fit.choose(pieces, drillItems, days, hardYesterday);
      List<Session> sessions = sessions(raised(fit, chosen, ladders, number), days);
      weeks.add(new Block.Week(number, sessions));
      hardYesterday = hardOn(chosen, WeekSolver.DAYS);
    }
    WhyNot whyNot = new WhyNot(wishes, needs.keySet(), untested, weeks);
    whyNot.unchosen(ladders.values()).forEach(l -> leftOut.putIfAbsent(l.id(), l));
    notes.addAll(whyNot.notes());
    return new Block(
        List.copyOf(weeks),
        List.copyOf(leftOut.values()),
        List.copyOf(notes),
        wishes.halfWay(),
        wishes.retest());
  }

  /** Only what was measured and falls short is trained; what is not measured is tested first. */
  private static boolean toTrain(Band band) {
    return band == Band.SHORT || band == Band.CLOSE;
  }

  // ---- one week

  private List<Piece> pieces(Map<String, List<Exercise>> ladders, List<Integer> days, int number) {
    List<Piece> pieces = new ArrayList<>();
    ladders
        .values()
        .forEach(
            rising ->
                Rungs.of(rising, number)
                    .filter(at -> !fast(at.exercise()) || number >= FAST_FROM_WEEK)
                    .flatMap(at -> piece(at, days))
                    .ifPresent(pieces::add));
    return pieces;
  }

  private static boolean fast(Exercise exercise) {
    return exercise.kind() == Exercise.Kind.SPEED;
  }

  private Optional<Piece> piece(Rungs.At at, List<Integer> days) {
    Exercise exercise = at.exercise();
    double[] service = needs.keySet().stream().mapToDouble(exercise::service).toArray();
    int mains = 0;
    if (exercise.hard()) {
      for (LimitKind kind : exercise.serves()) {
        mains |= 1 << kind.ordinal();
      }
    }
    Set<Integer> pinned = edits.pins().getOrDefault(exercise.id(), Set.of());
    boolean must = edits.pins().containsKey(exercise.id());
    int most = fast(exercise) ? MOST_FAST_DAYS : MOST_HARD_DAYS;
    List<Integer> patterns;
    List<Integer> held = pinned.stream().filter(days::contains).toList();
    if (must && !held.isEmpty()) {
      patterns = List.of(TrainingDays.pattern(held));
    } else {
      patterns =
          exercise.hard()
              ? TrainingDays.hardPatterns(days, most)
              : days.isEmpty() ? List.of() : List.of(TrainingDays.pattern(days));
    }
    return patterns.isEmpty()
        ? Optional.empty()
        : Optional.of(new Piece(item(exercise, at.least()), service, mains, patterns, must));
  }

  /**
   * The same week with the doses it has come to: each rises as planned while every session that has
   * it keeps within the minutes, what serves most first; else it stays at the least.
   */
  private WeekFit.Chosen raised(
      WeekFit fit, WeekFit.Chosen chosen, Map<String, List<Exercise>> ladders, int number) {
    int[] left = fit.secondsLeft(chosen.drills(), TrainingDays.spread(WeekSolver.DAYS));
    for (int p = 0; p < chosen.pieces().size(); p++) {
      spend(left, chosen.patterns()[p], chosen.pieces().get(p).seconds() + Session.BETWEEN_ITEMS);
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
      int pattern = chosen.patterns()[p];
      boolean fits = true;
      for (int d = 0; d < WeekSolver.DAYS; d++) {
        fits &= (pattern & 1 << d) == 0 || left[d] >= extra;
      }
      if (pattern != 0 && fits) {
        spend(left, pattern, extra);
        pieces.set(
            p, new Piece(more, piece.service(), piece.mains(), piece.patterns(), piece.must()));
      }
    }
    return new WeekFit.Chosen(pieces, chosen.patterns(), chosen.drills());
  }

  private static void spend(int[] left, int pattern, int seconds) {
    for (int d = 0; d < WeekSolver.DAYS; d++) {
      if ((pattern & 1 << d) != 0) {
        left[d] -= seconds;
      }
    }
  }

  private double worth(Piece piece) {
    double sum = 0;
    int n = 0;
    for (double need : needs.values()) {
      sum += need * piece.service()[n++];
    }
    return sum;
  }

  private List<Session> sessions(WeekFit.Chosen chosen, List<Integer> days) {
    List<Session> sessions = new ArrayList<>();
    for (int day : days) {
      List<PlanItem> items = new ArrayList<>();
      for (int p = 0; p < chosen.pieces().size(); p++) {
        if ((chosen.patterns()[p] & 1 << day - 1) != 0) {
          items.add(chosen.pieces().get(p).item());
        }
      }
      items.sort(Comparator.comparingInt(Planner::order));
      chosen
          .drills()
          .forEach(
              (drill, pattern) -> {
                if ((pattern & 1 << day - 1) != 0) {
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
      if ((chosen.patterns()[p] & 1 << day - 1) != 0) {
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
        .map(
            e ->
                e.kind().ordinal() * 100
                    + (e.ladder().equals("hip-turn-standing") ? 10 : 0)
                    + e.rung())
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
    String why =
        why(exercise) + (extra ? "; " + weaker.get().id() + " side first, with one extra set" : "");
    return new PlanItem(
        exercise.id(),
        Optional.of(exercise),
        exercise.dose(),
        given,
        exercise.dose().seconds(given),
        why);
  }

  private String why(Exercise exercise) {
    List<String> served = new ArrayList<>();
    needs.entrySet().stream()
        .filter(n -> exercise.service(n.getKey()) > 0)
        .sorted(Map.Entry.<LimitKind, Double>comparingByValue().reversed())
        .forEach(
            n ->
                served.add(
                    n.getKey().title().toLowerCase(Locale.ROOT)
                        + " ("
                        + Limit.of(n.getKey()).band(screen, handed).word()
                        + (exercise.service(n.getKey()) == 1 ? ")" : ", by half)")));
    String held = edits.pins().containsKey(exercise.id()) ? "held in by the trainer" : "";
    if (served.isEmpty()) {
      return held.isEmpty() ? "frees the front of the hip before the seat works" : held;
    }
    return "serves " + String.join(" and ", served) + (held.isEmpty() ? "" : "; " + held);
  }
}
