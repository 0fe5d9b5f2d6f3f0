package loosehip.app.progress;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import loosehip.app.golfer.Workup;
import loosehip.app.unit.Shown;
import loosehip.app.words.Dates;
import loosehip.core.body.Leg;
import loosehip.core.follow.RangeSeries;
import loosehip.core.measure.BandScale;
import loosehip.core.measure.Change;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.measure.Unit;

/** Every range over the visits, held against the ruler. */
public final class Ranges {
  private Ranges() {}

  /** The series of every slot that was measured, in the order of the tests. */
  public static Map<Slot, RangeSeries> of(List<Workup> moments) {
    Map<Slot, List<RangeSeries.Point>> points = new LinkedHashMap<>();
    for (Workup at : moments) {
      at.golfer()
          .screen()
          .readings()
          .forEach(
              r ->
                  at.golfer()
                      .screen()
                      .measurement(r.slot())
                      .filter(m -> !m.stoppedByPain())
                      .ifPresent(
                          m ->
                              points
                                  .computeIfAbsent(r.slot(), s -> new ArrayList<>())
                                  .add(new RangeSeries.Point(at.file().visitOn(), m))));
    }
    return points.entrySet().stream()
        .sorted(
            Comparator.comparing((Map.Entry<Slot, ?> e) -> e.getKey().test())
                .thenComparing(e -> e.getKey().part().map(Part::id).orElse("")))
        .collect(
            Collectors.toMap(
                Map.Entry::getKey,
                e -> new RangeSeries(e.getValue()),
                (a, b) -> a,
                LinkedHashMap::new));
  }

  /** A chart for each test and direction that was measured more than once. */
  static List<LineChart> charts(Workup now, Map<Slot, RangeSeries> ranges) {
    record Kind(ScreenTest test, Optional<Part> part) {}
    Map<Kind, Map<Slot, RangeSeries>> kinds = new LinkedHashMap<>();
    ranges.forEach(
        (slot, series) ->
            kinds
                .computeIfAbsent(new Kind(slot.test(), slot.part()), k -> new LinkedHashMap<>())
                .put(slot, series));
    List<LineChart> charts = new ArrayList<>();
    kinds.forEach(
        (kind, both) -> {
          if (both.values().stream().anyMatch(s -> s.points().size() > 1)) {
            BandScale scale = now.standards().scales().of(kind.test(), kind.part());
            LineChart.of(
                    kind.test().title() + kind.part().map(p -> ", " + p.word()).orElse(""),
                    Shown.of(kind.test().unit()).sign(),
                    both.entrySet().stream()
                        .filter(e -> e.getValue().points().size() > 1)
                        .map(e -> said(now, e.getKey(), e.getValue()))
                        .toList(),
                    both.entrySet().stream()
                        .map(e -> series(now, e.getKey(), e.getValue()))
                        .toList(),
                    List.of(
                        new LineChart.Level(
                            "enough", Shown.of(kind.test().unit()).of(scale.enough()))))
                .ifPresent(charts::add);
          }
        });
    return charts;
  }

  private static LineChart.Series series(Workup now, Slot slot, RangeSeries series) {
    Shown unit = Shown.of(slot.test().unit());
    String style = slot.side().map(s -> now.golfer().handed().leg(s)).map(Leg::id).orElse("ink");
    return new LineChart.Series(
        slot.side().map(now::spoken).orElse(slot.test().title()),
        style,
        series.points().size() > 1 ? unit.of(series.ruler()) : 0,
        series.points().stream()
            .map(p -> new LineChart.At(p.on(), unit.of(p.result().mean())))
            .toList());
  }

  /** {@code trail (R): from 24.0 to 31.0°, +7.0, a real change (real from 6.1°).} */
  private static String said(Workup now, Slot slot, RangeSeries series) {
    return slot.side().map(s -> now.spoken(s) + ": ").orElse("") + told(slot, series);
  }

  private static String told(Slot slot, RangeSeries series) {
    Shown unit = Shown.of(slot.test().unit());
    return String.format(
        Locale.ROOT,
        "from %.1f on %s to %.1f%s, %+.1f: %s (real from %.1f%s)",
        unit.of(series.first().result().mean()),
        Dates.day(series.first().on()),
        unit.of(series.last().result().mean()),
        unit.sign(),
        unit.of(series.gain()),
        verdict(slot, series),
        unit.of(series.ruler()),
        unit.sign());
  }

  private static String verdict(Slot slot, RangeSeries series) {
    return switch (series.change()) {
      case REAL -> better(slot, series) ? "a real gain" : "really less";
      case LIKELY -> better(slot, series) ? "likely a gain" : "likely less";
      case WITHIN_THE_RULER -> "within the ruler, so no change can be said";
    };
  }

  private static boolean better(Slot slot, RangeSeries series) {
    return slot.test().scale(slot.part()).moreIsBetter() ? series.gain() > 0 : series.gain() < 0;
  }

  /** Each angle at the last two visits for the golfer, in plain words. */
  public static List<String> plain(Workup now, List<Workup> moments) {
    List<Workup> lastTwo = moments.subList(Math.max(0, moments.size() - 2), moments.size());
    return of(lastTwo).entrySet().stream()
        .filter(e -> e.getKey().test().unit() == Unit.DEGREES && e.getValue().points().size() == 2)
        .map(e -> plain(now, e.getKey(), e.getValue()))
        .toList();
  }

  private static String plain(Workup now, Slot slot, RangeSeries series) {
    Measurement from = series.first().result();
    Measurement to = series.last().result();
    String change =
        switch (series.change()) {
          case REAL -> better(slot, series) ? "a real gain" : "less than before";
          case LIKELY -> better(slot, series) ? "probably a gain" : "probably a little less";
          case WITHIN_THE_RULER -> "about the same; the ruler cannot tell";
        };
    return slot.test().title()
        + slot.part().map(p -> ", " + p.word()).orElse("")
        + slot.side().map(s -> ", " + s.id()).orElse("")
        + String.format(Locale.ROOT, ": from %.0f to %.0f°, ", from.mean(), to.mean())
        + change
        + ".";
  }

  /** How many of these changed really, for better. */
  static long gained(Map<Slot, RangeSeries> ranges) {
    return ranges.entrySet().stream()
        .filter(e -> e.getValue().points().size() > 1)
        .filter(e -> e.getValue().change() == Change.REAL && better(e.getKey(), e.getValue()))
        .count();
  }
}
