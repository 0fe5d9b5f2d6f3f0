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
