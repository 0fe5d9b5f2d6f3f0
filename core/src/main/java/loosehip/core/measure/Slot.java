package loosehip.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.core.body.Side;
import loosehip.core.named.Named;

/**
 * The place a reading belongs to: a test, the anatomical side where the test has sides, and the
 * part where the test is recorded in parts.
 *
 * @param test the screen test
 * @param side the anatomical side; present exactly when the test has sides
 * @param part the part; present when the test is recorded in parts
 */
public record Slot(ScreenTest test, Optional<Side> side, Optional<Part> part) {

  /**
   * @throws IllegalArgumentException when side or part do not fit the test
   */
  public Slot {
    if (side.isPresent() != test.sided()) {
      throw new IllegalArgumentException(
          test.id() + (test.sided() ? " needs a side" : " has no side"));
    }
    if (part.isPresent() && !test.hasPart(part.get())) {
      throw new IllegalArgumentException(test.id() + " has no part " + part.get().id());
    }
    if (part.isEmpty() && !test.hasWholeNumber()) {
      throw new IllegalArgumentException(test.id() + " is recorded in parts");
    }
  }

  /** A slot of a sided rotation test. */
  public static Slot of(ScreenTest test, Side side, Direction direction) {
    return new Slot(test, Optional.of(side), Optional.of(direction.part()));
  }

  /** A slot of a sided test without parts. */
  public static Slot of(ScreenTest test, Side side) {
    return new Slot(test, Optional.of(side), Optional.empty());
  }

  /** A slot of a sided test's part. */
  public static Slot of(ScreenTest test, Side side, Part part) {
    return new Slot(test, Optional.of(side), Optional.of(part));
  }

  /** A slot of a test without sides or parts. */
  public static Slot of(ScreenTest test) {
    return new Slot(test, Optional.empty(), Optional.empty());
  }

  /** A part of a test without sides. */
  public static Slot of(ScreenTest test, Part part) {
    return new Slot(test, Optional.empty(), Optional.of(part));
  }

  /** The key used in addresses and storage, such as {@code seated-rotation.left.internal}. */
  public String key() {
    List<String> words = new ArrayList<>();
    words.add(test.id());
    side.ifPresent(s -> words.add(s.id()));
    part.ifPresent(p -> words.add(p.id()));
    return String.join(".", words);
  }

  /** The words shown, such as {@code Seated hip turn, left, inward}. */
  public String said() {
    return test.title()
        + side.map(s -> ", " + s.id()).orElse("")
        + part.map(p -> ", " + p.word()).orElse("");
  }

  /** The slot of a key, or empty when the key names no slot. */
  public static Optional<Slot> parse(String key) {
    String[] words = key.split("\\.", -1);
    Optional<ScreenTest> test = Named.parse(ScreenTest.class, words[0]);
    if (test.isEmpty() || words.length > 3) {
      return Optional.empty();
    }
    int at = 1;
    Optional<Side> side = Optional.empty();
    if (test.get().sided()) {
      side = words.length > at ? Named.parse(Side.class, words[at++]) : Optional.empty();
    }
    Optional<Part> part = Optional.empty();
    if (words.length > at) {
      part = Named.parse(Part.class, words[at++]);
      if (part.isEmpty()) {
        return Optional.empty();
      }
    }
    if (at != words.length) {
      return Optional.empty();
    }
    try {
      return Optional.of(new Slot(test.get(), side, part));
    } catch (IllegalArgumentException notASlot) {
      return Optional.empty();
    }
  }

  /** The rotation direction this slot records, when it records one. */
  public Optional<Direction> direction() {
    return part.flatMap(
        p ->
            switch (p) {
              case INTERNAL -> Optional.of(Direction.INTERNAL);
              case EXTERNAL -> Optional.of(Direction.EXTERNAL);
              default -> Optional.empty();
            });
  }

  /** The same slot on the other side of the body; itself where the test has no sides. */
  public Slot mirrored() {
    return new Slot(test, side.map(Side::other), part);
  }

  @Override
  public String toString() {
    return key();
  }
}
