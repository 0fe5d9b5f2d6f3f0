package loosehip.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Something the trainer changes in a plan. */
public sealed interface PlanChange {

  /** The item it is about, when it is about one. */
  default Optional<ItemId> about() {
    return Optional.empty();
  }

  /** Gives the plan as it stands. */
  record Give() implements PlanChange {}

  /**
   * Plans anew with the same decisions, and with what the log moved since.
   *
   * @param log by item: 1 where the next rung or the next drill is earned, −1 where a step back is
   *     due, 0 where the rung is held
   */
  record PlanAnew(Map<ItemId, Integer> log) implements PlanChange {}

  /** Takes every decision back. */
  record LetAllGo() implements PlanChange {}

  /** Moves an item from a day to another. */
  record Move(ItemId item, int week, int from, int to) implements OfItem {}

  /** Holds an item on the days it has. */
  record Hold(ItemId item, int week) implements OfItem {}

  /** Lets an item go that was held. */
  record LetGo(ItemId item) implements OfItem {}

  /** Takes an item out; the planner may put another in its place. */
  record TakeOut(ItemId item) implements OfItem {}

  /** Adds an item. */
  record Add(ItemId item) implements OfItem {}

  /**
   * Moves on from an item: a ladder a rung up (1) or down (−1), a drill to the next of its line (1)
   * or to its reduced form (−1).
   */
  record Climb(ItemId item, int by) implements OfItem {}

  /** Gives a step more (1) or less (−1) of an item. */
  record ChangeDose(ItemId item, int week, int by) implements OfItem {}

  /** The trainer's own cue to an item; empty words take it away. The plan stays as it is. */
  record Cue(ItemId item, String words) implements OfItem {}

  /** Goes back to what an earlier version decided. */
  record BackTo(int version, PlanEdits decided) implements PlanChange {}

  /** Holds in what a template names; the planner does the rest. */
  record Apply(String template, List<ItemId> items) implements PlanChange {}

  /** A change of one item. */
  sealed interface OfItem extends PlanChange {
    /** The item. */
    ItemId item();

    @Override
    default Optional<ItemId> about() {
      return Optional.of(item());
    }
  }
}
