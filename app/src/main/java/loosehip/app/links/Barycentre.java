package loosehip.app.links;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/**
 * Orders three columns tied by threads so that few cross: every item moves to the mean place of
 * those it is tied to, column by column, a few times over; the best order met is kept. Ties keep
 * the order given, so the same input gives the same picture.
 */
final class Barycentre {
  private static final int SWEEPS = 12;

  /** A thread between the item at {@code left} of one column and {@code right} of the next. */
  record Edge(int left, int right) {}

  /** The order of each column: items, the top one first. */
  record Order(List<Integer> left, List<Integer> middle, List<Integer> right) {}

  private final List<Edge> first;
  private final List<Edge> second;

  private Barycentre(List<Edge> first, List<Edge> second) {
    this.first = first;
    this.second = second;
  }

  /**
   * Orders the columns.
   *
   * @param first threads from the left to the middle column
   * @param second threads from the middle to the right column
   */
  static Order of(int left, int middle, int right, List<Edge> first, List<Edge> second) {
    Barycentre sum = new Barycentre(first, second);
    Order best = new Order(range(left), range(middle), range(right));
    Order at = best;
    int fewest = sum.crossings(best);
    for (int sweep = 0; sweep < SWEEPS && fewest > 0; sweep++) {
      at = sum.swept(at);
      int now = sum.crossings(at);
      if (now < fewest) {
        fewest = now;
        best = at;
      }
    }
    return best;
  }

  private static List<Integer> range(int count) {
    List<Integer> all = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      all.add(i);
    }
    return all;
  }

  private Order swept(Order from) {
    List<Integer> left =
        sorted(from.left(), i -> mean(first, i, true, from.middle(), List.of(), 0, from.left()));
    List<Integer> right =
        sorted(
            from.right(), i -> mean(second, i, false, from.middle(), List.of(), 0, from.right()));
    List<Integer> middle =
        sorted(from.middle(), i -> mean(first, i, false, left, right, 1, from.middle()));
    return new Order(
        sorted(left, i -> mean(first, i, true, middle, List.of(), 0, left)),
        middle,
        sorted(right, i -> mean(second, i, false, middle, List.of(), 0, right)));
  }

  private interface Place {
    double of(int item);
  }

  private static List<Integer> sorted(List<Integer> items, Place place) {
    List<Integer> sorted = new ArrayList<>(items);
    sorted.sort(Comparator.comparingDouble(place::of));
    return Collections.unmodifiableList(sorted);
  }

  /**
   * The mean place of what an item is tied to, from 0 to 1; where it stands when tied to nothing.
   */
  private double mean(
      List<Edge> edges,
      int item,
      boolean isLeft,
      List<Integer> others,
      List<Integer> beyond,
      int both,
      List<Integer> own) {
    double sum = 0;
    int count = 0;
    for (Edge edge : edges) {
      if ((isLeft ? edge.left() : edge.right()) == item) {
        int other = isLeft ? edge.right() : edge.left();
        sum += (others.indexOf(other) + 0.5) / others.size();
        count++;
      }
    }
    if (both == 1) {
      for (Edge edge : second) {
        if (edge.left() == item) {
          sum += (beyond.indexOf(edge.right()) + 0.5) / beyond.size();
          count++;
        }
      }
    }
    return count == 0 ? (own.indexOf(item) + 0.5) / own.size() : sum / count;
  }

  /** How many pairs of threads cross in this order. */
  int crossings(Order order) {
    return crossings(first, order.left(), order.middle())
        + crossings(second, order.middle(), order.right());
  }

  /** How many pairs of these threads cross between two columns. */
  static int crossings(List<Edge> edges, List<Integer> left, List<Integer> right) {
    int crossings = 0;
    for (int i = 0; i < edges.size(); i++) {
      for (int j = i + 1; j < edges.size(); j++) {
        int byLeft = left.indexOf(edges.get(i).left()) - left.indexOf(edges.get(j).left());
        int byRight = right.indexOf(edges.get(i).right()) - right.indexOf(edges.get(j).right());
        if (byLeft * byRight < 0) {
          crossings++;
        }
      }
    }
    return crossings;
  }
}
