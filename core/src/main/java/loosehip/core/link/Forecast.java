package loosehip.core.link;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Leg;
import loosehip.core.limit.Body;
import loosehip.core.measure.Band;
import loosehip.core.measure.ScreenTest;
import loosehip.core.pivot.BudgetMargin;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.TurnBudget;

/**
 * Where missing turn goes: what a body short on a margin is likely to do instead. Each fault weighs
 * its base × (1 + aggravators found); bases and aggravators are ours, from practice.
 */
public final class Forecast {
  /** Every fault that a short margin can bring. */
  public static final List<PivotFault> POSSIBLE =
      List.of(
          PivotFault.SWAY,
          PivotFault.EARLY_STOP,
          PivotFault.ARM_WRAP,
          PivotFault.REVERSE_TILT,
          PivotFault.TRAIL_LOCK,
          PivotFault.SHORT_TURN,
          PivotFault.SLIDE,
          PivotFault.HIP_THRUST,
          PivotFault.HANG_BACK,
          PivotFault.STALL_FLIP);

  /** Those of them that a short margin coming through brings. */
  static final Set<PivotFault> COMING_THROUGH =
      EnumSet.of(
          PivotFault.SLIDE, PivotFault.HIP_THRUST, PivotFault.HANG_BACK, PivotFault.STALL_FLIP);

  private final Body body;
  private final List<Expected> expected = new ArrayList<>();

  private Forecast(Body body) {
    this.body = body;
  }

  /**
   * One thing to expect.
   *
   * @param margin the short margin
   * @param fault what the body may do instead
   * @param weight how much it is expected; larger is more
   */
  public record Expected(BudgetMargin margin, PivotFault fault, double weight) {}

  /**
   * What this budget leads one to expect, per margin the heaviest first; empty when none is short.
   */
  public static List<Expected> of(TurnBudget budget, Body body) {
    Forecast forecast = new Forecast(body);
    if (isShort(budget.backMargin())) {
      forecast.back(budget.back().orElseThrow().limiting());
    }
    if (isShort(budget.impactMargin())) {
      forecast.impact();
    }
    if (isShort(budget.shoulderMargin())) {
      forecast.shoulder();
    }
    return forecast.expected.stream()
        .sorted(
            Comparator.comparing((Expected e) -> e.margin().id())
                .thenComparing(Comparator.comparingDouble(Expected::weight).reversed()))
        .toList();
  }

  private static boolean isShort(Optional<Margin> margin) {
    return margin.filter(m -> m.band() == Band.SHORT).isPresent();
  }

  private void back(Leg limiting) {
    int tilting =
        found(ScreenTest.TRUNK_TURN)
            + found(ScreenTest.OVERHEAD_REACH)
            + found(ScreenTest.BRIDGE_HOLD, Leg.TRAIL);
    if (limiting == Leg.TRAIL) {
      int drifting =
          found(ScreenTest.SIDE_HIP_HOLD, Leg.TRAIL)
              + found(ScreenTest.ONE_LEG_STAND, Leg.TRAIL)
              + found(ScreenTest.REACH_DOWN, Leg.TRAIL);
      add(BudgetMargin.BACK, PivotFault.SWAY, 1.0, drifting);
      add(BudgetMargin.BACK, PivotFault.EARLY_STOP, 0.9, 0);
      if (enough(ScreenTest.OVERHEAD_REACH)) {
        add(BudgetMargin.BACK, PivotFault.ARM_WRAP, 0.9, 0);
      }
      add(BudgetMargin.BACK, PivotFault.REVERSE_TILT, 0.7, tilting);
      add(BudgetMargin.BACK, PivotFault.TRAIL_LOCK, 0.5, found(ScreenTest.HINGE_CONTACT));
    } else {
      add(BudgetMargin.BACK, PivotFault.EARLY_STOP, 1.0, 0);
      add(BudgetMargin.BACK, PivotFault.SHORT_TURN, 0.8, found(ScreenTest.TRUNK_TURN));
      add(BudgetMargin.BACK, PivotFault.REVERSE_TILT, 0.4, tilting);
    }
  }

  private void impact() {
    add(
        BudgetMargin.IMPACT,
        PivotFault.SLIDE,
        0.9,
        found(ScreenTest.SIDE_HIP_HOLD, Leg.LEAD) + found(ScreenTest.BRIDGE_HOLD, Leg.LEAD));
    add(
        BudgetMargin.IMPACT,
        PivotFault.HIP_THRUST,
        0.9,
        found(ScreenTest.HINGE_CONTACT)
            + found(ScreenTest.TILT_CONTROL)
            + found(ScreenTest.SQUAT_DEPTH)
            + found(ScreenTest.GLUTE_SWITCH));
    add(BudgetMargin.IMPACT, PivotFault.HANG_BACK, 0.7, found(ScreenTest.ONE_LEG_STAND, Leg.LEAD));
    add(BudgetMargin.IMPACT, PivotFault.STALL_FLIP, 0.6, 0);
  }

  private void shoulder() {
    add(BudgetMargin.SHOULDER, PivotFault.SHORT_TURN, 1.0, 0);
    add(BudgetMargin.SHOULDER, PivotFault.ARM_WRAP, 0.6, enough(ScreenTest.OVERHEAD_REACH) ? 1 : 0);
    add(BudgetMargin.SHOULDER, PivotFault.REVERSE_TILT, 0.6, found(ScreenTest.OVERHEAD_REACH));
  }

  private void add(BudgetMargin margin, PivotFault fault, double base, int aggravators) {
    expected.add(new Expected(margin, fault, base * (1 + aggravators)));
  }

  private int found(ScreenTest test, Leg leg) {
    return body.band(test, leg) == Band.SHORT ? 1 : 0;
  }

  /** 1 when the test is short, on the worse side where it has sides. */
  private int found(ScreenTest test) {
    return body.band(test) == Band.SHORT ? 1 : 0;
  }

  private boolean enough(ScreenTest test) {
    return body.band(test) == Band.ENOUGH;
  }
}
