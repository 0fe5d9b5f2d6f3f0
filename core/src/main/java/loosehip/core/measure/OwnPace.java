package loosehip.core.measure;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How many minutes one person takes for a test, both sides, from the times of their own tries: a
 * test lasts from its first try to the first try of the next test of the same visit. It replaces
 * the shipped minutes once there are ten of them (domain/02).
 *
 * @param minutes the middle of the person's own times, for tests taken often enough
 */
public record OwnPace(Map<ScreenTest, Double> minutes) {
  /** Nobody's own times. */
  public static final OwnPace UNKNOWN = new OwnPace(Map.of());

  /** So many of a person's own times of a test replace the shipped minutes (domain/02). */
  public static final int TAKES_OVER_AT = 10;

  /** A longer pause between two tests was no test (ours). */
  private static final Duration A_PAUSE = Duration.ofMinutes(10);

  private static final double SECONDS = 60;

  /** Copies the map. */
  public OwnPace {
    minutes = Map.copyOf(minutes);
  }

  /**
   * When a test was begun at a visit.
   *
   * @param visit which visit
   * @param test which test
   * @param at when its first try was taken
   */
  public record Begun(String visit, ScreenTest test, Instant at) {}

  /**
   * The pace of whoever began these tests.
   *
   * @param begun one visit after the other, each in the order of time
   */
  public static OwnPace of(Collection<Begun> begun) {
    Map<ScreenTest, List<Double>> times = new EnumMap<>(ScreenTest.class);
    Begun last = null;
    for (Begun now : begun) {
      if (last != null && last.visit().equals(now.visit())) {
        Duration took = Duration.between(last.at(), now.at());
        if (took.compareTo(A_PAUSE) <= 0 && !took.isNegative()) {
          times
              .computeIfAbsent(last.test(), t -> new ArrayList<>())
              .add(took.toSeconds() / SECONDS);
        }
      }
      last = now;
    }
    Map<ScreenTest, Double> known = new EnumMap<>(ScreenTest.class);
    times.forEach(
        (test, all) -> {
          if (all.size() >= TAKES_OVER_AT) {
            known.put(test, middle(all));
          }
        });
    return new OwnPace(known);
  }

  private static double middle(List<Double> times) {
    List<Double> sorted = times.stream().sorted().toList();
    int half = sorted.size() / 2;
    return sorted.size() % 2 == 1
        ? sorted.get(half)
        : (sorted.get(half - 1) + sorted.get(half)) / 2;
  }

  /** Minutes of a test, both sides: one's own where they are known, else the shipped ones. */
  public double minutes(ScreenTest test) {
    return minutes.getOrDefault(test, test.minutes());
  }
}
