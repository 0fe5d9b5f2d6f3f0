package loosehip.app.phone;

import java.util.List;
import java.util.Optional;
import loosehip.app.exercise.ExerciseText;
import loosehip.app.figure.Drawing;
import loosehip.app.figure.Motion;

/**
 * What the golfer's page shows: first name, plan and own log, nothing of health notes, birth or
 * other visits (domain/09).
 *
 * @param base the page's own address, with a slash at its end
 * @param first the golfer's first name
 * @param practice the practice
 * @param trainer whom to tell, and how to reach them
 * @param shut why nothing is shown; empty when the plan is
 * @param today what is on today
 * @param days the week, day by day
 * @param check the next check, in words
 * @param setup what to change when standing to the ball, and what to check
 * @param items everything that can be played
 * @param doing how the golfer is doing
 * @param routine what the player needs, as JSON that may stand in a page
 * @param mirrored whether drawings are turned for a left-handed golfer
 */
public record PhonePage(
    String base,
    String first,
    String practice,
    String trainer,
    Optional<Shut> shut,
    Now today,
    List<Day> days,
    String check,
    List<String> setup,
    List<Item> items,
    Doing doing,
    String routine,
    boolean mirrored) {

  /** Why nothing is shown. */
  public record Shut(String title, String words) {}

  /**
   * Today.
   *
   * @param words what is on: {@code 6 things, 14 minutes}, or when the next session is
   * @param session whether there is one
   * @param names what is in it
   */
  public record Now(String words, boolean session, List<String> names) {}

  /**
   * A day of the week.
   *
   * @param name {@code Mon}
   * @param date {@code 23}
   * @param state {@code done}, {@code part}, {@code missed}, {@code today}, {@code ahead} or {@code
   *     rest}
   */
  public record Day(String name, int date, String state) {
    /** The state in words. */
    public String words() {
      return switch (state) {
        case "part" -> "some of it done";
        case "missed" -> "not done";
        case "ahead" -> "to come";
        default -> state;
      };
    }

    /** A mark beside the words, so that colour is not all that tells. */
    public String mark() {
      return switch (state) {
        case "done" -> "✓";
        case "part" -> "–";
        case "missed" -> "·";
        case "today" -> "●";
        case "rest" -> "rest";
        default -> "";
      };
    }
  }

  /**
   * Something to do.
   *
   * @param dose how much, in words
   * @param days on which days, in words; empty for what is only in the reset
   * @param changed how it is done differently for this golfer; empty when it is not
   * @param cue the trainer's own cue; empty without one
   * @param closed why it is left out for now; empty when it is not
   * @param amounts the amounts told apart, by id
   * @param drawing how it looks at its end
   * @param motion how it moves; empty where it is only drawn
   */
  public record Item(
      ExerciseText text,
      String dose,
      String days,
      String changed,
      String cue,
      String closed,
      List<Amount> amounts,
      Optional<Drawing> drawing,
      Optional<Motion> motion) {}

  /** An amount that can be told apart. */
  public record Amount(String id, String words) {}

  /**
   * How am I doing.
   *
   * @param done what was done, in words
   * @param ranges each range at the last visits against the ruler, in words
   * @param bridge what the change of set-up is at, in words
   */
  public record Doing(String done, List<String> ranges, List<String> bridge) {}
}
