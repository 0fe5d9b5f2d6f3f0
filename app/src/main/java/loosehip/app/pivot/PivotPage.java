package loosehip.app.pivot;

import java.util.List;
import java.util.Optional;
import loosehip.app.figure.Drawing;
import loosehip.app.planview.PlanView;

/**
 * The bench as it stands and as tried.
 *
 * @param tried the hips from above, as tried
 * @param stands the same as it stands, drawn behind
 * @param deltas each margin both ways
 * @param levers what can be changed, with its price
 * @param side the posture from the side
 * @param posture what the posture costs, in words
 * @param live one sentence for those who hear the page
 * @param changed whether anything is tried at all
 * @param handles what can be dragged
 */
public record PivotPage(
    PlanView tried,
    PlanView stands,
    List<Delta> deltas,
    List<Lever> levers,
    Drawing side,
    List<String> posture,
    String live,
    boolean changed,
    List<Handle> handles) {

  /** One margin: as it stands, as tried, and how far it moved. */
  public record Delta(
      String id,
      String heading,
      String band,
      String verdict,
      String chance,
      String before,
      String moved,
      boolean same) {}

  /**
   * One lever.
   *
   * @param name its name in the case file
   * @param title what it is
   * @param value as tried
   * @param today as it stands
   * @param low least
   * @param high most
   * @param moved whether it differs from today
   * @param price what one step more buys and costs, in words
   */
  public record Lever(
      String name,
      String title,
      String value,
      String today,
      double low,
      double high,
      boolean moved,
      String price) {}

  /** Something on the drawing that can be dragged or keyed. */
  public record Handle(
      String name,
      String title,
      String value,
      double low,
      double high,
      double x,
      double y,
      double rotation,
      String leg,
      String kind) {}

  /**
   * One school beside the others.
   *
   * @param id its id
   * @param title its name
   * @param idea its idea in a phrase
   * @param view small drawing with its best set-up
   * @param score of its best set-up; lower pays more easily
   * @param back margin going back in its best set-up
   * @param through margin at impact in its best set-up
   * @param bandBack band of the first
   * @param bandThrough band of the second
   * @param setup its best set-up, in words
   * @param chosen whether it is the golfer's
   * @param loser why it is greyed; empty when it is not
   */
  public record SchoolCard(
      String id,
      String title,
      String idea,
      PlanView view,
      String score,
      String back,
      String through,
      String bandBack,
      String bandThrough,
      String setup,
      boolean chosen,
      String loser) {}

  /** One way to change the set-up: its parts, what it leaves, what it would be tried with. */
  public record Way(String title, List<String> parts, String leaves, String query, String accept) {}

  /** A fault forecast or seen, and what the two say together. */
  public record Agreement(String fault, String seen, String words) {}

  /** One part of the bridge. */
  public record BridgeLine(
      String words, String when, double from, double at, double to, boolean reached) {}

  /**
   * What to do with the set-up today.
   *
   * @param verdict one sentence
   * @param ways best first; empty when nothing is needed or known
   * @param accepted what was taken into the plan, in words; empty when nothing was
   * @param bridge when each part of it goes again
   */
  public record Today(
      String verdict, List<Way> ways, Optional<String> accepted, List<BridgeLine> bridge) {}
}
