package loosehip.core.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a movement trace says. Times in seconds on the clock of the file, turns in degrees from
 * address.
 *
 * @param trace what was read
 * @param events its moments
 * @param stop when the pelvis stopped turning; empty without arm and torso
 * @param dip how the pelvis tilted after that
 * @param separation torso over pelvis; empty without a torso
 * @param lags how long after one segment the next returned, in the expected order
 * @param peaks the largest speed of each segment coming down, towards the target
 */
public record TraceReading(
    SwingTrace trace,
    SwingEvents events,
    Optional<Stop> stop,
    Optional<Dip> dip,
    Optional<Separation> separation,
    List<Lag> lags,
    Map<SwingSegment, Peak> peaks) {

  /** Within this of its largest turn the pelvis stands still, degrees (domain: traces). */
  public static final double STILL = 2;

  /** A pelvis that stops before this share of the backswing stops early (domain: traces). */
  public static final double EARLY = 0.60;

  /** How long after the stop its tilt is watched, seconds (domain: traces). */
  public static final double DIP_WITHIN = 0.25;

  /** Tilt that changes by more than this stands in for turn, degrees (domain: traces). */
  public static final double DIPS = 3;

  /** Copies list and map. */
  public TraceReading {
    lags = List.copyOf(lags);
    peaks = new EnumMap<>(peaks);
  }

  /**
   * When the pelvis stopped turning.
   *
   * @param at the first time after which it stays within 2° of its largest turn
   * @param share of the backswing, from start to the top of the arm (or torso)
   */
  public record Stop(double at, double share) {
    /** Whether that is too early. */
    public boolean early() {
      return share < EARLY;
    }
  }

  /**
   * How the pelvis tilted after it stopped.
   *
   * @param change the largest change of tilt, degrees, trail side up positive
   * @param within how long after the stop that was, seconds; at most a quarter
   */
  public record Dip(double change, double within) {}

  /**
   * How far the torso has turned beyond the pelvis.
   *
   * @param atPelvisTop when the pelvis returns
   * @param largest at most, from start to impact
   * @param at when that is
   */
  public record Separation(double atPelvisTop, double largest, double at) {}

  /** The largest speed of a segment, degrees a second towards the target, and when. */
  public record Peak(double degreesPerSecond, double at) {}

  /** How long after one segment the next returned; negative when it came before. */
  public record Lag(SwingSegment first, SwingSegment second, double seconds) {
    /** Least and most lag of two neighbours, milliseconds (domain: traces). */
    public static final int LEAST_MS = 10;

    /** See {@link #LEAST_MS}. */
    public static final int MOST_MS = 120;

    /** To the millisecond, as it is shown and judged. */
    public long milliseconds() {
      return Math.round(seconds * 1000);
    }

    /** How many steps of the order lie between the two. */
    private int steps() {
      return second.ordinal() - first.ordinal();
    }

    /** Whether the second came too soon, or first. */
    public boolean tooSoon() {
      return milliseconds() < (long) LEAST_MS * steps();
    }

    /** Whether the second came too late. */
    public boolean tooLate() {
      return milliseconds() > (long) MOST_MS * steps();
    }

    /** Whether the pair is out of order. */
    public boolean outOfOrder() {
      return tooSoon() || tooLate();
    }
  }

  /** A reading, or why there is none. */
  public record Outcome(Optional<TraceReading> reading, List<TraceProblem> problems) {}

  /** Reads rows. */
  public static Outcome of(MovementSamples samples, AngleUnit unit) {
    SwingTrace.Outcome even = SwingTrace.of(samples, unit);
    if (even.trace().isEmpty()) {
      return new Outcome(Optional.empty(), even.problems());
    }
    SwingTrace trace = even.trace().orElseThrow();
    SwingEvents.Outcome events = SwingEvents.of(trace);
    return events
        .problem()
        .map(problem -> new Outcome(Optional.empty(), List.of(problem)))
        .orElseGet(
            () -> new Outcome(Optional.of(of(trace, events.events().orElseThrow())), List.of()));
  }

  private static TraceReading of(SwingTrace trace, SwingEvents events) {
    Optional<Stop> stop =
        trace.last() == SwingSegment.PELVIS ? Optional.empty() : Optional.of(stop(trace, events));
    return new TraceReading(
        trace,
        events,
        stop,
        stop.map(s -> dip(trace, s)),
        trace.turns().containsKey(SwingSegment.TORSO)
            ? Optional.of(separation(trace, events))
            : Optional.empty(),
        lags(events),
        peaks(trace, events));
  }

  /**
   * Looks back from the top of the arm, or from that of the pelvis where it has turned back before
   * the arm was there: a pelvis that waits for nobody has not stopped early.
   */
  private static Stop stop(SwingTrace trace, SwingEvents events) {
    double[] pelvis = trace.turns().get(SwingSegment.PELVIS);
    SwingEvents.Top top = events.tops().get(SwingSegment.PELVIS);
    double armTop = events.tops().get(trace.last()).at();
    double still = top.turn() - STILL;
    int step = (int) Math.floor((Math.min(armTop, top.at()) - trace.from()) * trace.hz() + 1e-9);
    while (step > 0 && pelvis[step - 1] >= still) {
      step--;
    }
    double at =
        step > 0 && pelvis[step] >= still
            ? SwingEvents.crossing(trace, pelvis, step, still)
            : trace.time(step);
    return new Stop(at, (at - events.start()) / (armTop - events.start()));
  }

  private static Dip dip(SwingTrace trace, Stop stop) {
    double stood = trace.tilt(stop.at());
    double change = 0;
    double within = 0;
    double end = Math.min(stop.at() + DIP_WITHIN, trace.time(trace.size() - 1));
    int step = (int) Math.ceil((stop.at() - trace.from()) * trace.hz() - 1e-9);
    for (; trace.time(step) < end; step++) {
      double now = trace.tilt()[step] - stood;
      if (Math.abs(now) > Math.abs(change)) {
        change = now;
        within = trace.time(step) - stop.at();
      }
    }
    double last = trace.tilt(end) - stood;
    return Math.abs(last) > Math.abs(change)
        ? new Dip(last, end - stop.at())
        : new Dip(change, within);
  }

  private static Separation separation(SwingTrace trace, SwingEvents events) {
    double[] pelvis = trace.turns().get(SwingSegment.PELVIS);
    double[] torso = trace.turns().get(SwingSegment.TORSO);
    double top = events.tops().get(SwingSegment.PELVIS).at();
    int largest = -1;
    for (int i = 0; i < trace.size() && trace.time(i) <= events.impact(); i++) {
      boolean begun = trace.time(i) >= events.start();
      if (begun && (largest < 0 || torso[i] - pelvis[i] > torso[largest] - pelvis[largest])) {
        largest = i;
      }
    }
    return new Separation(
        trace.turn(SwingSegment.TORSO, top) - trace.turn(SwingSegment.PELVIS, top),
        torso[largest] - pelvis[largest],
        trace.time(largest));
  }

  private static List<Lag> lags(SwingEvents events) {
    List<SwingSegment> expected = List.copyOf(events.tops().keySet());
    List<Lag> lags = new ArrayList<>();
    for (int i = 1; i < expected.size(); i++) {
      SwingSegment first = expected.get(i - 1);
      SwingSegment second = expected.get(i);
      double seconds = events.tops().get(second).at() - events.tops().get(first).at();
      lags.add(new Lag(first, second, seconds));
    }
    return lags;
  }

  private static Map<SwingSegment, Peak> peaks(SwingTrace trace, SwingEvents events) {
    Map<SwingSegment, Peak> peaks = new EnumMap<>(SwingSegment.class);
    trace
        .turns()
        .forEach(
            (segment, turns) -> {
              double from = events.tops().get(segment).at();
              Peak peak = new Peak(0, events.impact());
              for (int i = 1; i < turns.length - 1 && trace.time(i) <= events.impact(); i++) {
                double speed = (turns[i - 1] - turns[i + 1]) * trace.hz() / 2;
                if (trace.time(i) >= from && speed > peak.degreesPerSecond()) {
                  peak = new Peak(speed, trace.time(i));
                }
              }
              peaks.put(segment, peak);
            });
    return peaks;
  }

  /** The segments by when they returned. */
  public List<SwingSegment> returnOrder() {
    return events.tops().keySet().stream()
        .sorted(Comparator.comparingDouble(s -> events.tops().get(s).at()))
        .toList();
  }

  /** The segments by when they were fastest. */
  public List<SwingSegment> peakOrder() {
    return peaks.keySet().stream()
        .sorted(Comparator.comparingDouble(s -> peaks.get(s).at()))
        .toList();
  }

  /** The pairs that returned out of order. */
  public List<Lag> outOfOrder() {
    return lags.stream().filter(Lag::outOfOrder).toList();
  }

  /** How far the pelvis is open at impact, degrees towards the target. */
  public double openAtImpact() {
    double open = -trace.turn(SwingSegment.PELVIS, events.impact());
    return open == 0 ? 0 : open;
  }

  /** Time going back over time coming down; about three. Empty without arm and torso. */
  public Optional<Double> ratio() {
    double top = events.tops().get(trace.last()).at();
    return trace.last() == SwingSegment.PELVIS
        ? Optional.empty()
        : Optional.of((top - events.start()) / (events.impact() - top));
  }
}
