package loosehip.app.follow;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.golfer.Workup;
import loosehip.app.plan.Plans;
import loosehip.app.store.Homework;
import loosehip.core.follow.ItemLog;
import loosehip.core.follow.Skip;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;
import org.springframework.stereotype.Component;

/** A week of the log as a grid: what was asked, down; the days, across. */
@Component
class LogGrid {
  private static final int DAYS = 7;

  private final ExerciseTexts texts;

  LogGrid(ExerciseTexts texts) {
    this.texts = texts;
  }

  /** The lines of a week; the first is the whole session. */
  List<FollowLog.GridRow> of(
      Workup workup, List<Plans.Plan> versions, Plans.Plan now, int week, List<Homework.Said> log) {
    LocalDate first = now.start().plusWeeks(week - 1L);
    List<LocalDate> days = first.datesUntil(first.plusDays(DAYS)).toList();
    Map<ItemId, PlanItem> items = new LinkedHashMap<>();
    for (LocalDate day : days) {
      Sessions.asked(versions, day)
          .ifPresent(a -> a.session().items().forEach(i -> items.putIfAbsent(i.id(), i)));
    }
    List<FollowLog.GridRow> rows = new ArrayList<>();
    rows.add(
        new FollowLog.GridRow(
            "", "The whole day", days.stream().map(d -> whole(workup, versions, d, log)).toList()));
    items
        .keySet()
        .forEach(
            id ->
                rows.add(
                    new FollowLog.GridRow(
                        id.id(),
                        texts.of(id).name(),
                        days.stream().map(d -> cell(workup, versions, id, d, log)).toList())));
    return rows;
  }

  private static FollowLog.Cell whole(
      Workup workup, List<Plans.Plan> versions, LocalDate day, List<Homework.Said> log) {
    Optional<Sessions.OnDay> asked = Sessions.asked(versions, day);
    if (asked.isEmpty()) {
      return new FollowLog.Cell(day, "none", "rest", "", "");
    } else if (day.isAfter(workup.today())) {
      return new FollowLog.Cell(day, "ahead", "to come", "", "");
    }
    List<ItemLog> said =
        log.stream().map(Homework.Said::log).filter(l -> l.on().equals(day)).toList();
    long done = said.stream().filter(l -> l.done().counts()).count();
    int all = asked.get().session().items().size();
    String state = said.isEmpty() ? "open" : done >= all ? "top" : done > 0 ? "between" : "under";
    return new FollowLog.Cell(
        day, state, said.isEmpty() ? "nothing said" : done + " of " + all + " done", "", "");
  }

  private static FollowLog.Cell cell(
      Workup workup, List<Plans.Plan> versions, ItemId id, LocalDate day, List<Homework.Said> log) {
    Optional<Homework.Said> said =
        log.stream().filter(k -> k.item().equals(id) && k.log().on().equals(day)).findFirst();
    if (said.isPresent()) {
      return said(said.get(), day);
    } else if (Sessions.asked(versions, day).flatMap(a -> a.item(id)).isEmpty()) {
      return new FollowLog.Cell(day, "none", "not asked", "", "");
    } else if (day.isAfter(workup.today())) {
      return new FollowLog.Cell(day, "ahead", "to come", "", "");
    }
    return Sessions.stopped(workup, id, day)
        ? new FollowLog.Cell(day, "stopped", "stopped by pain", "", "")
        : new FollowLog.Cell(day, "open", "nothing said", "", "");
  }

  private static FollowLog.Cell said(Homework.Said said, LocalDate day) {
    ItemLog log = said.log();
    String effort = log.effort().map(String::valueOf).orElse("");
    String pain = log.pain().map(String::valueOf).orElse("");
    Optional<Skip> skipped = said.words().skipped();
    String words =
        skipped
                .map(s -> "skipped: " + s.words())
                .orElse(
                    switch (log.done()) {
                      case TOP -> "all of it";
                      case BETWEEN -> "as much as asked";
                      case UNDER -> "less";
                    })
            + (effort.isEmpty() ? "" : ", effort " + effort)
            + (pain.isEmpty() ? "" : ", pain " + pain)
            + (log.leaned() ? ", hands or lean" : "")
            + (log.worseNextDay() ? ", worse the day after" : "")
            + (said.words().byPhone() ? ", by phone" : "");
    return new FollowLog.Cell(
        day, skipped.isPresent() ? "skipped" : log.done().id(), words, effort, pain);
  }
}
