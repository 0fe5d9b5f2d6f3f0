package loosehip.app.still;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import loosehip.core.body.Handed;
import loosehip.core.still.Checkpoint;
import loosehip.core.still.Landmark;
import loosehip.core.still.Spot;
import loosehip.core.still.StillView;

/**
 * A small figure that shows where each landmark sits.
 *
 * @param viewBox of the drawing
 * @param strokes its limbs
 * @param dots where the landmarks are
 */
record GuideDrawing(String viewBox, List<Limb> strokes, List<Dot> dots) {
  /** A limb as a path and its width. */
  record Limb(String path, String width) {}

  /** A landmark's place. */
  record Dot(String id, String title, String where, double x, double y) {}

  /** The figure at address, with every landmark. */
  static GuideDrawing of(StillView view, Handed handed) {
    return of(view, Checkpoint.ADDRESS, handed);
  }

  /** The figure at a moment. */
  static GuideDrawing of(StillView view, Checkpoint at, Handed handed) {
    boolean right = handed == Handed.RIGHT;
    PosedFigure figure =
        view == StillView.DOWN_THE_LINE
            ? PosedFigure.of(behind(at), handed, new Spot(right ? 60 : 110, 190), 1)
            : PosedFigure.of(front(at), handed, new Spot(85, 190), 1);
    return new GuideDrawing(
        at == Checkpoint.TOP || at == Checkpoint.FINISH ? "-40 -60 250 275" : "0 0 170 215",
        figure.strokes().stream().map(s -> new Limb(path(s.along()), number(s.width()))).toList(),
        view.landmarks().stream().map(l -> dot(l, figure.points().get(l))).toList());
  }

  private static PosedFigure.Behind behind(Checkpoint at) {
    return switch (at) {
      case TALL -> new PosedFigure.Behind(1, 4, 4, 6, 0.04, 0, 0, 0);
      case ADDRESS -> new PosedFigure.Behind(12, 22, 38, 15, 0.05, 0, 0, 0);
      case TOP -> new PosedFigure.Behind(12, 15, 36, 13, 0.05, -1, 1, 1);
      case IMPACT -> new PosedFigure.Behind(10, 12, 33, 11, 0.05, 2, 0, 0);
      case FINISH -> new PosedFigure.Behind(4, 7, 8, 4, 0.04, 6, -10, 2);
    };
  }

  private static PosedFigure.Front front(Checkpoint at) {
    return switch (at) {
      case TALL -> new PosedFigure.Front(12, 0, 0, 0, 0, 0, 0, 0, 0);
      case ADDRESS -> new PosedFigure.Front(22, 0, 0, 0, 5, 2, 0, 0, 0);
      case TOP -> new PosedFigure.Front(22, -4, 1, 2, 5, 30, 4, 1, 1);
      case IMPACT -> new PosedFigure.Front(22, -4, -7, -7, 12, -7, -5, -1, 0);
      case FINISH -> new PosedFigure.Front(22, -8, -14, -13, -1, -4, -3, -9, 2);
    };
  }

  private static Dot dot(Landmark landmark, Spot at) {
    return new Dot(landmark.id(), landmark.title(), landmark.where(), at.x(), at.y());
  }

  static String path(List<Spot> along) {
    return along.stream()
        .map(s -> number(s.x()) + " " + number(s.y()))
        .collect(Collectors.joining("L", "M", ""));
  }

  private static String number(double value) {
    return String.format(Locale.ROOT, "%.1f", value);
  }
}
