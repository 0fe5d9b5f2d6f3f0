package loosehip.core.link;

import java.util.List;

/**
 * One fault tied to its causes.
 *
 * @param fault the fault seen
 * @param level how strongly
 * @param triage where to start
 * @param causes every cause with its chance, likeliest first
 */
public record Link(PivotFault fault, Level level, Triage triage, List<CauseChance> causes) {}
