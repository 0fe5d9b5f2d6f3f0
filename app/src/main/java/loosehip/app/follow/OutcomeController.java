package loosehip.app.follow;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.fact.OutcomeTold;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Journal;
import loosehip.app.unit.Shown;
import loosehip.app.words.Numbers;
import loosehip.app.words.SafetyWords;
import loosehip.app.words.Typed;
import loosehip.core.follow.Outcome;
import loosehip.core.named.Named;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What a golfer came for, in figures they know. */
@Controller
class OutcomeController {
  private static final int CLUB_MOST = 30;

  private final Workups workups;
  private final Journal journal;
  private final Clock clock;

  OutcomeController(Workups workups, Journal journal, Clock clock) {
    this.workups = workups;
    this.journal = journal;
    this.clock = clock;
  }

  /** Keeps an outcome of a day; without a figure it is taken back. */
  @Door(value = Passage.OPEN, asksItself = true)
  @PostMapping("/golfers/{id}/outcomes")
  String tell(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String on,
      @RequestParam(defaultValue = "") String what,
      @RequestParam(defaultValue = "") String value,
      @RequestParam(defaultValue = "") String club,
      @AuthenticationPrincipal SignedIn user,
      RedirectAttributes flash) {
    Workup workup = workups.openToWrite(user.account(), id);
    Optional<LocalDate> day = LogDoor.day(on).filter(d -> !d.isAfter(LocalDate.now(clock)));
    Optional<Outcome> kind = Named.parse(Outcome.class, what);
    Optional<Double> figure =
        kind.flatMap(k -> Shown.ofSign(k.unit()).typed(value, Typed.number(value)));
    String problem =
        workup
            .guard()
            .gravest()
            .map(SafetyWords::refusal)
            .orElseGet(() -> problem(day, kind, value, figure));
    if (problem.isEmpty()) {
      String of = kind.orElseThrow() == Outcome.CARRY ? Typed.line(club, CLUB_MOST) : "";
      var fact = OutcomeTold.ON.about(new OutcomeTold.About(kind.get(), day.orElseThrow(), of));
      journal.note(
          workup.file(),
          user.account(),
          figure.map(f -> fact.note(new OutcomeTold(f))).orElseGet(fact::takenBack));
      workups.saved(user.account(), id);
    } else {
      flash.addFlashAttribute("outcomeProblem", problem);
    }
    return "redirect:/golfers/{id}/follow#outcomes";
  }

  private static String problem(
      Optional<LocalDate> day, Optional<Outcome> kind, String value, Optional<Double> figure) {
    if (day.isEmpty()) {
      return "Which day? It must not be to come. Nothing was kept.";
    } else if (kind.isEmpty()) {
      return "This page offered something unknown. Reload it; nothing was lost.";
    } else if (!value.isBlank() && figure.filter(kind.get()::accepts).isEmpty()) {
      Shown unit = Shown.ofSign(kind.get().unit());
      return kind.get().title()
          + " goes from "
          + Numbers.plain(unit.of(kind.get().least()))
          + " to "
          + Numbers.plain(unit.of(kind.get().most()))
          + (unit.sign().isEmpty() ? "" : " " + unit.sign())
          + ". Nothing was kept.";
    }
    return "";
  }
}
