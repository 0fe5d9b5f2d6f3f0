package loosehip.core.link;

import java.util.List;

/**
 * One fault tied to its causes.
 *
 * @param fault the fault seen
 * @param level how strongly
 * @param triage where to start, by what counts
 * @param causes every cause with its chance, likeliest first
 */
public record Link(Fault fault, Level level, Triage triage, List<CauseChance> causes) {

  /** How much it counts in sums: clear 1, slight 0.5, set-up faults half of that. */
  public double severity() {
    return level.severity() * fault.weight();
  }

  /** The same with what the trainer decided about its causes. */
  Link decided(List<Overrule> overrules) {
    List<CauseChance> heeded =
        causes.stream()
            .map(
                c ->
                    overrules.stream()
                        .filter(o -> o.about(fault, c.cause()))
                        .reduce((a, b) -> b)
                        .map(o -> c.decided(o.verdict()))
                        .orElse(c))
            .toList();
    return new Link(fault, level, Triage.of(heeded), heeded);
  }
}
