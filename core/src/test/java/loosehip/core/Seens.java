package loosehip.core;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.link.Seen;
import loosehip.core.link.SetupFault;

/** What was seen, written as text: {@code sway clear cannot; dip slight}. */
public final class Seens {
  private Seens() {}

  /** These faults, with the slow rehearsal where one is named. */
  public static Seen of(String faults, Map<SetupFault, Level> setup, Set<Habit> habits) {
    Map<PivotFault, Level> levels = new LinkedHashMap<>();
    Map<PivotFault, Rehearsal> rehearsals = new EnumMap<>(PivotFault.class);
    for (String fault : faults.split(";")) {
      String[] words = fault.strip().split(" ");
      PivotFault id = PivotFault.parse(words[0]).orElseThrow();
      levels.put(id, Level.parse(words[1]).orElseThrow());
      if (words.length > 2) {
        rehearsals.put(id, Rehearsal.parse(words[2]).orElseThrow());
      }
    }
    return new Seen(setup, levels, rehearsals, habits);
  }
}
