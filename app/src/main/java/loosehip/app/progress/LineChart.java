package loosehip.app.progress;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;
import loosehip.app.words.Dates;
import loosehip.app.words.Numbers;

/**
 * Figures over days, drawn as lines in a box of {@link #WIDTH} by {@link #HEIGHT}; lines are told
 * apart by stroke and mark as well as by colour.
 *
 * @param title what is drawn
 * @param unit its unit; empty for none
 * @param words the verdicts, a line a sentence
 * @param bands the ruler round each first point
 * @param rules levels worth a line
 * @param lines the lines
 * @param days ticks along the foot
 * @param levels ticks up the side
 * @param table the same as figures
 */
public record LineChart(
    String title,
    String unit,
    List<String> words,
    List<Band> bands,
    List<Rule> rules,
    List<Line> lines,
    List<Tick> days,
    List<Tick> levels,
    List<Row> table) {
  /** Width of the drawing. */
  public static final double WIDTH = 640;

  /** Height of the drawing. */
  public static final double HEIGHT = 190;

  private static final double LEFT = 44;
  private static final double RIGHT = 520;
  private static final double TOP = 16;
  private static final double FOOT = 158;
  private static final double LABEL_APART = 15;
  private static final int STEPS = 4;
  private static final int DAYS_SHOWN = 6;

  /** A stretch across the drawing, from top to foot of it. */
  public record Band(String style, double top, double height) {}

  /**
   * A level worth a line.
   *
   * @param wordsY where its words stand, clear of the names of lines
   */
  public record Rule(String words, double y, double wordsY) {}

  /**
   * A line.
   *
   * @param style {@code trail}, {@code lead} or {@code ink}
   * @param path through its points
   * @param points its points
   * @param label its name, at its end
   * @param labelY where the name stands
   */
  public record Line(String style, String path, List<Dot> points, String label, double labelY) {}

  /** A point with its figure. */
  public record Dot(double x, double y, String value, double labelY) {}

  /** A tick with its words. */
  public record Tick(double at, String words) {}

  /** A day of the table: the figures of all lines on it. */
  public record Row(String day, List<String> figures) {}

  /**
   * What is to be drawn as one line.
   *
   * @param name its name
   * @param style as {@link Line#style}
   * @param ruler how far a last point must lie from the first to be a real change; 0 for none
   * @param points days and figures, the oldest first
   */
  public record Series(String name, String style, double ruler, List<At> points) {}

  /** A figure on a day. */
  public record At(LocalDate on, double value) {}

  /** A level asked for. */
  public record Level(String words, double value) {}

  /** Draws lines; empty where no line has a point. */
  static Optional<LineChart> of(
      String title, String unit, List<String> words, List<Series> series, List<Level> levels) {
    List<Series> drawn = series.stream().filter(s -> !s.points().isEmpty()).toList();
    if (drawn.isEmpty()) {
      return Optional.empty();
    }
    TreeSet<LocalDate> days = new TreeSet<>();
    drawn.forEach(s -> s.points().forEach(p -> days.add(p.on())));
    double[] span = span(drawn, levels);
    Scale scale = new Scale(days.first(), days.last(), span[0], span[1]);
    List<Line> lines = lines(drawn, scale);
    return Optional.of(
        new LineChart(
            title,
            unit,
            words,
            drawn.stream().filter(s -> s.ruler() > 0).map(s -> band(s, scale)).toList(),
            levels.stream().map(l -> rule(l.words(), scale.y(l.value()), lines)).toList(),
            lines,
            days(days, scale),
            levels(scale),
            table(drawn, days)));
  }

  private record Scale(LocalDate first, LocalDate last, double low, double high) {
    double x(LocalDate day) {
      long whole = ChronoUnit.DAYS.between(first, last);
      return whole == 0
          ? (LEFT + RIGHT) / 2
          : LEFT + 14 + (RIGHT - LEFT - 28) * ChronoUnit.DAYS.between(first, day) / whole;
    }

    double y(double value) {
      return FOOT - (FOOT - TOP) * (value - low) / (high - low);
    }
  }

  /** From the lowest to the highest of all that is drawn, with a little room. */
  private static double[] span(List<Series> series, List<Level> levels) {
    double[] all =
        Stream.concat(
                series.stream()
                    .flatMap(
                        s ->
                            Stream.concat(
                                s.points().stream().map(At::value),
                                Stream.of(
                                    s.points().get(0).value() - s.ruler(),
                                    s.points().get(0).value() + s.ruler()))),
                levels.stream().map(Level::value))
            .mapToDouble(Double::doubleValue)
            .toArray();
    double low = Double.POSITIVE_INFINITY;
    double high = Double.NEGATIVE_INFINITY;
    for (double value : all) {
      low = Math.min(low, value);
      high = Math.max(high, value);
    }
    double room = Math.max(1, (high - low) * 0.08);
    return new double[] {low - room, high + room};
  }

  private static Band band(Series s, Scale scale) {
    double first = s.points().get(0).value();
    double top = scale.y(first + s.ruler());
    return new Band(s.style(), top, scale.y(first - s.ruler()) - top);
  }

  private static Rule rule(String words, double y, List<Line> lines) {
    double at = y;
    for (Line line : lines) {
      if (Math.abs(line.labelY() - at) < LABEL_APART) {
        at = line.labelY() + (at >= line.labelY() ? LABEL_APART : -LABEL_APART);
      }
    }
    return new Rule(words, y, at);
  }

  private static List<Line> lines(List<Series> series, Scale scale) {
    List<Line> lines = new ArrayList<>();
    double[] ends =
        series.stream()
            .mapToDouble(s -> scale.y(s.points().get(s.points().size() - 1).value()))
            .toArray();
    apart(ends);
    for (int i = 0; i < series.size(); i++) {
      Series s = series.get(i);
      boolean above = series.size() == 1 || mean(s) >= mean(series.get(i == 0 ? 1 : 0));
      List<Dot> dots =
          s.points().stream()
              .map(
                  p ->
                      new Dot(
                          scale.x(p.on()),
                          scale.y(p.value()),
                          Numbers.plain(Math.round(p.value() * 10) / 10.0),
                          scale.y(p.value()) + (above ? -8 : 17)))
              .toList();
      StringBuilder path = new StringBuilder();
      dots.forEach(
          d ->
              path.append(path.isEmpty() ? 'M' : 'L')
                  .append(String.format(Locale.ROOT, "%.1f %.1f", d.x(), d.y())));
      lines.add(new Line(s.style(), path.toString(), dots, s.name(), ends[i]));
    }
    return lines;
  }

  private static double mean(Series s) {
    return s.points().stream().mapToDouble(At::value).average().orElse(0);
  }

  /** Names at the ends of lines keep apart. */
  private static void apart(double[] ends) {
    for (int pass = 0; pass < ends.length; pass++) {
      for (int i = 0; i < ends.length; i++) {
        for (int j = i + 1; j < ends.length; j++) {
          double gap = LABEL_APART - Math.abs(ends[i] - ends[j]);
          if (gap > 0) {
            boolean below = ends[i] > ends[j];
            ends[i] += below ? gap / 2 : -gap / 2;
            ends[j] += below ? -gap / 2 : gap / 2;
          }
        }
      }
    }
  }

  private static List<Tick> days(TreeSet<LocalDate> days, Scale scale) {
    List<LocalDate> all = List.copyOf(days);
    int every = Math.max(1, (int) Math.ceil(all.size() / (double) DAYS_SHOWN));
    List<Tick> ticks = new ArrayList<>();
    for (int i = all.size() - 1; i >= 0; i -= every) {
      Tick tick = new Tick(scale.x(all.get(i)), Dates.brief(all.get(i)));
      if (ticks.isEmpty() || ticks.get(0).at() - tick.at() > 62) {
        ticks.add(0, tick);
      }
    }
    return ticks;
  }

  private static List<Tick> levels(Scale scale) {
    double raw = (scale.high() - scale.low()) / STEPS;
    double step = raw <= 1 ? 1 : raw <= 2 ? 2 : raw <= 5 ? 5 : Math.ceil(raw / 10) * 10;
    List<Tick> ticks = new ArrayList<>();
    for (double at = Math.ceil(scale.low() / step) * step; at <= scale.high(); at += step) {
      ticks.add(new Tick(scale.y(at), Numbers.plain(at)));
    }
    return ticks;
  }

  private static List<Row> table(List<Series> series, TreeSet<LocalDate> days) {
    return days.stream()
        .map(
            day ->
                new Row(
                    Dates.day(day),
                    series.stream()
                        .map(
                            s ->
                                s.points().stream()
                                    .filter(p -> p.on().equals(day))
                                    .map(p -> Numbers.plain(Math.round(p.value() * 10) / 10.0))
                                    .reduce((a, b) -> b)
                                    .orElse("–"))
                        .toList()))
        .toList();
  }
}
