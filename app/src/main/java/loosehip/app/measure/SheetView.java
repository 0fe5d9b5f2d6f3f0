package loosehip.app.measure;

import java.util.List;
import java.util.Optional;

/**
 * All tests of one position on one page.
 *
 * @param golfer the golfer's id
 * @param positions the positions of the running order
 * @param rows the tests of this position
 * @param next the position after this one; empty at the last
 * @param nextTitle its words
 * @param minutesLeft minutes of tests still to take in the whole order
 */
public record SheetView(
    String golfer,
    List<PositionTab> positions,
    List<Row> rows,
    Optional<String> next,
    String nextTitle,
    int minutesLeft) {

  /** How long the tests left of the order take, in words. */
  public String timeLeft() {
    return minutesLeft == 0
        ? "all of this order is taken"
        : minutesLeft + (minutesLeft == 1 ? " minute left" : " minutes left");
  }

  /** A position with how much of it is taken. */
  public record PositionTab(String id, String title, int taken, int of, boolean here) {}

  /** One test or part of one, with a cell a side. */
  public record Row(String title, String meta, List<Cell> cells) {}

  /**
   * One side of one test.
   *
   * @param golfer the golfer's id
   * @param key the card's key
   * @param name what the entry is called for those who hear the page
   * @param side the side in trail and lead words; empty for tests without sides
   * @param leg {@code trail}, {@code lead} or empty
   * @param unit what is written after numbers
   * @param seconds whether a stopwatch helps
   * @param stay whether Enter should stay here for another try
   * @param left why it is left out: skipped or blocked; empty when it is not
   * @param blocked whether nothing can be put in
   * @param live tries, entry and result
   */
  public record Cell(
      String golfer,
      String key,
      String name,
      String side,
      String leg,
      String unit,
      boolean seconds,
      boolean stay,
      String left,
      boolean blocked,
      TestView.Live live) {
    /** Its id on the page. */
    public String id() {
      return key.replace('.', '-');
    }

    /** Whether the result is one word alone, whose question needs no saying. */
    public boolean oneWord() {
      return live.words().size() == 1 && !live.numeric();
    }
  }
}
