package loosehip.app.figure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.shipped.ShippedText;
import org.springframework.stereotype.Component;

/** All drawings, from the joint angles in {@code figures.txt}. */
@Component
public class Figures {
  private final Map<String, Drawing> drawings = new LinkedHashMap<>();

  Figures() {
    ShippedText.rows(Figures.class, "figures.txt")
        .forEach(cells -> drawings.put(cells[0], drawing(cells)));
  }

  /** The drawing of this name, if there is one. */
  public Optional<Drawing> find(String name) {
    return Optional.ofNullable(drawings.get(name));
  }

  /**
   * A body at address from the side: hip bend, pelvic tilt and rounding as they were typed.
   *
   * @param hipBend degrees from upright, 0 to 90
   * @param tilt degrees beyond neutral, arched positive
   * @param rounding degrees between the lower and the upper half of the back
   */
  public Drawing posture(double hipBend, double tilt, double rounding) {
    double bend = rounding / 3 - tilt * 0.7;
    String pose =
        String.format(
            java.util.Locale.ROOT,
            "at=82,108 trunk=%.1f bend=%.1f neck=%.1f A=%.1f,6 M=-4,12,96",
            hipBend,
            bend,
            Math.min(100, hipBend + rounding / 2),
            14.0);
    List<Stroke> strokes = new ArrayList<>(Prop.strokes("ground=194"));
    strokes.addAll(Pose.parse("at=82,108 trunk=40 M=-4,12,96").strokes(true));
    strokes.addAll(Pose.parse(pose).strokes(false));
    return new Drawing(
        List.copyOf(strokes),
        String.format(
            java.util.Locale.ROOT,
            "from the side at address: hips bent %.0f, pelvis tilted %.0f, back rounded %.0f",
            hipBend,
            tilt,
            rounding));
  }

  /** The names of all drawings. */
  public List<String> names() {
    return List.copyOf(drawings.keySet());
  }

  /** Name, words, pose or {@code -}, ghost pose or {@code -}, props or {@code -}. */
  private static Drawing drawing(String[] cells) {
    try {
      List<Stroke> strokes = new ArrayList<>();
      List<Stroke> front = new ArrayList<>();
      if (!cells[4].isBlank() && !cells[4].strip().equals("-")) {
        for (String word : cells[4].strip().split("\\s+")) {
          boolean inFront =
              word.startsWith("arrow") || word.startsWith("push") || word.startsWith("mark");
          (inFront ? front : strokes).addAll(Prop.strokes(word));
        }
      }
      if (!cells[3].strip().equals("-")) {
        strokes.addAll(Pose.parse(cells[3]).strokes(true));
      }
      if (!cells[2].strip().equals("-")) {
        strokes.addAll(Pose.parse(cells[2]).strokes(false));
      }
      strokes.addAll(front);
      return new Drawing(List.copyOf(strokes), cells[1].strip());
    } catch (RuntimeException unreadable) {
      throw new IllegalStateException("Cannot draw " + cells[0].strip(), unreadable);
    }
  }
}
