package loosehip.app.store;

import java.time.Instant;
import java.util.Optional;

/**
 * Somebody else said something about the same thing after the page was drawn that this came from.
 * Nothing was written; whoever sent it chooses between both.
 */
public final class Clash extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Both both;

  Clash(Both both) {
    super("changed meanwhile", null, false, false);
    this.both = both;
  }

  /** What was said on both sides. */
  public Both both() {
    return both;
  }

  /**
   * What was said on both sides.
   *
   * @param about what it is about: the topic of a fact or of a value of the practice
   * @param row the row that would have been covered
   * @param by who said it
   * @param at when
   * @param theirs what they said; empty when they took something back
   * @param mine what would have covered it; empty when it would have taken it back
   */
  public record Both(
      String about,
      String row,
      String by,
      Instant at,
      Optional<String> theirs,
      Optional<String> mine) {}
}
