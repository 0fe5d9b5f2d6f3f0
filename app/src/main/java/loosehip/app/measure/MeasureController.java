package loosehip.app.measure;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Station;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.golfer.Dates;
import loosehip.app.golfer.Topic;
import loosehip.app.signin.SignedIn;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.TestCard;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Run mode: one test at a time, try by try, saying at once what the tries amount to. */
@Controller
class MeasureController {
  /** Remembers in the browser which mode a trainer works in. */
  static final String MODE = "loosehip-mode";

  private static final int SKIP_MOST = 120;

  private final Benches benches;
  private final Frames frames;
  private final Taking taking;
  private final TestViews views;
  private final TryHistory history;
  private final Clock clock;

  MeasureController(
      Benches benches,
      Frames frames,
      Taking taking,
      TestViews views,
      TryHistory history,
      Clock clock) {
    this.benches = benches;
    this.frames = frames;
    this.taking = taking;
    this.views = views;
    this.history = history;
    this.clock = clock;
  }

  @GetMapping("/golfers/{id}/measure")
  String measure(
      @PathVariable String id,
      @RequestParam Optional<String> card,
      @RequestParam Optional<String> test,
      @RequestParam Optional<String> mode,
      @CookieValue(name = MODE, defaultValue = "run") String last,
      @AuthenticationPrincipal SignedIn user,
      HttpServletResponse response,
      Model model) {
    if (card.isEmpty() && test.isEmpty() && mode.isEmpty() && last.equals("sheet")) {
      return "redirect:/golfers/" + id + "/measure/sheet";
    }
    remember(response, "run");
    Bench bench = benches.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), bench, Station.MEASURE));
    model.addAttribute("bench", bench);
    model.addAttribute("orders", bench.orders());
    model.addAttribute(
        "t", views.view(bench, TestViews.card(bench, card, test), TestViews.Entry.NONE));
    return "measure/measure";
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
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.openToWrite(user.account(), id);
    TestCard test = card(bench, card);
    Taking.Form form =
        new Taking.Form(value, correcting, confirm, submitKey, method, compensations);
    return live(model, user, id, test, taking.take(bench, user.account(), test, form));
  }

  /** Chooses the running order of this visit. */
  @PostMapping("/golfers/{id}/measure/order")
  String order(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String order,
      @AuthenticationPrincipal SignedIn user) {
    Bench bench = benches.open(user.account(), id);
    bench.orders().stream()
        .filter(o -> o.id().equals(order))
        .map(RunningOrder::title)
        .findFirst()
        .ifPresent(title -> taking.note(bench, user.account(), "order", order, "order: " + title));
    return "redirect:/golfers/" + id + "/measure";
  }

  /** Skips a card with a reason, or takes the skip back; goes on to the next card. */
  @PostMapping("/golfers/{id}/measure/{card}/skip")
  String skip(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "") String reason,
      @RequestParam(defaultValue = "") String other,
      @AuthenticationPrincipal SignedIn user) {
    Bench bench = benches.open(user.account(), id);
    TestCard test = card(bench, card);
    String why = other.isBlank() ? reason.strip() : other.strip();
    String kept = why.length() > SKIP_MOST ? why.substring(0, SKIP_MOST) : why;
    if (!bench.closed()) {
      String label = (kept.isEmpty() ? "no skip: " : "skip: ") + test.test().title();
      taking.note(bench, user.account(), Topic.SKIP.about(test.key()), kept, label);
    }
    String next =
        kept.isEmpty() ? test.key() : TestViews.after(bench, test).map(TestCard::key).orElse("");
    return "redirect:/golfers/" + id + "/measure?mode=run&card=" + next;
  }

  @PostMapping("/golfers/{id}/measure/{card}/void")
  String toggleVoid(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "") String row,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.openToWrite(user.account(), id);
    TestCard test = card(bench, card);
    return live(model, user, id, test, taking.toggleVoid(bench, user.account(), test, row));
  }

  @PostMapping("/golfers/{id}/measure/{card}/words/{slotKey}")
  String word(
      @PathVariable String id,
      @PathVariable String card,
      @PathVariable String slotKey,
      @RequestParam(defaultValue = "") String value,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.openToWrite(user.account(), id);
    TestCard test = card(bench, card);
    return live(model, user, id, test, taking.word(bench, user.account(), test, slotKey, value));
  }

  @PostMapping("/golfers/{id}/measure/{card}/pain")
  String pain(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "0") String level,
      @RequestParam(defaultValue = "") String site,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.openToWrite(user.account(), id);
    TestCard test = card(bench, card);
    return live(model, user, id, test, taking.pain(bench, user.account(), test, level, site));
  }

  /** What happened to the tries of a card at this visit: who and when. */
  @GetMapping("/golfers/{id}/measure/{card}/history")
  String history(
      @PathVariable String id,
      @PathVariable String card,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.open(user.account(), id);
    model.addAttribute("events", history.of(bench, card(bench, card)));
    return "measure/history";
  }

  private static TestCard card(Bench bench, String key) {
    return TestViews.card(bench, Optional.of(key), Optional.empty());
  }

  private String live(Model model, SignedIn user, String id, TestCard test, TestViews.Entry entry) {
    Bench bench = benches.saved(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), bench, Station.MEASURE));
    model.addAttribute("bench", bench);
    model.addAttribute("t", views.view(bench, test, entry));
    model.addAttribute("topic", "measure");
    model.addAttribute("problem", entry.problem());
    model.addAttribute("saved", Dates.saved(LocalTime.now(clock)));
    return "measure/after-try";
  }
}
