package loosehip.app.follow;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.fact.Facts;
import loosehip.app.fact.SessionTold;
import loosehip.app.figure.Figures;
import loosehip.app.golfer.Workup;
import loosehip.app.plan.LogSteps;
import loosehip.app.plan.Plans;
import loosehip.app.store.Homework;
import loosehip.app.store.Stills;
import loosehip.app.trace.RecordingSays;
import loosehip.app.words.Dates;
import loosehip.app.words.FollowWords;
import loosehip.app.words.PlanWords;
import loosehip.core.follow.Done;
import loosehip.core.follow.ItemLog;
import loosehip.core.follow.RungRule;
import loosehip.core.follow.Skip;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;
import org.springframework.stereotype.Component;

/** Builds the page of a log. */
@Component
class FollowLogs {
  private static final int FEELINGS_SHOWN = 6;
  private static final int STILL_DAYS_SHOWN = 3;
  private static final SessionTold NOTHING_TOLD =
      new SessionTold(Optional.empty(), Optional.empty(), "", false);

  private final Plans plans;
  private final Homework homework;
  private final ExerciseTexts texts;
  private final Figures figures;

  private final LogSteps logSteps;
  private final LogGrid grid;
  private final Stills stills;
  private final RecordingSays recordings;

  FollowLogs(
      Plans plans,
      Homework homework,
      ExerciseTexts texts,
      Figures figures,
      LogSteps logSteps,
      LogGrid grid,
      Stills stills,
      RecordingSays recordings) {
    this.recordings = recordings;
    this.stills = stills;
    this.grid = grid;
    this.logSteps = logSteps;
    this.plans = plans;
    this.homework = homework;
    this.texts = texts;
    this.figures = figures;
  }

  /** The page at a day; where the log left off when no day is asked for. */
  Optional<FollowLog> log(Workup workup, Optional<LocalDate> wanted) {
    List<Plans.Plan> versions = plans.earlier(workup);
    if (versions.isEmpty()) {
      return Optional.empty();
    }
    Plans.Plan now = versions.get(0);
    List<Homework.Said> log = homework.of(workup.file().id());
    LocalDate day =
        wanted
            .map(d -> sessionNear(versions, now, d))
            .orElseGet(() -> next(versions, now, log, workup.today()));
    int week = now.week(day);
    Optional<Sessions.OnDay> asked = Sessions.asked(versions, day);
    List<FollowLog.Day> days = days(versions, now, week, log, workup.today(), day);
    return Optional.of(
        new FollowLog(
            asked.map(Sessions.OnDay::plan).orElse(now.kept().orElseThrow().number()),
            week,
            weeks(versions, now, log, workup.today(), week),
            days,
            days.stream().filter(FollowLog.Day::shown).findFirst(),
            grid.of(workup, versions, now, week, log),
            SessionTold.ON.about(day).in(workup.file()).orElse(NOTHING_TOLD),
            asked.map(a -> rows(a, log, day)).orElse(List.of()),
            asked.isPresent() && log.stream().noneMatch(k -> k.log().on().equals(day)),
            steps(workup, versions, week, log),
            feelings(log),
            shown(workup)));
  }

  /** The first session since the last word that has none yet; else the latest session. */
  private static LocalDate next(
      List<Plans.Plan> versions, Plans.Plan now, List<Homework.Said> log, LocalDate today) {
    LocalDate last = today.isBefore(now.start()) ? now.start().plusDays(6) : today;
    LocalDate said =
        log.stream().map(k -> k.log().on()).max(Comparator.naturalOrder()).orElse(LocalDate.MIN);
    LocalDate latest = now.start();
    for (LocalDate day = now.start(); !day.isAfter(last); day = day.plusDays(1)) {
      if (Sessions.asked(versions, day).isPresent()) {
        if (day.isAfter(said)) {
          return day;
        }
        latest = day;
      }
    }
    return latest;
  }

  /** The day itself, or the first day of its week that has a session. */
  private static LocalDate sessionNear(List<Plans.Plan> versions, Plans.Plan now, LocalDate day) {
    LocalDate first = now.start().plusWeeks(now.week(day) - 1L);
    return Stream.concat(Stream.of(day), first.datesUntil(first.plusDays(7)))
        .filter(d -> Sessions.asked(versions, d).isPresent())
        .findFirst()
        .orElse(first);
  }

