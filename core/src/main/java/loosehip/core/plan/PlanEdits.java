package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What the trainer decided about a plan; the planner works around it.
 *
 * @param pins items that have to be in, with their days of the week (1 to 7); no days leaves the
 *     days to the planner
 * @param out items that stay out
 * @param rungs where a ladder starts, by ladder
 * @param doses how much of an item, in every week
 */
public record PlanEdits(
    Map<ItemId, Days> pins,
    Set<ItemId> out,
    Map<LadderId, Integer> rungs,
    Map<ItemId, Dose.Prescribed> doses) {
  /** Nothing decided. */
  public static final PlanEdits NONE = new PlanEdits(Map.of(), Set.of(), Map.of(), Map.of());

  /** Copies all, keeping the order of pins. */
  public PlanEdits {
    pins = Collections.unmodifiableMap(new LinkedHashMap<>(pins));
    out = Collections.unmodifiableSet(new LinkedHashSet<>(out));
    rungs = Map.copyOf(rungs);
    doses = Map.copyOf(doses);
  }

  /** The same with an item that has to be in on these days. */
  public PlanEdits pin(ItemId id, Days days) {
    Map<ItemId, Days> then = new LinkedHashMap<>(pins);
    then.put(id, days);
    Set<ItemId> stillOut = new LinkedHashSet<>(out);
    stillOut.remove(id);
    return new PlanEdits(then, stillOut, rungs, doses);
  }

  /** The same with an item no longer held in. */
  public PlanEdits unpin(ItemId id) {
    Map<ItemId, Days> then = new LinkedHashMap<>(pins);
    then.remove(id);
    return new PlanEdits(then, out, rungs, doses);
  }

  /** The same with an item kept out. */
  public PlanEdits leave(ItemId id) {
    Map<ItemId, Days> then = new LinkedHashMap<>(pins);
    then.remove(id);
    Set<ItemId> more = new LinkedHashSet<>(out);
    more.add(id);
    return new PlanEdits(then, more, rungs, doses);
  }

  /** The same with a ladder starting on a rung; what was pinned on it goes. */
  public PlanEdits start(Exercise on) {
    Map<LadderId, Integer> then = new LinkedHashMap<>(rungs);
    then.put(on.ladder(), on.rung());
    return new PlanEdits(pins, out, then, doses);
  }

  /** The same with so much of an item. */
  public PlanEdits dose(ItemId id, Dose.Prescribed much) {
    Map<ItemId, Dose.Prescribed> then = new LinkedHashMap<>(doses);
    then.put(id, much);
    return new PlanEdits(pins, out, rungs, then);
  }

  /** Whether nothing was decided. */
  public boolean none() {
    return pins.isEmpty() && out.isEmpty() && rungs.isEmpty() && doses.isEmpty();
  }

  /** The ids of all pinned items, in the order they were pinned. */
  List<ItemId> pinned() {
    return new ArrayList<>(pins.keySet());
  }
}
