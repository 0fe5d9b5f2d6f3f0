package loosehip.core.plan;

import java.util.List;

/**
 * Something that may go into a week, with the days it may take.
 *
 * @param item what it is
 * @param service how much of each need it serves: 1, 0.5 or 0, in the order of the needs
 * @param mains limits it works hard, as bits; days that share one lie 48 h apart. 0 for daily work
 * @param choices the days it may take when it is in; never empty
 * @param must whether it has to be in
 */
record Piece(PlanItem item, double[] service, int mains, List<Days> choices, boolean must) {
  int seconds() {
    return item.seconds();
  }

  /** The same with another dose. */
  Piece with(PlanItem other) {
    return new Piece(other, service, mains, choices, must);
  }

  /** The same, free to be left out. */
  Piece free() {
    return new Piece(item, service, mains, choices, false);
  }
}
