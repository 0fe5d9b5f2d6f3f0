package loosehip.app.visit;

import java.util.List;
import java.util.Optional;

/**
 * The visits of a golfer, ready to be shown.
 *
 * @param golfer the golfer's id
 * @param closed whether the visit in hand is closed
 * @param mayStart whether a retest can be started today
 * @param visits all visits, the newest first
 * @param comparison two of them side by side; empty when fewer than two are chosen
 */
public record VisitsPage(
    String golfer,
    boolean closed,
    boolean mayStart,
    List<Line> visits,
    Optional<Comparison> comparison) {

  /**
   * A visit in the list.
   *
   * @param inHand whether it is the one worked on
   * @param baseline whether Measure compares with it
   * @param from whether it is the earlier of the two compared
   * @param to whether it is the later of the two
   */
  public record Line(
      String id,
      String on,
      String measured,
      String state,
      boolean inHand,
      boolean baseline,
      boolean from,
      boolean to) {}
}
