package loosehip.core.link;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Leg;
import loosehip.core.limit.Body;
import loosehip.core.limit.Limit;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.Band;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.TurnBudget;

/**
 * Ranks limits: severity of each fault × chance of the limit behind it, ×1.5 where the fault serves
 * a named complaint, +0.5 where the budget is short on it, +0.5 for a notable side difference in
 * inward hip turn. The three highest drive the plan.
 */
public final class Needs {
  /** How many needs drive the plan. */
  public static final int DRIVERS = 3;

  private static final double COMPLAINT = 1.5;
  private static final double EXTRA = 0.5;

  private final Map<Limit, Double> sizes = new LinkedHashMap<>();
  private final Map<Limit, List<NeedReason>> because = new LinkedHashMap<>();

  private Needs() {}

  /**
   * The needs of one golfer, largest first, causes that the trainer rejected left out; equal needs
   * keep the order of the limit list.
   */
  public static List<Need> of(
      List<Link> links,
      List<Overrule> overrules,
      Set<Complaint> complaints,
      Optional<TurnBudget> budget,
      Body body) {
    Needs needs = new Needs();
    Overrule.heeded(links, overrules).forEach(link -> needs.fromFault(link, complaints));
    budget.ifPresent(needs::fromBudget);
    body.stifferHip()
        .ifPresent(
            leg ->
                needs.add(
                    Limit.of(leg == Leg.TRAIL ? LimitKind.TRAIL_IR : LimitKind.LEAD_IR),
                    EXTRA,
                    new NeedReason.LessThanOtherHip()));
    return needs.sizes.entrySet().stream()
        .map(e -> new Need(e.getKey(), e.getValue(), List.copyOf(needs.because.get(e.getKey()))))
        .sorted(
            Comparator.comparingDouble(Need::size)
                .reversed()
                .thenComparing(n -> n.limit().kind())
                .thenComparing(n -> n.limit().title()))
        .toList();
  }

  private void fromFault(Link link, Set<Complaint> complaints) {
    boolean serves = complaints.stream().anyMatch(c -> c.lookFirst().contains(link.fault()));
    for (CauseChance chance : link.causes()) {
      double size = link.level().severity() * chance.chance() * (serves ? COMPLAINT : 1);
      chance
          .cause()
          .limit()
          .ifPresent(
              limit ->
                  add(
                      limit,
                      size,
                      new NeedReason.Behind(link.fault(), chance.likelihood(), serves)));
    }
  }

  private void fromBudget(TurnBudget budget) {
    boolean backShort = isShort(budget.backMargin());
    if (backShort) {
      Leg limiting = budget.back().orElseThrow().limiting();
      add(
          Limit.of(limiting == Leg.TRAIL ? LimitKind.TRAIL_IR : LimitKind.LEAD_ER),
          EXTRA,
          new NeedReason.LimitsGoingBack());
    }
    if (isShort(budget.impactMargin())) {
      add(Limit.of(LimitKind.LEAD_IR), EXTRA, new NeedReason.LimitsComingThrough());
    }
    if (isShort(budget.shoulderMargin()) && !backShort) {
      add(Limit.of(LimitKind.TRUNK_TURN), EXTRA, new NeedReason.ShouldersShort());
    }
  }

  private static boolean isShort(Optional<Margin> margin) {
    return margin.filter(m -> m.band() == Band.SHORT).isPresent();
  }

  private void add(Limit limit, double size, NeedReason reason) {
    sizes.merge(limit, size, Double::sum);
    because.computeIfAbsent(limit, l -> new ArrayList<>()).add(reason);
  }
}
