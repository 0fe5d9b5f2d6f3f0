package loosehip.app.phone;

import java.util.List;
import java.util.Map;

/**
 * What the player needs to know, also when there is no line.
 *
 * @param now the moment the page was made, in milliseconds, by the clock here: a phone whose own
 *     clock is wrong goes by it
 * @param zone minutes that local time here is ahead of the world's
 * @param plan the version of the plan
 * @param pieces every different thing to play
 * @param sessions what is asked on each of the days around today, by its place among the pieces
 * @param reset what is played before a round
 * @param said what was said already, day by day
 * @param limits from which pain on it is made easier, and stopped
 */
record Routine(
    long now,
    int zone,
    int plan,
    List<Piece> pieces,
    Map<String, List<Integer>> sessions,
    List<Piece> reset,
    Map<String, List<String>> said,
    Limits limits) {
  /** Pain from which an item is made easier, and from which it is stopped. */
  record Limits(int easier, int stop) {}
}
