package loosehip.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.named.Named;

/**
 * One thing to take at the bench: a numeric slot with its tries, or, for tests told in words, all
 * words of one side.
 *
 * @param test the test
 * @param side the side, for tests with sides
 * @param part the numeric part, for tests whose numbers come in parts
 */
public record TestCard(ScreenTest test, Optional<Side> side, Optional<Part> part) {

  /** The cards of a test, the trail side first in each part. */
  public static List<TestCard> of(ScreenTest test, Handed handed) {
    return of(test, handed.side(Leg.TRAIL));
  }

  /** The cards of a test, this side first in each part. */
  public static List<TestCard> of(ScreenTest test, Side first) {
    List<Optional<Part>> parts = new ArrayList<>();
    if (test.hasWholeNumber() || test.unit() == Unit.WORD) {
      parts.add(Optional.empty());
    } else {
      test.parts().stream()
          .filter(p -> test.numeric(Optional.of(p)))
          .forEach(p -> parts.add(Optional.of(p)));
    }
    List<TestCard> cards = new ArrayList<>();
    for (Optional<Part> part : parts) {
      if (test.sided()) {
        cards.add(new TestCard(test, Optional.of(first), part));
        cards.add(new TestCard(test, Optional.of(first.other()), part));
      } else {
        cards.add(new TestCard(test, Optional.empty(), part));
      }
    }
    return cards;
  }

  /** The key used in addresses. */
  public String key() {
    StringBuilder key = new StringBuilder(test.id());
    side.ifPresent(s -> key.append('.').append(s.id()));
    part.ifPresent(p -> key.append('.').append(p.id()));
    return key.toString();
  }

  /** The card of a key, or empty when the key names none. */
  public static Optional<TestCard> parse(String key) {
    return Named.parse(ScreenTest.class, key.split("\\.", 2)[0])
        .flatMap(t -> of(t, Side.RIGHT).stream().filter(c -> c.key().equals(key)).findFirst());
  }

  /** The slot its numbers go to; empty for tests told in words. */
  public Optional<Slot> numbers() {
    return test.numeric(part) ? Optional.of(new Slot(test, side, part)) : Optional.empty();
  }

  /** The slots of the words told with it, the main word first. */
  public List<Slot> words() {
    List<Slot> slots = new ArrayList<>();
    if (test.hasWholeNumber() && !test.numeric(Optional.empty())) {
      slots.add(new Slot(test, side, Optional.empty()));
    }
    test.parts().stream()
        .filter(p -> !test.numeric(Optional.of(p)))
        .forEach(p -> slots.add(new Slot(test, side, Optional.of(p))));
    return slots;
  }

  /**
   * Whether its result is known: a counted try, or every main word. A tilt is not finished before
   * it is said how it moved, and needs no number when nothing did.
   */
  public boolean taken(Screen screen) {
    Optional<String> moved =
        test == ScreenTest.TILT_CONTROL
            ? screen.word(Slot.of(test, Part.QUALITY))
            : Optional.of("not asked");
    if (moved.filter("none"::equals).isPresent()) {
      return true;
    }
    return numbers()
        .map(slot -> screen.measurement(slot).isPresent() && moved.isPresent())
        .orElseGet(
            () ->
                screen.word(words().get(0)).isPresent()
                    && (test != ScreenTest.GLUTE_SWITCH
                        || words().stream().allMatch(s -> screen.word(s).isPresent())));
  }
}
