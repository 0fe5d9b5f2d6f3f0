package loosehip.app.trace;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.named.Named;
import loosehip.core.pivot.School;
import loosehip.core.trace.PressureMoment;
import loosehip.core.trace.PressureReading;
import loosehip.core.trace.PressureTrace;
import loosehip.core.trace.TraceProblem;

/**
 * A pressure trace out of its file.
 *
 * @param reading what it says; empty when there are problems
 * @param problems why it cannot be read
 * @param ignored columns nothing was read from
 */
public record PressureCsv(
    Optional<PressureReading> reading, List<CsvProblem> problems, List<String> ignored) {
  private static final int TIME = 0;
  private static final int LEAD = 1;
  private static final int LEAD_TOE = 2;
  private static final int TRAIL_TOE = 3;

  /** Reads a file for a golfer's school. */
  public static PressureCsv of(byte[] file, School school) {
    NumberRows rows = NumberRows.read(file, Columns.PRESSURE);
    List<CsvProblem> problems = new ArrayList<>(rows.problems());
    Map<PressureMoment, Integer> moments = moments(rows, problems);
    if (!problems.isEmpty()) {
      return new PressureCsv(Optional.empty(), problems, rows.ignored());
    }
    PressureTrace trace =
        new PressureTrace(
            rows.column(TIME),
            rows.column(LEAD),
            rows.column(LEAD_TOE),
            rows.column(TRAIL_TOE),
            moments);
    return trace
        .problem()
        .map(
            p ->
                new PressureCsv(
                    Optional.empty(), List.of(TraceProblems.said(p, rows)), rows.ignored()))
        .orElseGet(
            () ->
                new PressureCsv(
                    Optional.of(PressureReading.of(trace, school)), List.of(), rows.ignored()));
  }

  private static Map<PressureMoment, Integer> moments(NumberRows rows, List<CsvProblem> problems) {
    Map<PressureMoment, Integer> moments = new EnumMap<>(PressureMoment.class);
    for (NumberRows.Mark mark : rows.marks()) {
      Optional<PressureMoment> moment = Named.parse(PressureMoment.class, mark.text());
      if (problems.size() >= NumberRows.PROBLEMS_MOST || mark.row() >= rows.lines().length) {
        break;
      }
      if (moment.isEmpty()) {
        problems.add(
            new CsvProblem(
                rows.lines()[mark.row()],
                Columns.EVENT,
                "\"" + mark.text() + "\" is no moment",
                "write one of " + String.join(", ", Named.ids(PressureMoment.class))));
      } else if (moments.putIfAbsent(moment.get(), mark.row()) != null) {
        TraceProblem twice = new TraceProblem.MarkedTwice(mark.row(), moment.get());
        problems.add(TraceProblems.said(twice, rows));
      }
    }
    return moments;
  }
}
