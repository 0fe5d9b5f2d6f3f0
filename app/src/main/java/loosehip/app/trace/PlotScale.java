package loosehip.app.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.IntToDoubleFunction;

/**
 * How times and values become places in a drawing.
 *
 * @param left where the earliest time lies
 * @param right where the latest lies
 * @param top where the largest value lies
 * @param foot where the least lies
 * @param from the earliest time, seconds
 * @param to the latest time
 * @param least the least value
 * @param most the largest
 */
record PlotScale(
    double left,
    double right,
    double top,
    double foot,
    double from,
    double to,
    double least,
    double most) {
  /** A curve has at most two points a stretch of this many, whatever the rows. */
  private static final int STRETCHES = 200;

  /** Where a time lies. */
  public double x(double seconds) {
    return tenth(left + (right - left) * (seconds - from) / (to - from));
  }

  /** Where a value lies. */
  public double y(double value) {
    return tenth(foot - (foot - top) * (value - least) / (most - least));
  }

  static double tenth(double place) {
    return Math.round(place * 10) / 10.0;
  }

  /**
   * The points of a curve as a polyline takes them: all where they are few, else the least and the
   * largest value of each stretch, so that no peak is lost.
   *
   * @param rows how many rows there are
   * @param time of a row, on the axis
   * @param value of a row
   */
  String points(int rows, IntToDoubleFunction time, IntToDoubleFunction value) {
    int first = 0;
    while (first < rows && time.applyAsDouble(first) < from) {
      first++;
    }
    int end = rows;
    while (end > first && time.applyAsDouble(end - 1) > to) {
      end--;
    }
    StringBuilder points = new StringBuilder();
    for (int row : kept(first, end, value)) {
      points
          .append(points.isEmpty() ? "" : " ")
          .append(place(x(time.applyAsDouble(row))))
          .append(',')
          .append(place(y(value.applyAsDouble(row))));
    }
    return points.toString();
  }

  private static List<Integer> kept(int first, int end, IntToDoubleFunction value) {
    List<Integer> kept = new ArrayList<>();
    int rows = end - first;
    if (rows <= 2 * STRETCHES) {
      for (int row = first; row < end; row++) {
        kept.add(row);
      }
      return kept;
    }
    for (int stretch = 0; stretch < STRETCHES; stretch++) {
      int low = first + (int) ((long) rows * stretch / STRETCHES);
      int high = first + (int) ((long) rows * (stretch + 1) / STRETCHES);
      int least = low;
      int most = low;
      for (int row = low; row < high; row++) {
        least = value.applyAsDouble(row) < value.applyAsDouble(least) ? row : least;
        most = value.applyAsDouble(row) > value.applyAsDouble(most) ? row : most;
      }
      kept.add(Math.min(least, most));
      if (least != most) {
        kept.add(Math.max(least, most));
      }
    }
    return kept;
  }

  private static String place(double place) {
    return place == Math.rint(place)
        ? String.valueOf((long) place)
        : String.format(Locale.ROOT, "%.1f", place);
  }
}
