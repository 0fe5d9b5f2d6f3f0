package loosehip.app.firsthour;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.practice.UnitChoice;

/**
 * The first hour, ready to be shown.
 *
 * @param done how many steps are done
 * @param steps every step
 * @param units what can be chosen of units and paper
 * @param consent the words of consent in force
 * @param consentId their number
 * @param schools the pivots there are
 * @param tools the tools there are
 * @param bag clubs in the bag, in words
 * @param golfer id of the practice golfer, while they are there
 */
public record FirstHourPage(
    long done,
    List<Line> steps,
    List<UnitChoice> units,
    String consent,
    String consentId,
    List<Tick> schools,
    List<Tick> tools,
    List<String> bag,
    Optional<String> golfer) {

  /** A step. */
  public record Line(String id, int number, String title, String why, String state, boolean open) {
    static Line of(Step step, FirstHour.State state, boolean open) {
      return new Line(
          step.id(),
          step.ordinal() + 1,
          step.title(),
          step.why(),
          state.name().toLowerCase(Locale.ROOT),
          open);
    }
  }

  /** Something to tick. */
  public record Tick(String id, String words, boolean ticked) {}
}
