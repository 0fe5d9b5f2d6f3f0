package loosehip.app.visit;

import java.util.List;

/**
 * Two visits of one golfer side by side.
 *
 * @param from the earlier day
 * @param to the later day
 * @param counted one line that counts the verdicts
 * @param numbers every slot measured at both
 * @param words every word said at both, and whether it changed
 * @param onlyOnce what was measured at one of them only
 */
public record Comparison(
    String from,
    String to,
    String counted,
    List<Pair> numbers,
    List<WordPair> words,
    List<String> onlyOnce) {

  /**
   * One slot at both visits.
   *
   * @param title test and part
   * @param side the side in trail and lead words, or empty
   * @param leg {@code trail}, {@code lead} or empty
   * @param before mean and error
   * @param after mean and error
   * @param change signed
   * @param verdict {@code real}, {@code likely} or {@code within the ruler}
   * @param real whether the verdict is real
   * @param better whether the change goes the better way
   * @param ruler smallest real change, with its unit
   * @param methods how both were read; says so when they differ
   * @param bandBefore band's id
   * @param bandAfter band's id
   * @param track where the marks of the drawing lie, in hundredths of its width
   */
  public record Pair(
      String title,
      String side,
      String leg,
      String before,
      String after,
      String change,
      String verdict,
      boolean real,
      boolean better,
      String ruler,
      String methods,
      String bandBefore,
      String bandAfter,
      Track track) {}

  /** Marks from 0 to 100: before, after, the ruler round before, and the two band edges. */
  public record Track(
      double before,
      double after,
      double rulerLow,
      double rulerHigh,
      double enough,
      double close) {}

  /** A word at both visits. */
  public record WordPair(String title, String before, String after, boolean changed) {}
}
