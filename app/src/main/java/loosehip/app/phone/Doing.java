package loosehip.app.phone;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.app.follow.Sessions;
import loosehip.app.golfer.Workup;
import loosehip.app.pivot.PivotPage;
import loosehip.app.plan.Plans;
import loosehip.app.progress.Ranges;
import loosehip.app.store.Homework;
import loosehip.app.words.Dates;

/** Says in plain words how a golfer is doing. */
final class Doing {
  private Doing() {}

  static PhonePage.Doing of(
      Workup workup,
      List<Plans.Plan> versions,
      List<Homework.Said> log,
      List<Workup> moments,
      List<PivotPage.BridgeLine> bridge) {
    return new PhonePage.Doing(
        done(versions, log, workup.today()),
        Ranges.plain(workup, moments),
        bridge.stream()
            .map(b -> b.words() + ": " + (b.reached() ? "no longer needed" : b.when()))
            .toList());
  }

  /** Days, not streaks: a day counts as done from its first thing on. */
  private static String done(List<Plans.Plan> versions, List<Homework.Said> log, LocalDate today) {
    LocalDate start = versions.get(0).start();
    if (start.isAfter(today)) {
      return "It starts on " + Dates.day(start) + ".";
    }
    Set<LocalDate> done =
        log.stream()
            .filter(k -> k.log().done().counts())
            .map(k -> k.log().on())
            .collect(Collectors.toSet());
    List<LocalDate> asked =
        start
            .datesUntil(today.plusDays(1))
            .filter(d -> Sessions.asked(versions, d).isPresent())
            .toList();
    long kept = asked.stream().filter(done::contains).count();
    return asked.isEmpty()
        ? "Nothing was asked yet."
        : "You did something on " + kept + " of " + asked.size() + " days so far.";
  }
}
