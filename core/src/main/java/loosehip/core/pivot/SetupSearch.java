package loosehip.core.pivot;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import loosehip.core.limit.Body;

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
  private static final int ALTERNATIVES = 2;

  private SetupSearch() {}

  /**
   * What the search found.
   *
   * @param school the school searched
   * @param today today's set-up, scored
   * @param best the lowest score; today's set-up when nothing needs changing
   * @param alternatives up to two, each led by another lever than the best and each other
   * @param grace degrees a finish may lack
   */
  public record Found(
      School school,
      SetupOption today,
      SetupOption best,
      List<SetupOption> alternatives,
      double grace) {

    /**
     * Whether today's set-up already pays: back, impact and shoulders at least 0, finish within its
     * grace.
     */
    public boolean nothingNeeded() {
      return today.reachesZero() && today.shoulderMargin() >= 0 && today.finishMargin() >= -grace;
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
   * @param c the figures of the model in force
   * @throws IllegalArgumentException when the body lacks a part of the budget
   */
  public static Found search(School school, Body body, Coefficients c, Setup today) {
    if (!Hips.of(body, c, today).complete()) {
      throw new IllegalArgumentException("The set-up search needs both hips and the trunk turn");
    }
    SetupOption asItStands =
        option(school, body, c, today, new Candidate(today, false, false, 0, 0));
    Map<SetupOption.Lever, Candidate> leaders = new EnumMap<>(SetupOption.Lever.class);
    for (boolean level : choices(today.pelvicTilt() != 0)) {
      for (boolean unpinch : choices(today.pinch() != 0)) {
        Terms terms = Terms.of(school, body, c, today, unpinch, level);
        through(school, today, terms, c, leaders);
      }
    }
    List<SetupOption> sorted =
        leaders.values().stream()
            .sorted(
                Comparator.comparingDouble(Candidate::score).thenComparingDouble(Candidate::cost))
            .map(leader -> option(school, body, c, today, leader))
            .toList();
    boolean todayAllowed = today.straightening() <= c.demands(school).straightening();
    SetupOption best =
        todayAllowed && asItStands.score() <= sorted.get(0).score() ? asItStands : sorted.get(0);
    List<SetupOption> alternatives =
        sorted.stream().filter(o -> o.main() != best.main()).limit(ALTERNATIVES).toList();
    return new Found(school, asItStands, best, alternatives, c.of(Coefficient.FINISH_GRACE));
  }

  private static boolean[] choices(boolean both) {
    return both ? new boolean[] {false, true} : new boolean[] {false};
  }

  /** One way to stand, with its price; the budget itself is made only for the few that lead. */
  private record Candidate(
      Setup setup, boolean unpinch, boolean level, double score, double cost) {}

  /**
   * What a budget is made of once pinch and tilt are decided: flare, straightening and release then
   * only add to it, one for one.
   */
  private record Terms(
      double trail,
      double lead,
      double through,
      double demand,
      double shoulder,
      double most,
      double impact,
      double finish,
      Setup base,
      boolean unpinch,
      boolean level) {
    static Terms of(
        School school, Body body, Coefficients c, Setup today, boolean unpinch, boolean level) {
      Setup base = stood(today, 0, 0, 0, LeadRelease.HELD);
      base = unpinch ? base.unpinched() : base;
      base = level ? base.levelled() : base;
      TurnBudget budget = TurnBudget.of(school, base, Hips.of(body, c, base));
      TurnBudget.Back back = budget.back().orElseThrow();
      double through = budget.through().orElseThrow().lead().total();
      return new Terms(
          back.trail().total(),
          back.lead().total(),
          through,
          back.demand().orElseThrow().degrees(),
          c.demands(school).shoulders(today.club()) - budget.trunk().orElseThrow().degrees(),
          c.demands(school).pelvisHigh(),
          through - budget.impactMargin().orElseThrow().degrees(),
          through - budget.finishMargin().orElseThrow().degrees(),
          base,
          unpinch,
          level);
    }
  }

  private static void through(
      School school,
      Setup today,
      Terms terms,
      Coefficients c,
      Map<SetupOption.Lever, Candidate> leaders) {
    double[] costs = new double[SetupOption.Lever.values().length];
    costs[SetupOption.Lever.UNPINCH.ordinal()] =
        terms.unpinch() ? c.of(Coefficient.PRICE_UNPINCH) * today.pinch() : 0;
    costs[SetupOption.Lever.LEVEL.ordinal()] =
        terms.level() ? c.of(Coefficient.PRICE_LEVEL) * Math.abs(today.pelvicTilt()) : 0;
    double[] leads = steps(LEAD_FLARE_MOST, today.leadFlare());
    double[] straights = straightenings(c.demands(school), today);
    LeadRelease[] releases = releases(school, today);
    for (double trail : steps(TRAIL_FLARE_MOST, today.trailFlare())) {
      costs[SetupOption.Lever.TRAIL_FLARE.ordinal()] = Math.abs(trail - today.trailFlare());
      for (double lead : leads) {
        costs[SetupOption.Lever.LEAD_FLARE.ordinal()] = Math.abs(lead - today.leadFlare());
        for (double straight : straights) {
          costs[SetupOption.Lever.STRAIGHTENING.ordinal()] =
              c.of(Coefficient.PRICE_STRAIGHTENING) * Math.abs(straight - today.straightening());
          double trailTurn = terms.trail() + trail + c.straightening(straight);
          for (LeadRelease release : releases) {
            int step = Math.abs(release.ordinal() - today.release().ordinal());
            costs[SetupOption.Lever.RELEASE.ordinal()] = c.releasePrice(step);
            double leadTurn = terms.lead() - lead + c.release(release);
            double pelvis = Math.min(trailTurn, leadTurn);
            double back = pelvis - terms.demand();
            double shoulder = Math.min(pelvis, terms.most()) - terms.shoulder();
            double impact = terms.through() + lead - terms.impact();
            double finish = terms.through() + lead - terms.finish();
            double score = score(c, sum(costs), back, shoulder, impact, finish);
            consider(leaders, terms, costs, score, trail, lead, straight, release);
          }
        }
      }
    }
  }

  private static void consider(
      Map<SetupOption.Lever, Candidate> leaders,
      Terms terms,
      double[] costs,
      double score,
      double trail,
      double lead,
      double straight,
      LeadRelease release) {
    SetupOption.Lever main = main(costs);
    if (main == SetupOption.Lever.NONE) {
      return;
    }
    double cost = sum(costs);
    Candidate leader = leaders.get(main);
    boolean better =
        leader == null || score < leader.score() || score == leader.score() && cost < leader.cost();
    if (better) {
      Setup setup = stood(terms.base(), trail, lead, straight, release);
      leaders.put(main, new Candidate(setup, terms.unpinch(), terms.level(), score, cost));
    }
  }

  private static Setup stood(
      Setup from, double trail, double lead, double straight, LeadRelease release) {
    return from.with(BudgetFigure.TRAIL_FLARE, trail)
        .with(BudgetFigure.LEAD_FLARE, lead)
        .with(BudgetFigure.STRAIGHTENING, straight)
        .with(release);
  }

  private static double sum(double[] costs) {
    double sum = 0;
    for (double cost : costs) {
      sum += cost;
    }
    return sum;
  }

  /** The lever that costs most; the first of equals; none when nothing is changed. */
  private static SetupOption.Lever main(double[] costs) {
    int most = 0;
    for (int i = 1; i < costs.length; i++) {
      if (costs[i] > costs[most]) {
        most = i;
      }
    }
    return SetupOption.Lever.values()[most];
  }

  private static double score(
      Coefficients c, double cost, double back, double shoulder, double impact, double finish) {
    double price = c.of(Coefficient.PRICE_SHORT);
    return cost
        + price * Math.max(0, -back)
        + price * Math.max(0, -impact)
        + c.of(Coefficient.PRICE_SHOULDER) * Math.max(0, -shoulder)
        + Math.max(0, -finish - c.of(Coefficient.FINISH_GRACE));
  }

  /** The option whole, with its budget; scored as it stands in the search. */
  private static SetupOption option(
      School school, Body body, Coefficients model, Setup today, Candidate c) {
    TurnBudget budget = TurnBudget.of(school, c.setup(), Hips.of(body, model, c.setup()));
    double back = budget.backMargin().orElseThrow().degrees();
    double impact = budget.impactMargin().orElseThrow().degrees();
    double shoulder = budget.shoulderMargin().orElseThrow().degrees();
    double finish = budget.finishMargin().orElseThrow().degrees();
    return new SetupOption(
        c.setup(),
        score(model, c.cost(), back, shoulder, impact, finish),
        c.cost(),
        main(costs(today, c, model)),
        c.unpinch(),
        c.level(),
        back,
        shoulder,
        impact,
        finish);
  }

  /**
   * Any set-up, priced like those of the search against the one it starts from.
   *
   * @throws IllegalArgumentException when hips or trunk are not all known
   */
  public static SetupOption price(
      School school, Body body, Coefficients c, Setup today, Setup then) {
    if (!Hips.of(body, c, then).complete()) {
      throw new IllegalArgumentException("A price needs both hips and the trunk turn");
    }
    boolean unpinch = today.pinch() > 0 && then.pinch() == 0;
    boolean level = today.pelvicTilt() != 0 && then.pelvicTilt() == 0;
    double cost = sum(costs(today, new Candidate(then, unpinch, level, 0, 0), c));
    return option(school, body, c, today, new Candidate(then, unpinch, level, 0, cost));
  }

  private static double[] costs(Setup today, Candidate c, Coefficients model) {
    double[] costs = new double[SetupOption.Lever.values().length];
    costs[SetupOption.Lever.TRAIL_FLARE.ordinal()] =
        Math.abs(c.setup().trailFlare() - today.trailFlare());
    costs[SetupOption.Lever.LEAD_FLARE.ordinal()] =
        Math.abs(c.setup().leadFlare() - today.leadFlare());
    costs[SetupOption.Lever.STRAIGHTENING.ordinal()] =
        model.of(Coefficient.PRICE_STRAIGHTENING)
            * Math.abs(c.setup().straightening() - today.straightening());
    costs[SetupOption.Lever.RELEASE.ordinal()] =
        model.releasePrice(Math.abs(c.setup().release().ordinal() - today.release().ordinal()));
    costs[SetupOption.Lever.UNPINCH.ordinal()] =
        c.unpinch() ? model.of(Coefficient.PRICE_UNPINCH) * today.pinch() : 0;
    costs[SetupOption.Lever.LEVEL.ordinal()] =
        c.level() ? model.of(Coefficient.PRICE_LEVEL) * Math.abs(today.pelvicTilt()) : 0;
    return costs;
  }

  private static double[] steps(double most, double today) {
    TreeSet<Double> steps = new TreeSet<>();
    for (double at = 0; at <= most; at += STEP) {
      steps.add(at);
    }
    steps.add(today);
    return steps.stream().mapToDouble(Double::doubleValue).toArray();
  }

  private static double[] straightenings(Demands asks, Setup today) {
    return Arrays.stream(steps(STRAIGHTENING_MOST, today.straightening()))
        .filter(s -> s <= asks.straightening())
        .toArray();
  }

  private static LeadRelease[] releases(School school, Setup today) {
    TreeSet<LeadRelease> releases = new TreeSet<>(school.releases());
    releases.add(today.release());
    return releases.toArray(LeadRelease[]::new);
  }

  /** Every school with its best set-up, the best-paying school first. */
  public static List<Found> schools(Body body, Coefficients c, Setup today) {
    return Arrays.stream(School.values())
        .map(school -> search(school, body, c, today))
        .sorted(Comparator.comparingDouble(f -> f.best().score()))
        .toList();
  }
}
