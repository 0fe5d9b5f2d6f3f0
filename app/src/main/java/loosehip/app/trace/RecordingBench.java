package loosehip.app.trace;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import loosehip.core.body.Handed;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.School;
import loosehip.core.played.PlayedSwing;
import loosehip.core.played.SwingKind;
import loosehip.core.trace.AngleUnit;
import loosehip.core.trace.RecordingKind;
import loosehip.core.trace.TraceFindings;

/** Large recordings, and the whole way from a file to its drawing; measured by the bench. */
public final class RecordingBench {
  private static final double HZ = 1000;

  private RecordingBench() {}

  /** A mat's file of so many rows: a swing, then standing there. */
  public static byte[] mat(int rows) {
    return longer(RecordingKind.PRESSURE, rows);
  }

  /** A suit's file of so many rows: a swing, then standing there. */
  public static byte[] movement(int rows) {
    return longer(RecordingKind.MOVEMENT, rows);
  }

  private static byte[] longer(RecordingKind kind, int rows) {
    String swing =
        new String(
            PlayedFile.of(new PlayedSwing(SwingKind.EARLY_STOP, HZ, true, 5), kind),
            StandardCharsets.UTF_8);
    int swung = (int) swing.lines().count() - 1;
    String last = swing.substring(swing.lastIndexOf('\n', swing.length() - 2) + 1).strip();
    String values = last.substring(last.indexOf(',') + 1);
    StringBuilder file = new StringBuilder(swing);
    for (int row = swung; row < rows; row++) {
      file.append(String.format(Locale.ROOT, "%.4f,", row / HZ)).append(values).append('\n');
    }
    return file.toString().getBytes(StandardCharsets.UTF_8);
  }

  /** Reads, checks and draws a mat's file; how many characters the drawing takes. */
  public static int drawnMat(byte[] file) {
    var reading = PressureCsv.of(file, School.ROTATION_FIRST).reading().orElseThrow();
    TraceFindings.of(reading);
    PressurePlot plot = PressurePlot.of(reading, Handed.RIGHT);
    return plot.share().length()
        + plot.path().length()
        + plot.toes().lead().length()
        + plot.toes().trail().length();
  }

  /** Reads, checks and draws a suit's file; how many characters its curves take. */
  public static int drawnMovement(byte[] file) {
    var reading = MovementCsv.of(file, AngleUnit.NOT_SAID).reading().orElseThrow();
    TraceFindings.of(reading, School.ROTATION_FIRST.shipped(), Club.DRIVER);
    return MovementPlot.of(reading, Optional.empty(), MovementPlot.Sheet.WIDE).curves().stream()
        .mapToInt(c -> c.points().length())
        .sum();
  }
}
