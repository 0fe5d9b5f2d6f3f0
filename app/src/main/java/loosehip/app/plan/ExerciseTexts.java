package loosehip.app.plan;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import loosehip.core.shipped.ShippedText;
import org.springframework.stereotype.Component;

/** The words of all exercises and drills. */
@Component
public class ExerciseTexts {
  private final Map<String, ExerciseText> byId = new HashMap<>();

  ExerciseTexts() {
    ShippedText.rows(ExerciseTexts.class, "texts.txt").forEach(c -> byId.put(c[0], text(c)));
  }

  private static ExerciseText text(String[] c) {
    return new ExerciseText(
        c[0],
        c[1],
        c[2],
        c[3],
        Arrays.stream(c[4].split(";")).map(ExerciseTexts::sentence).toList(),
        c[5],
        c[6],
        c[7],
        c[8],
        c[9]);
  }

  private static String sentence(String step) {
    String words = step.strip();
    String end = words.endsWith(".") ? "" : ".";
    return Character.toUpperCase(words.charAt(0)) + words.substring(1) + end;
  }

  /**
   * The words of an exercise or drill.
   *
   * @throws IllegalArgumentException when nothing is written about it
   */
  public ExerciseText of(String id) {
    ExerciseText text = byId.get(id);
    if (text == null) {
      throw new IllegalArgumentException("Nothing is written about " + id);
    }
    return text;
  }
}
