package loosehip.app.figure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import loosehip.core.shipped.ShippedText;
import org.springframework.stereotype.Component;

/** All drawings, from the joint angles in {@code figures.txt}. */
@Component
public class Figures {
  private static final double HIP_X = 82;
  private static final double HIP_Y = 108;
  private static final double ROUNDING_SHOWN = 3;

  private final Map<String, Drawing> drawings = new LinkedHashMap<>();
  private final Map<String, String[]> told = new HashMap<>();
  private final String symbols;
  private final String edition;

  /** Reads the drawings that ship. */
  public Figures() {
    Map<String, Drawing> shipped = new LinkedHashMap<>();
    ShippedText.rows(Figures.class, "figures.txt")
        .forEach(
            cells -> {
              shipped.put(cells[0], drawing(cells));
              told.put(cells[0], new String[] {cells[2].strip(), cells[4].strip()});
            });
    symbols = Symbols.of(shipped);
    edition = Integer.toHexString(symbols.hashCode());
    shipped.forEach(
        (name, d) ->
            drawings.put(
                name, new Drawing(d.strokes(), d.words(), "/figures/" + edition + ".svg#" + name)));
  }

  /** All shipped drawings as symbols of one SVG file. */
  String symbols() {
    return symbols;
  }

  /** The mark of their content. */
  String edition() {
    return edition;
  }

  /** The drawing of this name, if there is one. */
  public Optional<Drawing> find(String name) {
    return Optional.ofNullable(drawings.get(name));
  }

  /**
   * The movement of an exercise from its start to its end; empty where the two drawings do not show
   * the same parts, or one is missing.
   */
  public Optional<Motion> motion(String exercise) {
    String[] from = told.get(exercise + ".start");
    String[] to = told.get(exercise + ".end");
    return from == null || to == null
        ? Optional.empty()
        : Motion.between(from[0], from[1], to[0], to[1]);
  }

  /**
   * A body at address from the side: hip bend, pelvic tilt and rounding as they were typed.
   *
   * @param hipBend degrees from upright, 0 to 90
   * @param tilt degrees beyond neutral, arched positive
   * @param rounding degrees between the lower and the upper half of the back
   */
  public Drawing posture(double hipBend, double tilt, double rounding) {
    String pose =
        String.format(
            Locale.ROOT,
            "at=%.0f,%.0f trunk=%.1f bend=%.1f neck=%.1f A=%.1f,6 M=12,-4,96",
            HIP_X,
            HIP_Y,
            hipBend,
            bend(tilt, rounding),
            Math.min(100, hipBend + rounding / 2),
            14.0);
    List<Stroke> strokes = new ArrayList<>(Prop.strokes("ground=194"));
    strokes.addAll(Pose.parse("at=82,108 trunk=40 M=12,-4,96").strokes(true));
    strokes.addAll(Pose.parse(pose).strokes(false));
    return new Drawing(
        List.copyOf(strokes),
        String.format(
            Locale.ROOT,
            "from the side at address: hips bent %.0f, pelvis tilted %.0f, back rounded %.0f",
            hipBend,
            tilt,
            rounding),
        "");
  }

  private static double bend(double tilt, double rounding) {
    return rounding / ROUNDING_SHOWN - tilt * 0.7;
  }

  /**
   * Where the parts of {@link #posture} lie on its drawing.
   *
   * @param hipX the hip joint
   * @param hipY the hip joint
   * @param neckX the base of the neck
   * @param neckY the base of the neck
   * @param backX the middle of the back
   * @param backY the middle of the back
   * @param roundingX degrees of rounding for each unit the middle of the back moves right
   * @param roundingY degrees of rounding for each unit it moves down
   */
  public record PostureMarks(
      double hipX,
      double hipY,
      double neckX,
      double neckY,
      double backX,
      double backY,
      double roundingX,
      double roundingY) {}

  /** Where hips, neck and back of a posture lie on its drawing. */
  public static PostureMarks postureMarks(double hipBend, double tilt, double rounding) {
    double neckX = HIP_X + Pose.TRUNK * Pose.sin(hipBend);
    double neckY = HIP_Y - Pose.TRUNK * Pose.cos(hipBend);
    double out = bend(tilt, rounding) / 2;
    return new PostureMarks(
        HIP_X,
        HIP_Y,
        neckX,
        neckY,
        (HIP_X + neckX) / 2 - out * Pose.cos(hipBend),
        (HIP_Y + neckY) / 2 - out * Pose.sin(hipBend),
        -2 * ROUNDING_SHOWN * Pose.cos(hipBend),
        -2 * ROUNDING_SHOWN * Pose.sin(hipBend));
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
      return new Drawing(List.copyOf(strokes), cells[1].strip(), "");
    } catch (RuntimeException unreadable) {
      throw new IllegalStateException("Cannot draw " + cells[0].strip(), unreadable);
    }
  }
}
