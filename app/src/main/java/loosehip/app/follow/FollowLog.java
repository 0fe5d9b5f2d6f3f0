package loosehip.app.follow;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import loosehip.app.fact.SessionTold;
import loosehip.app.figure.Drawing;
import loosehip.core.follow.Adherence;
import loosehip.core.follow.RungRule;
import loosehip.core.plan.ItemId;

/**
 * The log of the plan in a golfer's hand.
 *
 * @param plan the version looked at
 * @param week the week shown, 1 for the first
 * @param weeks each week with what was done of it
 * @param days the seven days of the week shown
 * @param day the day shown; empty when the week has no session
 * @param grid the week shown, items by days
 * @param told what was told of the whole session of that day
 * @param rows what the session of that day holds
 * @param untold whether that day waits for a word about anything
 * @param steps what follows for each item
 * @param feelings how it felt, beside what was seen, the newest first
 * @param shown what the camera showed, by day, the newest first
 */
public record FollowLog(
    int plan,
    int week,
    List<Week> weeks,
    List<Day> days,
    Optional<Day> day,
    List<GridRow> grid,
    SessionTold told,
    List<Row> rows,
    boolean untold,
    List<Step> steps,
    List<Feeling> feelings,
    List<Shown> shown) {

  /** The same weekday a week earlier; empty in the first week. */
  public Optional<LocalDate> weekBefore() {
    return week > 1 ? Optional.of(days.get(0).on().minusDays(7)) : Optional.empty();
  }

  /** The same weekday a week later; empty in the last week. */
  public Optional<LocalDate> weekAfter() {
    return week < weeks.size() ? Optional.of(days.get(0).on().plusDays(7)) : Optional.empty();
  }

  /** A week of the block, with how much of it was done up to now. */
  public record Week(int number, Adherence kept, boolean shown) {
    /** How much was done, in words. */
    public String words() {
      return kept.asked() == 0 ? "to come" : kept.done() + " of " + kept.asked() + " done";
    }
  }

  /**
   * A day of the week.
   *
   * @param state {@code rest}, {@code ahead}, {@code open}, {@code part} or {@code said}
   */
  public record Day(LocalDate on, String name, String state, String words, boolean shown) {
    /** Whether nothing is asked on it. */
    public boolean rest() {
      return state.equals("rest");
    }

    /** Whether it is still to come. */
    public boolean ahead() {
      return state.equals("ahead");
    }

    /** Whether nothing was said about it yet. */
    public boolean open() {
      return state.equals("open");
    }
  }

  /**
   * A line of the week's grid: one thing on each of the seven days.
   *
   * @param item its id; empty for the whole session
   * @param name its name
   * @param cells its seven days
   */
  public record GridRow(String item, String name, List<Cell> cells) {}

  /**
   * One thing on one day.
   *
   * @param on the day
   * @param state {@code none} where nothing is asked, {@code ahead}, {@code stopped}, {@code open},
   *     or the amount said: {@code top}, {@code between}, {@code under}, {@code skipped}
   * @param words the state, effort and pain in words
   * @param effort as said; empty when nothing was
   * @param pain as said; empty when nothing was
   */
  public record Cell(LocalDate on, String state, String words, String effort, String pain) {
    /** Whether something can be said in it. */
    public boolean takes() {
      return !state.equals("none") && !state.equals("ahead");
    }

    /** Whether so much pain was named that it was not just carried on with. */
    public boolean hurts() {
      return !pain.isEmpty() && Integer.parseInt(pain) > RungRule.EASY_PAIN;
    }

    /** A mark beside the words. */
    public String mark() {
      return switch (state) {
        case "top" -> "●";
        case "between" -> "◐";
        case "under" -> "○";
        case "skipped" -> "–";
        case "stopped" -> "■";
        default -> "";
      };
    }
  }

  /** An amount that can be chosen. */
  public record Amount(String id, String words, boolean chosen) {}

  /** One thing to say something about. */
  public record Row(
      ItemId item,
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
      String site,
      String skipped,
      String by) {
    /** Whether anything was said. */
    public boolean said() {
      return amounts.stream().anyMatch(Amount::chosen);
    }

    /** Whether more was said than how much. */
    public boolean more() {
      return leaned
          || worseNextDay
          || !goodForm
          || !felt.isEmpty()
          || !seen.isEmpty()
          || !site.isEmpty();
    }
  }

  /**
   * What follows for an item.
   *
   * @param because why, in words
   * @param canUp whether there is a harder rung
   * @param canDown whether there is an easier one
   */
  public record Step(
      ItemId item,
      String name,
      RungRule.Step step,
      String because,
      boolean canUp,
      boolean canDown) {
    /** Whether it goes up a rung. */
    public boolean movesUp() {
      return step == RungRule.Step.MOVE_UP;
    }

    /** Whether it goes back a rung. */
    public boolean stepsBack() {
      return step == RungRule.Step.STEP_BACK;
    }

    /** Whether it must stop. */
    public boolean stops() {
      return step == RungRule.Step.STOP;
    }

    /** Whether it asks the trainer for something. */
    public boolean asks() {
      return step != RungRule.Step.HOLD;
    }
  }

  /** The stills and the recordings of a day. */
  public record Shown(String on, List<Still> stills, List<Recorded> recordings) {}

  /** What a recording showed, by its id. */
  public record Recorded(String id, String words) {}

  /** A still, by its id. */
  public record Still(String id, String title) {}

  /** How one thing felt on a day, beside what was seen. */
  public record Feeling(String on, String name, String felt, String seen) {}
}
