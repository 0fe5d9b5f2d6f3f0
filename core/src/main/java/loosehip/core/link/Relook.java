package loosehip.core.link;

import java.util.List;
import java.util.Map;

/**
 * Set-up first, then look again: what to put right at address before a fault is judged, and what
 * the second look says. The first look stays as it was; the second stands beside it.
 *
 * @param fault the fault
 * @param fix set-up faults likely behind it, the likeliest first
 * @param before the level first seen
 * @param again the level seen after the set-up was put right
 */
public record Relook(PivotFault fault, List<SetupFault> fix, Level before, Level again) {
  private static final double LIKELY = 0.5;

  /** What calls for it: every fault whose set-up is to come first. */
  public static List<Relook> of(List<Link> links, Map<PivotFault, Level> again) {
    return links.stream()
        .filter(l -> l.triage().kind() == Triage.Kind.SETUP_FIRST)
        .map(
            l ->
                new Relook(
                    l.fault(),
                    l.causes().stream()
                        .filter(c -> c.chance() >= LIKELY)
                        .map(CauseChance::cause)
                        .filter(Cause.FromSetup.class::isInstance)
                        .map(c -> ((Cause.FromSetup) c).fault())
                        .toList(),
                    l.level(),
                    again.getOrDefault(l.fault(), Level.NOT_LOOKED_AT)))
        .toList();
  }

  /** What the two looks say together. */
  public String words() {
    if (again == Level.NOT_LOOKED_AT) {
      return "not looked at again yet";
    }
    if (again == Level.NONE) {
      return "gone: the set-up drove it";
    }
    return again.severity() < before.severity()
        ? "less: the set-up was part of it, look to body and habit for the rest"
        : "still there: look to body and habit";
  }
}
