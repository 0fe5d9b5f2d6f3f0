package loosehip.app.today;

import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.fact.Station;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Accounts;
import loosehip.app.store.GolferFile;
import loosehip.app.store.LineUp;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The line of a clinic day: who is next, who goes on with whom, and where a visit goes on. */
@Controller
class LineController {
  private final Workups workups;
  private final LineUp line;
  private final Accounts accounts;

  LineController(Workups workups, LineUp line, Accounts accounts) {
    this.workups = workups;
    this.line = line;
    this.accounts = accounts;
  }

  /** Goes on where the visit was left. */
  @Door(Passage.OPEN)
  @GetMapping("/golfers/{id}/resume")
  String resume(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    return "redirect:/golfers/{id}/" + next(workups.open(user.account(), id)).id();
  }

  /** The station at which something is still to be done, in working order. */
  static Station next(Workup workup) {
    if (workup.guard().refuses(Passage.MOVES).isPresent() || workup.closed()) {
      return Station.TALK;
    } else if (workup.file().given().isPresent()) {
      return Station.FOLLOW;
    } else if (workup.minutesLeft() > 0) {
      return Station.MEASURE;
    } else if (workup.golfer().seen().setup().isEmpty()) {
      return Station.SET_UP;
    }
    return workup.golfer().seen().pivot().isEmpty() ? Station.SWING : Station.PLAN;
  }

  /** Lines a golfer up for today, hands them over to somebody, or takes them out. */
  @Door(Passage.OPEN)
  @PostMapping("/golfers/{id}/line")
  String line(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String to,
      @RequestParam(defaultValue = "false") boolean out,
      @AuthenticationPrincipal SignedIn user) {
    GolferFile golfer = workups.fileToWrite(user.account(), id);
    Optional<String> colleague =
        Optional.of(to).filter(accounts.people(user.account().practiceId())::containsKey);
    if (out) {
      line.leave(golfer);
    } else if (colleague.isPresent()) {
      line.handTo(user.account(), golfer, colleague.get());
    } else {
      line.join(user.account(), golfer);
    }
    return "redirect:/";
  }
}
