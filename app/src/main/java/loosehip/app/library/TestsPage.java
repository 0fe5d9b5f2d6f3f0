package loosehip.app.library;

import java.util.List;
import loosehip.core.measure.ScreenTest;

/**
 * The tests of the library, ready to be shown.
 *
 * @param edition of the battery
 * @param methods how far one try scatters, method by method
 * @param tests every test with its edges
 * @param own the running order of whoever looks
 */
public record TestsPage(
    int edition, List<TestEntry.MethodEntry> methods, List<TestEntry> tests, OwnOrder own) {

  /**
   * One's own running order.
   *
   * @param tests in order
   * @param minutes it takes
   * @param others tests that are not in it
   * @param ofPractice the order everybody in the practice is offered; empty when there is none
   */
  public record OwnOrder(
      List<InOrder> tests, int minutes, List<ScreenTest> others, List<ScreenTest> ofPractice) {}

  /** A test in the order, and whether it can go earlier within its position. */
  public record InOrder(ScreenTest test, boolean canGoEarlier) {}
}
