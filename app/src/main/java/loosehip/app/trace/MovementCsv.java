package loosehip.app.trace;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.words.TraceWords;
import loosehip.core.trace.AngleUnit;
import loosehip.core.trace.MovementSamples;
import loosehip.core.trace.SwingSegment;
import loosehip.core.trace.TraceProblem;
import loosehip.core.trace.TraceReading;

/**
 * A movement trace out of its file.
 *
 * @param reading what it says; empty when there are problems
 * @param problems why it cannot be read
 * @param ignored columns nothing was read from
 * @param asksUnit whether all that is wrong is that its angles may be radians
 */
public record MovementCsv(
    Optional<TraceReading> reading,
    List<CsvProblem> problems,
    List<String> ignored,
    boolean asksUnit) {
  private static final String IMPACT = "impact";
  private static final int TIME = 0;
  private static final int PELVIS = 1;
  private static final int TILT = 2;
  private static final int TORSO = 3;
  private static final int ARM = 4;

  /** Reads a file. */
  public static MovementCsv of(byte[] file, AngleUnit unit) {
    NumberRows rows = NumberRows.read(file, Columns.MOVEMENT);
    List<CsvProblem> problems = new ArrayList<>(rows.problems());
    Optional<Integer> impact = problems.isEmpty() ? impact(rows, problems) : Optional.empty();
    if (!problems.isEmpty()) {
      return new MovementCsv(Optional.empty(), problems, rows.ignored(), false);
    }
    Map<SwingSegment, double[]> turns = new EnumMap<>(SwingSegment.class);
    turns.put(SwingSegment.PELVIS, rows.column(PELVIS));
    if (rows.has(TORSO)) {
      turns.put(SwingSegment.TORSO, rows.column(TORSO));
    }
    if (rows.has(ARM)) {
      turns.put(SwingSegment.ARM, rows.column(ARM));
    }
    TraceReading.Outcome outcome =
        TraceReading.of(
            new MovementSamples(rows.column(TIME), turns, rows.column(TILT), impact), unit);
    List<TraceProblem> found = outcome.problems();
    return new MovementCsv(
        outcome.reading(),
        found.stream()
            .limit(NumberRows.PROBLEMS_MOST)
            .map(p -> TraceProblems.said(p, rows))
            .toList(),
        rows.ignored(),
        found.size() == 1 && found.get(0) instanceof TraceProblem.LooksLikeRadians);
  }

  private static Optional<Integer> impact(NumberRows rows, List<CsvProblem> problems) {
    Optional<Integer> impact = Optional.empty();
    for (NumberRows.Mark mark : rows.marks()) {
      if (!mark.text().equals(IMPACT)) {
        continue;
      }
      if (impact.isPresent()) {
        problems.add(
            new CsvProblem(
                rows.lines()[mark.row()],
                Columns.EVENT,
                "impact is marked a second time",
                TraceWords.ONE_SWING));
        return Optional.empty();
      }
      impact = Optional.of(mark.row());
    }
    return impact;
  }
}
