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
        .filter(l -> l.fault() instanceof PivotFault)
        .map(
            l ->
                new Relook(
                    (PivotFault) l.fault(),
                    l.causes().stream()
                        .filter(c -> c.counted() >= LIKELY)
                        .map(c -> c.cause().source())
                        .filter(SetupFault.class::isInstance)
                        .map(SetupFault.class::cast)
                        .toList(),
                    l.level(),
                    again.getOrDefault(l.fault(), Level.NOT_LOOKED_AT)))
        .toList();
  }

  /** What the two looks say together. */
  public Outcome outcome() {
    if (again == Level.NOT_LOOKED_AT) {
      return Outcome.WAITS;
    }
    if (again == Level.NONE) {
      return Outcome.GONE;
    }
    return again.severity() < before.severity() ? Outcome.LESS : Outcome.STILL_THERE;
  }

  /** What came of the second look. */
  public enum Outcome {
    WAITS("not looked at again yet"),
    GONE("gone: the set-up drove it"),
    LESS("less: the set-up was part of it, look to body and habit for the rest"),
    STILL_THERE("still there: look to body and habit");

    private final String words;

    Outcome(String words) {
      this.words = words;
    }

    /** What it means, in words. */
    public String words() {
      return words;
    }
  }
}
