package loosehip.app.trace;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.core.pivot.School;
import loosehip.core.trace.AngleUnit;
import loosehip.core.trace.RecordingKind;

/** A file that is brought as a recording: which kind it is, and whether it can be read. */
final class RecordingFile {
  /** Largest file that is taken (ours): 200 000 rows of a pressure mat are half of it. */
  static final int BYTES_MOST = 16 * 1024 * 1024;

  private static final int HEADER_MOST = 2000;

  private RecordingFile() {}

  /** Which kind its header says it is; empty when it says neither. */
  static Optional<RecordingKind> kind(byte[] raw) {
    String head =
        new String(raw, 0, Math.min(raw.length, HEADER_MOST), StandardCharsets.UTF_8)
            .lines()
            .findFirst()
            .orElse("")
            .toLowerCase(Locale.ROOT);
    if (head.contains("pelvis")) {
      return Optional.of(RecordingKind.MOVEMENT);
    }
    return head.contains("lead_") && !head.contains("lead_arm")
        ? Optional.of(RecordingKind.PRESSURE)
        : Optional.empty();
  }

  /** Why it is not kept; angles that may be radians are asked about later. */
  static List<CsvProblem> problems(byte[] raw, Optional<RecordingKind> kind, School school) {
    if (kind.isEmpty()) {
      return List.of(
          CsvProblem.ofFile(
              "its first row names the columns of no recording",
              "movement has "
                  + Columns.MOVEMENT.header()
                  + "; pressure has "
                  + Columns.PRESSURE.header()));
    }
    if (kind.get() == RecordingKind.PRESSURE) {
      return PressureCsv.of(raw, school).problems();
    }
    MovementCsv csv = MovementCsv.of(raw, AngleUnit.NOT_SAID);
    return csv.asksUnit() ? List.of() : csv.problems();
  }
}
