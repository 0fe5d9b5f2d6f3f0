package loosehip.app.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.words.Numbers;
import loosehip.app.words.TraceWords;
import loosehip.core.trace.SwingEvents;
import loosehip.core.trace.SwingSegment;
import loosehip.core.trace.TraceReading;

/**
 * A movement trace drawn over time, its clock at nought where the backswing ends; a second swing
 * lies under it with the same moment on the same place.
 *
 * @param curves of the swing, the pelvis first
 * @param then curves of the other swing; empty when there is none
 * @param still the stretch in which the pelvis stands still before the top
 * @param moments upright lines with their names
 * @param brackets how long one segment returns after the next
 * @param seconds ticks along the foot
 * @param degrees ticks up the side
 * @param scale for the cursor: how places become seconds and degrees
 * @param sheet what it is drawn on
 */
record MovementPlot(
    List<Curve> curves,
    List<Curve> then,
    Optional<Stretch> still,
    List<Moment> moments,
    List<Bracket> brackets,
    List<Tick> seconds,
    List<Tick> degrees,
    PlotScale scale,
    Sheet sheet) {
  private static final double BEFORE = 0.12;
  private static final double AFTER = 0.22;
  private static final int TURNS_APART = 30;
  private static final double LABEL_APART = 17;

  /** What it is drawn on: wide for a desk, narrow for a phone. */
  enum Sheet {
    WIDE(760, 380, 46, 668, 346),
    NARROW(380, 320, 46, 306, 290);

    private static final double TOP = 40;

    private final double width;
    private final double height;
    private final double left;
    private final double right;
    private final double foot;

    Sheet(double width, double height, double left, double right, double foot) {
      this.width = width;
      this.height = height;
      this.left = left;
      this.right = right;
      this.foot = foot;
    }

    /** The box that is drawn in. */
    public String box() {
      return "0 0 " + Numbers.plain(width) + " " + Numbers.plain(height);
    }

    /** Its name, for styles. */
    public String style() {
      return name().toLowerCase(Locale.ROOT);
    }

    /** How far apart times are named, seconds. */
    private double secondsApart() {
      return this == WIDE ? 0.2 : 0.4;
    }
  }

  /** A curve: which segment, its points, where its top is marked, where its name stands. */
  record Curve(SwingSegment segment, String points, double topX, double topY, double nameY) {}

  /** A stretch of time. */
  record Stretch(double x, double width, double y, double height, String words) {}

  /** A moment with its name. */
  record Moment(double x, String words, String anchor) {}

  /** A lag between two tops, drawn on a line of its own. */
  record Bracket(double x, double width, double y, String words, boolean wrong) {}

  /** A tick with its words. */
  record Tick(double at, String words) {}

  private static double zero(TraceReading reading) {
    return reading.events().tops().get(reading.trace().last()).at();
  }

  static MovementPlot of(TraceReading reading, Optional<TraceReading> other, Sheet sheet) {
    List<TraceReading> all = new ArrayList<>(List.of(reading));
    other.ifPresent(all::add);
    double from = all.stream().mapToDouble(r -> r.events().start() - zero(r)).min().orElse(0);
    double to = all.stream().mapToDouble(r -> r.events().impact() - zero(r)).max().orElse(0);
    double[] span = span(all, from - BEFORE, to + AFTER);
    PlotScale scale =
        new PlotScale(
            sheet.left,
            sheet.right,
            Sheet.TOP,
            sheet.foot,
            from - BEFORE,
            to + AFTER,
            span[0],
            span[1]);
    return new MovementPlot(
        named(curves(reading, scale), sheet),
        other.map(o -> curves(o, scale)).orElse(List.of()),
        still(reading, scale, sheet),
        moments(reading, scale),
        brackets(reading, scale, sheet),
        ticks(scale.from(), scale.to(), sheet.secondsApart()).stream()
            .map(s -> new Tick(scale.x(s), Numbers.shown(Math.round(s * 10) / 10.0 + 0.0)))
            .toList(),
        ticks(span[0], span[1], TURNS_APART).stream()
            .map(d -> new Tick(scale.y(d), Numbers.shown(d)))
            .toList(),
        scale,
        sheet);
  }

  private static double[] span(List<TraceReading> all, double from, double to) {
    double least = 0;
    double most = 0;
    for (TraceReading reading : all) {
      double zero = zero(reading);
      for (double[] turns : reading.trace().turns().values()) {
        int first = reading.trace().step(from + zero);
        int last = reading.trace().step(to + zero);
        for (int i = first; i <= last; i++) {
          least = Math.min(least, turns[i]);
          most = Math.max(most, turns[i]);
        }
      }
    }
    return new double[] {
      Math.floor(least / TURNS_APART) * TURNS_APART, Math.ceil(most / TURNS_APART) * TURNS_APART
    };
  }

  private static List<Double> ticks(double from, double to, double apart) {
    List<Double> ticks = new ArrayList<>();
    for (long i = (long) Math.ceil(from / apart); i * apart <= to; i++) {
      ticks.add(i * apart);
    }
    return ticks;
  }

  private static List<Curve> curves(TraceReading reading, PlotScale scale) {
    double zero = zero(reading);
    List<Curve> curves = new ArrayList<>();
    reading
        .trace()
        .turns()
        .forEach(
            (segment, turns) -> {
              SwingEvents.Top top = reading.events().tops().get(segment);
              String points =
                  scale.points(turns.length, i -> reading.trace().time(i) - zero, i -> turns[i]);
              double end = Math.min(scale.to(), reading.trace().time(turns.length - 1) - zero);
              curves.add(
                  new Curve(
                      segment,
                      points,
                      scale.x(top.at() - zero),
                      scale.y(top.turn()),
                      scale.y(reading.trace().turn(segment, end + zero))));
            });
    return curves;
  }

  /** Names at the ends of curves, moved apart where they would lie on each other. */
  private static List<Curve> named(List<Curve> curves, Sheet sheet) {
    List<Curve> byPlace = new ArrayList<>(curves);
    byPlace.sort(Comparator.comparingDouble(Curve::nameY));
    double free = Sheet.TOP;
    List<Curve> named = new ArrayList<>();
    for (Curve c : byPlace) {
      double y = PlotScale.tenth(Math.min(Math.max(c.nameY(), free), sheet.foot));
      named.add(new Curve(c.segment(), c.points(), c.topX(), c.topY(), y));
      free = y + LABEL_APART;
    }
    named.sort(Comparator.comparing(Curve::segment));
    return named;
  }

  private static Optional<Stretch> still(TraceReading reading, PlotScale scale, Sheet sheet) {
    return reading
        .stop()
        .map(
            stop -> {
              double from = scale.x(stop.at() - zero(reading));
              double to = scale.x(0);
              double turn = reading.events().tops().get(SwingSegment.PELVIS).turn();
              double top = scale.y(turn + TraceReading.STILL);
              String share = TraceWords.percent(stop.share());
              String words =
                  !stop.early()
                      ? ""
                      : sheet == Sheet.NARROW
                          ? share
                          : "pelvis stops at " + share + " of the backswing";
              return new Stretch(
                  from,
                  PlotScale.tenth(Math.max(1, to - from)),
                  top,
                  PlotScale.tenth(scale.y(turn - 2 * TraceReading.STILL) - top),
                  words);
            });
  }

  private static List<Moment> moments(TraceReading reading, PlotScale scale) {
    return List.of(
        new Moment(scale.x(reading.events().start() - zero(reading)), "start", "start"),
        new Moment(scale.x(0), "top", "end"),
        new Moment(scale.x(reading.events().impact() - zero(reading)), "impact", "start"));
  }

  private static List<Bracket> brackets(TraceReading reading, PlotScale scale, Sheet sheet) {
    List<Bracket> brackets = new ArrayList<>();
    for (TraceReading.Lag lag : reading.lags()) {
      double first = scale.x(reading.events().tops().get(lag.first()).at() - zero(reading));
      double second = scale.x(reading.events().tops().get(lag.second()).at() - zero(reading));
      brackets.add(
          new Bracket(
              Math.min(first, second),
              PlotScale.tenth(Math.abs(second - first)),
              sheet.foot - 40 + 18 * brackets.size(),
              lag.first().title()
                  + " → "
                  + lag.second().title()
                  + " "
                  + Numbers.shown(lag.milliseconds())
                  + (lag.outOfOrder() ? " ms, out of order" : " ms"),
              lag.outOfOrder()));
    }
    return brackets;
  }
}
