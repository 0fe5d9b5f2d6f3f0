package loosehip.app.casefile;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;

/** Which keys an entry of the {@code screen} list has, test by test. */
final class EntryKeys {
  /** What the main word of a test is kept under. */
  static final String REACHED = "reached";

  /** What is kept under where the main word answers yes or no. */
  static final String FORWARD = "forward";

  private static final List<Part> IN_ENTRY_NAME =
      List.of(Part.INTERNAL, Part.EXTERNAL, Part.EYES_OPEN, Part.EYES_CLOSED);

  private EntryKeys() {}

  /** The key of a part. */
  static String of(Part part) {
    return switch (part) {
      case DRIFT -> "kneeDrift";
      case HEELS -> "heelsLifted";
      case KNEES -> "kneesIn";
      case LIMIT -> "heldToLimit";
      default -> part.id();
    };
  }

  /** Whether the numbers of a test stand under {@code tries}. */
  static boolean tries(ScreenTest test) {
    return numeric(test) && !inParts(test);
  }

  /** Whether the numbers of a test stand under the keys of its parts. */
  static boolean inParts(ScreenTest test) {
    return numeric(test)
        && !test.hasWholeNumber()
        && test.parts().stream().noneMatch(IN_ENTRY_NAME::contains);
  }

  private static boolean numeric(ScreenTest test) {
    return test.numeric(Optional.empty());
  }

  /** The parts that have a key of their own. */
  static List<Part> parts(ScreenTest test) {
    return test.parts().stream().filter(p -> !IN_ENTRY_NAME.contains(p)).toList();
  }

  /** The key of the main word, for a test whose main result is a word. */
  static Optional<String> mainWord(ScreenTest test) {
    if (!test.hasWholeNumber() || numeric(test)) {
      return Optional.empty();
    }
    return Optional.of(test == ScreenTest.KNEE_TRACK ? FORWARD : REACHED);
  }

  /** Every key an entry of this test may have. */
  static List<String> of(ScreenTest test) {
    List<String> keys = new ArrayList<>(List.of("test", "date", "pain", "painSite", "note"));
    if (test.sided()) {
      keys.add("side");
    }
    if (test.hasPart(Part.INTERNAL)) {
      keys.add("direction");
    }
    if (test.hasPart(Part.EYES_OPEN)) {
      keys.add("eyes");
    }
    if (tries(test)) {
      keys.add("tries");
    }
    if (numeric(test)) {
      keys.addAll(List.of("voided", "compensations"));
    }
    if (!test.methods().isEmpty()) {
      keys.addAll(List.of("method", "tryDeviation"));
    }
    parts(test).forEach(p -> keys.add(of(p)));
    mainWord(test).ifPresent(keys::add);
    return keys;
  }
}
