package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Chooses one week exactly. Each piece is left out or takes one of its choices of days; the choice
 * that serves the needs most wins, where a day's second exercise on the same need counts half, the
 * third a quarter, largest first. Held throughout: the seconds of each day, at most seven exercises
 * a day, 48 h between hard work on the same limit (the week after begins like this one), and what
 * must be in or must go together. Found by branch and bound: a branch is cut when even filling each
 * day's remaining seconds with the best fractions of what is left could not beat the best found;
 * gains only shrink as a day fills, so that estimate is never too low. Of equal weeks the shorter
 * wins, then the one found first, so the same input gives the same week.
 */
final class WeekSolver {
  private static final int MOST_EXERCISES = 7;
  private static final double SECOND_ON_A_NEED = 0.5;
  private static final double SHORTER = 1e-7;
  private static final double EQUAL = 1e-9;

  private final double[] needs;
  private final List<Piece> pieces;
  private final int[] secondsLeft;
  private final int hardYesterday;
  private final Optional<Together> together;

  private final int[] chosen;
  private int[] best;
  private double bestValue = Double.NEGATIVE_INFINITY;
  private double bestServed;
  private final int[][] services;
  private final int[] used = new int[Days.IN_A_WEEK];
  private final int[] count = new int[Days.IN_A_WEEK];
  private final int[] hard = new int[Days.IN_A_WEEK];
  private final int[] reach;
  private final int[] mains1;
  private final int[] mainsHalf;

  /**
   * Pieces that may only be in when another is.
   *
   * @param first index of the piece that has to come first
   * @param then indices of those that need it
   */
  record Together(int first, List<Integer> then) {}

  /**
   * A week.
   *
   * @param days the days of each piece, none where it is left out
   * @param served what it serves
   */
  record Week(List<Days> days, double served) {
    /** Whether anything is in it. */
    boolean any() {
      return days.stream().anyMatch(d -> !d.none());
    }
  }

  private WeekSolver(
      double[] needs,
      List<Piece> pieces,
      int[] secondsLeft,
      int hardYesterday,
      Optional<Together> together) {
    this.needs = needs;
    this.pieces = pieces;
    this.secondsLeft = secondsLeft;
    this.hardYesterday = hardYesterday;
    this.together = together;
    this.chosen = new int[pieces.size()];
    this.services = new int[pieces.size()][needs.length];
    for (int p = 0; p < pieces.size(); p++) {
      for (int n = 0; n < needs.length; n++) {
        services[p][n] = (int) Math.round(2 * pieces.get(p).service()[n]);
      }
    }
    this.reach = new int[pieces.size()];
    for (int p = 0; p < pieces.size(); p++) {
      for (Days days : pieces.get(p).choices()) {
        reach[p] |= days.bits();
      }
    }
    this.mains1 = new int[Days.IN_A_WEEK * Math.max(1, needs.length)];
    this.mainsHalf = new int[Days.IN_A_WEEK * Math.max(1, needs.length)];
  }

