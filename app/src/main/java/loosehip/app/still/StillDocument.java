package loosehip.app.still;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import loosehip.core.body.Handed;
import loosehip.core.link.SpineShape;
import loosehip.core.pivot.School;
import loosehip.core.still.Checkpoint;
import loosehip.core.still.StillView;
import org.jspecify.annotations.Nullable;

/**
 * A still as its file tells it; places in pixels, x to the right, y downwards.
 *
 * @param format {@code loose-hip-still}; the address of a pair may leave it out
 * @param version 1
 * @param view from where
 * @param checkpoint when
 * @param handed which way the golfer stands
 * @param spineShape the shape of the back; the school's own where it is left out
 * @param school whose windows hold; rotation first where it is left out
 * @param heightPx standing height in pixels
 * @param scale a known length
 * @param marks two fixed places of the scene that tie a pair
 * @param plumb a vertical of the scene
 * @param camera what checks the camera's direction
 * @param points landmarks by id; one that is left out or null was not seen
 * @param with the address still of a pair
 */
record StillDocument(
    @Nullable String format,
    @Nullable Integer version,
    @Nullable StillView view,
    @Nullable Checkpoint checkpoint,
    @Nullable Handed handed,
    @Nullable SpineShape spineShape,
    @Nullable School school,
    @Nullable Double heightPx,
    @Nullable ScalePart scale,
    @Nullable List<List<Double>> marks,
    @Nullable List<List<Double>> plumb,
    @Nullable CameraPart camera,
    Map<String, @Nullable List<Double>> points,
    @Nullable StillDocument with) {

  /** Ends and length of something known. */
  record ScalePart(List<Double> a, List<Double> b, double cm) {}

  /** A line on the ground along the target line, and the size of the picture. */
  record CameraPart(List<List<Double>> line, double widthPx, double heightPx) {}

  StillDocument {
    points = new LinkedHashMap<>(points);
  }
}
