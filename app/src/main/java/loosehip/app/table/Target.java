package loosehip.app.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.core.body.Side;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import loosehip.core.named.Named;

/**
 * What a column's head or a word of a table stands for: a test, its part, and its side when the
 * head says that too.
 */
record Target(ScreenTest test, Optional<Side> side, Optional<Part> part) {

  /** Every target with its side told, where a test has sides: what a column of its own can hold. */
  static List<Target> columns() {
    return all(true);
  }

  /** Every target, with the side told and with the side left to a column of sides. */
  static List<Target> words() {
    return all(false);
  }

  private static List<Target> all(boolean sideTold) {
    List<Target> all = new ArrayList<>();
    for (ScreenTest test : ScreenTest.values()) {
      List<Optional<Part>> parts = new ArrayList<>();
      if (test.hasWholeNumber() || test.parts().isEmpty()) {
        parts.add(Optional.empty());
      }
      test.parts().forEach(p -> parts.add(Optional.of(p)));
      for (Optional<Part> part : parts) {
        if (!test.sided() || !sideTold) {
          all.add(new Target(test, Optional.empty(), part));
        }
        if (test.sided()) {
          Arrays.stream(Side.values())
              .forEach(s -> all.add(new Target(test, Optional.of(s), part)));
        }
      }
    }
    return all;
  }

  /** The key it is kept under: {@code seated-rotation left internal}. */
  String key() {
    return test.id()
        + side.map(s -> " " + s.id()).orElse("")
        + part.map(p -> " " + p.id()).orElse("");
  }

  /** The target of a key. */
  static Optional<Target> parse(String key) {
    String[] words = key.split(" ", -1);
    Optional<ScreenTest> test = Named.parse(ScreenTest.class, words[0]);
    int at = 1;
    Optional<Side> side = words.length > at ? Named.parse(Side.class, words[at]) : Optional.empty();
    at += side.isPresent() ? 1 : 0;
    Optional<Part> part = words.length > at ? Named.parse(Part.class, words[at]) : Optional.empty();
    at += part.isPresent() ? 1 : 0;
    if (test.isEmpty() || at != words.length || side.isPresent() && !test.get().sided()) {
      return Optional.empty();
    }
    Target target = new Target(test.get(), side, part);
    return words().contains(target) ? Optional.of(target) : Optional.empty();
  }

  /** Whether its cells are numbers. */
  boolean numeric() {
    return test.numeric(part);
  }

  /** The whole of it in words: {@code Seated hip turn, left, inward}. */
  String said() {
    return test.title()
        + side.map(s -> ", " + s.id()).orElse("")
        + part.map(p -> ", " + p.word()).orElse("");
  }
}
