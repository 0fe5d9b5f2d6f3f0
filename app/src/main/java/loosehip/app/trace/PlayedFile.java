package loosehip.app.trace;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import loosehip.core.played.PlayedSwing;
import loosehip.core.trace.MovementSamples;
import loosehip.core.trace.PressureTrace;
import loosehip.core.trace.RecordingKind;
import loosehip.core.trace.SwingSegment;

/** Writes a played swing as the file a device would have sent. */
public final class PlayedFile {
  private PlayedFile() {}

  /** The file, as CSV in UTF-8. */
  public static byte[] of(PlayedSwing swing, RecordingKind kind) {
    String text =
        kind == RecordingKind.MOVEMENT ? movement(swing.movement()) : pressure(swing.pressure());
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private static String movement(MovementSamples samples) {
    StringBuilder csv =
        new StringBuilder("time_s,pelvis_turn_deg,pelvis_tilt_deg,torso_turn_deg,lead_arm_deg\n");
    for (int i = 0; i < samples.rows(); i++) {
      csv.append(
          String.format(
              Locale.ROOT,
              "%.4f,%.2f,%.2f,%.2f,%.2f\n",
              samples.seconds()[i],
              samples.turns().get(SwingSegment.PELVIS)[i],
              samples.tilt()[i],
              samples.turns().get(SwingSegment.TORSO)[i],
              samples.turns().get(SwingSegment.ARM)[i]));
    }
    return csv.toString();
  }

  private static String pressure(PressureTrace trace) {
    Map<Integer, String> marks =
        trace.moments().entrySet().stream()
            .collect(Collectors.toMap(Map.Entry::getValue, e -> e.getKey().id()));
    StringBuilder csv = new StringBuilder("time_s,lead_share,lead_toe,trail_toe,event\n");
    for (int i = 0; i < trace.rows(); i++) {
      csv.append(
          String.format(
              Locale.ROOT,
              "%.4f,%.3f,%.3f,%.3f,%s\n",
              trace.seconds()[i],
              trace.lead()[i],
              trace.leadToe()[i],
              trace.trailToe()[i],
              marks.getOrDefault(i, "")));
    }
    return csv.toString();
  }
}
