package loosehip.core.link;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/**
 * What was looked at in set-up and swing. What is absent was not looked at.
 *
 * @param setup set-up faults and how strongly each is seen
 * @param pivot pivot faults and how strongly each is seen
 * @param rehearsals whether the right movement can be done slowly, per fault
 * @param habits habits named by golfer or trainer
 */
public record Seen(
    Map<SetupFault, Level> setup,
    Map<PivotFault, Level> pivot,
    Map<PivotFault, Rehearsal> rehearsals,
    Set<Habit> habits) {
  /** Nothing looked at. */
  public static final Seen NOTHING = new Seen(Map.of(), Map.of(), Map.of(), Set.of());

  /** Copies all, keeping the order of faults. */
  public Seen {
    setup = Map.copyOf(setup);
    pivot = Collections.unmodifiableMap(new LinkedHashMap<>(pivot));
    rehearsals = Map.copyOf(rehearsals);
    habits = Set.copyOf(habits);
  }

  /** The same without the set-up faults that are none in this shape of the back. */
  public Seen in(SpineShape shape) {
    Map<SetupFault, Level> counted = new LinkedHashMap<>(setup);
    counted.keySet().removeIf(fault -> !shape.counts(fault));
    return new Seen(counted, pivot, rehearsals, habits);
  }

  /** How strongly a set-up fault is seen. */
  public Level level(SetupFault fault) {
    return setup.getOrDefault(fault, Level.NOT_LOOKED_AT);
  }

  /** How strongly a pivot fault is seen. */
  public Level level(PivotFault fault) {
    return pivot.getOrDefault(fault, Level.NOT_LOOKED_AT);
  }

  /** How strongly a fault is seen. */
  public Level level(Fault fault) {
    return fault instanceof SetupFault setup ? level(setup) : level((PivotFault) fault);
  }

  /** Whether the slow rehearsal of a fault's right movement was tried, and how it went. */
  public Rehearsal rehearsal(PivotFault fault) {
    return rehearsals.getOrDefault(fault, Rehearsal.NOT_TRIED);
  }
}
