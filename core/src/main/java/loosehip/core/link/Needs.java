package loosehip.core.link;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.core.body.Leg;
import loosehip.core.limit.Body;
import loosehip.core.limit.Limit;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.Band;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.TurnBudget;

/**
 * Ranks limits: severity of each fault × chance of the limit behind it, ×1.5 where the fault serves
 * a named complaint or the complaint names the limit, +0.5 where the budget is short on it, +0.5
 * for a notable side difference in inward hip turn, and for what was measured less than enough
 * without any fault asking 0.3 (short) or 0.1 (close). The three highest drive the plan, the rest
 * fill what is left.
 */
public final class Needs {
  /** How many needs drive the plan. */
  public static final int DRIVERS = 3;

  private static final double COMPLAINT = 1.5;
  private static final double EXTRA = 0.5;
  private static final double GROUND_SHORT = 0.3;
  private static final double GROUND_CLOSE = 0.1;

  private final Map<Limit, Double> sizes = new LinkedHashMap<>();
  private final Map<Limit, List<NeedReason>> because = new LinkedHashMap<>();

  private Needs() {}

  /**
   * The needs of one golfer, largest first; equal needs keep the order of the limit list.
   *
   * <p>A limit behind a fault whose link the trainer rejected is no groundwork either.
   *
   * @param links the faults of set-up and pivot seen, with what the trainer decided about them
   */
  public static List<Need> of(
      List<Link> links, Set<Complaint> complaints, Optional<TurnBudget> budget, Body body) {
    Needs needs = new Needs();
    links.forEach(link -> needs.fromFault(link, complaints));
    Set<Limit> asked =
        links.stream()
            .flatMap(link -> link.causes().stream())
            .flatMap(chance -> chance.cause().limit().stream())
            .collect(Collectors.toSet());
    budget.ifPresent(needs::fromBudget);
    body.stifferHip()
        .ifPresent(
            leg ->
                needs.add(
                    Limit.of(leg == Leg.TRAIL ? LimitKind.TRAIL_IR : LimitKind.LEAD_IR),
                    EXTRA,
                    new NeedReason.LessThanOtherHip()));
    needs.groundwork(asked, complaints, body);
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
    boolean serves = complaints.stream().anyMatch(c -> c.names(link.fault()));
    for (CauseChance chance : link.causes()) {
      Optional<Limit> limit = chance.cause().limit();
      if (limit.isEmpty() || chance.rejected()) {
        continue;
      }
      boolean complained = serves || named(limit.get().kind(), complaints);
      add(
          limit.get(),
          link.severity() * chance.counted() * (complained ? COMPLAINT : 1),
          new NeedReason.Behind(link.fault(), chance.countedAs(), complained));
    }
  }

  private static boolean named(LimitKind kind, Set<Complaint> complaints) {
    return complaints.stream().anyMatch(c -> c.limits().contains(kind));
  }

  /**
   * A measured shortage that no fault asks for. A limit that faults ask for on one leg alone is
   * looked at on the other one too.
   */
  private void groundwork(Set<Limit> asked, Set<Complaint> complaints, Body body) {
    for (LimitKind kind : LimitKind.values()) {
      List<Limit> of = asked.stream().filter(l -> l.kind() == kind).toList();
      if (of.isEmpty()) {
        ground(Limit.of(kind), complaints, body);
      } else if (of.stream().noneMatch(l -> l.leg().isEmpty())) {
        Arrays.stream(Leg.values())
            .map(leg -> new Limit(kind, Optional.of(leg)))
            .filter(l -> !of.contains(l))
            .forEach(l -> ground(l, complaints, body));
      }
    }
  }

  private void ground(Limit limit, Set<Complaint> complaints, Body body) {
    Band band = body.band(limit);
    double size = band == Band.SHORT ? GROUND_SHORT : band == Band.CLOSE ? GROUND_CLOSE : 0;
    if (size > 0) {
      boolean complained = named(limit.kind(), complaints);
      add(limit, complained ? COMPLAINT * size : size, new NeedReason.Groundwork(band));
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
