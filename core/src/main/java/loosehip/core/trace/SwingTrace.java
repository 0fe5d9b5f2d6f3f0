package loosehip.core.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A movement trace on even steps of time, smoothed, every angle counted from where it stood at
 * address (the mean of the first 100 ms): a suit that was not zeroed says the same.
 *
 * @param from time of the first row, seconds
 * @param hz rows a second, without the gaps
 * @param rows how many rows were read
 * @param gaps short gaps that were filled
 * @param cutOff of the smoothing, Hz
 * @param turns turn of each segment from address, degrees, positive away from the target
 * @param tilt pelvis tilt from address, degrees, positive with the trail side up
 * @param marked when impact was marked, seconds; empty when it was not
 */
public record SwingTrace(
    double from,
    double hz,
    int rows,
    List<TraceGap> gaps,
    double cutOff,
    Map<SwingSegment, double[]> turns,
    double[] tilt,
    Optional<Double> marked) {

  /** Fewest and most rows a second (domain: traces). */
  public static final double HZ_LEAST = 50;

  /** See {@link #HZ_LEAST}. */
  public static final double HZ_MOST = 1000;

  /** Shortest and longest recording, seconds (domain: traces). */
  public static final double SECONDS_LEAST = 0.5;

  /** See {@link #SECONDS_LEAST}. */
  public static final double SECONDS_MOST = 10;

  /** Longest gap that is filled, milliseconds (domain: traces). */
  public static final double GAP_MOST = 40;

  /** Cut-off of the smoothing, Hz (domain: traces). */
  public static final double CUT_OFF = 10;

  /** Below this rate the cut-off is a fifth of the rate (domain: traces). */
  public static final double SLOW_HZ = 60;

  /** How long the address lasts, seconds (domain: traces). */
  public static final double ADDRESS = 0.1;

  /** Clocks that round to milliseconds may say this share more or less (ours). */
  private static final double RATE_SLACK = 0.005;

  /** A step this many times the usual one is a gap (ours). */
  private static final double GAP_FROM = 1.5;

  /** Turns that never change by more than this are hardly degrees: a full circle in radians. */
  private static final double RADIANS_MOST = 2 * Math.PI;

  /** A swing turns some segment by at least this, in radians (ours): a ninth of a half turn. */
  private static final double RADIANS_LEAST = 0.35;

  private static final double TINY = 1e-9;

  /** Steps that differ by less than this share are alike. */
  private static final double NEARLY = 0.01;

  private static final double TINY_HZ = 1e-3;

  /** Copies the list and the map. */
  public SwingTrace {
    gaps = List.copyOf(gaps);
    turns = new EnumMap<>(turns);
  }

  /** A trace, or why there is none. */
  public record Outcome(Optional<SwingTrace> trace, List<TraceProblem> problems) {
    private static Outcome refused(TraceProblem problem) {
      return new Outcome(Optional.empty(), List.of(problem));
    }
  }

  /**
   * Puts rows on even steps of time and smooths them, or says why that cannot be.
   *
   * @param unit what the angles are written in; when nobody said, turns as small as radians are
   *     asked about
   */
  public static Outcome of(MovementSamples read, AngleUnit unit) {
    MovementSamples samples = unit == AngleUnit.RADIANS ? fromRadians(read) : read;
    double[] t = samples.seconds();
    int n = samples.rows();
    if (n < 3) {
      return Outcome.refused(new TraceProblem.TooFewRows(n));
    }
    for (int i = 1; i < n; i++) {
      if (t[i] <= t[i - 1]) {
        return Outcome.refused(new TraceProblem.TimeBack(i, t[i - 1], t[i]));
      }
    }
    double usual = usualStep(t);
    List<TraceGap> gaps = new ArrayList<>();
    List<TraceProblem> problems = new ArrayList<>();
    double evenSeconds = 0;
    int evenSteps = 0;
    for (int i = 1; i < n; i++) {
      double step = t[i] - t[i - 1];
      if (step <= GAP_FROM * usual) {
        evenSeconds += step;
        evenSteps++;
      } else if (step * 1000 <= GAP_MOST + 1e-6) {
        gaps.add(new TraceGap(t[i - 1], step * 1000));
      } else {
        problems.add(new TraceProblem.LongGap(i, step * 1000));
      }
    }
    double hz = evenSteps / evenSeconds;
    if (hz < HZ_LEAST * (1 - RATE_SLACK) || hz > HZ_MOST * (1 + RATE_SLACK)) {
      // With too slow a rate every step would be a gap: the rate is what is to be mended.
      return Outcome.refused(new TraceProblem.Rate(hz));
    }
    double seconds = t[n - 1] - t[0];
    if (seconds < SECONDS_LEAST - TINY || seconds > SECONDS_MOST + TINY) {
      problems.add(new TraceProblem.Length(n - 1, seconds));
    }
    double largest =
        samples.turns().values().stream().mapToDouble(SwingTrace::span).max().orElse(0);
    if (unit == AngleUnit.NOT_SAID && largest >= RADIANS_LEAST && largest <= RADIANS_MOST) {
      problems.add(new TraceProblem.LooksLikeRadians(largest));
    }
    return problems.isEmpty()
        ? new Outcome(Optional.of(even(samples, hz, gaps)), List.of())
        : new Outcome(Optional.empty(), problems);
  }

  private static MovementSamples fromRadians(MovementSamples samples) {
    Map<SwingSegment, double[]> turns = new EnumMap<>(SwingSegment.class);
    samples.turns().forEach((segment, values) -> turns.put(segment, degrees(values)));
    return new MovementSamples(
        samples.seconds(), turns, degrees(samples.tilt()), samples.impactRow());
  }

  private static double[] degrees(double[] radians) {
    return Arrays.stream(radians).map(Math::toDegrees).toArray();
  }

  private static double usualStep(double[] t) {
    double[] steps = new double[t.length - 1];
    double first = t[1] - t[0];
    boolean even = true;
    for (int i = 0; i < steps.length; i++) {
      steps[i] = t[i + 1] - t[i];
      even &= Math.abs(steps[i] - first) < NEARLY * first;
    }
    if (even) {
      return first;
    }
    Arrays.sort(steps);
    return steps[steps.length / 2];
  }

  private static double span(double[] values) {
    double least = Double.POSITIVE_INFINITY;
    double most = Double.NEGATIVE_INFINITY;
    for (double v : values) {
      least = Math.min(least, v);
      most = Math.max(most, v);
    }
    return most - least;
  }

  private static SwingTrace even(MovementSamples samples, double hz, List<TraceGap> gaps) {
    double[] t = samples.seconds();
    double cutOff = hz < SLOW_HZ - TINY_HZ ? hz / 5 : CUT_OFF;
    LowPass filter = new LowPass(hz, cutOff);
    Map<SwingSegment, double[]> turns = new EnumMap<>(SwingSegment.class);
    boolean already = onGridAlready(t, hz);
    samples
        .turns()
        .forEach((s, v) -> turns.put(s, fromAddress(filter, hz, already ? v : onGrid(t, v, hz))));
    return new SwingTrace(
        t[0],
        hz,
        samples.rows(),
        gaps,
        cutOff,
        turns,
        fromAddress(filter, hz, already ? samples.tilt() : onGrid(t, samples.tilt(), hz)),
        samples.impactRow().map(row -> t[row]));
  }

  private static double[] fromAddress(LowPass filter, double hz, double[] values) {
    double[] smooth = filter.smooth(values);
    int first = Math.max(1, Math.min((int) Math.floor(ADDRESS * hz + TINY), smooth.length));
    double sum = 0;
    for (int i = 0; i < first; i++) {
      sum += smooth[i];
    }
    double address = sum / first;
    for (int i = 0; i < smooth.length; i++) {
      smooth[i] -= address;
    }
    return smooth;
  }

  private static boolean onGridAlready(double[] t, double hz) {
    if ((int) Math.floor((t[t.length - 1] - t[0]) * hz + 1e-6) + 1 != t.length) {
      return false;
    }
    double step = 1 / hz;
    for (int i = 0; i < t.length; i++) {
      if (Math.abs(t[i] - t[0] - i * step) > 1e-6 * step) {
        return false;
      }
    }
    return true;
  }

  private static double[] onGrid(double[] t, double[] values, double hz) {
    int n = (int) Math.floor((t[t.length - 1] - t[0]) * hz + 1e-6) + 1;
    double[] grid = new double[n];
    int right = 1;
    for (int k = 0; k < n; k++) {
      double at = t[0] + k / hz;
      while (right < t.length - 1 && t[right] < at) {
        right++;
      }
      double share = Math.min(1, (at - t[right - 1]) / (t[right] - t[right - 1]));
      grid[k] = values[right - 1] + share * (values[right] - values[right - 1]);
    }
    return grid;
  }

  /** How many steps of time there are. */
  public int size() {
    return tilt.length;
  }

  /** The time of a step, seconds. */
  public double time(int step) {
    return from + step / hz;
  }

  /** The step nearest to a time; the first or last one beyond them. */
  public int step(double at) {
    return (int) Math.max(0, Math.min(Math.round((at - from) * hz), size() - 1L));
  }

  /** The last segment that is followed: the arm, else the torso, else the pelvis. */
  public SwingSegment last() {
    return turns.keySet().stream().reduce((before, after) -> after).orElseThrow();
  }

  /** Turn of a segment at a time, degrees; a straight line between two steps. */
  public double turn(SwingSegment segment, double at) {
    return between(turns.get(segment), at);
  }

  /** Pelvis tilt at a time, degrees. */
  public double tilt(double at) {
    return between(tilt, at);
  }

  private double between(double[] values, double at) {
    double place = Math.max(0, Math.min((at - from) * hz, values.length - 1.0));
    int left = Math.min((int) place, values.length - 2);
    return values[left] + (place - left) * (values[left + 1] - values[left]);
  }
}
