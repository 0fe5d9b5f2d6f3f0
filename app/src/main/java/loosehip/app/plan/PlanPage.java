package loosehip.app.plan;

import java.util.List;
import java.util.Optional;
import loosehip.app.exercise.ExerciseText;
import loosehip.app.figure.Drawing;
import loosehip.app.pivot.PivotPage;
import loosehip.app.pivot.ShiftedArcs;
import loosehip.app.repair.SetupRepairs;
import loosehip.core.plan.ItemId;

/**
 * A block, ready to be shown on the station and on the golfer's sheet.
 *
 * @param needs what drives it, with the reasons
 * @param setupToday what to change in the set-up today, in words; the first line is the verdict
 * @param setupOthers other ways to change it
 * @param bridge when each part of an accepted set-up change goes again
 * @param repairs what puts the set-up faults seen right
 * @param arcs hips whose arc is shifted
 * @param drills the drill of every fault seen
 * @param stages weeks in a row that do the same things
 * @param first first week of the stage shown
 * @param last last week of the stage shown
 * @param week the seven days of the first week of the stage
 * @param items what is done in it, in the order of a session
 * @param leftOut serious candidates that are not in, with the reason
 * @param notes what had to go
 * @param halfWay date of the half-way check
 * @param retest date of the retest
 * @param weeks length of the block
 * @param longest the longest session, as minutes and seconds
 * @param given minutes the golfer can give a day
 * @param mirrored whether drawings are turned for a left-handed golfer
 */
public record PlanPage(
    List<NeedLine> needs,
    List<String> setupToday,
    List<String> setupOthers,
    List<PivotPage.BridgeLine> bridge,
    List<SetupRepairs.Repair> repairs,
    List<ShiftedArcs.Line> arcs,
    List<DrillLine> drills,
    List<StageTab> stages,
    int first,
    int last,
    List<Day> week,
    List<Item> items,
    List<OutLine> leftOut,
    List<String> notes,
    String halfWay,
    String retest,
    int weeks,
    String longest,
    int given,
    boolean mirrored) {
  private static final int SOME = 5;
  private static final int MANY = 7;

  /** What the sheet asks for: not what is struck. */
  public List<Item> asked() {
    return items.stream().filter(i -> i.struck().isEmpty()).toList();
  }

  /** How closely the sheet is set, so that two pages hold it. */
  public String density() {
    int set = items.size() + (int) repairs.stream().filter(SetupRepairs.Repair::now).count();
    return set > MANY ? "sheet-compact sheet-dense" : set > SOME ? "sheet-compact" : "";
  }

  /** Whether any day has strength work, so that days without it must be told apart. */
  public boolean anyStrength() {
    return week.stream().anyMatch(Day::strength);
  }

  /**
   * The drill of a fault.
   *
   * @param now whether it is done in this stage, rather than after what is done now has held
   * @param form that it is done in its easier form, and why; empty when in full
   */
  public record DrillLine(String name, String fault, boolean now, String form) {}

  /** A need: its name, its size to one decimal, where it comes from. */
  public record NeedLine(String title, String leg, String size, String because) {}

  /** A stage as it can be chosen. */
  public record StageTab(int first, String title, boolean shown) {}

  /** Something done on a day. */
  public record Chip(ItemId id, String name, boolean drill, String length, boolean struck) {
    /** The styles it is shown with. */
    public String styles() {
      return (drill ? "chip-drill " : "") + (struck ? "chip-struck" : "");
    }
  }

  /**
   * A day of the strip.
   *
   * @param number 1 to 7
   * @param filled share of the minutes that is used
   */
  public record Day(
      int number,
      String name,
      String length,
      double filled,
      boolean strength,
      boolean rest,
      List<Chip> chips) {
    /** What the sheet says of this day. */
    public String told(boolean anyStrength) {
      if (rest) {
        return "rest";
      }
      return strength || !anyStrength ? "all of it" : "all but the strength work";
    }
  }

  /**
   * One exercise or drill.
   *
   * @param held whether the trainer holds it in
   * @param rungs whether its ladder has another rung down and up; of a drill, whether it has an
   *     easier form and may make way for the next of its line
   * @param doses whether there is less and more of it to give
   * @param struck why it must not be done any more; empty when it may
   * @param changed how it is done differently for a caution; empty when it is not
   * @param ticks boxes to tick at home
   * @param next what follows in its place if it goes well; empty when nothing does
   * @param cue the trainer's own cue; empty when there is none
   * @param photo address of the practice's own photo; empty when it is drawn
   */
  public record Item(
      ExerciseText text,
      String place,
      String rung,
      String dose,
      String days,
      String length,
      String why,
      boolean drill,
      Optional<Drawing> start,
      Optional<Drawing> end,
      boolean held,
      Steps rungs,
      Steps doses,
      String struck,
      String changed,
      Optional<String> photo,
      Ticks ticks,
      String next,
      String cue) {
    /** The address its steps are sent to, and the word they are called by. */
    public String stepped() {
      return drill ? "step" : "rung";
    }

    /** What a step down is called. */
    public String down() {
      return (drill ? "Easier form of " : "Easier rung, ") + text.name();
    }

    /** What a step up is called. */
    public String up() {
      return drill ? "On from " + text.name() : "Harder rung, " + text.name();
    }

    /** Where in a session it stands, which rung it is, on which days. */
    public String placed() {
      return place + (rung.isEmpty() ? "" : " · " + rung) + " · " + days;
    }
  }

  /**
   * Boxes to tick, one a session of the stage: weeks one way, days the other, the fewer across.
   *
   * @param columns headings across
   * @param rows headings down
   */
  public record Ticks(List<String> columns, List<String> rows) {
    static Ticks of(List<String> weeks, List<String> days) {
      return days.size() <= weeks.size() ? new Ticks(days, weeks) : new Ticks(weeks, days);
    }

    /** The headings across, two letters each at most. */
    public List<String> headings() {
      return columns.stream().map(c -> c.length() > 2 ? c.substring(0, 2) : c).toList();
    }
  }

  /** Whether something can go down and up by a step. */
  public record Steps(boolean down, boolean up) {}

  /** A candidate that is not in. */
  public record OutLine(String name, String reason) {}
}