  /**
   * The best week; empty when what must be in does not fit.
   *
   * @param needs how large each need is
   * @param secondsLeft for each day, seconds that exercises may fill, each counted with the pause
   *     before it; negative where there is no session
   * @param hardYesterday limits worked hard on the last day of the week before, as bits
   */
  static Optional<Week> solve(
      double[] needs,
      List<Piece> pieces,
      int[] secondsLeft,
      int hardYesterday,
      Optional<Together> together) {
    WeekSolver solver = new WeekSolver(needs, pieces, secondsLeft, hardYesterday, together);
    int[] order = solver.order();
    solver.search(order, 0, 0, 0);
    return Optional.ofNullable(solver.best)
        .map(b -> new Week(Arrays.stream(b).mapToObj(Days::new).toList(), solver.bestServed));
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
      if (total > bestValue + EQUAL && goesTogether()) {
        bestValue = total;
        bestServed = value;
        best = chosen.clone();
      }
      return;
    }
    if (best != null && value - SHORTER * seconds + atMost(order, at) <= bestValue + EQUAL) {
      return;
    }
    int piece = order[at];
    for (Days days : pieces.get(piece).choices()) {
      int pattern = days.bits();
      if (fits(piece, pattern)) {
        double gain = gain(piece, pattern);
        put(piece, pattern, 1);
        int more =
            Integer.bitCount(pattern) * (pieces.get(piece).seconds() + Session.BETWEEN_ITEMS);
        search(order, at + 1, value + gain, seconds + more);
        put(piece, pattern, -1);
      }
    }
    if (!pieces.get(piece).must()) {
      search(order, at + 1, value, seconds);
    }
  }

  private boolean goesTogether() {
    return together.isEmpty()
        || chosen[together.get().first()] != 0
        || together.get().then().stream().allMatch(p -> chosen[p] == 0);
  }

  private boolean fits(int piece, int pattern) {
    Piece p = pieces.get(piece);
    for (int d = 0; d < Days.IN_A_WEEK; d++) {
      if ((pattern & 1 << d) == 0) {
        continue;
      }
      if (used[d] + p.seconds() + Session.BETWEEN_ITEMS > secondsLeft[d]
          || count[d] >= MOST_EXERCISES) {
        return false;
      }
      int before = d == 0 ? hard[Days.IN_A_WEEK - 1] | hardYesterday : hard[d - 1];
      int after = hard[(d + 1) % Days.IN_A_WEEK];
      if ((p.mains() & (before | after)) != 0) {
        return false;
      }
    }
    return true;
  }

  private void put(int piece, int pattern, int by) {
    Piece p = pieces.get(piece);
    chosen[piece] = by > 0 ? pattern : 0;
    for (int d = 0; d < Days.IN_A_WEEK; d++) {
      if ((pattern & 1 << d) != 0) {
        used[d] += by * (p.seconds() + Session.BETWEEN_ITEMS);
        count[d] += by;
        for (int n = 0; n < needs.length; n++) {
          if (services[piece][n] == 2) {
            mains1[d * needs.length + n] += by;
          } else if (services[piece][n] == 1) {
            mainsHalf[d * needs.length + n] += by;
          }
        }
      }
    }
    if (p.mains() != 0) {
      for (int d = 0; d < Days.IN_A_WEEK; d++) {
        if ((pattern & 1 << d) != 0) {
          hard[d] = 0;
          for (int q = 0; q < chosen.length; q++) {
            if ((chosen[q] & 1 << d) != 0) {
              hard[d] |= pieces.get(q).mains();
            }
          }
        }
      }
    }
  }

  private double gain(int piece, int pattern) {
    double gain = 0;
    for (int d = 0; d < Days.IN_A_WEEK; d++) {
      if ((pattern & 1 << d) != 0) {
        gain += gainOn(piece, d);
      }
    }
    return gain;
  }

  private double gainOn(int piece, int day) {
    double gain = 0;
    for (int n = 0; n < needs.length; n++) {
      int service = services[piece][n];
      if (service != 0) {
        int whole = mains1[day * needs.length + n];
        int half = mainsHalf[day * needs.length + n];
        double before = served(whole, half);
        double after = service == 2 ? served(whole + 1, half) : served(whole, half + 1);
        gain += needs[n] * (after - before);
      }
    }
    return gain;
  }

  /** What so many exercises that serve a need fully, and so many by half, serve together. */
  static double served(int whole, int half) {
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
    double sum = 0;
    double[] density = new double[order.length - from];
    int[] seconds = new int[order.length - from];
    for (int d = 0; d < Days.IN_A_WEEK; d++) {
      int room = secondsLeft[d] - used[d];
      if (room <= 0 || count[d] >= MOST_EXERCISES) {
        continue;
      }
      int some = 0;
      for (int i = from; i < order.length; i++) {
        int piece = order[i];
        int whole = pieces.get(piece).seconds() + Session.BETWEEN_ITEMS;
        if (whole <= room && (reach[piece] & 1 << d) != 0) {
          double gain = gainOn(piece, d);
          if (gain > 0) {
            insert(density, seconds, some++, gain / whole, whole);
          }
        }
      }
      for (int i = 0; i < some && room > 0; i++) {
        int take = Math.min(room, seconds[i]);
        sum += density[i] * take;
        room -= take;
      }
    }
    return sum;
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
