package loosehip.app.plan;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The words of all exercises and drills. */
@Component
public class ExerciseTexts {
  private final Map<String, ExerciseText> byId = new HashMap<>();

  ExerciseTexts() {
    try (InputStream in = ExerciseTexts.class.getResourceAsStream("texts.txt")) {
      if (in == null) {
        throw new IllegalStateException("texts.txt is missing beside " + ExerciseTexts.class);
      }
      for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
        if (!line.isBlank() && !line.startsWith("#")) {
          String[] c = Arrays.stream(line.split("\\|")).map(String::strip).toArray(String[]::new);
          byId.put(
              c[0],
              new ExerciseText(
                  c[0],
                  c[1],
                  c[2],
                  c[3],
                  Arrays.stream(c[4].split(";")).map(ExerciseTexts::sentence).toList(),
                  c[5],
                  c[6],
                  c[7],
                  c[8],
                  c[9]));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
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
