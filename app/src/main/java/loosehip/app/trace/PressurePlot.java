package loosehip.app.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.app.words.Numbers;
import loosehip.app.words.TraceWords;
import loosehip.core.body.Handed;
import loosehip.core.trace.PressureFigure;
import loosehip.core.trace.PressureMoment;
import loosehip.core.trace.PressureReading;
import loosehip.core.trace.PressureTrace;

/**
 * The weight under two feet seen from above, toes up, and its share over time. The feet of a
 * left-handed golfer lie the other way round, as they stand.
 *
 * @param path of the middle of the pressure between the feet
 * @param steps its marked moments
 * @param feet where in each foot the weight stood at each moment
 * @param trailLeft whether the trail foot lies on the left
 * @param share the share on the lead foot over time
 * @param toes of both feet over time
 * @param windows where the share is right at a moment
 * @param moments upright lines in the charts
 * @param seconds ticks along the foot
 * @param scale of the share
 * @param toeScale of the toes
 */
record PressurePlot(
    String path,
    List<Step> steps,
    List<Spot> feet,
    boolean trailLeft,
    String share,
    Toes toes,
    List<Window> windows,
    List<Moment> moments,
    List<Tick> seconds,
    PlotScale scale,
    PlotScale toeScale) {
  static final double WIDTH = 520;
  static final double HEIGHT = 400;
  private static final double LEFT = 56;
  private static final double RIGHT = 506;
  private static final double LEFT_FOOT = 95;
  private static final double RIGHT_FOOT = 225;
  private static final double TOE = 44;
  private static final double HEEL = 264;
  private static final double DOT_MOST = 15;
  private static final double NEAR = 16;
  private static final int PATH_POINTS = 160;
  private static final double MEAN_SECONDS = 0.03;

  /** A marked moment on the way of the pressure: where, and where its number stands. */
  record Step(double x, double y, double wordX, String number, String words) {}

  /** Where in a foot the weight stood at a moment; the larger the more of it. */
  record Spot(double x, double y, double radius, String number, boolean lead) {}

  /** The toes of both feet over time. */
  record Toes(String lead, String trail, double edge) {}

  /** A window of the share at a moment. */
  record Window(double x, double width, double y, double height, boolean inside, String words) {}

  /** A moment with its name. */
  record Moment(double x, String words) {}

  /** A tick with its words. */
  record Tick(double at, String words) {}

  static PressurePlot of(PressureReading reading, Handed handed) {
    PressureTrace trace = reading.trace();
    boolean trailLeft = handed == Handed.LEFT;
    double from = trace.seconds()[0];
    double to = trace.seconds()[trace.rows() - 1];
    PlotScale scale = new PlotScale(LEFT, RIGHT, 34, 228, from, to, 0, 1);
    PlotScale toes = new PlotScale(LEFT, RIGHT, 268, 366, from, to, 0, 1);
    return new PressurePlot(
        path(trace, trailLeft),
        steps(trace, trailLeft),
        feet(trace, trailLeft),
        trailLeft,
        curve(trace, scale, trace.lead()),
        new Toes(
            curve(trace, toes, trace.leadToe()),
            curve(trace, toes, trace.trailToe()),
            toes.y(PressureReading.TOE_FALL)),
        windows(reading, scale),
        moments(trace, scale),
        seconds(from, to, scale),
        scale,
        toes);
  }

  private static String curve(PressureTrace trace, PlotScale scale, double[] values) {
    return scale.points(trace.rows(), i -> trace.seconds()[i], i -> values[i]);
  }

  private static double across(double lead, boolean trailLeft) {
    double right = trailLeft ? lead : 1 - lead;
    return PlotScale.tenth(LEFT_FOOT + (RIGHT_FOOT - LEFT_FOOT) * right);
  }

  private static double along(double toe) {
    return PlotScale.tenth(HEEL - (HEEL - TOE) * toe);
  }

  private static double middle(PressureTrace.Weight w) {
    return w.lead() * w.leadToe() + w.trail() * w.trailToe();
  }

  /**
   * From address to finish where they are marked; what is before and after is waiting. Drawn as the
   * mean of a few hundredths of a second, so that the mat's tremor does not blot it.
   */
  private static String path(PressureTrace trace, boolean trailLeft) {
    int first = trace.moments().getOrDefault(PressureMoment.ADDRESS, 0);
    int last = trace.moments().getOrDefault(PressureMoment.FINISH, trace.rows() - 1);
    int apart = Math.max(1, (last - first) / PATH_POINTS);
    StringBuilder points = new StringBuilder();
    for (int row = first; row <= last; row += apart) {
      PressureTrace.Weight w = mean(trace, row);
      points
          .append(points.isEmpty() ? "" : " ")
          .append(across(w.lead(), trailLeft))
          .append(',')
          .append(along(middle(w)));
    }
    return points.toString();
  }

  private static PressureTrace.Weight mean(PressureTrace trace, int row) {
    int first = row;
    while (first > 0 && trace.seconds()[row] - trace.seconds()[first - 1] <= MEAN_SECONDS) {
      first--;
    }
    int end = row + 1;
    while (end < trace.rows() && trace.seconds()[end] - trace.seconds()[row] <= MEAN_SECONDS) {
      end++;
    }
    return new PressureTrace.Weight(
        mean(trace.lead(), first, end),
        mean(trace.leadToe(), first, end),
        mean(trace.trailToe(), first, end));
  }

  private static double mean(double[] values, int first, int end) {
    return Arrays.stream(values, first, end).average().orElseThrow();
  }

  private static List<Step> steps(PressureTrace trace, boolean trailLeft) {
    List<Step> steps = new ArrayList<>();
    trace
        .moments()
        .forEach(
            (moment, row) -> {
              PressureTrace.Weight w = mean(trace, row);
              double x = across(w.lead(), trailLeft);
              double y = along(middle(w));
              boolean taken =
                  steps.stream()
                      .anyMatch(s -> Math.hypot(s.x() - x, s.y() - y) < NEAR && s.wordX() > s.x());
              steps.add(new Step(x, y, taken ? x - 16 : x + 16, number(moment), moment.title()));
            });
    return steps;
  }

  private static List<Spot> feet(PressureTrace trace, boolean trailLeft) {
    List<Spot> spots = new ArrayList<>();
    trace
        .moments()
        .forEach(
            (moment, row) -> {
              PressureTrace.Weight w = trace.at(row);
              spots.add(spot(across(1, trailLeft), w.leadToe(), w.lead(), moment, true));
              spots.add(spot(across(0, trailLeft), w.trailToe(), w.trail(), moment, false));
            });
    return spots;
  }

  private static Spot spot(
      double x, double toe, double share, PressureMoment moment, boolean lead) {
    double radius = PlotScale.tenth(Math.max(2, DOT_MOST * Math.sqrt(share)));
    return new Spot(x, along(toe), radius, number(moment), lead);
  }

  private static String number(PressureMoment moment) {
    return String.valueOf(moment.ordinal() + 1);
  }

  private static List<Window> windows(PressureReading reading, PlotScale scale) {
    List<Window> windows = new ArrayList<>();
    for (PressureReading.Check check : reading.checks()) {
      Optional<double[]> lead = lead(check);
      lead.ifPresent(
          w -> {
            int row = reading.trace().moments().get(check.figure().moment());
            double x = scale.x(reading.trace().seconds()[row]);
            windows.add(
                new Window(
                    PlotScale.tenth(x - 13),
                    26,
                    scale.y(w[1]),
                    PlotScale.tenth(scale.y(w[0]) - scale.y(w[1])),
                    check.inside(),
                    TraceWords.window(check.window())));
          });
    }
    return windows;
  }

  /** The window as a share of the lead foot, of checks that are about the share. */
  private static Optional<double[]> lead(PressureReading.Check check) {
    PressureFigure.Window w = check.window();
    return switch (check.figure()) {
      case TOP_TRAIL_SHARE -> Optional.of(new double[] {1 - w.high(), 1 - w.low()});
      case ARM_LEVEL_LEAD_SHARE, FINISH_LEAD_SHARE -> Optional.of(new double[] {w.low(), w.high()});
      default -> Optional.empty();
    };
  }

  private static List<Moment> moments(PressureTrace trace, PlotScale scale) {
    List<Moment> moments = new ArrayList<>();
    trace
        .moments()
        .forEach(
            (moment, row) ->
                moments.add(new Moment(scale.x(trace.seconds()[row]), number(moment))));
    return moments;
  }

  private static List<Tick> seconds(double from, double to, PlotScale scale) {
    double apart = to - from <= 4 ? 0.5 : to - from <= 20 ? 2 : 10;
    List<Tick> ticks = new ArrayList<>();
    for (long i = (long) Math.ceil(from / apart); i * apart <= to; i++) {
      ticks.add(new Tick(scale.x(i * apart), Numbers.shown(i * apart)));
    }
    return ticks;
  }
}
