package loosehip.app.trace;

import java.util.ArrayList;
import java.util.List;
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
    int first = firstFrom(rows, time, from);
    int end = firstFrom(rows, time, Math.nextUp(to));
    StringBuilder points = new StringBuilder();
    for (int row : kept(first, end, value)) {
      if (!points.isEmpty()) {
        points.append(' ');
      }
      place(points, x(time.applyAsDouble(row)));
      points.append(',');
      place(points, y(value.applyAsDouble(row)));
    }
    return points.toString();
  }

  /** The first row at or after a time; times rise. */
  private static int firstFrom(int rows, IntToDoubleFunction time, double at) {
    int low = 0;
    int high = rows;
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (time.applyAsDouble(middle) < at) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
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
      double lowest = value.applyAsDouble(low);
      double highest = lowest;
      for (int row = low + 1; row < high; row++) {
        double now = value.applyAsDouble(row);
        if (now < lowest) {
          lowest = now;
          least = row;
        } else if (now > highest) {
          highest = now;
          most = row;
        }
      }
      kept.add(Math.min(least, most));
      if (least != most) {
        kept.add(Math.max(least, most));
      }
    }
    return kept;
  }

  /** A place with one decimal at most, as {@link #tenth} leaves it. */
  private static void place(StringBuilder to, double place) {
    long tenths = Math.round(place * 10);
    if (tenths < 0) {
      to.append('-');
      tenths = -tenths;
    }
    to.append(tenths / 10);
    if (tenths % 10 != 0) {
      to.append('.').append(tenths % 10);
    }
  }
}
