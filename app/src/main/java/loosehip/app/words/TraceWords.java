package loosehip.app.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import loosehip.app.unit.Shown;
import loosehip.core.link.SwingFigure;
import loosehip.core.trace.PressureFigure;
import loosehip.core.trace.PressureReading;
import loosehip.core.trace.RecordingKind;
import loosehip.core.trace.ReturnOrder;
import loosehip.core.trace.SwingSegment;
import loosehip.core.trace.SwingTrace;
import loosehip.core.trace.TraceGap;
import loosehip.core.trace.TraceProblem;
import loosehip.core.trace.TraceReading;
import loosehip.core.trace.TraceReason;

/** What recordings say, and why they cannot be read, in words. */
public final class TraceWords {
  /** What a file of several swings should be. */
  public static final String ONE_SWING = "bring one swing a file";

  private TraceWords() {}

  /** What is wrong with a recording. */
  public static String wrong(TraceProblem problem) {
    if (problem instanceof TraceProblem.TooFewRows few) {
      return "has " + few.rows() + " rows of numbers";
    }
    if (problem instanceof TraceProblem.TimeBack back) {
      return seconds(back.at())
          + " s does not come after "
          + seconds(back.before())
          + " s: time stands still or runs back";
    }
    if (problem instanceof TraceProblem.LongGap gap) {
      return "a gap of " + Numbers.shown(gap.milliseconds()) + " ms before this row";
    }
    if (problem instanceof TraceProblem.Rate rate) {
      return "has " + Numbers.shown(rate.hz()) + " rows a second";
    }
    if (problem instanceof TraceProblem.Length length) {
      return "the recording lasts " + seconds(length.seconds()) + " s";
    }
    if (problem instanceof TraceProblem.LooksLikeRadians small) {
      return "no turn changes by more than "
          + Numbers.hundredth(small.largest())
          + ": these look like radians, or nothing moved";
    }
    if (problem instanceof TraceProblem.NoBackswing) {
      return "no backswing: nothing leaves its address by 2° and keeps going";
    }
    if (problem instanceof TraceProblem.NoImpact none) {
      return none.looked() == SwingSegment.PELVIS
          ? "impact cannot be told from the pelvis alone"
          : "no impact: the " + none.looked().title() + " never comes back to its address angle";
    }
    if (problem instanceof TraceProblem.ImpactTooEarly early) {
      return "impact is marked at " + seconds(early.at()) + " s, before the backswing";
    }
    if (problem instanceof TraceProblem.TwoSwings two) {
      return "more than one swing: a second goes back at about " + seconds(two.at()) + " s";
    }
    if (problem instanceof TraceProblem.MomentsOutOfOrder order) {
      return order.moment().title() + " is marked before " + order.after().title();
    }
    if (problem instanceof TraceProblem.MarkedTwice twice) {
      return twice.moment().title() + " is marked a second time";
    }
    return "no row is marked";
  }

  /** What would be right. */
  public static String right(TraceProblem problem) {
    if (problem instanceof TraceProblem.TimeBack) {
      return "times rise from row to row, in seconds";
    }
    if (problem instanceof TraceProblem.LongGap) {
      return "up to 40 ms are filled; record again";
    }
    if (problem instanceof TraceProblem.Rate rate) {
      return rate.hz() < 50
          ? "50 to 1000 rows a second; is the time in seconds?"
          : "50 to 1000 rows a second; write every second or third row";
    }
    if (problem instanceof TraceProblem.Length length) {
      return length.seconds() > 10 && length.seconds() <= 120
          ? "half a second to 10 seconds round one swing; cut it"
          : "half a second to 10 seconds round one swing, time in seconds";
    }
    if (problem instanceof TraceProblem.LooksLikeRadians) {
      return "write degrees: radians times 57.2958";
    }
    if (problem instanceof TraceProblem.NoBackswing) {
      return "turns are positive away from the target, from address to after impact";
    }
    if (problem instanceof TraceProblem.NoImpact) {
      return "record until after the ball, or mark the row with impact in a column event";
    }
    if (problem instanceof TraceProblem.ImpactTooEarly) {
      return "mark the row at which the ball is met";
    }
    if (problem instanceof TraceProblem.MomentsOutOfOrder) {
      return "in order: address, top, arm-level (coming down), impact, finish";
    }
    if (problem instanceof TraceProblem.NothingMarked) {
      return "mark address, top, arm-level, impact, finish in the column event, as far as known";
    }
    return ONE_SWING;
  }

