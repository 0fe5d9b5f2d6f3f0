package loosehip.core.trace;

import loosehip.core.link.Level;
import loosehip.core.link.Source;

/**
 * What a recording suggests.
 *
 * @param what a fault or a habit
 * @param level how strongly
 * @param because what it rests on
 */
public record TraceFinding(Source what, Level level, TraceReason because) {}
