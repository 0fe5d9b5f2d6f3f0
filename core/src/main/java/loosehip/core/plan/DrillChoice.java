package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.link.PivotFault;
import loosehip.core.pivot.Downswing;

/** Chooses at most two drills, one for each fault in work, and the days they are done. */
final class DrillChoice {
  private static final int MOST_DRILLS = 2;
  private static final int MOST_DRILL_DAYS = 5;

  private final PlanRequest request;
  private final Allowed allowed;
  private final List<PivotFault> working;
  private final Outcomes outcomes;
  private final List<Drill> drills;

  /**
   * @param working the faults in work, the clearest first
   * @param outcomes where drills that are kept out, or cannot be held, are written down
   */
  DrillChoice(PlanRequest request, Allowed allowed, List<PivotFault> working, Outcomes outcomes) {
    this.request = request;
    this.allowed = allowed;
    this.working = working;
    this.outcomes = outcomes;
    this.drills = choose();
  }

  private static Set<String> of(Downswing style) {
    return switch (style) {
      case SIT_THEN_TURN -> Set.of("sit-turn");
      case LEAD_HIP_BACK -> Set.of("push-away", "close-the-gap");
      case LATE_POST -> Set.of("back-of-thigh-post");
      case SLOW_HIPS -> Set.of("lower-lead-side");
    };
  }

  /** One drill for each fault in work, the usual one first; a drill never serves two faults. */
  private List<Drill> choose() {
    Map<PivotFault, Drill> chosen = new LinkedHashMap<>();
    request.catalogue().drills().stream()
        .filter(d -> request.edits().pins().containsKey(d.id()))
        .forEach(d -> pinned(d, chosen));
    for (PivotFault fault : working) {
      if (chosen.size() == MOST_DRILLS) {
        break;
      }
      if (!chosen.containsKey(fault)) {
        drillFor(fault, chosen);
      }
    }
    return List.copyOf(chosen.values());
  }

  private void pinned(Drill drill, Map<PivotFault, Drill> chosen) {
    Optional<Reason> against = allowed.against(drill);
    if (against.isPresent()) {
      outcomes.notHeld(drill.id(), against.get());
    } else if (chosen.size() < MOST_DRILLS) {
      PivotFault fault =
          drill.faults().stream()
              .filter(working::contains)
              .findFirst()
              .orElse(drill.faults().get(0));
      chosen.put(fault, drill);
    } else {
      outcomes.note(new PlanNote.TooManyDrills(drill.id()));
    }
  }

  private void drillFor(PivotFault fault, Map<PivotFault, Drill> chosen) {
    for (Drill drill : preferred()) {
      if (!drill.faults().contains(fault) || chosen.containsValue(drill)) {
        continue;
      }
      Optional<Reason> against =
          request.edits().out().contains(drill.id())
              ? Optional.of(new Reason.TrainersHand())
              : allowed.against(drill);
      if (against.isEmpty()) {
        chosen.put(fault, drill);
        return;
      }
      outcomes.leftOut(drill.id(), against.get());
    }
  }

  /** The drills, those of the way to start down first. */
  private List<Drill> preferred() {
    Set<String> first = request.wishes().downswing().map(DrillChoice::of).orElse(Set.of());
    return request.catalogue().drills().stream()
        .sorted(Comparator.comparingInt((Drill d) -> first.contains(d.id().id()) ? 0 : 1))
        .toList();
  }

  /** The drills of a week, with their doses. */
  List<PlanItem> items(int week) {
    List<PlanItem> items = new ArrayList<>();
    List<PivotFault> taken = new ArrayList<>();
    for (Drill drill : drills) {
      Dose.Prescribed much =
          request
              .edits()
              .doses()
              .getOrDefault(drill.id(), drill.dose().in(week, request.wishes().weeks()));
      Optional<PivotFault> fault =
          working.stream()
              .filter(f -> drill.faults().contains(f) && !taken.contains(f))
              .findFirst();
      fault.ifPresent(taken::add);
      Why.Purpose purpose = fault.<Why.Purpose>map(Why.ForFault::new).orElseGet(Why.ByHand::new);
      items.add(
          new PlanItem(
              drill.id(),
              Optional.empty(),
              drill.dose(),
              much,
              drill.dose().seconds(much),
              Why.of(purpose)));
    }
    return items;
  }

  /** Drills on the first five training days, or where they are pinned. */
  static Map<PlanItem, Days> placed(List<PlanItem> drills, Days days, PlanEdits edits) {
    Map<PlanItem, Days> placed = new LinkedHashMap<>();
    for (PlanItem drill : drills) {
      Days held = edits.pins().getOrDefault(drill.id(), Days.NONE).and(days);
      placed.put(drill, held.none() ? days.first(MOST_DRILL_DAYS) : held);
    }
    return placed;
  }
}
