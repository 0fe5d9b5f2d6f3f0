package loosehip.app.follow;

import java.util.Optional;

/**
 * What was done, ready to be shown.
 *
 * @param golfer the golfer's id
 * @param log the log of the plan given; empty when none was
 * @param asked what was just asked for and refused
 */
public record FollowPage(String golfer, Optional<FollowLog> log, Asked asked) {

  /**
   * Something asked for and refused, with what was typed.
   *
   * @param refused why, in words; empty when nothing was
   */
  public record Asked(String refused, String effort, String pain) {
    static final Asked NOTHING = new Asked("", "", "");
  }

  /** What is said about one row after it was sent. */
  public record Answer(String item, String words) {}
}
