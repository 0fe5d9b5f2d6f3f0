package loosehip.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A plan of four to eight weeks.
 *
 * @param weeks each week's sessions; those after the stage repeat it as it is
 * @param next what follows if it goes well
 * @param drills the drill of every fault seen
 * @param leftOut serious candidates that are not in it, with the reason
 * @param notes what had to go, could not be held, or stays open; empty when all fits
 * @param halfWay date of the half-way check for tilt and hinge
 * @param retest date of the retest
 */
public record Block(
    List<Week> weeks,
    List<NextRung> next,
    List<DrillFor> drills,
    List<LeftOut> leftOut,
    List<PlanNote> notes,
    LocalDate halfWay,
    LocalDate retest) {
  /** Weeks of a stage: a block is planned up to its half-way check. */
  public static final int STAGE_WEEKS = 3;

  /** One week. */
  public record Week(int number, List<Session> sessions) {
    /** The session of a day of it, 1 to 7; empty on a day of rest. */
    public Optional<Session> session(int day) {
      return sessions.stream().filter(s -> s.day() == day).findFirst();
    }

    /** The days on which an item is done. */
    public Days daysOf(ItemId item) {
      return Days.of(
          sessions.stream().filter(s -> s.item(item).isPresent()).map(Session::day).toList());
    }
  }

  /**
   * Weeks in a row that do the same things, doses apart.
   *
   * @param first the first of them
   * @param last the last of them
   */
  public record Stage(int first, int last) {
    /** Whether a week is one of them. */
    public boolean holds(int week) {
      return week >= first && week <= last;
    }
  }

  /**
   * The stages of the block, in order. The half-way check ends a stage: what is done after it waits
   * for the log.
   */
  public List<Stage> stages() {
    List<Stage> stages = new ArrayList<>();
    int first = 1;
    for (int week = 2; week <= weeks.size() + 1; week++) {
      boolean halfWay = week == STAGE_WEEKS + 1;
      if (week > weeks.size() || halfWay || !ids(week).equals(ids(first))) {
        stages.add(new Stage(first, week - 1));
        first = week;
      }
    }
    return stages;
  }

  private List<ItemId> ids(int week) {
    return items(week).stream().map(PlanItem::id).toList();
  }

  /** Every different item of the first week that has any, in the order of a session. */
  public List<PlanItem> items() {
    return weeks.stream()
        .map(w -> items(w.number()))
        .filter(i -> !i.isEmpty())
        .findFirst()
        .orElse(List.of());
  }

  /** The week of this number, held within the block. */
  public Week held(int week) {
    return weeks.get(Math.max(1, Math.min(weeks.size(), week)) - 1);
  }

  /** Every different item of a week, in the order of a session. */
  public List<PlanItem> items(int week) {
    return weeks.get(week - 1).sessions().stream()
        .flatMap(s -> s.items().stream())
        .collect(Collectors.toMap(PlanItem::id, i -> i, (a, b) -> a, LinkedHashMap::new))
        .values()
        .stream()
        .sorted(Session.order())
        .toList();
  }

  /** The ids of everything in it, in whatever week, without repeats. */
  public List<ItemId> everyId() {
    return weeks.stream()
        .flatMap(w -> w.sessions().stream())
        .flatMap(s -> s.items().stream())
        .map(PlanItem::id)
        .distinct()
        .toList();
  }

  /** The days it runs over. */
  public BlockSpan span() {
    return new BlockSpan(retest.minusWeeks(weeks.size()), retest);
  }

  /** The session of a day; empty on a day of rest and outside the block. */
  public Optional<Session> session(LocalDate day) {
    int week = span().week(day);
    if (week < 1 || week > weeks.size()) {
      return Optional.empty();
    }
    return weeks.get(week - 1).session(span().dayOfWeek(day));
  }

  /** The days on which a session is asked for, the first first. */
  public List<LocalDate> sessionDays() {
    return weeks.stream()
        .flatMap(w -> w.sessions().stream().map(s -> span().date(w.number(), s.day())))
        .sorted()
        .toList();
  }

  /** Whether nothing could be planned. */
  public boolean empty() {
    return weeks.stream().allMatch(w -> w.sessions().isEmpty());
  }
}
