package loosehip.core.trace;

/**
 * A short gap in a recording that was filled by a straight line.
 *
 * @param at when it begins, seconds
 * @param milliseconds how long it is
 */
public record TraceGap(double at, double milliseconds) {}
