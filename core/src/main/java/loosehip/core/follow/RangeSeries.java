package loosehip.core.follow;

import java.time.LocalDate;
import java.util.List;
import loosehip.core.measure.Change;
import loosehip.core.measure.ErrorModel;
import loosehip.core.measure.Measurement;

/**
 * One range over the visits. What pain stopped is no point of it: it is no evidence of stiffness.
 *
 * @param points at least one, the oldest first
 */
public record RangeSeries(List<Point> points) {
  /** A result on a day. */
  public record Point(LocalDate on, Measurement result) {}

  /**
   * Copies the points.
   *
   * @throws IllegalArgumentException when there is none
   */
  public RangeSeries {
    points = List.copyOf(points);
    if (points.isEmpty()) {
      throw new IllegalArgumentException("A series without a point");
    }
  }

  /** The first result. */
  public Point first() {
    return points.get(0);
  }

  /** The last result. */
  public Point last() {
    return points.get(points.size() - 1);
  }

  /** What was gained from the first to the last, in the test's unit; negative is lost. */
  public double gain() {
    return last().result().mean() - first().result().mean();
  }

  /**
   * The ruler: how far the last result must lie from the first to be a real change, in the test's
   * unit (1.96 times both errors together).
   */
  public double ruler() {
    return ErrorModel.minimalDetectableChange(
        first().result().standardError(), last().result().standardError());
  }

  /** What the change from the first to the last amounts to. */
  public Change change() {
    return ErrorModel.change(
        first().result().mean(),
        first().result().standardError(),
        last().result().mean(),
        last().result().standardError());
  }
}
