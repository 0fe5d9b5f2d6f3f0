package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
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
import loosehip.core.safety.Health;

/**
 * Picks ladder rungs and drills for the three highest needs. A day's choice is exact: every subset
 * of at most seven candidate rungs is tried and the one that serves the needs most within the
 * minutes wins (main service 1, also 0.5, a second exercise on the same limit half). Range and
 * control work is for every day, strength for days 48 h apart.
 */
public final class Planner {
  private static final int MOST_EXERCISES = 7;
  private static final int MOST_DRILLS = 2;
  private static final int MOST_DRILL_DAYS = 5;
  private static final int MOST_STRENGTH_DAYS = 3;
  private static final double SECOND_ON_A_LIMIT = 0.5;
  private static final double SERIOUS = 0.05;

  private final Catalogue catalogue;
  private final Screen screen;
  private final Handed handed;
  private final Wishes wishes;
  private final Allowed allowed;
  private final Map<LimitKind, Double> needs = new EnumMap<>(LimitKind.class);
  private final Map<String, LeftOut> leftOut = new LinkedHashMap<>();
  private final List<PivotFault> working;

  private Planner(
      Catalogue catalogue,
      Screen screen,
      Handed handed,
      Health health,
      Wishes wishes,
      List<Need> ranked,
      List<Link> links) {
    this.catalogue = catalogue;
    this.screen = screen;
    this.handed = handed;
    this.wishes = wishes;
    this.allowed = new Allowed(health, screen, handed, wishes.tools());
    ranked.stream()
        .filter(n -> toTrain(n.limit().band(screen, handed)))
        .limit(Needs.DRIVERS)
        .forEach(n -> needs.merge(n.limit().kind(), n.size(), Math::max));
    this.working =
        links.stream()
            .filter(l -> l.triage().kind() != Triage.Kind.SEE_OTHER)
            .sorted(Comparator.comparingDouble((Link l) -> -l.level().severity()))
            .map(Link::fault)
            .toList();
  }

  /**
   * Makes a block. The same input gives the same block.
   *
   * @param needs ranked needs; those measured enough or not at all are passed over
   * @param links the faults in work
   */
  public static Block plan(
      Catalogue catalogue,
      Screen screen,
      Handed handed,
      Health health,
      Wishes wishes,
      List<Need> needs,
      List<Link> links) {
    return new Planner(catalogue, screen, handed, health, wishes, needs, links).block();
  }

  private Block block() {
    Map<PivotFault, Drill> drills = drills();
    List<Exercise> candidates = candidates();
    List<Integer> days = days(wishes.daysPerWeek());
    List<Block.Week> weeks = new ArrayList<>();
    for (int number = 1; number <= wishes.weeks(); number++) {
      List<PlanItem> drillItems = drillItems(drills, number);
      List<PlanItem> strengthDay = best(candidates, drillItems, number);
      List<Exercise> light =
          candidates.stream().filter(e -> e.kind() != Exercise.Kind.STRENGTH).toList();
      List<PlanItem> lightDay = best(light, drillItems, number);
      List<Session> sessions = new ArrayList<>();
      int lastStrength = -2;
      int strengthDays = 0;
      int drillDays = 0;
      for (int day : days) {
        boolean strength = day - lastStrength >= 2 && strengthDays < MOST_STRENGTH_DAYS;
        List<PlanItem> items = new ArrayList<>(strength ? strengthDay : lightDay);
        if (drillDays++ >= MOST_DRILL_DAYS) {
          items.removeIf(PlanItem::drill);
        }
        if (items.stream().anyMatch(Planner::strength)) {
          lastStrength = day;
          strengthDays++;
        }
        if (!items.isEmpty()) {
          sessions.add(new Session(day, List.copyOf(items)));
        }
      }
      weeks.add(new Block.Week(number, sessions));
    }
    noteUnchosen(candidates, weeks.get(0));
    return new Block(
        List.copyOf(weeks), List.copyOf(leftOut.values()), wishes.halfWay(), wishes.retest());
  }

  private static boolean strength(PlanItem item) {
    return item.exercise().filter(e -> e.kind() == Exercise.Kind.STRENGTH).isPresent();
  }

  /** Days spread over the week: 3 gives 1, 3, 5; 5 gives 1, 2, 3, 5, 6. */
  static List<Integer> days(int perWeek) {
    return switch (perWeek) {
      case 1 -> List.of(1);
      case 2 -> List.of(1, 4);
      case 3 -> List.of(1, 3, 5);
      case 4 -> List.of(1, 2, 4, 6);
      case 5 -> List.of(1, 2, 3, 5, 6);
      case 6 -> List.of(1, 2, 3, 4, 5, 6);
      default -> List.of(1, 2, 3, 4, 5, 6, 7);
    };
  }

  /** Only what was measured and falls short is trained; what is not measured is tested first. */
  private static boolean toTrain(Band band) {
    return band == Band.SHORT || band == Band.CLOSE;
  }

  /** One rung a ladder: the start rung, or the highest easier one that is allowed. */
  private List<Exercise> candidates() {
    List<Exercise> candidates = new ArrayList<>();
    catalogue
        .ladders()
        .forEach(
            (ladder, rungs) -> {
              int start = Math.min(StartRungs.of(ladder, screen), rungs.size());
              for (int rung = start; rung >= 1; rung--) {
                Exercise exercise = rungs.get(rung - 1);
                if (worth(exercise) < SERIOUS) {
                  continue;
                }
                Optional<String> against = allowed.against(exercise);
                if (against.isEmpty()) {
                  candidates.add(exercise);
                  return;
                }
                leftOut.putIfAbsent(exercise.id(), new LeftOut(exercise.id(), against.get()));
              }
            });
    return candidates;
  }

