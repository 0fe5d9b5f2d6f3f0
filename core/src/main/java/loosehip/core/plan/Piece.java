package loosehip.core.plan;

/**
 * Something that may go into a week.
 *
 * @param item what it is
 * @param service how much of each need it serves: 1, 0.5 or 0, in the order of the needs
 * @param mains limits it works hard, as bits; days that share one lie 48 h apart. 0 for daily work
 * @param days the days it may be in
 * @param must whether it has to be in on all of them
 */
record Piece(PlanItem item, double[] service, int mains, Days days, boolean must) {
  int seconds() {
    return item.seconds();
  }

  /** Whether it needs 48 hours before the same limit is worked again. */
  boolean hard() {
    return mains != 0;
  }

  /** Whether it counts among the seven of a session; what settles does not. */
  boolean counts() {
    return item.role() == PlanItem.Role.EXERCISE;
  }

  /** Whether nobody may meet it cold. */
  boolean deep() {
    return counts() && item.exercise().orElseThrow().deep();
  }

  /** The same with another dose. */
  Piece with(PlanItem other) {
    return new Piece(other, service, mains, days, must);
  }

  /** The same on these days. */
  Piece on(Days others) {
    return new Piece(item, service, mains, others, must);
  }

  /** The same, free to be left out. */
  Piece free() {
    return new Piece(item, service, mains, days, false);
  }

  /**
   * The need it is mainly for: the largest of those it serves best; −1 when it serves none.
   *
   * @param needs how large each need is
   */
  int purpose(double[] needs) {
    int purpose = -1;
    for (int n = 0; n < needs.length; n++) {
      boolean better =
          service[n] > 0
              && (purpose < 0
                  || service[n] > service[purpose]
                  || service[n] == service[purpose] && needs[n] > needs[purpose]);
      purpose = better ? n : purpose;
    }
    return purpose;
  }
}
