package loosehip.app.progress;

import java.util.List;

/**
 * A retest, change by change.
 *
 * @param golfer the golfer's id
 * @param mayStart whether one can be started today
 * @param running whether the visit in hand is one
 * @param open what was measured last time and is not yet whole now
 * @param before the day of the visit it is held against; empty when there is none
 * @param after its own day
 * @param changes every range that is whole, with its verdict
 * @param budget the margins before and after
 * @param faults what was seen before and now
 * @param goesToday parts of the help from the set-up that go today
 * @param stays parts that stay
 * @param blockOver whether the block in force has come to its retest
 */
public record RetestPage(
    String golfer,
    boolean mayStart,
    boolean running,
    List<String> open,
    String before,
    String after,
    List<ChangeLine> changes,
    List<ThenNow> budget,
    List<ThenNow> faults,
    List<String> goesToday,
    List<String> stays,
    boolean blockOver) {
  /**
   * A change.
   *
   * @param what the range
   * @param fromTo both figures with their errors
   * @param verdict {@code real}, {@code likely} or {@code within}
   * @param words the verdict in words, with the ruler
   */
  public record ChangeLine(String what, String fromTo, String verdict, String words) {}

  /** Something then and now. */
  public record ThenNow(String what, String then, String now) {}

  /** Whether there is anything to compare. */
  public boolean compared() {
    return !before.isEmpty();
  }
}
