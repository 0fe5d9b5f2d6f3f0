package loosehip.core.plan;

import java.util.List;

/**
 * Something that may go into a week, with the day patterns it may take. A pattern is a set of days:
 * bit {@code d − 1} for day {@code d} of the week.
 *
 * @param item what it is
 * @param service how much of each need it serves: 1, 0.5 or 0, in the order of the needs
 * @param mains limits it works hard, as bits; days that share one lie 48 h apart. 0 for daily work
 * @param patterns the patterns it may take when it is in, never empty
 * @param must whether it has to be in
 */
record Piece(PlanItem item, double[] service, int mains, List<Integer> patterns, boolean must) {
  int seconds() {
    return item.seconds();
  }
}
