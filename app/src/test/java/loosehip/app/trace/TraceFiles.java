package loosehip.app.trace;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import loosehip.core.played.PlayedSwing;
import loosehip.core.played.SwingKind;
import loosehip.core.trace.RecordingKind;

/** Files of recordings, good and bad. */
public final class TraceFiles {
  private TraceFiles() {}

  /** A movement of 481 rows. */
  public static byte[] movement(SwingKind kind) {
    return PlayedFile.of(new PlayedSwing(kind, 200, false, 1), RecordingKind.MOVEMENT);
  }

  /** A pressure trace of 481 rows. */
  public static byte[] pressure(SwingKind kind) {
    return PlayedFile.of(new PlayedSwing(kind, 200, false, 1), RecordingKind.PRESSURE);
  }

  /** A file with one of its lines, the first is 1, written otherwise. */
  public static byte[] with(byte[] file, int line, String instead) {
    String[] lines = text(file).split("\n");
    lines[line - 1] = instead;
    return bytes(String.join("\n", lines) + "\n");
  }

  /** A file without the lines from one to another, both included. */
  public static byte[] without(byte[] file, int from, int to) {
    StringBuilder left = new StringBuilder();
    String[] lines = text(file).split("\n");
    for (int i = 0; i < lines.length; i++) {
      if (i + 1 < from || i + 1 > to) {
        left.append(lines[i]).append('\n');
      }
    }
    return bytes(left.toString());
  }

  /** The same angles in radians. */
  public static byte[] inRadians(byte[] file) {
    StringBuilder radians = new StringBuilder();
    for (String line : text(file).split("\n")) {
      String[] fields = line.split(",", 2);
      if (radians.isEmpty()) {
        radians.append(line).append('\n');
        continue;
      }
      radians.append(fields[0]);
      for (String angle : fields[1].split(",")) {
        double turned = Math.toRadians(Double.parseDouble(angle));
        radians.append(String.format(Locale.ROOT, ",%.5f", turned));
      }
      radians.append('\n');
    }
    return bytes(radians.toString());
  }

  /** Two swings, one after the other. */
  public static byte[] twice(byte[] file) {
    String[] lines = text(file).split("\n");
    StringBuilder twice = new StringBuilder(text(file));
    for (int i = 2; i < lines.length; i++) {
      String[] fields = lines[i].split(",", 2);
      double at = Double.parseDouble(fields[0]) + 2.4;
      twice.append(String.format(Locale.ROOT, "%.4f,%s\n", at, fields[1]));
    }
    return bytes(twice.toString());
  }

  public static String text(byte[] file) {
    return new String(file, StandardCharsets.UTF_8);
  }

  public static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }
}
