package loosehip.app.plan;

import java.util.List;
import java.util.Optional;
import loosehip.app.figure.Drawing;

/**
 * A block, ready to be shown on the station and on the golfer's sheet.
 *
 * @param needs what drives it, with the reasons
 * @param setupToday what to change in the set-up today, in words; the first line is the verdict
 * @param setupOthers other ways to change it
 * @param week the seven days of the first week
 * @param items what is done, in the order of a session
 * @param leftOut serious candidates that are not in, with the reason
 * @param halfWay date of the half-way check
 * @param retest date of the retest
 * @param weeks length of the block
 * @param longest the longest session, as minutes and seconds
 * @param given minutes the golfer can give a day
 */
public record PlanPage(
    List<NeedLine> needs,
    List<String> setupToday,
    List<String> setupOthers,
    List<Day> week,
    List<Item> items,
    List<OutLine> leftOut,
    String halfWay,
    String retest,
    int weeks,
    String longest,
    int given) {

  /** Whether any day has strength work, so that days without it must be told apart. */
  public boolean anyStrength() {
    return week.stream().anyMatch(Day::strength);
  }

  /** A need: its name, its size to one decimal, where it comes from. */
  public record NeedLine(String title, String leg, String size, String because) {}

  /** A day of the strip: its name, length, filled share of the minutes, and kind of work. */
  public record Day(
      String name, String length, double filled, boolean strength, boolean rest, int items) {
    /** What the sheet says of this day. */
    public String told(boolean anyStrength) {
      if (rest) {
        return "rest";
      }
      return strength || !anyStrength ? "all of it" : "all but the strength work";
    }
  }

  /** One exercise or drill. */
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
      Optional<Drawing> end) {}

  /** A candidate that is not in. */
  public record OutLine(String name, String reason) {}
}
