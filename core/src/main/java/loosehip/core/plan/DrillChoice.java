package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.link.PivotFault;
import loosehip.core.pivot.Downswing;

/** Chooses at most two drills, one for each fault in work, and the days they are done. */
final class DrillChoice {
  private static final int MOST_DRILLS = 2;
  private static final int MOST_DRILL_DAYS = 5;

  private final Catalogue catalogue;
  private final Allowed allowed;
  private final Wishes wishes;
  private final PlanEdits edits;
  private final List<PivotFault> working;
  private final Map<String, LeftOut> leftOut;
  private final Set<String> notes;
  private final List<Drill> drills;

  /**
   * @param leftOut where drills that are kept out are written down
   * @param notes where pinned drills that cannot be held are written down
   */
  DrillChoice(
      Catalogue catalogue,
      Allowed allowed,
      Wishes wishes,
      PlanEdits edits,
      List<PivotFault> working,
      Map<String, LeftOut> leftOut,
      Set<String> notes) {
    this.catalogue = catalogue;
    this.allowed = allowed;
    this.wishes = wishes;
    this.edits = edits;
    this.working = working;
    this.leftOut = leftOut;
    this.notes = notes;
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
    List<Drill> pinned =
        catalogue.drills().stream().filter(d -> edits.pins().containsKey(d.id())).toList();
    for (Drill drill : pinned) {
      Optional<String> against = allowed.against(drill);
      if (against.isPresent()) {
        notes.add("Could not be held in: " + drill.id() + ", " + against.get());
        leftOut.putIfAbsent(drill.id(), new LeftOut(drill.id(), against.get()));
      } else if (chosen.size() < MOST_DRILLS) {
        chosen.put(
            drill.faults().stream()
                .filter(working::contains)
                .findFirst()
                .orElse(drill.faults().get(0)),
            drill);
      } else {
        notes.add("No room for " + drill.id() + ": at most two drills a week");
      }
    }
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

  private void drillFor(PivotFault fault, Map<PivotFault, Drill> chosen) {
    for (Drill drill : preferred()) {
      if (!drill.faults().contains(fault) || chosen.containsValue(drill)) {
        continue;
      }
      Optional<String> against =
          edits.out().contains(drill.id())
              ? Optional.of("taken out by the trainer")
              : allowed.against(drill);
      if (against.isEmpty()) {
        chosen.put(fault, drill);
        return;
      }
      leftOut.putIfAbsent(drill.id(), new LeftOut(drill.id(), against.get()));
    }
  }

  /** The drills, those of the way to start down first. */
  private List<Drill> preferred() {
    Set<String> first = wishes.downswing().map(DrillChoice::of).orElse(Set.of());
    return catalogue.drills().stream()
        .sorted(Comparator.comparingInt((Drill d) -> first.contains(d.id()) ? 0 : 1))
        .toList();
  }

  /** The drills of a week, with their doses. */
  List<PlanItem> items(int week) {
    List<PlanItem> items = new ArrayList<>();
    List<PivotFault> taken = new ArrayList<>();
    for (Drill drill : drills) {
      Dose.Prescribed much =
          edits.doses().getOrDefault(drill.id(), drill.dose().in(week, wishes.weeks()));
      String fault =
          working.stream()
              .filter(f -> drill.faults().contains(f) && !taken.contains(f))
              .findFirst()
              .map(
                  f -> {
                    taken.add(f);
                    return "the drill for " + f.title().toLowerCase(Locale.ROOT);
                  })
              .orElse("held in by the trainer");
      items.add(
          new PlanItem(
              drill.id(), Optional.empty(), drill.dose(), much, drill.dose().seconds(much), fault));
    }
    return items;
  }

  /** Drills on the first five training days, or where they are pinned. */
  static Map<PlanItem, Integer> placed(List<PlanItem> drills, List<Integer> days, PlanEdits edits) {
    Map<PlanItem, Integer> placed = new LinkedHashMap<>();
    List<Integer> usual = days.subList(0, Math.min(MOST_DRILL_DAYS, days.size()));
    for (PlanItem drill : drills) {
      List<Integer> held =
          edits.pins().getOrDefault(drill.id(), Set.of()).stream().filter(days::contains).toList();
      placed.put(drill, TrainingDays.pattern(held.isEmpty() ? usual : held));
    }
    return placed;
  }
}
