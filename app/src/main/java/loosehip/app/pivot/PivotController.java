package loosehip.app.pivot;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Station;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.golfer.Dates;
import loosehip.app.golfer.Topic;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Journal;
import loosehip.app.store.Noted;
import loosehip.core.pivot.School;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The pivot bench: try a set-up, see at once what it buys, keep it or throw it away. */
@Controller
@RequestMapping("/golfers/{id}/pivot")
class PivotController {
  private static final int WHY_MOST = 200;
  private static final Set<String> BACK = Set.of("set-up", "swing");

  private final Benches benches;
  private final Frames frames;
  private final PivotPages pages;
  private final Journal journal;

  private final PivotInstrument here;

  PivotController(
      Benches benches, Frames frames, PivotPages pages, Journal journal, PivotInstrument here) {
    this.here = here;
    this.benches = benches;
    this.frames = frames;
    this.pages = pages;
    this.journal = journal;
  }

  @GetMapping
  String pivot(
      @PathVariable String id,
      @RequestParam Map<String, String> asked,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.open(user.account(), id);
    show(model, user, bench, asked);
    model.addAttribute("today", SetupToday.of(bench));
    model.addAttribute("cards", pages.schools(bench));
    model.addAttribute("agreements", pages.agreements(bench));
    model.addAttribute("arcs", pages.arcs(bench));
    Noted school = bench.file().facts().get("school");
    model.addAttribute(
        "chosenBy", school == null ? "" : school.by() + ", " + Dates.moment(school.at()));
    model.addAttribute("why", bench.file().value("school-why").orElse(""));
    return "pivot/pivot";
  }

  /** What is tried, alone: asked for with every move of a hand. */
  @GetMapping("/tried")
  String tried(
      @PathVariable String id,
      @RequestParam Map<String, String> asked,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.open(user.account(), id);
    show(model, user, bench, asked);
    return asked.getOrDefault("place", "").equals("here") ? "pivot/here" : "pivot/tried";
  }

  private void show(Model model, SignedIn user, Bench bench, Map<String, String> asked) {
    model.addAttribute("frame", frames.of(user.account(), bench, Station.SET_UP));
    model.addAttribute("wide", true);
    here.show(model, bench, asked);
  }

  /** Keeps what was tried as how the golfer stands from now on. */
  @PostMapping("/keep")
  String keep(
      @PathVariable String id,
      @RequestParam Map<String, String> asked,
      @AuthenticationPrincipal SignedIn user) {
    Bench bench = benches.open(user.account(), id);
    Trial trial = Trial.of(asked, bench.golfer().setup(), bench.golfer().school());
    if (bench.consented() && !bench.closed() && !bench.golfer().health().refer()) {
      trial
          .changesFrom(bench.golfer().setup(), bench.golfer().school())
          .forEach((topic, value) -> note(bench, user, topic, value, "kept: " + topic));
      benches.saved(user.account(), id);
    }
    return "redirect:/golfers/" + id + "/" + back(asked, "pivot");
  }

  /** The station the bench stands on, or its own page. */
  private static String back(Map<String, String> asked, String own) {
    return BACK.contains(asked.getOrDefault("back", "")) ? asked.get("back") : own;
  }

  /** Takes a set-up change into the plan's "set-up today"; without one, takes it out again. */
  @PostMapping("/accept")
  String accept(
      @PathVariable String id,
      @RequestParam Map<String, String> asked,
      @AuthenticationPrincipal SignedIn user) {
    Bench bench = benches.open(user.account(), id);
    Trial trial = Trial.of(asked, bench.golfer().setup(), bench.golfer().school());
    boolean none = asked.getOrDefault("none", "").equals("yes");
    if (bench.consented() && !bench.golfer().health().refer()) {
      note(
          bench,
          user,
          AcceptedSetup.TOPIC,
          none ? "" : AcceptedSetup.line(bench, trial.setup()),
          none ? "set-up out of the plan" : "set-up into the plan");
      benches.saved(user.account(), id);
    }
    return "redirect:/golfers/" + id + "/" + back(asked, "pivot#h-today");
  }

  /** Chooses a school, with the reason. */
  @PostMapping("/school")
  String school(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String school,
      @RequestParam(defaultValue = "") String why,
      @AuthenticationPrincipal SignedIn user) {
    Bench bench = benches.open(user.account(), id);
    School.parse(school)
        .filter(s -> bench.consented())
        .ifPresent(
            s -> {
              String reason = why.strip();
              note(bench, user, "school", s.id(), s.title());
              note(
                  bench,
                  user,
                  "school-why",
                  reason.length() > WHY_MOST ? reason.substring(0, WHY_MOST) : reason,
                  "why " + s.title());
              benches.saved(user.account(), id);
            });
    return "redirect:/golfers/" + id + "/pivot#h-schools";
  }

  private void note(Bench bench, SignedIn user, String topic, String value, String label) {
    Topic kind = Topic.of(topic).orElseThrow();
    journal.note(
        bench.file(),
        user.account(),
        topic,
        Optional.of(value).filter(v -> !v.isBlank()),
        kind.ofVisit(),
        label,
        "set-up");
  }

  /** One page for the golfer: what your hips can pay for. */
  @GetMapping("/print")
  String print(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Bench bench = benches.open(user.account(), id);
    if (bench.golfer().health().refer()) {
      return "redirect:/golfers/" + id + "/pivot";
    }
    show(model, user, bench, Map.of());
    model.addAttribute("today", SetupToday.of(bench));
    return "pivot/print";
  }
}
