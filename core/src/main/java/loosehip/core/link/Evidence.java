package loosehip.core.link;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import loosehip.core.body.Leg;
import loosehip.core.limit.Body;
import loosehip.core.limit.Limit;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.Band;
import loosehip.core.measure.Measurement;
import loosehip.core.pivot.BudgetMargin;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.TurnBudget;

/**
 * The evidence sum. Each cause's prior odds are multiplied by what its own test, the turn budget,
 * the slow rehearsal and the named habits say. Followed faults count by the level seen, never by
 * their own sum, so the order of faults does not matter and no chain can loop. Order per cause:
 * severity, own test, budget (own test and budget together at most ×8), rehearsal, habit rules.
 */
public final class Evidence {
  private static final double TEST_AND_BUDGET_MOST = 8;
  private static final double BUDGET_SHORT = 2;
  private static final double BUDGET_ENOUGH = 0.6;
  private static final double STRONG_BODY_CLEARED = 2;
  private static final double HABIT_NAMED = 3;
  private static final double SLIGHT = 0.5;

  private final RuleBook book;
  private final Body body;
  private final Seen seen;
  private final Optional<TurnBudget> budget;

  /**
   * @param budget the budget of the golfer's school and today's set-up; empty when it cannot be had
   */
  public Evidence(RuleBook book, Body body, Seen seen, Optional<TurnBudget> budget) {
    this.book = book;
    this.body = body;
    this.seen = seen;
    this.budget = budget;
  }

  /** The links of every pivot fault that is present, in the order of the fault list. */
  public List<Link> links() {
    return links(PivotFault.values());
  }

  /** The links of every set-up fault that is present, in the order of the fault list. */
  public List<Link> setupLinks() {
    return links(SetupFault.values());
  }

  private List<Link> links(Fault[] faults) {
    List<Link> links = new ArrayList<>();
    for (Fault fault : faults) {
      if (seen.level(fault).present()) {
        links.add(link(fault));
      }
    }
    return links;
  }

  private Link link(Fault fault) {
    List<CauseChance> chances =
        book.causes(fault).stream()
            .map(cause -> chance(fault, cause))
            .sorted(Comparator.comparingDouble(CauseChance::odds).reversed())
            .toList();
    return new Link(fault, seen.level(fault), Triage.of(chances), chances);
  }

  private CauseChance chance(Fault fault, Cause cause) {
    List<Factor> factors = new ArrayList<>();
    if (seen.level(fault) == Level.SLIGHT) {
      factors.add(new Factor(new Finding.SeenSlight(), SLIGHT));
    }
    boolean settled;
    if (cause.source() instanceof Source.OfLimit of) {
      settled = limit(fault, judged(fault, of.limit()), cause.strength(), factors);
    } else if (cause.source() instanceof SetupFault setup) {
      Level level = seen.level(setup);
      factors.add(new Factor(new Finding.SetupSeen(level), level.factor()));
      settled = level != Level.NOT_LOOKED_AT;
    } else if (cause.source() instanceof PivotFault followed) {
      Level level = seen.level(followed);
      factors.add(new Factor(new Finding.FollowedSeen(followed, level), level.factor()));
      settled = level != Level.NOT_LOOKED_AT;
    } else {
      settled = habit(fault, (Habit) cause.source(), factors);
    }
    double odds = cause.prior() / (1 - cause.prior());
    for (Factor factor : factors) {
      odds *= factor.value();
    }
    return new CauseChance(cause, List.copyOf(factors), odds, settled);
  }

  /**
   * The limit a cause is judged on: the trunk's turn towards the trail side going back, unless the
   * cause names the other; what names no side otherwise is judged on the worse one.
   */
  static Limit judged(Fault fault, Limit limit) {
    boolean goingBack =
        fault instanceof PivotFault
            && limit.kind() == LimitKind.TRUNK_TURN
            && limit.leg().isEmpty();
    return goingBack ? new Limit(LimitKind.TRUNK_TURN, Optional.of(Leg.TRAIL)) : limit;
  }

  private boolean limit(Fault fault, Limit limit, Strength strength, List<Factor> factors) {
    Band band = body.band(limit);
    double test = strength.factor(band);
    factors.add(new Factor(tested(limit, band), test));
    budgetFactor(limit.kind())
        .ifPresent(
            factor -> {
              double capped = Math.min(factor.value(), TEST_AND_BUDGET_MOST / test);
              factors.add(new Factor(factor.finding(), capped));
            });
    rehearsed(fault, Rehearsal::bodyFactor).ifPresent(factors::add);
    return band.measured();
  }

