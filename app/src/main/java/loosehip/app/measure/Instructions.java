package loosehip.app.measure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import loosehip.core.measure.Part;
import loosehip.core.measure.TestCard;
import loosehip.core.shipped.ShippedText;
import org.springframework.stereotype.Component;

/** What to say and do in each test. */
@Component
public class Instructions {
  private final Map<String, List<Words>> byTest = new HashMap<>();

  /** A run of words; strong ones carry the point. */
  public record Words(String text, boolean strong) {}

  Instructions() {
    ShippedText.rows(Instructions.class, "instructions.txt")
        .forEach(cells -> byTest.put(cells[0], words(cells[1])));
  }

  private static List<Words> words(String text) {
    List<Words> runs = new ArrayList<>();
    String[] pieces = text.split("\\*\\*");
    for (int i = 0; i < pieces.length; i++) {
      runs.add(new Words(pieces[i], i % 2 == 1));
    }
    return runs;
  }

  /** The instruction of a card. */
  public List<Words> of(TestCard card) {
    return byTest.getOrDefault(name(card), byTest.getOrDefault(card.test().id(), List.of()));
  }

  /** The name under which instruction and drawing of a card are kept. */
  public static String name(TestCard card) {
    return card.test().id() + card.part().map(Part::id).map(p -> "." + p).orElse("");
  }
}