  private static List<FollowLog.Day> days(
      List<Plans.Plan> versions,
      Plans.Plan now,
      int week,
      List<Homework.Said> log,
      LocalDate today,
      LocalDate shown) {
    List<FollowLog.Day> days = new ArrayList<>();
    LocalDate first = now.start().plusWeeks(week - 1L);
    for (LocalDate day = first; day.isBefore(first.plusDays(7)); day = day.plusDays(1)) {
      LocalDate at = day;
      Optional<Sessions.OnDay> asked = Sessions.asked(versions, at);
      long said = log.stream().filter(k -> k.log().on().equals(at)).count();
      int all = asked.map(a -> a.session().items().size()).orElse(0);
      String state =
          all == 0
              ? "rest"
              : said >= all ? "said" : said > 0 ? "part" : at.isAfter(today) ? "ahead" : "open";
      String words =
          switch (state) {
            case "rest" -> "rest";
            case "said" -> "all said";
            case "part" -> said + " of " + all;
            case "ahead" -> "to come";
            default -> "nothing said";
          };
      String name = day.getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.UK);
      days.add(
          new FollowLog.Day(
              at, name + " " + day.getDayOfMonth(), state, words, all > 0 && at.equals(shown)));
    }
    return days;
  }

  private static List<FollowLog.Week> weeks(
      List<Plans.Plan> versions,
      Plans.Plan now,
      List<Homework.Said> log,
      LocalDate today,
      int shown) {
    List<FollowLog.Week> weeks = new ArrayList<>();
    for (int number = 1; number <= now.block().weeks().size(); number++) {
      LocalDate first = now.start().plusWeeks(number - 1L);
      LocalDate end = first.plusDays(7);
      weeks.add(
          new FollowLog.Week(
              number, Sessions.kept(versions, log, first, end, today), number == shown));
    }
    return weeks;
  }

  private List<FollowLog.Row> rows(Sessions.OnDay asked, List<Homework.Said> log, LocalDate day) {
    return asked.session().items().stream()
        .map(
            item ->
                row(
                    item,
                    log.stream()
                        .filter(k -> k.item().equals(item.id()) && k.log().on().equals(day))
                        .findFirst()))
        .toList();
  }

  private FollowLog.Row row(PlanItem item, Optional<Homework.Said> kept) {
    Optional<ItemLog> said = kept.map(Homework.Said::log);
    Map<Done, String> amounts = PlanWords.amounts(item.dose());
    return new FollowLog.Row(
        item.id(),
        texts.of(item.id()).name(),
        figures.find(item.id() + ".end"),
        PlanWords.dose(item.dose(), item.much()),
        amounts.entrySet().stream()
            .map(
                e ->
                    new FollowLog.Amount(
                        e.getKey().id(),
                        e.getValue(),
                        said.filter(l -> l.done() == e.getKey()).isPresent()))
            .toList(),
        said.flatMap(ItemLog::effort).map(String::valueOf).orElse(""),
        said.flatMap(ItemLog::pain).map(String::valueOf).orElse(""),
        said.map(ItemLog::goodForm).orElse(true),
        said.map(ItemLog::leaned).orElse(false),
        said.map(ItemLog::worseNextDay).orElse(false),
        kept.map(Homework.Said::felt).orElse(""),
        kept.map(Homework.Said::seen).orElse(""),
        kept.map(k -> k.words().site()).orElse(""),
        kept.flatMap(k -> k.words().skipped()).map(Skip::words).orElse(""),
        kept.map(Homework.Said::by).orElse(""));
  }

  /** What follows for what the week works on, by the version in force; what asks comes first. */
  private List<FollowLog.Step> steps(
      Workup workup, List<Plans.Plan> versions, int week, List<Homework.Said> log) {
    return logSteps.of(versions, log, week).entrySet().stream()
        .map(e -> step(workup, e.getKey(), e.getValue()))
        .sorted(
            Comparator.comparing((FollowLog.Step s) -> !s.asks())
                .thenComparing(FollowLog.Step::step)
                .thenComparing(FollowLog.Step::name))
        .toList();
  }

  private FollowLog.Step step(Workup workup, ItemId item, RungRule.Verdict verdict) {
    Optional<Exercise> exercise = workup.golfer().practice().catalogue().find(item);
    return new FollowLog.Step(
        item,
        texts.of(item).name(),
        verdict.step(),
        FollowWords.because(verdict.because()),
        rung(workup, exercise, 1),
        rung(workup, exercise, -1));
  }

  private static boolean rung(Workup workup, Optional<Exercise> exercise, int by) {
    return exercise
        .filter(e -> !workup.golfer().practice().catalogue().rung(e, by).isEmpty())
        .isPresent();
  }

  /** The stills, for whoever consents to pictures, and recordings of the last days with any. */
  private List<FollowLog.Shown> shown(Workup workup) {
    Map<LocalDate, FollowLog.Shown> days = new TreeMap<>(Comparator.reverseOrder());
    if (Facts.PICTURES.isIn(workup.file())) {
      stills
          .of(workup.file())
          .forEach(
              s ->
                  on(days, s.day())
                      .stills()
                      .add(new FollowLog.Still(s.id(), s.checkpoint().title())));
    }
    recordings
        .of(workup)
        .forEach(r -> on(days, r.on()).recordings().add(new FollowLog.Recorded(r.id(), r.words())));
    return days.values().stream().limit(STILL_DAYS_SHOWN).toList();
  }

  private static FollowLog.Shown on(Map<LocalDate, FollowLog.Shown> days, LocalDate day) {
    return days.computeIfAbsent(
        day, d -> new FollowLog.Shown(Dates.day(d), new ArrayList<>(), new ArrayList<>()));
  }

  private List<FollowLog.Feeling> feelings(List<Homework.Said> log) {
    return log.stream()
        .filter(k -> !k.felt().isEmpty() || !k.seen().isEmpty())
        .sorted(Comparator.comparing((Homework.Said k) -> k.log().on()).reversed())
        .limit(FEELINGS_SHOWN)
        .map(
            k ->
                new FollowLog.Feeling(
                    Dates.day(k.log().on()), texts.of(k.item()).name(), k.felt(), k.seen()))
        .toList();
  }
}
