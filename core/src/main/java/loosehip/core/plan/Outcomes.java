package loosehip.core.plan;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What is written down while a block is made: what stays out, and what had to go. */
final class Outcomes {
  private final Map<ItemId, LeftOut> leftOut = new LinkedHashMap<>();
  private final Set<PlanNote> notes = new LinkedHashSet<>();

  /** An item stays out; the first reason found stands. */
  void leftOut(ItemId item, Reason because) {
    leftOut.putIfAbsent(item, new LeftOut(item, because));
  }

  /** An item that is held in must not be done. */
  void notHeld(ItemId item, Reason because) {
    note(new PlanNote.CouldNotHold(item, because));
    leftOut(item, because);
  }

  /** Something had to go, or stays open; said once. */
  void note(PlanNote note) {
    notes.add(note);
  }

  /** Everything that stays out. */
  Collection<LeftOut> leftOut() {
    return leftOut.values();
  }

  /** Every note, in the order it came up. */
  List<PlanNote> notes() {
    return List.copyOf(notes);
  }
}
