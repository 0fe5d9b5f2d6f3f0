package loosehip.core.pivot;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.Function;
import loosehip.core.body.Handed;
import loosehip.core.measure.Screen;

/**
 * Looks through every set-up a school allows for the cheapest one the body can pay. Flares in steps
 * of 5 (trail 0–30, lead 0–40), straightening 0–20 in steps of 5 within the school, the school's
 * releases, today's values, and, where there is any, pinch let go and pelvis levelled.
 */
public final class SetupSearch {
  private static final double STEP = 5;
  private static final double TRAIL_FLARE_MOST = 30;
  private static final double LEAD_FLARE_MOST = 40;
  private static final double STRAIGHTENING_MOST = 20;
  private static final double SHORT_PRICE = 3;
  private static final double FINISH_GRACE = 10;
  private static final int ALTERNATIVES = 2;

  private SetupSearch() {}

  /**
   * What the search found.
   *
   * @param school the school searched
   * @param today today's set-up, scored
   * @param best the lowest score; today's set-up when nothing needs changing
   * @param alternatives up to two, each led by another lever than the best and each other
   */
  public record Found(
      School school, SetupOption today, SetupOption best, List<SetupOption> alternatives) {

    /** Whether today's set-up already pays: back and impact at least 0, finish at least −10. */
    public boolean nothingNeeded() {
      return today.reachesZero() && today.finishMargin() >= -FINISH_GRACE;
    }

    /** Best first, then the alternatives; empty when nothing is needed. */
    public List<SetupOption> options() {
      if (nothingNeeded()) {
        return List.of();
      }
      List<SetupOption> all = new ArrayList<>();
      all.add(best);
      all.addAll(alternatives);
      return all;
    }
  }

  /**
   * Searches one school.
   *
   * @throws IllegalArgumentException when the screen lacks a part of the budget
   */
  public static Found search(School school, Screen screen, Handed handed, Setup today) {
    if (!Hips.of(screen, handed, today).complete()) {
      throw new IllegalArgumentException("The set-up search needs both hips and the trunk turn");
    }
    Map<Boolean, Hips> hips =
        Map.of(
            false, Hips.of(screen, handed, today),
            true, Hips.of(screen, handed, levelled(today)));
    SetupOption asItStands = score(school, today, today, false, false, hips.get(false));
    List<SetupOption> all = new ArrayList<>();
    for (boolean level :
        today.pelvicTilt() == 0 ? new boolean[] {false} : new boolean[] {false, true}) {
      for (boolean unpinch :
          today.pinch() == 0 ? new boolean[] {false} : new boolean[] {false, true}) {
        for (double trail : steps(TRAIL_FLARE_MOST, today.trailFlare())) {
          for (double lead : steps(LEAD_FLARE_MOST, today.leadFlare())) {
            for (double straight : straightenings(school, today)) {
              for (LeadRelease release : releases(school, today)) {
                Setup option = today.with(trail, lead, straight, release, unpinch, level);
                all.add(score(school, today, option, unpinch, level, hips.get(level)));
              }
            }
          }
        }
      }
    }
    all.removeIf(o -> o.cost() == 0);
    all.sort(Comparator.comparingDouble(SetupOption::score).thenComparingDouble(SetupOption::cost));
    boolean todayAllowed = today.straightening() <= school.straighteningLimit();
    SetupOption best =
        todayAllowed && asItStands.score() <= all.get(0).score() ? asItStands : all.get(0);
    return new Found(school, asItStands, best, alternatives(all, best));
  }

  private static Setup levelled(Setup today) {
    return today.with(
        today.trailFlare(), today.leadFlare(), today.straightening(), today.release(), false, true);
  }

  private static List<SetupOption> alternatives(List<SetupOption> sorted, SetupOption best) {
    Map<SetupOption.Lever, SetupOption> byLever = new EnumMap<>(SetupOption.Lever.class);
    for (SetupOption option : sorted) {
      if (option.main() != best.main()) {
        byLever.putIfAbsent(option.main(), option);
      }
    }
    return byLever.values().stream()
        .sorted(
            Comparator.comparingDouble(SetupOption::score).thenComparingDouble(SetupOption::cost))
        .limit(ALTERNATIVES)
        .toList();
  }

  private static TreeSet<Double> steps(double most, double today) {
    TreeSet<Double> steps = new TreeSet<>();
    for (double at = 0; at <= most; at += STEP) {
      steps.add(at);
    }
    steps.add(today);
    return steps;
  }

  private static TreeSet<Double> straightenings(School school, Setup today) {
    TreeSet<Double> steps = steps(STRAIGHTENING_MOST, today.straightening());
    steps.removeIf(s -> s > school.straighteningLimit());
    return steps;
  }

  private static TreeSet<LeadRelease> releases(School school, Setup today) {
    TreeSet<LeadRelease> releases = new TreeSet<>(school.releases());
    releases.add(today.release());
    return releases;
  }

  private static SetupOption score(
      School school, Setup today, Setup option, boolean unpinch, boolean level, Hips hips) {
    TurnBudget budget = TurnBudget.of(school, option, hips);
    double back = budget.backMargin().orElseThrow().degrees();
    double impact = budget.impactMargin().orElseThrow().degrees();
    double finish = budget.finishMargin().orElseThrow().degrees();
    Map<SetupOption.Lever, Double> costs = costs(today, option, unpinch, level);
    double cost = costs.values().stream().mapToDouble(Double::doubleValue).sum();
    double score =
        cost
            + SHORT_PRICE * Math.max(0, -back)
            + SHORT_PRICE * Math.max(0, -impact)
            + Math.max(0, -finish - FINISH_GRACE);
    SetupOption.Lever main =
        costs.entrySet().stream()
            .filter(e -> e.getValue() > 0)
            .max(Map.Entry.comparingByValue())
            .map(Map.Entry::getKey)
            .orElse(SetupOption.Lever.NONE);
    double shoulder = budget.back().flatMap(TurnBudget.Back::shoulder).orElseThrow().degrees();
    return new SetupOption(
        option, score, cost, main, unpinch, level, back, shoulder, impact, finish);
  }

  private static Map<SetupOption.Lever, Double> costs(
      Setup today, Setup option, boolean unpinch, boolean level) {
    Map<SetupOption.Lever, Double> costs = new EnumMap<>(SetupOption.Lever.class);
    costs.put(SetupOption.Lever.TRAIL_FLARE, Math.abs(option.trailFlare() - today.trailFlare()));
    costs.put(SetupOption.Lever.LEAD_FLARE, Math.abs(option.leadFlare() - today.leadFlare()));
    costs.put(
        SetupOption.Lever.STRAIGHTENING,
        0.7 * Math.abs(option.straightening() - today.straightening()));
    int releaseSteps = Math.abs(option.release().ordinal() - today.release().ordinal());
    costs.put(SetupOption.Lever.RELEASE, new double[] {0, 6, 14}[releaseSteps]);
    costs.put(SetupOption.Lever.UNPINCH, unpinch ? 0.2 * today.pinch() : 0);
    costs.put(SetupOption.Lever.LEVEL, level ? 0.3 * Math.abs(today.pelvicTilt()) : 0);
    return costs;
  }

  /** Every school with its best set-up, the best-paying school first. */
  public static List<Found> schools(Screen screen, Handed handed, Setup today) {
    Function<School, Found> one = school -> search(school, screen, handed, today);
    return java.util.Arrays.stream(School.values())
        .map(one)
        .sorted(Comparator.comparingDouble(f -> f.best().score()))
        .toList();
  }
}
