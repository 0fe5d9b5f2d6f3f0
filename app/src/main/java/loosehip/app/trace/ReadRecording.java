package loosehip.app.trace;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Recordings;
import loosehip.core.link.SwingFigure;
import loosehip.core.pivot.Club;
import loosehip.core.trace.PressureReading;
import loosehip.core.trace.RecordingKind;
import loosehip.core.trace.TraceFigures;
import loosehip.core.trace.TraceFinding;
import loosehip.core.trace.TraceFindings;
import loosehip.core.trace.TraceReading;

/**
 * A golfer's recording, read.
 *
 * @param movement what a movement trace says
 * @param pressure what a pressure trace says
 * @param problems why it cannot be read as it is
 * @param ignored columns nothing was read from
 * @param asksUnit whether somebody must say whether its angles are radians
 * @param findings what it suggests
 * @param swing figures it gives of the swing
 * @param alongFeet where the weight stands at address, heel to toe
 */
record ReadRecording(
    Optional<TraceReading> movement,
    Optional<PressureReading> pressure,
    List<CsvProblem> problems,
    List<String> ignored,
    boolean asksUnit,
    List<TraceFinding> findings,
    Map<SwingFigure, Double> swing,
    Optional<Double> alongFeet) {

  /** Reads a file for a golfer. */
  static ReadRecording of(Workup workup, Recordings.Kept kept, byte[] raw) {
    return kept.kind() == RecordingKind.MOVEMENT
        ? ofMovement(workup, MovementCsv.of(raw, kept.unit()))
        : ofPressure(PressureCsv.of(raw, workup.golfer().school()));
  }

  private static ReadRecording ofMovement(Workup workup, MovementCsv csv) {
    Club club = workup.golfer().setup().club();
    return new ReadRecording(
        csv.reading(),
        Optional.empty(),
        csv.problems(),
        csv.ignored(),
        csv.asksUnit(),
        csv.reading().map(r -> TraceFindings.of(r, workup.asks(), club)).orElse(List.of()),
        csv.reading().map(r -> TraceFigures.of(r, club)).orElseGet(LinkedHashMap::new),
        Optional.empty());
  }

  private static ReadRecording ofPressure(PressureCsv csv) {
    return new ReadRecording(
        Optional.empty(),
        csv.reading(),
        csv.problems(),
        csv.ignored(),
        false,
        csv.reading().map(TraceFindings::of).orElse(List.of()),
        csv.reading().map(TraceFigures::of).orElseGet(LinkedHashMap::new),
        csv.reading().flatMap(TraceFigures::alongFeet));
  }
}