  private double worth(Exercise exercise) {
    return needs.entrySet().stream()
        .mapToDouble(n -> n.getValue() * exercise.service(n.getKey()))
        .sum();
  }

  /**
   * The session that serves most in the minutes. As many drills are kept as leave room for body
   * work; drills alone only when no exercise fits.
   */
  private List<PlanItem> best(List<Exercise> candidates, List<PlanItem> drills, int week) {
    List<PlanItem> all = candidates.stream().map(e -> item(e, week)).toList();
    for (int kept = drills.size(); kept >= 0; kept--) {
      List<PlanItem> session = best(all, drills.subList(0, kept));
      if (session.stream().anyMatch(i -> !i.drill())) {
        return session;
      }
    }
    for (int kept = drills.size(); kept > 0; kept--) {
      if (Session.length(drills.subList(0, kept)) <= wishes.minutesPerDay() * 60) {
        return drills.subList(0, kept);
      }
    }
    return List.of();
  }

  /** Exact: every subset is tried; ties go to the shorter, then to the first. */
  private List<PlanItem> best(List<PlanItem> all, List<PlanItem> drills) {
    int limit = wishes.minutesPerDay() * 60;
    List<PlanItem> best = List.of();
    double bestValue = 0;
    int bestLength = Integer.MAX_VALUE;
    for (int mask = 1; mask < 1 << all.size(); mask++) {
      if (Integer.bitCount(mask) > MOST_EXERCISES) {
        continue;
      }
      List<PlanItem> chosen = new ArrayList<>();
      for (int i = 0; i < all.size(); i++) {
        if ((mask & 1 << i) != 0) {
          chosen.add(all.get(i));
        }
      }
      double value = value(chosen);
      chosen.addAll(drills);
      int length = Session.length(chosen);
      boolean better = value > bestValue + 1e-9;
      boolean asGoodButShorter = Math.abs(value - bestValue) <= 1e-9 && length < bestLength;
      if (length <= limit && (better || asGoodButShorter)) {
        best = chosen;
        bestValue = value;
        bestLength = length;
      }
    }
    return best.stream().sorted(Comparator.comparingInt(Planner::order)).toList();
  }

  private double value(List<PlanItem> items) {
    double value = 0;
    for (var need : needs.entrySet()) {
      List<Double> services =
          items.stream()
              .map(i -> i.exercise().orElseThrow().service(need.getKey()))
              .sorted(Comparator.reverseOrder())
              .toList();
      double share = 1;
      for (double service : services) {
        value += need.getValue() * service * share;
        share *= SECOND_ON_A_LIMIT;
      }
    }
    return value;
  }

  /** Place of an item in a session: loosen, switch on, combine, groove; then up its ladder. */
  static int order(PlanItem item) {
    return item.exercise()
        .map(
            e ->
                e.kind().ordinal() * 100
                    + (e.ladder().equals("hip-turn-standing") ? 10 : 0)
                    + e.rung())
        .orElse(1000);
  }

  private PlanItem item(Exercise exercise, int week) {
    Dose.Prescribed much = exercise.dose().in(week, wishes.weeks());
    Optional<Leg> weaker = Needs.weakerSide(screen, handed);
    boolean extra =
        weaker.isPresent()
            && exercise.dose().perSide()
            && exercise.service(weaker.get() == Leg.TRAIL ? LimitKind.TRAIL_IR : LimitKind.LEAD_IR)
                == 1;
    Dose.Prescribed given = extra ? much.withExtraSet() : much;
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
    return "serves " + String.join(" and ", served);
  }

  /** One drill for each fault in work, the usual one first; a drill never serves two faults. */
  private Map<PivotFault, Drill> drills() {
    Map<PivotFault, Drill> chosen = new LinkedHashMap<>();
    for (PivotFault fault : working) {
      if (chosen.size() == MOST_DRILLS) {
        break;
      }
      for (Drill drill : catalogue.drills()) {
        if (!drill.faults().contains(fault) || chosen.containsValue(drill)) {
          continue;
        }
        Optional<String> against = allowed.against(drill);
        if (against.isEmpty()) {
          chosen.put(fault, drill);
          break;
        }
        leftOut.putIfAbsent(drill.id(), new LeftOut(drill.id(), against.get()));
      }
    }
    return chosen;
  }

  private List<PlanItem> drillItems(Map<PivotFault, Drill> drills, int week) {
    List<PlanItem> items = new ArrayList<>();
    drills.forEach(
        (fault, drill) -> {
          Dose.Prescribed much = drill.dose().in(week, wishes.weeks());
          items.add(
              new PlanItem(
                  drill.id(),
                  Optional.empty(),
                  drill.dose(),
                  much,
                  drill.dose().seconds(much),
                  "the drill for " + fault.title().toLowerCase(Locale.ROOT)));
        });
    return items;
  }

  private void noteUnchosen(List<Exercise> candidates, Block.Week first) {
    Set<String> chosen = new java.util.HashSet<>();
    first.sessions().forEach(s -> s.items().forEach(i -> chosen.add(i.id())));
    for (Exercise exercise : candidates) {
      if (!chosen.contains(exercise.id())) {
        int seconds = exercise.dose().seconds(exercise.dose().in(1, wishes.weeks()));
        leftOut.putIfAbsent(
            exercise.id(),
            new LeftOut(
                exercise.id(),
                "no time left: "
                    + seconds
                    + " s would go past "
                    + wishes.minutesPerDay()
                    + " minutes, and the rest serves more"));
      }
    }
  }
}
