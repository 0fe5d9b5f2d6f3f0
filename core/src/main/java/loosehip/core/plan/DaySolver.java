package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Chooses the exercises of one day exactly: those that serve the needs most, where a second
 * exercise on the same need counts half, the third a quarter, largest first. Held throughout: the
 * seconds of the day, once down to the floor and once up, at most seven exercises, nothing deep met
 * cold, what must be in or must go together, and as much time for the first need as for any other.
 * Found by branch and bound: a branch is cut when even filling the remaining seconds, or the
 * remaining places, with the best of what is left could not beat the best found; gains only shrink
 * as a day fills, so that estimate is never too low. Of equal days the shorter wins, then the one
 * found first, so the same input gives the same day.
 */
final class DaySolver {
  /** Exercises a session has at most, besides what settles, routines and drills. */
  static final int MOST_EXERCISES = 7;

  private static final double SECOND_ON_A_NEED = 0.5;
  private static final double SHORTER = 1e-7;
  private static final double EQUAL = 1e-9;

  /** What more than all that a day can hold serve together, worked out once. */
  private static final double[][] SERVED = servedTable(2 * MOST_EXERCISES);

  private final Task task;
  private final double[] needs;
  private final List<Piece> pieces;
  private final boolean[] in;
  private boolean[] best;
  private double bestValue = Double.NEGATIVE_INFINITY;
  private double bestServed;
  private final int[][] services;
  private final DayShape shape;
  private final int[] purposes;
  private final DayShape.Weight[] weights;
  private final int[] fully;
  private final int[] byHalf;
  private final double[] density;
  private final double[] gains;
  private final int[] lasting;

  /**
   * Pieces that may only be in when another is.
   *
   * @param first the piece that has to come first
   * @param then those that need it
   */
  record Together(ItemId first, List<ItemId> then) {}

  /**
   * How much time the first need has over each other one from other days, in seconds; a day may
   * spend it. Empty to leave the rule out.
   *
   * @param over for each need of the golfer; the first is not looked at
   */
  record FirstNeed(long[] over) {}

  /**
   * What is to be solved.
   *
   * @param needs how large each need is, the first the largest
   * @param pieces what may be in on this day
   * @param frame what surrounds the exercises
   */
  record Task(
      double[] needs,
      List<Piece> pieces,
      DayShape.Frame frame,
      Optional<Together> together,
      Optional<FirstNeed> first) {}

  /**
   * A day.
   *
   * @param in whether each piece is in
   * @param served what it serves
   */
  record Day(boolean[] in, double served) {}

  private DaySolver(Task task) {
    this.task = task;
    this.needs = task.needs();
    this.pieces = task.pieces();
    this.in = new boolean[pieces.size()];
    this.services = new int[pieces.size()][needs.length];
    this.purposes = new int[pieces.size()];
    this.weights = new DayShape.Weight[pieces.size()];
    this.density = new double[pieces.size()];
    this.gains = new double[pieces.size()];
    this.lasting = new int[pieces.size()];
    for (int p = 0; p < pieces.size(); p++) {
      for (int n = 0; n < needs.length; n++) {
        services[p][n] = (int) Math.round(2 * pieces.get(p).service()[n]);
      }
      purposes[p] = pieces.get(p).purpose(needs);
      weights[p] = DayShape.Weight.of(pieces.get(p));
    }
    this.shape = new DayShape(task.frame());
    this.fully = new int[needs.length];
    this.byHalf = new int[needs.length];
  }

  /** The best day; empty when what must be in does not fit. */
  static Optional<Day> solve(Task task) {
    DaySolver solver = new DaySolver(task);
    solver.search(solver.order(), 0, 0, 0);
    return Optional.ofNullable(solver.best).map(b -> new Day(b, solver.bestServed));
  }

  /** What must be in first, then by what a second of it serves. */
  private int[] order() {
    List<Integer> order = new ArrayList<>();
    for (int p = 0; p < pieces.size(); p++) {
      order.add(p);
    }
    order.sort(
        Comparator.<Integer>comparingInt(p -> pieces.get(p).must() ? 0 : 1)
            .thenComparingDouble(p -> -alone(p) / (pieces.get(p).seconds() + Session.BETWEEN_ITEMS))
            .thenComparingInt(p -> p));
    return order.stream().mapToInt(Integer::intValue).toArray();
  }

  private double alone(int piece) {
    double sum = 0;
    for (int n = 0; n < needs.length; n++) {
      sum += needs[n] * services[piece][n] / 2.0;
    }
    return sum;
  }

  private void search(int[] order, int at, double value, int seconds) {
    if (at == order.length) {
      double total = value - SHORTER * seconds;
      if (total > bestValue + EQUAL && whole()) {
        bestValue = total;
        bestServed = value;
        best = in.clone();
      }
      return;
    }
    if (best != null && value - SHORTER * seconds + atMost(order, at) <= bestValue + EQUAL) {
      return;
    }
    int piece = order[at];
    double gain = gain(piece);
    put(piece, 1);
    if (shape.counted() <= MOST_EXERCISES && shape.fits()) {
      search(order, at + 1, value + gain, seconds + whole(piece));
    }
    put(piece, -1);
    if (!pieces.get(piece).must()) {
      search(order, at + 1, value, seconds);
    }
  }

