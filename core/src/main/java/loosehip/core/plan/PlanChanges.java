package loosehip.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Works out what a change makes of a plan: the decisions and the block planned around them, or why
 * it cannot be. What its log has stopped is in no later version until the trainer adds it again.
 */
public final class PlanChanges {
  private final PlanRequest request;
  private final InHand now;

  /**
   * @param request the golfer judged, with what is wished; its decisions are not looked at
   * @param now the plan that is changed
   */
  public PlanChanges(PlanRequest request, InHand now) {
    this.request = request;
    this.now = now;
  }

  /**
   * The plan that is changed.
   *
   * @param block what is done
   * @param edits what the trainer decided about it
   * @param given whether it was given already, not only proposed
   * @param stopped items that its log has stopped
   */
  public record InHand(Block block, PlanEdits edits, boolean given, Set<ItemId> stopped) {}

  /** What comes of a change. */
  public sealed interface Outcome {}

  /**
   * A plan to be given.
   *
   * @param edits the decisions
   * @param block the block planned around them
   * @param cameIn items it has that the plan before had not
   */
  public record Changed(PlanEdits edits, Block block, List<ItemId> cameIn) implements Outcome {}

  /** Nothing is changed. */
  public record Refused(PlanRefusal because) implements Outcome {}

  /** What comes of this change. */
  public Outcome of(PlanChange change) {
    if (change instanceof PlanChange.Give && !now.given()) {
      return changed(now.edits(), now.block());
    } else if (change instanceof PlanChange.Cue cue) {
      return cue(cue);
    }
    Decision decision = decision(change);
    return decision.refusal().isPresent()
        ? new Refused(decision.refusal().get())
        : planned(change, decision.edits());
  }

  private Outcome cue(PlanChange.Cue cue) {
    if (!now.block().everyId().contains(cue.item())) {
      return new Refused(new PlanRefusal.NoSuchItem());
    } else if (cue.words().length() > PlanEdits.CUE_MOST) {
      return new Refused(new PlanRefusal.CueTooLong());
    }
    Optional<String> words = Optional.of(cue.words().strip()).filter(w -> !w.isEmpty());
    return changed(now.edits().cue(cue.item(), words), now.block());
  }

  private record Decision(PlanEdits edits, Optional<PlanRefusal> refusal) {
    static Decision to(PlanEdits edits) {
      return new Decision(edits, Optional.empty());
    }

    static Decision refused(PlanRefusal because) {
      return new Decision(PlanEdits.NONE, Optional.of(because));
    }
  }

  private Decision decision(PlanChange change) {
    PlanEdits edits = now.edits();
    if (change instanceof PlanChange.LetAllGo) {
      return Decision.to(now.edits().cuesAlone());
    } else if (change instanceof PlanChange.PlanAnew anew) {
      return Decision.to(moved(anew.log()));
    } else if (change instanceof PlanChange.Move move) {
      return move(move);
    } else if (change instanceof PlanChange.Hold hold) {
      Days days = now.block().held(hold.week()).daysOf(hold.item());
      return known(hold.item(), edits.pin(hold.item(), days));
    } else if (change instanceof PlanChange.LetGo letGo) {
      return Decision.to(edits.unpin(letGo.item()));
    } else if (change instanceof PlanChange.TakeOut takeOut) {
      return Decision.to(without(takeOut.item()));
    } else if (change instanceof PlanChange.Add add) {
      return add(add.item());
    } else if (change instanceof PlanChange.Climb climb) {
      return climb(climb);
    } else if (change instanceof PlanChange.ChangeDose dose) {
      return dose(dose);
    } else if (change instanceof PlanChange.BackTo backTo) {
      return Decision.to(backTo.decided());
    } else if (change instanceof PlanChange.Apply apply) {
      return apply(apply.items());
    }
    return Decision.to(edits);
  }

  private Decision known(ItemId item, PlanEdits then) {
    return request.catalogue().dose(item).isEmpty()
        ? Decision.refused(new PlanRefusal.NoSuchItem())
        : Decision.to(then);
  }

  private Decision move(PlanChange.Move move) {
    Block.Week week = now.block().held(move.week());
    Days days = week.daysOf(move.item());
    if (move.to() < 1 || move.to() > Days.IN_A_WEEK || !days.has(move.from())) {
      return Decision.refused(new PlanRefusal.NoSuchDay());
    }
    if (days.has(move.to())) {
      return Decision.refused(new PlanRefusal.ThereAlready(move.item()));
    }
    if (week.session(move.to()).isEmpty()) {
      return Decision.refused(new PlanRefusal.RestDay());
    }
    Days then = days.without(move.from()).with(move.to());
    boolean hard = request.catalogue().find(move.item()).filter(Exercise::hard).isPresent();
    return hard && !then.apart()
        ? Decision.refused(new PlanRefusal.TooNear(move.item()))
        : Decision.to(now.edits().pin(move.item(), then));
  }

  private Decision add(ItemId item) {
    Optional<Reason> blocked = Planner.blockedBy(request.catalogue(), item, request.health());
    return blocked
        .map(why -> Decision.refused(new PlanRefusal.Blocked(item, why)))
        .orElseGet(() -> known(item, now.edits().pin(item, Days.NONE)));
  }

