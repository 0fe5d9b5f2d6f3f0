package loosehip.app.follow;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.app.golfer.Workup;
import loosehip.app.plan.Plans;
import loosehip.app.store.Account;
import loosehip.app.store.Homework;
import loosehip.app.words.Dates;
import loosehip.core.follow.Adherence;
import loosehip.core.follow.Done;
import loosehip.core.follow.ItemLog;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Session;
import org.springframework.stereotype.Component;

/** What was asked of a golfer on a day: each day is told by the version in force on it. */
@Component
public class Sessions {
  private final Plans plans;
  private final Homework homework;

  Sessions(Plans plans, Homework homework) {
    this.plans = plans;
    this.homework = homework;
  }

  /** A session on a day with the version it belongs to. */
  public record OnDay(int plan, Session session) {
    /** The item of this id, when it was asked for on the day. */
    public Optional<PlanItem> item(ItemId id) {
      return session.item(id);
    }
  }

  /** What was asked on a day; empty on a day of rest. */
  public Optional<OnDay> asked(Workup workup, LocalDate day) {
    return asked(plans.earlier(workup), day);
  }

  /** The same by these versions, the newest first. */
  public static Optional<OnDay> asked(List<Plans.Plan> newestFirst, LocalDate day) {
    return inForce(newestFirst, day)
        .flatMap(
            p -> p.block().session(day).map(s -> new OnDay(p.kept().orElseThrow().number(), s)));
  }

  /**
   * How much was done of what was asked on these days, up to today.
   *
   * @param newestFirst every version
   * @param end the day after the last
   */
  public static Adherence kept(
      List<Plans.Plan> newestFirst,
      List<Homework.Said> log,
      LocalDate first,
      LocalDate end,
      LocalDate today) {
    int asked =
        first
            .datesUntil(end)
            .filter(d -> !d.isAfter(today))
            .map(d -> asked(newestFirst, d))
            .flatMap(Optional::stream)
            .mapToInt(a -> a.session().items().size())
            .sum();
    List<ItemLog> said =
        log.stream()
            .map(Homework.Said::log)
            .filter(l -> !l.on().isBefore(first) && l.on().isBefore(end))
            .toList();
    return Adherence.of(asked, said);
  }

  /** The newest version given by a day; days before the first belong to the first. */
  private static Optional<Plans.Plan> inForce(List<Plans.Plan> newestFirst, LocalDate day) {
    return newestFirst.stream()
        .filter(p -> !Dates.of(p.kept().orElseThrow().at()).isAfter(day))
        .findFirst()
        .or(() -> newestFirst.stream().skip(Math.max(0, newestFirst.size() - 1)).findFirst());
  }

  /**
   * Says that a day's session was done as asked; what was said about a thing already stays, what
   * pain has stopped is not said to be done, and nothing is said on a day of rest.
   */
  public void doneAsAsked(
      Workup workup, Account by, LocalDate day, Optional<Integer> effort, Optional<Integer> pain) {
    asked(workup, day)
        .ifPresent(
            all -> {
              List<Homework.Said> said = new ArrayList<>();
              Set<ItemId> before = saidOn(workup, day);
              for (PlanItem item : all.session().items()) {
                if (before.contains(item.id()) || stopped(workup, item.id(), day)) {
                  continue;
                }
                Done done = Done.asked(item.dose(), item.much());
                ItemLog log = new ItemLog(day, done, effort, pain, true, false, false);
                said.add(new Homework.Said(all.plan(), item.id(), log, Homework.Words.NONE, ""));
              }
              if (!said.isEmpty()) {
                homework.say(workup.file(), by, said, "all of " + Dates.day(day));
              }
            });
  }

  /** Whether the log has stopped an item before a day, and nobody has settled it. */
  public static boolean stopped(Workup workup, ItemId item, LocalDate day) {
    return workup
        .file()
        .given()
        .map(given -> given.stopped().get(item))
        .filter(by -> by.on().isBefore(day))
        .isPresent();
  }

  private Set<ItemId> saidOn(Workup workup, LocalDate day) {
    return homework.of(workup.file().id()).stream()
        .filter(k -> k.log().on().equals(day))
        .map(Homework.Said::item)
        .collect(Collectors.toSet());
  }
}
