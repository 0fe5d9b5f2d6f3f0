package loosehip.app.progress;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import loosehip.app.fact.Facts;
import loosehip.app.fact.OutcomeTold;
import loosehip.app.follow.Sessions;
import loosehip.app.golfer.Workup;
import loosehip.app.pivot.AcceptedSetup;
import loosehip.app.pivot.PivotPage;
import loosehip.app.pivot.SetupToday;
import loosehip.app.plan.Plans;
import loosehip.app.store.Homework;
import loosehip.app.unit.Shown;
import loosehip.app.words.Numbers;
import loosehip.core.follow.Adherence;
import loosehip.core.follow.Outcome;
import loosehip.core.follow.RangeSeries;
import loosehip.core.measure.Slot;
import loosehip.core.pivot.Bridge;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.TurnBudget;
import org.springframework.stereotype.Component;

/** Builds the page of what moved. */
@Component
public class ProgressPages {
  private final Moments moments;
  private final Plans plans;
  private final Homework homework;

  ProgressPages(Moments moments, Plans plans, Homework homework) {
    this.moments = moments;
    this.plans = plans;
    this.homework = homework;
  }

  /** The page of a golfer. */
  public ProgressPage of(Workup now) {
    List<Workup> all = moments.of(now);
    Map<Slot, RangeSeries> ranges = Ranges.of(all);
    return new ProgressPage(
        now.file().id(),
        now.file().name(),
        Facts.WANT.in(now.file()).orElse(""),
        lead(all, ranges),
        outcomes(now),
        Ranges.charts(now, ranges),
        margins(now, all),
        bridge(now, all),
        weeks(now),
        all.size());
  }

  private static String lead(List<Workup> all, Map<Slot, RangeSeries> ranges) {
    long twice = ranges.values().stream().filter(s -> s.points().size() > 1).count();
    if (all.size() < 2 || twice == 0) {
      return "";
    }
    long gained = Ranges.gained(ranges);
    return gained
        + " of "
        + twice
        + (twice == 1 ? " range" : " ranges")
        + " measured more than once "
        + (gained == 1 ? "is" : "are")
        + " really better than at the first visit.";
  }

  private static List<LineChart> outcomes(Workup now) {
    Map<Outcome, Map<String, List<LineChart.At>>> told = new TreeMap<>();
    OutcomeTold.ON
        .in(now.file())
        .forEach(
            (about, outcome) ->
                told.computeIfAbsent(about.what(), o -> new TreeMap<>())
                    .computeIfAbsent(about.club(), c -> new ArrayList<>())
                    .add(
                        new LineChart.At(
                            about.on(), Shown.ofSign(about.what().unit()).of(outcome.value()))));
    List<LineChart> charts = new ArrayList<>();
    told.forEach(
        (what, clubs) -> {
          List<LineChart.Series> series =
              clubs.entrySet().stream()
                  .map(
                      e ->
                          new LineChart.Series(
                              e.getKey().isEmpty() ? what.title() : e.getKey(),
                              "ink",
                              0,
                              e.getValue().stream()
                                  .sorted((a, b) -> a.on().compareTo(b.on()))
                                  .toList()))
                  .toList();
          List<String> words =
              series.stream()
                  .filter(s -> s.points().size() > 1)
                  .map(s -> of(what, s) + fromTo(s, Shown.ofSign(what.unit()).sign()))
                  .toList();
          LineChart.of(what.title(), Shown.ofSign(what.unit()).sign(), words, series, List.of())
              .ifPresent(charts::add);
        });
    return charts;
  }

  private static String of(Outcome what, LineChart.Series series) {
    return series.name().equals(what.title()) ? "" : series.name() + ": ";
  }

  private static String fromTo(LineChart.Series s, String unit) {
    double from = s.points().get(0).value();
    double to = s.points().get(s.points().size() - 1).value();
    return "from "
        + Numbers.plain(from)
        + " to "
        + Numbers.plain(to)
        + (unit.isEmpty() ? "" : " " + unit)
        + ", "
        + Numbers.signedPlain(to - from)
        + "; no ruler is known for it";
  }

