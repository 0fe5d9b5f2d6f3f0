package loosehip.app.measure;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.fact.Station;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Saved;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Seen;
import loosehip.core.measure.TestCard;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Sheet mode: all tests of a position on one page, for fast typing. */
@Controller
@RequestMapping("/golfers/{id}/measure/sheet")
class SheetModeController {
  private final Workups workups;
  private final Frames frames;
  private final Taking taking;
  private final SheetViews views;
  private final Clock clock;

  SheetModeController(
      Workups workups, Frames frames, Taking taking, SheetViews views, Clock clock) {
    this.workups = workups;
    this.frames = frames;
    this.taking = taking;
    this.views = views;
    this.clock = clock;
  }

  @Door(Passage.MOVES)
  @GetMapping
  String sheet(
      @PathVariable String id,
      @RequestParam Optional<String> position,
      @AuthenticationPrincipal SignedIn user,
      HttpServletResponse response,
      Model model) {
    MeasureController.remember(response, "sheet");
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), workup, Station.MEASURE));
    SheetView view = views.of(workup, SheetViews.position(workup, position));
    model.addAttribute("page", MeasurePage.sheet(workup, view));
    return "measure/sheet-mode";
  }

  @Door(value = Passage.MOVES, asksItself = true)
  @PostMapping("/{card}/tries")
  String take(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "") String value,
      @RequestParam(defaultValue = "") String correcting,
      @RequestParam(defaultValue = "") String confirm,
      @RequestParam(defaultValue = "") String submitKey,
      @RequestParam(defaultValue = "") String method,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.openToWrite(user.account(), id);
    TestCard test = Cards.of(card);
    Taking.Form form =
        new Taking.Form(value, correcting, confirm, submitKey, method, List.of(), false, "");
    return cell(model, user, id, test, taking.take(workup, user.account(), test, form));
  }

  @Door(value = Passage.MOVES, asksItself = true)
  @PostMapping("/{card}/void")
  String toggleVoid(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "") String row,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.openToWrite(user.account(), id);
    TestCard test = Cards.of(card);
    return cell(model, user, id, test, taking.toggleVoid(workup, user.account(), test, row));
  }

  /** Says what was seen in a try already taken, or takes it back. */
  @Door(value = Passage.MOVES, asksItself = true)
  @PostMapping("/{card}/compensations")
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
    return cell(
        model, user, id, test, taking.compensation(workup, user.account(), test, row, value, seen));
  }

  @Door(value = Passage.MOVES, asksItself = true)
  @PostMapping("/{card}/pain")
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
    return cell(
        model, user, id, test, taking.pain(workup, user.account(), test, level, site, seen));
  }

  /** Keeps a note on a test. */
  @Door(value = Passage.OPEN, asksItself = true)
  @PostMapping("/{card}/note")
  String note(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "") String note,
      Seen seen,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.openToWrite(user.account(), id);
    TestCard test = Cards.of(card);
    return cell(model, user, id, test, taking.testNote(workup, user.account(), test, note, seen));
  }

  @Door(value = Passage.MOVES, asksItself = true)
  @PostMapping("/{card}/words/{slotKey}")
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
    return cell(
        model, user, id, test, taking.word(workup, user.account(), test, slotKey, value, seen));
  }

  private String cell(Model model, SignedIn user, String id, TestCard test, LastEntry entry) {
    Workup workup = workups.saved(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), workup, Station.MEASURE));
    model.addAttribute("c", views.cell(workup, test, entry));
    model.addAttribute("saved", Saved.of(entry.problem(), LocalTime.now(clock)));
    return "measure/after-cell";
  }
}