  private Finding tested(Limit limit, Band band) {
    List<Measurement> all = body.measurements(limit);
    Optional<Measurement> decisive =
        all.stream()
            .filter(m -> band.measured() && !m.stoppedByPain() && m.band() == band)
            .min(Comparator.comparingInt(m -> limit.tests().indexOf(m.slot().test())));
    return new Finding.Tested(
        limit, band, decisive, all.stream().anyMatch(Measurement::stoppedByPain));
  }

  private Optional<Factor> rehearsed(Fault fault, RehearsalFactor factor) {
    Rehearsal rehearsal =
        fault instanceof PivotFault pivot ? seen.rehearsal(pivot) : Rehearsal.NOT_TRIED;
    return rehearsal == Rehearsal.NOT_TRIED
        ? Optional.empty()
        : Optional.of(new Factor(new Finding.Rehearsed(rehearsal), factor.of(rehearsal)));
  }

  private interface RehearsalFactor {
    double of(Rehearsal rehearsal);
  }

  private Optional<Factor> budgetFactor(LimitKind kind) {
    return switch (kind) {
      case TRAIL_IR -> back(Leg.TRAIL);
      case LEAD_ER -> back(Leg.LEAD);
      case LEAD_IR -> through();
      default -> Optional.empty();
    };
  }

  private Optional<Factor> back(Leg leg) {
    Optional<TurnBudget.Back> back = budget.flatMap(TurnBudget::back);
    Optional<Margin> margin = back.flatMap(TurnBudget.Back::margin);
    if (margin.isEmpty()) {
      return Optional.empty();
    }
    boolean isShort = margin.get().band() == Band.SHORT;
    if (isShort) {
      return back.get().limiting() == leg
          ? Optional.of(budgeted(BudgetMargin.BACK, margin.get(), true))
          : Optional.empty();
    }
    boolean unhelped =
        budget.orElseThrow().unhelped(leg) >= back.get().demand().orElseThrow().degrees();
    return margin.get().band() == Band.ENOUGH && unhelped
        ? Optional.of(budgeted(BudgetMargin.BACK, margin.get(), false))
        : Optional.empty();
  }

  /** Coming through; what only the flare pays for is no proof that the hip has the turn. */
  private Optional<Factor> through() {
    Optional<Margin> margin = budget.flatMap(TurnBudget::impactMargin);
    if (margin.isEmpty() || margin.get().band() == Band.CLOSE) {
      return Optional.empty();
    }
    boolean isShort = margin.get().band() == Band.SHORT;
    double unflared = margin.get().degrees() - budget.orElseThrow().setup().leadFlare();
    return isShort || unflared >= 0
        ? Optional.of(budgeted(BudgetMargin.IMPACT, margin.get(), false))
        : Optional.empty();
  }

  private static Factor budgeted(BudgetMargin which, Margin margin, boolean limiting) {
    return new Factor(
        new Finding.Budgeted(which, margin, limiting),
        margin.band() == Band.SHORT ? BUDGET_SHORT : BUDGET_ENOUGH);
  }

  private boolean habit(Fault fault, Habit habit, List<Factor> factors) {
    Optional<Factor> rehearsed = rehearsed(fault, Rehearsal::habitFactor);
    rehearsed.ifPresent(factors::add);
    if (strongBodyCleared(fault)) {
      factors.add(new Factor(new Finding.StrongBodyCleared(), STRONG_BODY_CLEARED));
    }
    boolean named = seen.habits().contains(habit);
    factors.add(new Factor(new Finding.HabitNamed(named), named ? HABIT_NAMED : 1));
    return named || rehearsed.isPresent();
  }

  private boolean strongBodyCleared(Fault fault) {
    List<Band> strong =
        book.causes(fault).stream()
            .filter(c -> c.evidence().filter(Strength.STRONG::equals).isPresent())
            .map(c -> body.band(judged(fault, c.limit().orElseThrow())))
            .toList();
    return !strong.isEmpty() && strong.stream().allMatch(b -> b == Band.ENOUGH);
  }
}
