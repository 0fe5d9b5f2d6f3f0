package loosehip.app.visit;

import java.util.List;
import java.util.Optional;
import loosehip.core.measure.Change;

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
   * @param verdict what the change amounts to
   * @param better whether the change goes the better way
   * @param ruler smallest real change, with its unit
   * @param methods what to mind when the two were read in different ways
   * @param bandBefore band's id
   * @param bandAfter band's id
   * @param track where the marks of the drawing lie
   */
  public record Pair(
      String title,
      String side,
      String leg,
      String before,
      String after,
      String change,
      Change verdict,
      boolean better,
      String ruler,
      Optional<String> methods,
      String bandBefore,
      String bandAfter,
      Track track) {
    /** Whether the change is real. */
    public boolean real() {
      return verdict == Change.REAL;
    }

    /** What the change is held against, in words. */
    public String heldAgainst() {
      return "real from " + ruler + methods.map(m -> "; " + m).orElse("");
    }

    /** Whether the change is likely. */
    public boolean likely() {
      return verdict == Change.LIKELY;
    }
  }

  /** Marks along a line: before, after, the ruler round before, and the two band edges. */
  public record Track(
      double before, double after, double rulerLow, double rulerHigh, double enough, double close) {
    /** Where the line begins. */
    static final double LEFT = 8;

    /** How long it is. */
    static final double LONG = 720;
  }

  /** A word at both visits. */
  public record WordPair(String title, String before, String after, boolean changed) {
    /** Both, or the one that stays. */
    public String words() {
      return changed ? before + " → " + after : after + ", as before";
    }
  }
}
