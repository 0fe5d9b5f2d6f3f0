package loosehip.app.follow;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import loosehip.app.figure.Drawing;
import loosehip.core.follow.Adherence;
import loosehip.core.follow.RungRule;

/**
 * The log of the plan in a golfer's hand.
 *
 * @param plan the version looked at
 * @param week the week shown, 1 for the first
 * @param weeks each week with what was done of it
 * @param days the seven days of the week shown
 * @param day the day shown; empty when the week has no session
 * @param rows what the session of that day holds
 * @param untold whether that day waits for a word about anything
 * @param steps what follows for each item
 * @param feelings how it felt, beside what was seen, the newest first
 */
public record FollowPage(
    int plan,
    int week,
    List<Week> weeks,
    List<Day> days,
    Optional<Day> day,
    List<Row> rows,
    boolean untold,
    List<Step> steps,
    List<Feeling> feelings) {

  /** A week of the block, with how much of it was done up to now. */
  public record Week(int number, Adherence kept, boolean shown) {}

  /**
   * A day of the week.
   *
   * @param state {@code rest}, {@code ahead}, {@code open}, {@code part} or {@code said}
   */
  public record Day(LocalDate on, String name, String state, String words, boolean shown) {}

  /** An amount that can be chosen. */
  public record Amount(String id, String words, boolean chosen) {}

  /** One thing to say something about. */
  public record Row(
      String item,
      String name,
      Optional<Drawing> drawing,
      String asked,
      List<Amount> amounts,
      String effort,
      String pain,
      boolean goodForm,
      boolean leaned,
      boolean worseNextDay,
      String felt,
      String seen,
      String by) {
    /** Whether anything was said. */
    public boolean said() {
      return amounts.stream().anyMatch(Amount::chosen);
    }

    /** Whether more was said than how much. */
    public boolean more() {
      return leaned || worseNextDay || !goodForm || !felt.isEmpty() || !seen.isEmpty();
    }
  }

  /**
   * What follows for an item.
   *
   * @param canUp whether there is a harder rung
   * @param canDown whether there is an easier one
   */
  public record Step(
      String item, String name, RungRule.Verdict verdict, boolean canUp, boolean canDown) {
    /** Whether it asks the trainer for something. */
    public boolean asks() {
      return verdict.step() != RungRule.Step.HOLD;
    }
  }

  /** How one thing felt on a day, beside what was seen. */
  public record Feeling(String on, String name, String felt, String seen) {}
}