  private Decision climb(PlanChange.Climb climb) {
    Optional<Drill> drill = request.catalogue().drill(climb.item());
    if (drill.isPresent()) {
      return step(drill.get(), climb.by());
    }
    Optional<Exercise> next =
        request
            .catalogue()
            .find(climb.item())
            .flatMap(e -> request.catalogue().rung(e, climb.by()).stream().findFirst());
    if (next.isEmpty()) {
      return Decision.refused(new PlanRefusal.NoOtherRung());
    }
    return Planner.blockedBy(request.catalogue(), next.get().id(), request.health())
        .map(why -> Decision.refused(new PlanRefusal.Blocked(next.get().id(), why)))
        .orElseGet(() -> Decision.to(now.edits().unpin(climb.item()).start(next.get())));
  }

  /** A drill to its reduced form; from there to the full one; from that to the next of its line. */
  private Decision step(Drill drill, int by) {
    PlanEdits then = stepped(now.edits(), drill, by);
    boolean other =
        !Planner.plan(request.with(then))
            .drills()
            .equals(Planner.plan(request.with(now.edits())).drills());
    return other ? Decision.to(then) : Decision.refused(new PlanRefusal.NoOtherDrill(drill.id()));
  }

  private PlanEdits stepped(PlanEdits edits, Drill drill, int by) {
    if (by < 0) {
      return edits.drill(drill.id(), Optional.of(DrillStep.EASIER));
    }
    boolean easier = edits.drills().get(drill.id()) == DrillStep.EASIER;
    return easier
        ? edits.drill(drill.id(), Optional.empty())
        : edits.unpin(drill.id()).drill(drill.id(), Optional.of(DrillStep.LEARNT));
  }

  /**
   * The decisions with what the log moved: a rung up where one may follow, an easier rung, or less
   * where there is none; what holds stays on its rung whatever a new screen would start it on. A
   * drill that held makes way for the next of its line.
   */
  private PlanEdits moved(Map<ItemId, Integer> log) {
    PlanEdits then = now.edits();
    for (Map.Entry<ItemId, Integer> step : log.entrySet()) {
      Optional<Exercise> on = request.catalogue().find(step.getKey());
      Optional<Drill> drill = request.catalogue().drill(step.getKey());
      if (on.isPresent()) {
        then = moved(then, on.get(), step.getValue());
      } else if (drill.isPresent() && step.getValue() != 0) {
        then = stepped(then, drill.get(), step.getValue());
      }
    }
    return then;
  }

  private PlanEdits moved(PlanEdits edits, Exercise on, int by) {
    if (by == 0) {
      return edits.start(on);
    }
    Optional<Exercise> next = request.catalogue().rung(on, by).stream().findFirst();
    if (next.isPresent()) {
      boolean blocked =
          Planner.blockedBy(request.catalogue(), next.get().id(), request.health()).isPresent();
      return blocked ? edits : edits.unpin(on.id()).start(next.get());
    }
    return by > 0 ? edits : less(edits, on);
  }

  private PlanEdits less(PlanEdits edits, Exercise on) {
    return now.block().items().stream()
        .filter(i -> i.id().equals(on.id()))
        .findFirst()
        .flatMap(i -> i.dose().step(i.much(), -1))
        .map(much -> edits.dose(on.id(), much))
        .orElse(edits);
  }

  private Decision dose(PlanChange.ChangeDose change) {
    int week = now.block().held(change.week()).number();
    return now.block().items(week).stream()
        .filter(i -> i.id().equals(change.item()))
        .findFirst()
        .flatMap(i -> i.dose().step(i.much(), change.by()))
        .map(much -> Decision.to(now.edits().dose(change.item(), much)))
        .orElseGet(() -> Decision.refused(new PlanRefusal.EndOfDose()));
  }

  private static Decision apply(List<ItemId> items) {
    PlanEdits edits = PlanEdits.NONE;
    for (ItemId item : items) {
      edits = edits.pin(item, Days.NONE);
    }
    return Decision.to(edits);
  }

  /**
   * The same decisions with an item out. The rest stays as it is where that can be: first by
   * itself, else held; only what the rules then push out goes as well.
   */
  private PlanEdits without(ItemId item) {
    PlanEdits out = now.edits().leave(item);
    List<ItemId> others = now.block().everyId().stream().filter(i -> !i.equals(item)).toList();
    if (keeps(out, others)) {
      return out;
    }
    PlanEdits held = out;
    for (ItemId other : others) {
      held = held.pins().containsKey(other) ? held : held.pin(other, Days.NONE);
    }
    return keeps(held, others) ? held : out;
  }

  private boolean keeps(PlanEdits edits, List<ItemId> items) {
    return Planner.plan(request.with(edits)).everyId().containsAll(items);
  }

  private Outcome planned(PlanChange change, PlanEdits edits) {
    Optional<ItemId> added =
        change instanceof PlanChange.Add add ? Optional.of(add.item()) : Optional.empty();
    PlanEdits then = edits;
    for (ItemId item : now.stopped()) {
      then = added.filter(item::equals).isPresent() ? then : then.leave(item);
    }
    Block block = Planner.plan(request.with(then));
    if (block.empty() && block.notes().isEmpty()) {
      return new Refused(new PlanRefusal.NothingPlanned());
    }
    Optional<PlanNote> against =
        block.notes().stream()
            .filter(note -> note.unheld().isPresent() && note.unheld().equals(change.about()))
            .findFirst();
    return against.isPresent()
        ? new Refused(new PlanRefusal.NotHeld(against.get()))
        : changed(then, block);
  }

  private Changed changed(PlanEdits edits, Block block) {
    List<ItemId> had = now.block().everyId();
    return new Changed(
        edits, block, block.everyId().stream().filter(i -> !had.contains(i)).toList());
  }
}
