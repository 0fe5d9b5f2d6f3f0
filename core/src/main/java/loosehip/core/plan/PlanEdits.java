package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the trainer decided about a plan; the planner works around it.
 *
 * @param pins items that have to be in, with their days of the week (1 to 7); no days leaves the
 *     days to the planner
 * @param out items that stay out
 * @param rungs where a ladder starts, by ladder
 * @param doses how much of an item, in every week
 * @param drills drills that are given in their reduced form, or have been learnt
 * @param cues the trainer's own cue to an item; it moves nothing
 */
public record PlanEdits(
    Map<ItemId, Days> pins,
    Set<ItemId> out,
    Map<LadderId, Integer> rungs,
    Map<ItemId, Dose.Prescribed> doses,
    Map<ItemId, DrillStep> drills,
    Map<ItemId, String> cues) {
  /** Nothing decided. */
  public static final PlanEdits NONE =
      new PlanEdits(Map.of(), Set.of(), Map.of(), Map.of(), Map.of(), Map.of());

  /** The longest cue, in letters. */
  public static final int CUE_MOST = 160;

  /**
   * Copies all, keeping the order of pins.
   *
   * @throws IllegalArgumentException when a cue is empty or too long
   */
  public PlanEdits {
    pins = Collections.unmodifiableMap(new LinkedHashMap<>(pins));
    out = Collections.unmodifiableSet(new LinkedHashSet<>(out));
    rungs = Map.copyOf(rungs);
    doses = Map.copyOf(doses);
    drills = Map.copyOf(drills);
    cues = Map.copyOf(cues);
    if (cues.values().stream().anyMatch(c -> c.isBlank() || c.length() > CUE_MOST)) {
      throw new IllegalArgumentException("A cue has 1 to " + CUE_MOST + " letters");
    }
  }

  /** The same with an item that has to be in on these days. */
  public PlanEdits pin(ItemId id, Days days) {
    Map<ItemId, Days> then = new LinkedHashMap<>(pins);
    then.put(id, days);
    Set<ItemId> stillOut = new LinkedHashSet<>(out);
    stillOut.remove(id);
    return new PlanEdits(then, stillOut, rungs, doses, drills, cues);
  }

  /** The same with an item no longer held in. */
  public PlanEdits unpin(ItemId id) {
    return new PlanEdits(with(pins, id, Optional.empty()), out, rungs, doses, drills, cues);
  }

  /** The same with an item kept out. */
  public PlanEdits leave(ItemId id) {
    Set<ItemId> more = new LinkedHashSet<>(out);
    more.add(id);
    return new PlanEdits(with(pins, id, Optional.empty()), more, rungs, doses, drills, cues);
  }

  /** The same with a ladder starting on a rung; what was pinned on it goes. */
  public PlanEdits start(Exercise on) {
    Map<LadderId, Integer> then = with(rungs, on.ladder(), Optional.of(on.rung()));
    return new PlanEdits(pins, out, then, doses, drills, cues);
  }

  /** The same with so much of an item. */
  public PlanEdits dose(ItemId id, Dose.Prescribed much) {
    return new PlanEdits(pins, out, rungs, with(doses, id, Optional.of(much)), drills, cues);
  }

  /** The same with a drill a step on, or as it would be at first when none is named. */
  public PlanEdits drill(ItemId id, Optional<DrillStep> step) {
    return new PlanEdits(pins, out, rungs, doses, with(drills, id, step), cues);
  }

  /** The same with a cue to an item, or with none. */
  public PlanEdits cue(ItemId id, Optional<String> words) {
    return new PlanEdits(pins, out, rungs, doses, drills, with(cues, id, words));
  }

  /** No decision, with the cues alone: they move nothing. */
  public PlanEdits cuesAlone() {
    return new PlanEdits(Map.of(), Set.of(), Map.of(), Map.of(), Map.of(), cues);
  }

  private static <K, V> Map<K, V> with(Map<K, V> map, K key, Optional<V> value) {
    Map<K, V> then = new LinkedHashMap<>(map);
    value.ifPresentOrElse(v -> then.put(key, v), () -> then.remove(key));
    return then;
  }

  /** Whether nothing was decided; cues decide nothing. */
  public boolean none() {
    return cuesAlone().equals(this);
  }

  /** The ids of all pinned items, in the order they were pinned. */
  List<ItemId> pinned() {
    return new ArrayList<>(pins.keySet());
  }
}
