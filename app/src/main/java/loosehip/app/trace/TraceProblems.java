package loosehip.app.trace;

import loosehip.app.words.TraceWords;
import loosehip.core.trace.TraceProblem;

/** Puts what the core found wrong where it stands in the file. */
final class TraceProblems {
  private TraceProblems() {}

  static CsvProblem said(TraceProblem problem, NumberRows rows) {
    int row = row(problem);
    return new CsvProblem(
        row < 0 ? 0 : rows.lines()[row],
        row < 0 ? "" : column(problem),
        TraceWords.wrong(problem),
        TraceWords.right(problem));
  }

  private static String column(TraceProblem problem) {
    boolean event =
        problem instanceof TraceProblem.MomentsOutOfOrder
            || problem instanceof TraceProblem.MarkedTwice;
    return event ? Columns.EVENT : Columns.MOVEMENT.numbers().get(0).name();
  }

  private static int row(TraceProblem problem) {
    if (problem instanceof TraceProblem.TimeBack back) {
      return back.row();
    }
    if (problem instanceof TraceProblem.LongGap gap) {
      return gap.row();
    }
    if (problem instanceof TraceProblem.Length length) {
      return length.row();
    }
    if (problem instanceof TraceProblem.MomentsOutOfOrder order) {
      return order.row();
    }
    if (problem instanceof TraceProblem.MarkedTwice twice) {
      return twice.row();
    }
    return -1;
  }
}
