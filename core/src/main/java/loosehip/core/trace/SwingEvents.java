package loosehip.core.trace;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * The moments of a swing, in seconds.
 *
 * @param start first time any segment leaves its address by 2° and does not come back before its
 *     top
 * @param tops of each segment its largest turn before impact, and when; from there it returns
 * @param impact marked, else the last segment crossing its address angle coming down
 */
public record SwingEvents(double start, Map<SwingSegment, Top> tops, double impact) {
  /** How far a segment leaves its address before the swing has begun, degrees (domain: traces). */
  public static final double LEAVES = 2;

  /** A backswing goes up beyond this share of the largest turn (ours). */
  private static final double HALF = 0.5;

  /** Copies the map. */
  public SwingEvents {
    tops = new EnumMap<>(tops);
  }

  /** The largest turn of a segment from address, degrees, and when. */
  public record Top(double at, double turn) {}

  /** The moments, or why they cannot be told. */
  record Outcome(Optional<SwingEvents> events, Optional<TraceProblem> problem) {
    static Outcome refused(TraceProblem problem) {
      return new Outcome(Optional.empty(), Optional.of(problem));
    }
  }

  static Outcome of(SwingTrace trace) {
    SwingSegment last = trace.last();
    double[] turns = trace.turns().get(last);
    int up = goesUp(turns, 0);
    if (up < 0) {
      return Outcome.refused(new TraceProblem.NoBackswing());
    }
    int down = comesDown(turns, up);
    Optional<TraceProblem> wrong = impactProblem(trace, last, turns, up, down);
    if (wrong.isPresent()) {
      return new Outcome(Optional.empty(), wrong);
    }
    double impact = trace.marked().orElseGet(() -> crossing(trace, turns, down, 0));
    Map<SwingSegment, Top> tops = new EnumMap<>(SwingSegment.class);
    double start = Double.POSITIVE_INFINITY;
    for (SwingSegment segment : trace.turns().keySet()) {
      int top = largest(trace, trace.turns().get(segment), impact);
      tops.put(segment, top(trace, trace.turns().get(segment), top));
      start = Math.min(start, leaves(trace, trace.turns().get(segment), top));
    }
    return Double.isInfinite(start)
        ? Outcome.refused(new TraceProblem.NoBackswing())
        : new Outcome(Optional.of(new SwingEvents(start, tops, impact)), Optional.empty());
  }

  private static Optional<TraceProblem> impactProblem(
      SwingTrace trace, SwingSegment last, double[] turns, int up, int down) {
    if (trace.marked().isPresent()) {
      double at = trace.marked().orElseThrow();
      if (at <= trace.time(up)) {
        return Optional.of(new TraceProblem.ImpactTooEarly(at));
      }
    } else if (last == SwingSegment.PELVIS || down < 0) {
      // A pelvis alone passes its address angle well before the ball.
      return Optional.of(new TraceProblem.NoImpact(last));
    }
    int again = down < 0 ? -1 : goesUp(turns, down);
    if (again >= 0 && comesDown(turns, again) >= 0) {
      return Optional.of(new TraceProblem.TwoSwings(trace.time(again)));
    }
    return Optional.empty();
  }

  /** The first step at or after one at which half of the largest turn is passed; −1 when none. */
  private static int goesUp(double[] turns, int from) {
    double most = 0;
    for (double turn : turns) {
      most = Math.max(most, turn);
    }
    if (most < 2 * LEAVES) {
      return -1;
    }
    for (int i = from; i < turns.length; i++) {
      if (turns[i] > HALF * most) {
        return i;
      }
    }
    return -1;
  }

  /** The first step after one at which the address angle is reached again; −1 when none. */
  private static int comesDown(double[] turns, int from) {
    for (int i = from + 1; i < turns.length; i++) {
      if (turns[i] <= 0) {
        return i;
      }
    }
    return -1;
  }

  /** The step of the largest turn before a time. */
  private static int largest(SwingTrace trace, double[] turns, double before) {
    int top = 0;
    for (int i = 1; i < turns.length && trace.time(i) <= before; i++) {
      if (turns[i] > turns[top]) {
        top = i;
      }
    }
    return top;
  }

  /** The largest turn between steps: a parabola through the largest and its neighbours. */
  private static Top top(SwingTrace trace, double[] turns, int step) {
    if (step == 0 || step == turns.length - 1) {
      return new Top(trace.time(step), turns[step]);
    }
    double left = turns[step - 1];
    double right = turns[step + 1];
    double bend = left - 2 * turns[step] + right;
    if (bend >= 0) {
      return new Top(trace.time(step), turns[step]);
    }
    double off = 0.5 * (left - right) / bend;
    return new Top(trace.time(step) + off / trace.hz(), turns[step] - 0.25 * (left - right) * off);
  }

  /** When a segment leaves its address for good; infinite when it never does. */
  private static double leaves(SwingTrace trace, double[] turns, int top) {
    if (turns[top] <= LEAVES) {
      return Double.POSITIVE_INFINITY;
    }
    int step = top;
    while (step > 0 && turns[step - 1] > LEAVES) {
      step--;
    }
    return step == 0 ? trace.time(0) : crossing(trace, turns, step, LEAVES);
  }

  /** When a straight line between a step and the one before passes a turn. */
  static double crossing(SwingTrace trace, double[] turns, int step, double through) {
    double before = turns[step - 1];
    double rise = turns[step] - before;
    double share = rise == 0 ? 1 : (through - before) / rise;
    return trace.time(step - 1) + share / trace.hz();
  }
}
