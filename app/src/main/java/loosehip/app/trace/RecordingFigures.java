package loosehip.app.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import loosehip.app.words.Numbers;
import loosehip.app.words.Text;
import loosehip.app.words.TraceWords;
import loosehip.core.pivot.Demands;
import loosehip.core.trace.PressureReading;
import loosehip.core.trace.SwingSegment;
import loosehip.core.trace.TraceReading;

/** The figures of a recording with what is right. */
final class RecordingFigures {
  private RecordingFigures() {}

  /** Figures of a movement, with those of the swing laid over it beside them. */
  static List<RecordingPage.Figure> of(
      TraceReading now, Optional<TraceReading> then, Demands asks) {
    List<RecordingPage.Figure> figures = new ArrayList<>();
    Line line = new Line(now, then, figures);
    double pelvis = turn(now, SwingSegment.PELVIS);
    line.add(
        "Pelvis turn at the top",
        r -> degrees(turn(r, SwingSegment.PELVIS)),
        Numbers.plain(asks.pelvisLow()) + "–" + Numbers.plain(asks.pelvisHigh()) + "°",
        Optional.of(pelvis >= asks.pelvisLow() && pelvis <= asks.pelvisHigh()));
    if (now.trace().turns().containsKey(SwingSegment.TORSO)) {
      line.add(
          "Torso turn at the top",
          r -> has(r, SwingSegment.TORSO) ? degrees(turn(r, SwingSegment.TORSO)) : "–",
          "about " + Numbers.plain(asks.shoulders()) + "°",
          Optional.empty());
    }
    if (now.stop().isPresent()) {
      line.add(
          "Pelvis stops at",
          r -> r.stop().map(s -> TraceWords.percent(s.share())).orElse("–"),
          "from 60 % of the backswing",
          now.stop().map(s -> !s.early()));
      line.add(
          "Tilt in the quarter second after",
          r -> r.dip().map(d -> signed(d.change())).orElse("–"),
          now.stop().orElseThrow().early() ? "at most 3° either way" : "",
          now.stop()
              .filter(TraceReading.Stop::early)
              .flatMap(s -> now.dip())
              .map(d -> Math.abs(d.change()) <= TraceReading.DIPS));
    }
    if (!now.lags().isEmpty()) {
      line.add("Order of return", RecordingFigures::order, "", Optional.empty());
    }
    for (TraceReading.Lag lag : now.lags()) {
      line.add(
          Text.upper(lag.first().title()) + " to " + lag.second().title(),
          r -> lag(r, lag),
          "10–120 ms",
          Optional.of(!lag.outOfOrder()));
    }
    if (now.separation().isPresent()) {
      line.add(
          "Torso over pelvis, at the pelvis' top",
          r -> r.separation().map(s -> degrees(s.atPelvisTop())).orElse("–"),
          "",
          Optional.empty());
      line.add(
          "Largest, and when",
          r ->
              r.separation()
                  .map(s -> degrees(s.largest()) + " at " + TraceWords.seconds(s.at()) + " s")
                  .orElse("–"),
          "",
          Optional.empty());
    }
    line.add(
        "Pelvis open at impact",
        r -> degrees(r.openAtImpact()),
        "about " + Numbers.plain(asks.openAtImpact()) + "°",
        Optional.empty());
    line.add("Fastest, coming down", RecordingFigures::peaks, "in this order", Optional.empty());
    if (now.ratio().isPresent()) {
      line.add(
          "Back : down",
          r -> r.ratio().map(q -> Numbers.tenth(q) + " : 1").orElse("–"),
          "about 3 : 1",
          Optional.empty());
    }
    return figures;
  }

  /** Adds one figure a line, of one swing or two. */
  private record Line(
      TraceReading now, Optional<TraceReading> then, List<RecordingPage.Figure> figures) {
    void add(
        String title, Function<TraceReading, String> of, String right, Optional<Boolean> inside) {
      figures.add(
          new RecordingPage.Figure(title, of.apply(now), then.map(of).orElse(""), right, inside));
    }
  }

  private static boolean has(TraceReading reading, SwingSegment segment) {
    return reading.trace().turns().containsKey(segment);
  }

  private static double turn(TraceReading reading, SwingSegment segment) {
    return reading.events().tops().get(segment).turn();
  }

  private static String order(TraceReading reading) {
    return reading.returnOrder().stream()
        .map(SwingSegment::title)
        .collect(Collectors.joining(", "));
  }

  private static String lag(TraceReading reading, TraceReading.Lag pair) {
    return reading.lags().stream()
        .filter(l -> l.first() == pair.first() && l.second() == pair.second())
        .map(l -> Numbers.shown(l.milliseconds()) + " ms")
        .findFirst()
        .orElse("–");
  }

  private static String peaks(TraceReading reading) {
    return reading.peakOrder().stream()
        .map(s -> s.title() + " " + Math.round(reading.peaks().get(s).degreesPerSecond()) + "°/s")
        .collect(Collectors.joining(", "));
  }

  private static String degrees(double turn) {
    return Numbers.tenth(Math.round(turn * 10) / 10.0).replace('-', '−') + "°";
  }

  private static String signed(double turn) {
    return Numbers.signed(turn) + "°";
  }

  /** Figures of the weight. */
  static List<RecordingPage.Figure> of(PressureReading reading) {
    List<RecordingPage.Figure> figures = new ArrayList<>();
    for (PressureReading.Check check : reading.checks()) {
      figures.add(
          new RecordingPage.Figure(
              Text.upper(check.figure().moment().title())
                  + ": "
                  + Text.lower(check.figure().title()),
              Numbers.hundredth(check.value()),
              "",
              TraceWords.window(check.window()),
              Optional.of(check.inside())));
    }
    reading
        .towardsToes()
        .ifPresent(
            toes ->
                figures.add(
                    new RecordingPage.Figure(
                        "Furthest on the toes, coming down",
                        Numbers.hundredth(toes.share())
                            + (toes.leadFoot() ? ", lead foot" : ", trail foot"),
                        "",
                        "at most 0.65",
                        Optional.of(!toes.falls()))));
    return figures;
  }
}
