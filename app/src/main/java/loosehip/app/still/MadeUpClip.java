package loosehip.app.still;

import java.util.List;
import loosehip.core.body.Handed;
import loosehip.core.still.Spot;

/**
 * A made-up swing for the demo: our figure at a few moments, from which the browser draws a short
 * clip, so that the frame picker can be tried without a video of anybody.
 *
 * @param width pixels
 * @param height pixels
 * @param seconds how long it is
 * @param moments the figure at each moment
 */
record MadeUpClip(int width, int height, double seconds, List<Moment> moments) {
  private static final int WIDTH = 720;
  private static final int HEIGHT = 960;
  private static final double PIXELS_PER_CM = 4.1;

  /** The figure at a moment: each limb by its width and its places. */
  record Moment(double at, List<Limb> limbs) {}

  /** A limb. */
  record Limb(double width, List<List<Double>> along) {}

  /** A swing seen down the line: address, top, impact, finish. */
  static MadeUpClip downTheLine(Handed handed) {
    return new MadeUpClip(
        WIDTH,
        HEIGHT,
        2.4,
        List.of(
            moment(0, new PosedFigure.Behind(13, 20, 37, 14, 0.05, 0, 0, 0), handed),
            moment(0.5, new PosedFigure.Behind(13, 20, 37, 14, 0.05, 0, 0, 0), handed),
            moment(1.3, new PosedFigure.Behind(12, 15, 36, 13, 0.05, -1, 1, 1), handed),
            moment(1.7, new PosedFigure.Behind(10, 12, 33, 11, 0.05, 2, -1, 0), handed),
            moment(2.4, new PosedFigure.Behind(4, 7, 8, 4, 0.04, 6, -10, 2), handed)));
  }

  private static Moment moment(double at, PosedFigure.Behind pose, Handed handed) {
    Spot ankle = new Spot(handed == Handed.RIGHT ? WIDTH * 0.38 : WIDTH * 0.62, HEIGHT * 0.86);
    return new Moment(
        at,
        PosedFigure.of(pose, handed, ankle, PIXELS_PER_CM).strokes().stream()
            .map(
                s ->
                    new Limb(
                        s.width(), s.along().stream().map(p -> List.of(p.x(), p.y())).toList()))
            .toList());
  }
}