  private static Optional<LineChart> margins(Workup now, List<Workup> all) {
    List<LineChart.Series> series =
        List.of(
            margin(now, all, "going back", "trail", b -> b.back().flatMap(TurnBudget.Back::margin)),
            margin(
                now,
                all,
                "coming through",
                "lead",
                b -> b.through().map(TurnBudget.Through::impact)));
    if (series.stream().allMatch(s -> s.points().size() < 2)) {
      return Optional.empty();
    }
    return LineChart.of(
        "Degrees to spare, with the set-up of today",
        "°",
        series.stream()
            .filter(s -> s.points().size() > 1)
            .map(
                s ->
                    s.name()
                        + ": from "
                        + spoken(s.points().get(0).value())
                        + " to "
                        + spoken(s.points().get(s.points().size() - 1).value()))
            .toList(),
        series,
        List.of(new LineChart.Level("needed", 0)));
  }

  private static String spoken(double degrees) {
    long round = Math.round(Math.abs(degrees));
    return round == 0 ? "just enough" : round + (degrees < 0 ? " short" : " to spare");
  }

  private static LineChart.Series margin(
      Workup now,
      List<Workup> all,
      String name,
      String style,
      Function<TurnBudget, Optional<Margin>> which) {
    return new LineChart.Series(
        name,
        style,
        0,
        all.stream()
            .flatMap(
                at ->
                    which.apply(Moments.budget(at, now)).stream()
                        .map(m -> new LineChart.At(at.file().visitOn(), m.degrees())))
            .toList());
  }

  /** Each part of an accepted change from the day it was taken on to the visit that paid for it. */
  private static List<ProgressPage.Part> bridge(Workup now, List<Workup> all) {
    Optional<AcceptedSetup> accepted = AcceptedSetup.of(now);
    if (accepted.isEmpty()) {
      return List.of();
    }
    List<PivotPage.BridgeLine> lines = SetupToday.lines(accepted.get().bridge(now));
    List<ProgressPage.Part> parts = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      int part = i;
      Optional<LocalDate> reached =
          all.stream()
              .filter(at -> reached(at, part))
              .map(at -> at.file().visitOn())
              .findFirst()
              .filter(day -> lines.get(part).reached());
      parts.add(
          new ProgressPage.Part(
              lines.get(i).words(),
              lines.get(i).when(),
              0,
              reached.map(day -> along(all, day)).orElse(100.0),
              lines.get(i).reached()));
    }
    return parts;
  }

  private static boolean reached(Workup at, int part) {
    List<Bridge.Part> parts = AcceptedSetup.of(at).map(a -> a.bridge(at).parts()).orElse(List.of());
    return part < parts.size() && parts.get(part).reached();
  }

  private static double along(List<Workup> all, LocalDate day) {
    long first = all.get(0).file().visitOn().toEpochDay();
    long whole = Math.max(1, all.get(all.size() - 1).file().visitOn().toEpochDay() - first);
    return 100.0 * (day.toEpochDay() - first) / whole;
  }

  private List<ProgressPage.Week> weeks(Workup now) {
    List<Plans.Plan> versions = plans.earlier(now);
    if (versions.isEmpty()) {
      return List.of();
    }
    Plans.Plan plan = versions.get(0);
    List<Homework.Said> log = homework.of(now.file().id());
    List<ProgressPage.Week> weeks = new ArrayList<>();
    for (int number = 1; number <= plan.block().weeks().size(); number++) {
      LocalDate first = plan.start().plusWeeks(number - 1L);
      if (first.isAfter(now.today())) {
        break;
      }
      LocalDate end = first.plusDays(7);
      Adherence kept = Sessions.kept(versions, log, first, end, now.today());
      weeks.add(
          new ProgressPage.Week(
              number, kept.share(), kept.done() + " of " + kept.asked() + " done"));
    }
    return weeks;
  }
}
