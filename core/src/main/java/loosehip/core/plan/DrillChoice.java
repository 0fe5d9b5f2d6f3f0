package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.link.Link;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Triage;

/**
 * Chooses a drill for every fault seen, in the order they are worked on. Two are done at a time;
 * the others wait for the next stage. Of the drills of a fault the first of its line is taken that
 * fits school, way to start down, cautions and tools, in its full form where the body is ready,
 * else in the reduced one; so no fault is left with nothing. A drill that held for a week makes way
 * for the next of its line; where none may follow, the last one learnt stays.
 */
final class DrillChoice {
  private static final int MOST_DRILLS = 2;
  private static final int MOST_DRILL_DAYS = 5;

  private final PlanRequest request;
  private final Allowed allowed;
  private final List<PivotFault> working;
  private final Outcomes outcomes;
  private final Map<Drill, Chosen> chosen = new LinkedHashMap<>();

  /** Whether a drill may be done, in which form, and what keeps it or its full form out. */
  record Verdict(Optional<Drill.Form> form, Optional<Reason> against) {}

  private record Chosen(Drill.Form form, Optional<Reason> notFull, List<PivotFault> faults) {}

  /**
   * @param working the faults seen, the first to be worked on first
   * @param outcomes where drills that are kept out, or cannot be held, are written down
   */
  DrillChoice(PlanRequest request, Allowed allowed, List<PivotFault> working, Outcomes outcomes) {
    this.request = request;
    this.allowed = allowed;
    this.working = working;
    this.outcomes = outcomes;
    request.catalogue().drills().stream()
        .filter(d -> request.edits().pins().containsKey(d.id()))
        .forEach(this::pinned);
    for (PivotFault fault : working) {
      if (chosen.values().stream().noneMatch(c -> c.faults().contains(fault))) {
        drillFor(fault);
      }
    }
  }

  private void pinned(Drill drill) {
    Verdict verdict = allowed.verdict(drill);
    if (verdict.form().isEmpty()) {
      outcomes.notHeld(drill.id(), verdict.against().orElseThrow());
    } else if (chosen.size() < MOST_DRILLS) {
      List<PivotFault> faults = working.stream().filter(drill.faults()::contains).limit(1).toList();
      take(drill, verdict, faults);
    } else {
      outcomes.note(new PlanNote.TooManyDrills(drill.id()));
    }
  }

  private void take(Drill drill, Verdict verdict, List<PivotFault> faults) {
    chosen.put(
        drill,
        new Chosen(verdict.form().orElseThrow(), verdict.against(), new ArrayList<>(faults)));
  }

  private void drillFor(PivotFault fault) {
    Optional<Drill> lastLearnt = Optional.empty();
    for (Drill drill : line(fault)) {
      Verdict verdict =
          request.edits().out().contains(drill.id())
              ? new Verdict(Optional.empty(), Optional.of(new Reason.TrainersHand()))
              : allowed.verdict(drill);
      if (verdict.form().isEmpty()) {
        verdict.against().ifPresent(why -> outcomes.leftOut(drill.id(), why));
      } else if (learnt(drill)) {
        lastLearnt = Optional.of(drill);
      } else {
        give(drill, verdict, fault);
        line(fault).stream()
            .takeWhile(before -> !before.equals(drill))
            .filter(this::learnt)
            .forEach(before -> outcomes.leftOut(before.id(), new Reason.Learnt()));
        return;
      }
    }
    lastLearnt.ifPresent(drill -> give(drill, allowed.verdict(drill), fault));
  }

  private boolean learnt(Drill drill) {
    return request.edits().drills().get(drill.id()) == DrillStep.LEARNT;
  }

  private void give(Drill drill, Verdict verdict, PivotFault fault) {
    if (chosen.containsKey(drill)) {
      chosen.get(drill).faults().add(fault);
    } else {
      take(drill, verdict, List.of(fault));
    }
  }

  /**
   * The drills of a fault: those that a caution puts first, then those of the way to start down
   * that is worked towards, then those of none, in the order they are learnt. A drill of another
   * way to start down comes only where none was chosen, after the rest.
   */
  private List<Drill> line(PivotFault fault) {
    boolean styled = request.wishes().downswing().isPresent();
    return request.catalogue().drills().stream()
        .filter(d -> d.faults().contains(fault))
        .filter(
            d -> d.style().isEmpty() || !styled || d.style().equals(request.wishes().downswing()))
        .sorted(Comparator.comparingInt(this::place))
        .toList();
  }

  private int place(Drill drill) {
    boolean first =
        request.health().cautions().stream().anyMatch(c -> drill.firstWith().contains(c.caution()));
    if (first) {
      return 0;
    }
    boolean any = drill.faults().size() == PivotFault.values().length;
    if (drill.style().isPresent()) {
      return drill.style().equals(request.wishes().downswing()) ? 1 : 3;
    }
    return any ? 4 : 2;
  }

  /** The drill of every fault, those done now before those that wait. */
  List<DrillFor> all() {
    List<DrillFor> all = new ArrayList<>();
    int place = 0;
    for (Map.Entry<Drill, Chosen> each : chosen.entrySet()) {
      boolean now = place++ < MOST_DRILLS;
      for (PivotFault fault : each.getValue().faults()) {
        all.add(
            new DrillFor(
                each.getKey().id(), fault, each.getValue().form(), each.getValue().notFull(), now));
      }
    }
    return all;
  }

  /** The drills of a week, with their doses. */
  List<PlanItem> items(int week) {
    return chosen.entrySet().stream()
        .limit(MOST_DRILLS)
        .map(
            each -> {
              Drill drill = each.getKey();
              Dose.Prescribed much =
                  request
                      .edits()
                      .doses()
                      .getOrDefault(
                          drill.id(),
                          drill.dose().in(Math.min(week, Block.STAGE_WEEKS), Block.STAGE_WEEKS));
              boolean held = request.edits().pins().containsKey(drill.id());
              Why.Purpose purpose =
                  each.getValue().faults().isEmpty()
                      ? new Why.ByHand()
                      : new Why.ForFaults(List.copyOf(each.getValue().faults()));
              return PlanItem.of(
                  drill, each.getValue().form(), much, new Why(purpose, Optional.empty(), held));
            })
        .toList();
  }

  /** The days of a drill: the first five training days, or where it is pinned. */
  static Days days(PlanItem drill, Days training, PlanEdits edits) {
    Days held = edits.pins().getOrDefault(drill.id(), Days.NONE).and(training);
    return held.none() ? training.first(MOST_DRILL_DAYS) : held;
  }

  /** The faults seen: those that follow none before those that do, the clearest first. */
  static List<PivotFault> working(PlanRequest request) {
    return request.links().stream()
        .sorted(
            Comparator.comparing((Link l) -> l.triage().kind() == Triage.Kind.SEE_OTHER)
                .thenComparingDouble(l -> -l.level().severity()))
        .map(Link::fault)
        .filter(PivotFault.class::isInstance)
        .map(PivotFault.class::cast)
        .toList();
  }
}
