package loosehip.app.progress;

import java.util.List;
import java.util.Optional;

/**
 * What moved over the visits, ready to be shown.
 *
 * @param golfer the golfer's id
 * @param name the golfer's name
 * @param came what the golfer came for, in their words; empty when nothing was noted
 * @param lead one sentence that says it all
 * @param outcomes what the golfer came for, in figures
 * @param ranges every range measured more than once
 * @param margins the margins of the budget
 * @param bridge the help from the set-up, part by part
 * @param weeks adherence week by week
 * @param once how many visits measured something
 */
public record ProgressPage(
    String golfer,
    String name,
    String came,
    String lead,
    List<LineChart> outcomes,
    List<LineChart> ranges,
    Optional<LineChart> margins,
    List<Part> bridge,
    List<Week> weeks,
    int once) {
  /**
   * A part of the help from the set-up over the visits.
   *
   * @param words what it is
   * @param when when it goes, or that it went
   * @param from where its bar begins, 0 to 100
   * @param to where it ends, 0 to 100
   * @param gone whether it goes today
   */
  public record Part(String words, String when, double from, double to, boolean gone) {}

  /**
   * A week of the block.
   *
   * @param share 0 to 1
   */
  public record Week(int number, double share, String words) {}
}