  /** Why a recording suggests something. */
  public static String because(TraceReason reason) {
    if (reason instanceof TraceReason.StoppedEarly early) {
      return "the pelvis stops at "
          + percent(early.stop().share())
          + " of the backswing, before 60 %";
    }
    if (reason instanceof TraceReason.BeyondEdge beyond) {
      SwingFigure figure = beyond.figure();
      Shown shown = Shown.ofSign(figure.sign());
      return figure.title().toLowerCase(Locale.ROOT)
          + " "
          + Numbers.tenth(shown.of(beyond.value()))
          + shown.sign()
          + ", edge "
          + Numbers.shown(shown.of(beyond.edge()))
          + shown.sign();
    }
    if (reason instanceof TraceReason.TiltedOn tilted) {
      return "dips instead of turning: the pelvis tilts by "
          + Numbers.tenth(Math.abs(tilted.dip().change()))
          + "° within "
          + seconds(tilted.dip().within())
          + " s of its stop";
    }
    if (reason instanceof TraceReason.ReturnedTooSoon soon) {
      return lag(soon.lag());
    }
    if (reason instanceof TraceReason.OnTheToes on) {
      return "weight "
          + Numbers.hundredth(on.toes().share())
          + " towards the toes of the "
          + (on.toes().leadFoot() ? "lead" : "trail")
          + " foot at "
          + seconds(on.toes().at())
          + " s, beyond 0.65";
    }
    return outside(((TraceReason.OutsideWindow) reason).check());
  }

  private static String outside(PressureReading.Check check) {
    return check.figure().title().toLowerCase(Locale.ROOT)
        + " "
        + Numbers.hundredth(check.value())
        + " at "
        + check.figure().moment().title()
        + ", right is "
        + window(check.window());
  }

  /** Where a figure of the weight is right. */
  public static String window(PressureFigure.Window window) {
    if (window.low() == 0) {
      return (window.open() ? "below " : "at most ") + Numbers.hundredth(window.high());
    }
    if (window.high() == 1) {
      return (window.open() ? "above " : "from ") + Numbers.hundredth(window.low());
    }
    return Numbers.hundredth(window.low()) + "–" + Numbers.hundredth(window.high());
  }

  /** How two segments follow each other. */
  public static String lag(TraceReading.Lag lag) {
    String second = "the " + lag.second().title();
    String first = "the " + lag.first().title();
    long ms = lag.milliseconds();
    if (ms < 0) {
      return second + " returns " + -ms + " ms before " + first;
    }
    return second
        + " returns "
        + ms
        + " ms after "
        + first
        + (lag.tooSoon() ? ", too close to follow it" : lag.tooLate() ? ", later than 120 ms" : "");
  }

  /** What to keep in mind of how a trace was read. */
  public static List<String> mind(SwingTrace trace) {
    List<String> mind = new ArrayList<>();
    for (TraceGap gap : trace.gaps()) {
      mind.add(
          "A gap of "
              + Numbers.shown(Math.round(gap.milliseconds() * 10) / 10.0)
              + " ms at "
              + seconds(gap.at())
              + " s was filled by a straight line.");
    }
    if (trace.cutOff() < SwingTrace.CUT_OFF || trace.hz() < SwingTrace.SLOW_HZ) {
      mind.add(
          "Under 60 rows a second: smoothed at "
              + Numbers.plain(Math.round(trace.cutOff() * 10) / 10.0)
              + " Hz, a fifth of its rate; short lags are less sure.");
    }
    for (SwingSegment segment : List.of(SwingSegment.TORSO, SwingSegment.ARM)) {
      if (!trace.turns().containsKey(segment)) {
        mind.add("The file has no " + segment.title() + "; what rests on it is left out.");
      }
    }
    return mind;
  }

  /** What a wrong order of return means beside the ranges. */
  public static String wrongOrder(ReturnOrder order) {
    return switch (order) {
      case RANGE_FREE ->
          "The order is wrong and the range is free: a habit or a matter of control, nothing to"
              + " stretch for.";
      case RANGE_SHORT ->
          "The order is wrong, and the range going back is short as well: the range has its own"
              + " reasons, the order is a habit or a matter of control.";
      case RANGE_NOT_KNOWN ->
          "The order is wrong: a habit or a matter of control, never a reason to stretch. Whether the"
              + " range is free is not measured yet.";
    };
  }

  /** What a recording follows, as where a figure comes from. */
  public static String kind(RecordingKind kind) {
    return kind == RecordingKind.MOVEMENT ? "a movement trace" : "a pressure trace";
  }

  /** A share as percent. */
  public static String percent(double share) {
    return Math.round(share * 100) + " %";
  }

  /** A time, to the millisecond. */
  public static String seconds(double seconds) {
    return String.format(Locale.ROOT, "%.3f", seconds).replaceFirst("\\.?0+$", "");
  }
}
