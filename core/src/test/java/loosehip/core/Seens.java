package loosehip.core;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import loosehip.core.link.Factor;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.Link;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.link.Seen;
import loosehip.core.link.SetupFault;
import loosehip.core.named.Named;

/** What was seen, written as text: {@code sway clear cannot; dip slight}. */
public final class Seens {
  private Seens() {}

  /** These faults, with the slow rehearsal where one is named. */
  public static Seen of(String faults, Map<SetupFault, Level> setup, Set<Habit> habits) {
    Map<PivotFault, Level> levels = new LinkedHashMap<>();
    Map<PivotFault, Rehearsal> rehearsals = new EnumMap<>(PivotFault.class);
    for (String fault : faults.split(";")) {
      String[] words = fault.strip().split(" ");
      PivotFault id = Named.parse(PivotFault.class, words[0]).orElseThrow();
      levels.put(id, Named.parse(Level.class, words[1]).orElseThrow());
      if (words.length > 2) {
        rehearsals.put(id, Named.parse(Rehearsal.class, words[2]).orElseThrow());
      }
    }
    return new Seen(setup, levels, rehearsals, habits);
  }

  /** What links say of each fault and cause, whichever side it is on. */
  public static List<String> told(List<Link> links) {
    return links.stream()
        .flatMap(
            l ->
                l.causes().stream()
                    .map(
                        c ->
                            l.fault().id()
                                + " "
                                + l.triage().id()
                                + " "
                                + c.cause().id().key()
                                + " "
                                + c.odds()
                                + " "
                                + c.settled()
                                + " "
                                + c.factors().stream().map(Factor::value).toList()))
        .toList();
  }
}
