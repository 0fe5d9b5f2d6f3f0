package loosehip.app.measure;

import java.util.List;
import java.util.Optional;
import loosehip.app.frame.NotHere;
import loosehip.app.golfer.Workup;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.TestCard;
import loosehip.core.named.Named;

/** Finds the card an address asks for. */
final class Cards {
  private static final String UNKNOWN =
      "There is no such test. Nothing was taken, and nothing that was taken before is lost.";

  private Cards() {}

  /**
   * The card of a key.
   *
   * @throws NotHere when there is no such card
   */
  static TestCard of(String key) {
    return TestCard.parse(key).orElseThrow(() -> new NotHere(UNKNOWN));
  }

  /**
   * The card of a key, else the first open one of a test, else the first open one of the order.
   *
   * @throws NotHere when a card or a test is asked for that there is not
   */
  static TestCard asked(Workup workup, Optional<String> key, Optional<String> test) {
    Optional<TestCard> card = key.filter(k -> !k.isBlank()).map(Cards::of);
    return card.or(() -> test.filter(t -> !t.isBlank()).map(t -> firstOf(workup, t)))
        .orElseGet(() -> firstOpen(workup));
  }

  private static TestCard firstOf(Workup workup, String test) {
    List<TestCard> cards =
        Named.parse(ScreenTest.class, test)
            .map(t -> TestCard.of(t, workup.golfer().handed()))
            .orElseThrow(() -> new NotHere(UNKNOWN));
    return cards.stream()
        .filter(c -> !c.taken(workup.golfer().screen()))
        .findFirst()
        .orElse(cards.get(0));
  }

  private static TestCard firstOpen(Workup workup) {
    List<TestCard> cards = workup.cards();
    return cards.stream().filter(c -> open(workup, c)).findFirst().orElse(cards.get(0));
  }

  /** Whether a card still waits: not taken, not skipped, not blocked. */
  private static boolean open(Workup workup, TestCard card) {
    return !card.taken(workup.golfer().screen())
        && workup.skipped(card).isEmpty()
        && workup.blocked(card).isEmpty();
  }

  /** The card before this one in the running order; empty at its beginning and outside of it. */
  static Optional<TestCard> before(Workup workup, TestCard card) {
    int at = workup.cards().indexOf(card);
    return at > 0 ? Optional.of(workup.cards().get(at - 1)) : Optional.empty();
  }

  /** The card after this one in the running order; empty at its end and outside of it. */
  static Optional<TestCard> after(Workup workup, TestCard card) {
    List<TestCard> cards = workup.cards();
    int at = cards.indexOf(card);
    return at >= 0 && at < cards.size() - 1 ? Optional.of(cards.get(at + 1)) : Optional.empty();
  }
}
