package loosehip.app.follow;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import loosehip.app.golfer.Workup;
import loosehip.app.words.SafetyWords;
import loosehip.app.words.Typed;
import loosehip.core.plan.PlanItem;
import loosehip.core.safety.Refusal;
import org.springframework.stereotype.Component;

/** Why something said about a day at home is not kept. */
@Component
class LogDoor {
  private static final int LATEST_YEAR = 3000;

  private final Clock clock;

  LogDoor(Clock clock) {
    this.clock = clock;
  }

  /**
   * Why it is not kept, in words; empty when it is.
   *
   * @param effort as typed
   * @param pain as typed
   */
  String problem(
      Workup workup, Optional<LocalDate> on, Optional<PlanItem> item, String effort, String pain) {
    Optional<Refusal> grave = workup.guard().gravest();
    if (grave.isPresent()) {
      return SafetyWords.refusal(grave.get());
    }
    if (on.isEmpty() || item.isEmpty()) {
      return "That was not in the plan on this day. Reload the page; nothing was lost.";
    }
    if (on.get().isAfter(LocalDate.now(clock))) {
      return "That day is still to come. Nothing was kept.";
    }
    if (Sessions.stopped(workup, item.get().id(), on.get())) {
      return "Stopped by pain: nothing is logged as done for it until it is settled in the plan."
          + " Nothing was kept.";
    }
    boolean readable =
        (effort.isBlank() || figure(effort).isPresent())
            && (pain.isBlank() || figure(pain).isPresent());
    return readable ? "" : "Effort and pain go from 0 to 10. Nothing was kept.";
  }

  /** Something of a session that pain has not stopped. */
  static Optional<PlanItem> going(Workup workup, Sessions.OnDay asked, Optional<LocalDate> on) {
    return asked.session().items().stream()
        .filter(i -> on.filter(d -> Sessions.stopped(workup, i.id(), d)).isEmpty())
        .findFirst();
  }

  /** A figure from 0 to 10 as typed. */
  static Optional<Integer> figure(String typed) {
    return Typed.whole(typed).filter(n -> n >= 0 && n <= 10);
  }

  /** A day as it stands in an address. */
  static Optional<LocalDate> day(String text) {
    return Typed.day(text).filter(d -> Math.abs(d.getYear()) < LATEST_YEAR);
  }
}
