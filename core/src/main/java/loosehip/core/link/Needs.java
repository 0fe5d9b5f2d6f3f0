package loosehip.core.link;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.measure.Band;
import loosehip.core.measure.Direction;
import loosehip.core.measure.ErrorModel;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.pivot.TurnBudget;

/**
 * Ranks limits: severity of each fault × chance of the limit behind it, ×1.5 where the fault serves
 * a named complaint, +0.5 where the budget is short on it, +0.5 for a notable side difference in
 * inward hip turn. The three highest drive the plan.
 */
public final class Needs {
  /** How many needs drive the plan. */
  public static final int DRIVERS = 3;

  /** A side difference is notable from here on, and only when larger than its own MDC; degrees. */
  public static final double NOTABLE_DIFFERENCE = 10;

  private static final double COMPLAINT = 1.5;
  private static final double EXTRA = 0.5;

  private final Map<Limit, Double> sizes = new LinkedHashMap<>();
  private final Map<Limit, List<String>> because = new LinkedHashMap<>();

  private Needs() {}

  /** The needs of one golfer, largest first; equal needs keep the order of the limit list. */
  public static List<Need> of(
      List<Link> links,
      Set<Complaint> complaints,
      Optional<TurnBudget> budget,
      Screen screen,
      Handed handed) {
    return of(links, List.of(), complaints, budget, screen, handed);
  }

  /** The same, causes that the trainer rejected left out. */
  public static List<Need> of(
      List<Link> links,
      List<Overrule> overrules,
      Set<Complaint> complaints,
      Optional<TurnBudget> budget,
      Screen screen,
      Handed handed) {
    Needs needs = new Needs();
    Overrule.heeded(links, overrules).forEach(link -> needs.fromFault(link, complaints));
    budget.ifPresent(needs::fromBudget);
    weakerSide(screen, handed)
        .ifPresent(
            leg ->
                needs.add(
                    Limit.of(leg == Leg.TRAIL ? LimitKind.TRAIL_IR : LimitKind.LEAD_IR),
                    EXTRA,
                    "clearly less than the other hip"));
    return needs.sizes.entrySet().stream()
        .map(e -> new Need(e.getKey(), e.getValue(), needs.because.get(e.getKey())))
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
      if (chance.cause() instanceof Cause.Body body) {
        double size = link.level().severity() * chance.chance() * (serves ? COMPLAINT : 1);
        String words =
            link.fault().title().toLowerCase(Locale.ROOT)
                + ": "
                + chance.word()
                + (serves ? ", and it serves a complaint" : "");
        add(body.limit(), size, words);
      }
    }
  }

  private void fromBudget(TurnBudget budget) {
    boolean backShort = budget.backMargin().filter(m -> m.band() == Band.SHORT).isPresent();
    if (backShort) {
      Leg limiting = budget.back().orElseThrow().limiting();
      add(
          Limit.of(limiting == Leg.TRAIL ? LimitKind.TRAIL_IR : LimitKind.LEAD_ER),
          EXTRA,
          "limits the turn going back");
    }
    if (budget.impactMargin().filter(m -> m.band() == Band.SHORT).isPresent()) {
      add(Limit.of(LimitKind.LEAD_IR), EXTRA, "limits the turn coming through");
    }
    boolean shoulderShort =
        budget
            .back()
            .flatMap(TurnBudget.Back::shoulder)
            .filter(m -> m.band() == Band.SHORT)
            .isPresent();
    if (shoulderShort && !backShort) {
      add(
          Limit.of(LimitKind.TRUNK_TURN),
          EXTRA,
          "the hips have turn to spare, the shoulders fall short");
    }
  }

  private void add(Limit limit, double size, String words) {
    sizes.merge(limit, size, Double::sum);
    because.computeIfAbsent(limit, l -> new ArrayList<>()).add(words);
  }

  /** The leg whose inward turn is notably less than the other's, by seated or prone means. */
  public static Optional<Leg> weakerSide(Screen screen, Handed handed) {
    for (ScreenTest test : List.of(ScreenTest.PRONE_ROTATION, ScreenTest.SEATED_ROTATION)) {
      Optional<Measurement> trail = screen.turn(test, handed.side(Leg.TRAIL), Direction.INTERNAL);
      Optional<Measurement> lead = screen.turn(test, handed.side(Leg.LEAD), Direction.INTERNAL);
      if (trail.isPresent() && lead.isPresent()) {
        double apart = Math.abs(trail.get().mean() - lead.get().mean());
        double ruler =
            ErrorModel.minimalDetectableChange(
                trail.get().standardError(), lead.get().standardError());
        if (apart >= NOTABLE_DIFFERENCE && apart > ruler) {
          return Optional.of(trail.get().mean() < lead.get().mean() ? Leg.TRAIL : Leg.LEAD);
        }
      }
    }
    return Optional.empty();
  }
}