  /** Seconds that a piece takes with the way to the next. */
  private int whole(int piece) {
    return weights[piece].seconds() + Session.BETWEEN_ITEMS;
  }

  /** What only a whole day can say. */
  private boolean whole() {
    return shape.fits() && !shape.cold() && together() && firstFirst();
  }

  private boolean together() {
    return task.together().isEmpty()
        || has(task.together().get().first())
        || task.together().get().then().stream().noneMatch(this::has);
  }

  private boolean has(ItemId item) {
    for (int p = 0; p < in.length; p++) {
      if (in[p] && pieces.get(p).item().id().equals(item)) {
        return true;
      }
    }
    return false;
  }

  private boolean firstFirst() {
    if (task.first().isEmpty()) {
      return true;
    }
    long[] each = times(pieces, in, purposes, needs.length);
    long[] over = task.first().get().over();
    for (int n = 1; n < over.length; n++) {
      if (each[n] > each[0] + over[n]) {
        return false;
      }
    }
    return true;
  }

  /** Seconds that each need gets as the main purpose of what is in. */
  static long[] times(List<Piece> pieces, boolean[] in, int[] purposes, int needs) {
    long[] each = new long[needs];
    for (int p = 0; p < in.length; p++) {
      if (in[p] && purposes[p] >= 0) {
        each[purposes[p]] += pieces.get(p).seconds();
      }
    }
    return each;
  }

  private void put(int piece, int by) {
    in[piece] = by > 0;
    shape.add(weights[piece], by);
    for (int n = 0; n < needs.length; n++) {
      if (services[piece][n] == 2) {
        fully[n] += by;
      } else if (services[piece][n] == 1) {
        byHalf[n] += by;
      }
    }
  }

  private double gain(int piece) {
    double gain = 0;
    for (int n = 0; n < needs.length; n++) {
      int service = services[piece][n];
      if (service != 0) {
        double before = served(fully[n], byHalf[n]);
        double after =
            service == 2 ? served(fully[n] + 1, byHalf[n]) : served(fully[n], byHalf[n] + 1);
        gain += needs[n] * (after - before);
      }
    }
    return gain;
  }

  /** What so many exercises that serve a need fully, and so many by half, serve together. */
  static double served(int whole, int half) {
    if (whole < SERVED.length && half < SERVED.length) {
      return SERVED[whole][half];
    }
    return tapered(whole, half);
  }

  private static double[][] servedTable(int to) {
    double[][] served = new double[to][to];
    for (int whole = 0; whole < to; whole++) {
      for (int half = 0; half < to; half++) {
        served[whole][half] = tapered(whole, half);
      }
    }
    return served;
  }

  private static double tapered(int whole, int half) {
    double sum = 0;
    double share = 1;
    for (int i = 0; i < whole + half; i++) {
      sum += (i < whole ? 1 : 0.5) * share;
      share *= SECOND_ON_A_NEED;
    }
    return sum;
  }

  /** No choice among the pieces left can add more than this. */
  private double atMost(int[] order, int from) {
    int places = MOST_EXERCISES - shape.counted();
    int room = shape.room();
    if (places <= 0 || room <= 0) {
      return 0;
    }
    int some = 0;
    for (int i = from; i < order.length; i++) {
      double gain = gain(order[i]);
      if (gain > 0) {
        int whole = whole(order[i]);
        insert(gains, some, gain);
        insert(density, lasting, some++, gain / whole, whole);
      }
    }
    return Math.min(byTime(some, room), byPlaces(some, places));
  }

  private double byTime(int some, int room) {
    double sum = 0;
    int left = room;
    for (int i = 0; i < some && left > 0; i++) {
      int take = Math.min(left, lasting[i]);
      sum += density[i] * take;
      left -= take;
    }
    return sum;
  }

  private double byPlaces(int some, int places) {
    double sum = 0;
    for (int i = 0; i < Math.min(places, some); i++) {
      sum += gains[i];
    }
    return sum;
  }

  /** Puts a gain among the first {@code some}, the largest first. */
  private static void insert(double[] gains, int some, double gain) {
    int at = some;
    while (at > 0 && gains[at - 1] < gain) {
      gains[at] = gains[at - 1];
      at--;
    }
    gains[at] = gain;
  }

  /** Puts a piece among the first {@code some}, the densest first. */
  private static void insert(double[] density, int[] seconds, int some, double dense, int whole) {
    int at = some;
    while (at > 0 && density[at - 1] < dense) {
      density[at] = density[at - 1];
      seconds[at] = seconds[at - 1];
      at--;
    }
    density[at] = dense;
    seconds[at] = whole;
  }
}
