package loosehip.core.link;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.measure.Band;
import loosehip.core.measure.Screen;
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
  private final Screen screen;
  private final Handed handed;
  private final Seen seen;
  private final Optional<TurnBudget> budget;
  private final FindingWords words;

  /**
   * @param budget the budget of the golfer's school and today's set-up; empty when it cannot be had
   */
  public Evidence(
      RuleBook book, Screen screen, Handed handed, Seen seen, Optional<TurnBudget> budget) {
    this.book = book;
    this.screen = screen;
    this.handed = handed;
    this.seen = seen;
    this.budget = budget;
    this.words = new FindingWords(screen, handed);
  }

  /** The links of every fault that is present, in the order of the fault list. */
  public List<Link> links() {
    List<Link> links = new ArrayList<>();
    for (PivotFault fault : PivotFault.values()) {
      if (seen.level(fault).present()) {
        links.add(link(fault));
      }
    }
    return links;
  }

  private Link link(PivotFault fault) {
    List<CauseChance> chances =
        book.causes(fault).stream()
            .map(cause -> chance(fault, cause))
            .sorted(Comparator.comparingDouble(CauseChance::odds).reversed())
            .toList();
    return new Link(fault, seen.level(fault), Triage.of(chances), chances);
  }

  private CauseChance chance(PivotFault fault, Cause cause) {
    List<Factor> factors = new ArrayList<>();
    if (seen.level(fault) == Level.SLIGHT) {
      factors.add(new Factor("seen slight, not clear", SLIGHT));
    }
    boolean settled;
    if (cause instanceof Cause.Body body) {
      settled = body(fault, body, factors);
    } else if (cause instanceof Cause.FromSetup setup) {
      Level level = seen.level(setup.fault());
      factors.add(new Factor("set-up: " + level.word(), level.factor()));
      settled = level != Level.NOT_LOOKED_AT;
    } else if (cause instanceof Cause.Follows follows) {
      Level level = seen.level(follows.fault());
      factors.add(
          new Factor(follows.fault().title().toLowerCase() + ": " + level.word(), level.factor()));
      settled = level != Level.NOT_LOOKED_AT;
    } else {
      settled = habit(fault, (Cause.FromHabit) cause, factors);
    }
    double odds = cause.prior() / (1 - cause.prior());
    for (Factor factor : factors) {
      odds *= factor.value();
    }
    return new CauseChance(cause, List.copyOf(factors), odds, settled);
  }

  private boolean body(PivotFault fault, Cause.Body cause, List<Factor> factors) {
    Band band = cause.limit().band(screen, handed);
    double test = cause.strength().factor(band);
    factors.add(new Factor(words.of(cause.limit(), band), test));
    budgetFactor(cause.limit().kind())
        .ifPresent(
            factor -> {
              double capped = Math.min(factor.value(), TEST_AND_BUDGET_MOST / test);
              factors.add(new Factor(factor.words(), capped));
            });
    Rehearsal rehearsal = seen.rehearsal(fault);
    if (rehearsal != Rehearsal.NOT_TRIED) {
      factors.add(new Factor("slow rehearsal: " + rehearsal.word(), rehearsal.bodyFactor()));
    }
    return band.measured();
  }

  private Optional<Factor> budgetFactor(LimitKind kind) {
    return switch (kind) {
      case TRAIL_IR -> back(Leg.TRAIL);
      case LEAD_ER -> back(Leg.LEAD);
      case LEAD_IR ->
          budget
              .flatMap(TurnBudget::impactMargin)
              .flatMap(m -> factor(m.band(), "coming through " + m.spoken()));
      default -> Optional.empty();
    };
  }

  private Optional<Factor> back(Leg leg) {
    return budget
        .flatMap(TurnBudget::back)
        .filter(b -> b.margin().isPresent())
        .flatMap(
            b -> {
              Band band = b.margin().get().band();
              String spoken = "going back " + b.margin().get().spoken();
              if (band == Band.SHORT && b.limiting() != leg) {
                return Optional.empty();
              }
              return factor(band, band == Band.SHORT ? spoken + ", this hip limits" : spoken);
            });
  }

  private static Optional<Factor> factor(Band band, String words) {
    return switch (band) {
      case SHORT -> Optional.of(new Factor(words, BUDGET_SHORT));
      case ENOUGH -> Optional.of(new Factor(words, BUDGET_ENOUGH));
      default -> Optional.empty();
    };
  }

  private boolean habit(PivotFault fault, Cause.FromHabit cause, List<Factor> factors) {
    Rehearsal rehearsal = seen.rehearsal(fault);
    if (rehearsal != Rehearsal.NOT_TRIED) {
      factors.add(new Factor("slow rehearsal: " + rehearsal.word(), rehearsal.habitFactor()));
    }
    if (strongBodyCleared(fault)) {
      factors.add(new Factor("every strong body cause measured and enough", STRONG_BODY_CLEARED));
    }
    boolean named = seen.habits().contains(cause.habit());
    factors.add(named ? new Factor("named", HABIT_NAMED) : new Factor("not named", 1));
    return named || rehearsal != Rehearsal.NOT_TRIED;
  }

  private boolean strongBodyCleared(PivotFault fault) {
    List<Band> strong =
        book.causes(fault).stream()
            .filter(c -> c instanceof Cause.Body b && b.strength() == Strength.STRONG)
            .map(c -> ((Cause.Body) c).limit().band(screen, handed))
            .toList();
    return !strong.isEmpty() && strong.stream().allMatch(b -> b == Band.ENOUGH);
  }
}
