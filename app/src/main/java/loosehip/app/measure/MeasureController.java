package loosehip.app.measure;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.fact.Facts;
import loosehip.app.fact.Station;
import loosehip.app.floor.LaidAngles;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Saved;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Seen;
import loosehip.app.words.Typed;
import loosehip.core.measure.TestCard;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Run mode: one test at a time, try by try, saying at once what the tries amount to. */
@Controller
class MeasureController {
  /** Remembers in the browser which mode a trainer works in. */
  static final String MODE = "loosehip-mode";

  private static final int SKIP_MOST = 120;

  private final Workups workups;
  private final Frames frames;
  private final Taking taking;
  private final TestViews views;
  private final TryHistory history;
  private final LaidAngles angles;
  private final Clock clock;

  MeasureController(
      Workups workups,
      Frames frames,
      Taking taking,
      TestViews views,
      TryHistory history,
      LaidAngles angles,
      Clock clock) {
    this.workups = workups;
    this.frames = frames;
    this.taking = taking;
    this.views = views;
    this.history = history;
    this.angles = angles;
    this.clock = clock;
  }

  /** One test; from another one the work alone is asked for, and the frame stays. */
  @Door(Passage.MOVES)
  @GetMapping("/golfers/{id}/measure")
  String measure(
      @PathVariable String id,
      @RequestParam Optional<String> card,
      @RequestParam Optional<String> test,
      @RequestParam Optional<String> mode,
      @CookieValue(name = MODE, defaultValue = "run") String last,
      @RequestHeader(name = "HX-Target", defaultValue = "") String part,
      @AuthenticationPrincipal SignedIn user,
      HttpServletResponse response,
      Model model) {
    if (card.isEmpty() && test.isEmpty() && mode.isEmpty() && last.equals("sheet")) {
      return "redirect:/golfers/{id}/measure/sheet";
    }
    remember(response, "run");
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), workup, Station.MEASURE));
    TestView view =
        views.view(
            workup, Cards.asked(workup, card, test), LastEntry.NONE, angles.of(user.account()));
    model.addAttribute("page", MeasurePage.run(workup, view));
    return part.equals("measure") ? "measure/card" : "measure/measure";
  }

  /** Remembers the mode for a year in this browser. */
  static void remember(HttpServletResponse response, String mode) {
    Cookie cookie = new Cookie(MODE, mode);
    cookie.setPath("/golfers");
    cookie.setHttpOnly(true);
    cookie.setMaxAge(365 * 24 * 3600);
    cookie.setAttribute("SameSite", "Lax");
    response.addCookie(cookie);
  }

  @Door(value = Passage.MOVES, asksItself = true)
  @PostMapping("/golfers/{id}/measure/{card}/tries")
  String take(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "") String value,
      @RequestParam(defaultValue = "") String correcting,
      @RequestParam(defaultValue = "") String confirm,
      @RequestParam(defaultValue = "") String submitKey,
      @RequestParam(defaultValue = "") String method,
      @RequestParam(defaultValue = "") List<String> compensations,
      @RequestParam(defaultValue = "false") boolean blind,
      @RequestParam(defaultValue = "") String laid,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.openToWrite(user.account(), id);
    TestCard test = Cards.of(card);
    Taking.Form form =
        new Taking.Form(value, correcting, confirm, submitKey, method, compensations, blind, laid);
    return live(model, user, id, test, taking.take(workup, user.account(), test, form));
  }

  /** Chooses the running order of this visit. */
  @Door(Passage.SIDED)
  @PostMapping("/golfers/{id}/measure/order")
  String order(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String order,
      @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.open(user.account(), id);
    workup.orders().stream()
        .filter(o -> o.id().equals(order))
        .findFirst()
        .ifPresent(
            o ->
                taking.note(
                    workup,
                    user.account(),
                    Facts.ORDER.note(o.id()).called("order: " + o.title()),
                    Seen.ANYTHING));
    return "redirect:/golfers/{id}/measure";
  }

  /** Skips a card with a reason, or takes the skip back; goes on to the next card. */
  @Door(Passage.SIDED)
  @PostMapping("/golfers/{id}/measure/{card}/skip")
  String skip(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "") String reason,
      @RequestParam(defaultValue = "") String other,
      @AuthenticationPrincipal SignedIn user,
      RedirectAttributes redirect) {
    Workup workup = workups.open(user.account(), id);
    TestCard test = Cards.of(card);
    String why = other.isBlank() ? reason.strip() : other.strip();
    String kept = Typed.kept(why, SKIP_MOST);
    if (!workup.closed() && workup.consented()) {
      String label = (kept.isEmpty() ? "no skip: " : "skip: ") + test.test().title();
      taking.note(
          workup,
          user.account(),
          Facts.SKIP.about(test).noteTyped(kept).called(label),
          Seen.ANYTHING);
    }
    redirect.addAttribute("mode", "run");
    Optional<TestCard> next = kept.isEmpty() ? Optional.of(test) : Cards.after(workup, test);
    next.ifPresent(c -> redirect.addAttribute("card", c.key()));
    return "redirect:/golfers/{id}/measure";
  }

  @Door(value = Passage.MOVES, asksItself = true)
  @PostMapping("/golfers/{id}/measure/{card}/void")
  String toggleVoid(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "") String row,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.openToWrite(user.account(), id);
    TestCard test = Cards.of(card);
    return live(model, user, id, test, taking.toggleVoid(workup, user.account(), test, row));
  }

  /** Says what was seen in a try already taken, or takes it back. */
  @Door(value = Passage.MOVES, asksItself = true)
  @PostMapping("/golfers/{id}/measure/{card}/compensations")
  String compensation(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "") String row,
      @RequestParam(defaultValue = "") String value,
      @RequestParam(defaultValue = "true") boolean seen,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.openToWrite(user.account(), id);
    TestCard test = Cards.of(card);
    return live(
        model, user, id, test, taking.compensation(workup, user.account(), test, row, value, seen));
  }

  @Door(value = Passage.MOVES, asksItself = true)
  @PostMapping("/golfers/{id}/measure/{card}/words/{slotKey}")
  String word(
      @PathVariable String id,
      @PathVariable String card,
      @PathVariable String slotKey,
      @RequestParam(defaultValue = "") String value,
      Seen seen,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.openToWrite(user.account(), id);
    TestCard test = Cards.of(card);
    return live(
        model, user, id, test, taking.word(workup, user.account(), test, slotKey, value, seen));
  }

  @Door(value = Passage.MOVES, asksItself = true)
  @PostMapping("/golfers/{id}/measure/{card}/pain")
  String pain(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "0") String level,
      @RequestParam(defaultValue = "") String site,
      Seen seen,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.openToWrite(user.account(), id);
    TestCard test = Cards.of(card);
    return live(
        model, user, id, test, taking.pain(workup, user.account(), test, level, site, seen));
  }

  /** Keeps a note on a test. */
  @Door(value = Passage.OPEN, asksItself = true)
  @PostMapping("/golfers/{id}/measure/{card}/note")
  String note(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "") String note,
      Seen seen,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.openToWrite(user.account(), id);
    TestCard test = Cards.of(card);
    return live(model, user, id, test, taking.testNote(workup, user.account(), test, note, seen));
  }

  /** What happened to the tries of a card at this visit: who and when. */
  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/measure/{card}/history")
  String history(
      @PathVariable String id,
      @PathVariable String card,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("events", history.of(workup, Cards.of(card)));
    return "measure/history";
  }

  private String live(Model model, SignedIn user, String id, TestCard test, LastEntry entry) {
    Workup workup = workups.saved(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), workup, Station.MEASURE));
    model.addAttribute("t", views.view(workup, test, entry, angles.of(user.account())));
    model.addAttribute("saved", Saved.of(entry.problem(), LocalTime.now(clock)));
    return "measure/after-try";
  }
}
