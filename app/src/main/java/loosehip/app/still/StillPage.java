package loosehip.app.still;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import loosehip.core.still.Checkpoint;
import loosehip.core.still.StillView;

/**
 * The stills of a golfer, ready to be shown.
 *
 * @param golfer the golfer's id
 * @param consented whether pictures may be kept
 * @param minor whether a guardian says so
 * @param rows one a view, its moments in order
 * @param held how many stills this visit holds
 * @param most how many it may hold
 * @param pairs what can be seen then and now
 * @param full whether no more can be brought in
 * @param closed whether the visit is closed
 */
record StillPage(
    String golfer,
    boolean consented,
    boolean minor,
    List<Row> rows,
    int held,
    int most,
    List<Pair> pairs,
    boolean full,
    boolean closed) {

  /** A view with the places for its moments. */
  record Row(StillView view, List<Place> places) {}

  /** A moment of a view, with its newest still at this visit. */
  record Place(Checkpoint checkpoint, List<Shown> stills, GuideDrawing guide) {}

  /** A still as it is listed. */
  record Shown(String id, String state, String from, boolean landscape) {}

  /** One moment seen at two visits. */
  record Pair(StillView view, Checkpoint checkpoint, String then, String now, LocalDate thenDay) {}

  /** What the page of one still shows besides its panel. */
  record One(
      String golfer,
      String still,
      StillView view,
      Checkpoint checkpoint,
      int width,
      int height,
      String data,
      List<KnownLength> lengths,
      KnownLength scaleOf,
      Optional<Double> heightCm,
      GuideDrawing guide,
      Optional<Pair> pair,
      List<StillView> views,
      List<Checkpoint> checkpoints) {}

  /** What the picture says, beside it. */
  record Panel(
      String golfer,
      String still,
      String head,
      List<FigureLine> figures,
      List<Suggested> suggested,
      List<String> wrong,
      List<String> notSeen,
      List<String> mind,
      List<Asked> asked,
      int takes,
      String into,
      boolean done) {}

  /**
   * A figure with its error and where it is right, on a scale of 0 to 100.
   *
   * @param id the figure's id
   * @param title its name
   * @param number its value in words
   * @param unit what follows it
   * @param error how far it may be off, in words
   * @param bar the scale; empty when nothing says where it is right
   * @param unsure whether it is too unsure to suggest a level
   */
  record FigureLine(
      String id,
      String title,
      String number,
      String unit,
      String error,
      Optional<Bar> bar,
      boolean unsure) {}

  /** A scale of 0 to 100: where it is right, where the value lies, and its error. */
  record Bar(
      double from, double width, double at, double low, double spread, double least, double most) {}

  /** A level that is suggested, and why. */
  record Suggested(String title, String level, String because) {}

  /** A figure that would take the place of something, and of what. */
  record Asked(String id, String title, String gives, String instead) {}

  /** The same moment of two visits, side by side. */
  record ThenAndNow(
      String golfer,
      StillView view,
      Checkpoint checkpoint,
      Side then,
      Side now,
      List<Change> changes,
      boolean sameScale,
      List<Pair> others) {}

  /** One of the two. */
  record Side(
      String id, String day, int width, int height, String viewBox, String lines, String outline) {}

  /** A figure then and now. */
  record Change(String title, String then, String now, String verdict) {}
}
