package loosehip.app.pivot;

import java.util.List;
import java.util.Optional;
import loosehip.app.figure.Drawing;
import loosehip.app.figure.Figures;
import loosehip.app.planview.PlanView;
import loosehip.core.pivot.BudgetMargin;
import org.springframework.util.MultiValueMap;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * The pivot as the golfer stands and as tried.
 *
 * @param golfer the golfer's id
 * @param station the station it is set beside; empty on its own page
 * @param mirrored whether the side view is turned for a left-handed golfer
 * @param choices what else can be changed, by choosing
 * @param tried the hips from above, as tried
 * @param stands the same as it stands, drawn behind
 * @param deltas each margin both ways
 * @param levers what can be changed, with its price
 * @param side the posture from the side
 * @param posture what the posture costs, in words
 * @param live one sentence for those who hear the page
 * @param changed whether anything is tried at all
 * @param handles what can be dragged on the hips from above
 * @param sideHandles what can be dragged on the body from the side
 */
public record PivotPage(
    String golfer,
    Optional<String> station,
    boolean mirrored,
    List<Choice> choices,
    PlanView tried,
    PlanView stands,
    List<Delta> deltas,
    List<Lever> levers,
    Drawing side,
    List<String> posture,
    String live,
    boolean changed,
    List<Handle> handles,
    List<Handle> sideHandles) {

  /** A point of a drawing. */
  public record Point(double x, double y) {}

  /** Where the hip joint lies on the body from the side. */
  public Point hip() {
    Figures.PostureMarks marks = Figures.postureMarks(0, 0, 0);
    return new Point(marks.hipX(), marks.hipY());
  }

  /** One margin: as it stands, as tried, and how far it moved. */
  public record Delta(
      BudgetMargin which,
      String band,
      String verdict,
      String chance,
      String before,
      String moved,
      boolean same,
      String heard) {
    /** Its id, for the page. */
    public String id() {
      return which.id();
    }

    /** Its name. */
    public String heading() {
      return which.title();
    }

    /** How far it moved from before; as before when it did not. */
    public String movedFrom() {
      return same ? moved : moved + " from " + before;
    }
  }

  /** A lever that is chosen: the lead leg, the club, the school. */
  public record Choice(String name, String title, String today, List<Option> options) {}

  /** One thing that can be chosen. */
  public record Option(String id, String words, boolean chosen) {}

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

  /**
   * Something on a drawing that can be dragged or keyed.
   *
   * @param name the lever it moves
   * @param title what it is
   * @param value where the lever is, in degrees
   * @param low least
   * @param high most
   * @param leg the leg it belongs to; empty for the trunk
   * @param kind how it is drawn
   * @param x its place on the drawing
   * @param y its place on the drawing
   * @param rotation how far it is turned on the drawing
   * @param grip what a drag does
   */
  public record Handle(
      String name,
      String title,
      String value,
      double low,
      double high,
      String leg,
      String kind,
      double x,
      double y,
      double rotation,
      Grip grip) {}

  /**
   * What a drag does to a lever.
   *
   * @param how {@code turn} round a point, or {@code push} along a direction
   * @param x the point, or degrees for each unit moved to the right
   * @param y the point, or degrees for each unit moved down
   * @param sign 1 when turning clockwise adds, else −1; 1 for a push
   */
  public record Grip(String how, double x, double y, int sign) {
    static Grip turn(double x, double y, int sign) {
      return new Grip("turn", x, y, sign);
    }

    static Grip push(double x, double y) {
      return new Grip("push", x, y, 1);
    }
  }

  /**
   * One school beside the others.
   *
   * @param id its id
   * @param title its name
   * @param idea its idea in a phrase
   * @param view small drawing with its best set-up
   * @param score of its best set-up; lower pays more easily
   * @param margins all four margins in its best set-up
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
      List<SchoolMargin> margins,
      String setup,
      boolean chosen,
      String loser) {}

  /** One margin of a school, with its band. */
  public record SchoolMargin(String which, String band, String degrees) {}

  /**
   * One way to change the set-up.
   *
   * @param parts what is changed, each with its price
   * @param leaves what it leaves short or to spare
   * @param query the levers it would be tried with
   */
  public record Way(
      String title,
      List<SetupChanges.Part> parts,
      String leaves,
      MultiValueMap<String, String> query) {
    /** Where it is tried. */
    public String tryIt(String golfer) {
      return address(golfer, "");
    }

    /** Where it is taken into the plan. */
    public String accept(String golfer) {
      return address(golfer, "/accept");
    }

    private String address(String golfer, String place) {
      return UriComponentsBuilder.fromPath("/golfers/{id}/pivot" + place)
          .queryParams(query)
          .buildAndExpand(golfer)
          .encode()
          .toUriString();
    }
  }

  /** A fault forecast or seen, and what the two say together. */
  public record Agreement(String fault, String seen, String words) {}

  /** One part of the bridge. */
  public record BridgeLine(
      String words, String when, double from, double at, double to, boolean reached) {
    /** How wide its band is. */
    public double width() {
      return to - from;
    }
  }

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
