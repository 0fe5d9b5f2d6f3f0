package loosehip.app.pivot;

import java.util.Map;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.fact.Facts;
import loosehip.app.fact.Station;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Journal;
import loosehip.app.store.Note;
import loosehip.app.store.Noted;
import loosehip.app.words.Dates;
import loosehip.app.words.Typed;
import loosehip.core.named.Named;
import loosehip.core.pivot.School;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The pivot: try a set-up, see at once what it buys, keep it or throw it away. */
@Controller
@RequestMapping("/golfers/{id}/pivot")
class PivotController {
  private static final int WHY_MOST = 200;

  private final Workups workups;
  private final Frames frames;
  private final PivotPages pages;
  private final Journal journal;

  private final PivotInstrument here;

  PivotController(
      Workups workups, Frames frames, PivotPages pages, Journal journal, PivotInstrument here) {
    this.here = here;
    this.workups = workups;
    this.frames = frames;
    this.pages = pages;
    this.journal = journal;
  }

  @Door(Passage.MOVES)
  @GetMapping
  String pivot(
      @PathVariable String id,
      @RequestParam Map<String, String> asked,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.open(user.account(), id);
    frame(model, user, workup);
    Noted school = workup.file().facts().get(Facts.SCHOOL.key());
    model.addAttribute(
        "page",
        new PivotStation(
            id,
            here.of(workup, asked, Optional.empty()),
            SetupToday.of(workup),
            pages.schools(workup),
            pages.agreements(workup),
            ShiftedArcs.of(workup),
            workup.golfer().setup().lookedAt(),
            school == null ? "" : school.by() + ", " + Dates.moment(school.at()),
            Facts.SCHOOL_WHY.typed(workup.file())));
    return "pivot/pivot";
  }

  /** What is tried, alone: asked for with every move of a hand. */
  @Door(Passage.MOVES)
  @GetMapping("/tried")
  String tried(
      @PathVariable String id,
      @RequestParam Map<String, String> asked,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.open(user.account(), id);
    boolean beside = asked.getOrDefault("place", "").equals("here");
    Optional<PivotPage> tried =
        here.of(workup, asked, beside ? PivotInstrument.station(asked) : Optional.empty());
    if (tried.isEmpty()) {
      return "redirect:/golfers/{id}/pivot";
    }
    model.addAttribute("p", tried.get());
    return beside ? "pivot/here" : "pivot/tried";
  }

  private void frame(Model model, SignedIn user, Workup workup) {
    model.addAttribute("frame", frames.of(user.account(), workup, Station.SET_UP));
    model.addAttribute("wide", true);
  }

  /** Keeps what was tried as how the golfer stands from now on. */
  @Door(Passage.MOVES)
  @PostMapping("/keep")
  String keep(
      @PathVariable String id,
      @RequestParam Map<String, String> asked,
      @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.open(user.account(), id);
    Trial trial = Trial.of(asked, workup.golfer().setup(), workup.golfer().school());
    if (!workup.closed()) {
      trial
          .changesFrom(workup.golfer().setup(), workup.golfer().school())
          .forEach(note -> note(workup, user, note.called("kept: " + note.label())));
      workups.saved(user.account(), id);
    }
    return "redirect:/golfers/{id}/" + back(asked, "pivot");
  }

  /** The station it stands beside, or its own page. */
  private static String back(Map<String, String> asked, String own) {
    return PivotInstrument.station(asked).orElse(own);
  }

  /** Takes a set-up change into the plan's "set-up today"; without one, takes it out again. */
  @Door(Passage.MOVES)
  @PostMapping("/accept")
  String accept(
      @PathVariable String id,
      @RequestParam Map<String, String> asked,
      @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.open(user.account(), id);
    Trial trial = Trial.of(asked, workup.golfer().setup(), workup.golfer().school());
    boolean none = asked.getOrDefault("none", "").equals("yes");
    boolean changes = trial.changes(workup.golfer().setup(), trial.school());
    if (none || changes) {
      Note note =
          none
              ? Facts.SETUP_TODAY.takenBack().called("set-up out of the plan")
              : Facts.SETUP_TODAY
                  .note(AcceptedSetup.taken(workup, trial.setup()))
                  .called("set-up into the plan");
      note(workup, user, note);
      workups.saved(user.account(), id);
    }
    return "redirect:/golfers/{id}/" + back(asked, "pivot#h-today");
  }

  /** Chooses a school, with the reason. */
  @Door(Passage.MOVES)
  @PostMapping("/school")
  String school(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String school,
      @RequestParam(defaultValue = "") String why,
      @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.open(user.account(), id);
    Named.parse(School.class, school)
        .ifPresent(
            s -> {
              note(workup, user, Facts.SCHOOL.note(s).called(s.title()));
              note(
                  workup,
                  user,
                  Facts.SCHOOL_WHY.noteTyped(Typed.kept(why, WHY_MOST)).called("why " + s.title()));
              workups.saved(user.account(), id);
            });
    return "redirect:/golfers/{id}/pivot#h-schools";
  }

  private void note(Workup workup, SignedIn user, Note note) {
    journal.note(workup.file(), user.account(), note);
  }

  /** One page for the golfer: what your hips can pay for. */
  @Door(Passage.HANDS_OUT)
  @GetMapping("/print")
  String print(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Workup workup = workups.open(user.account(), id);
    Optional<PivotPage> stands = here.of(workup, Map.of(), Optional.empty());
    if (stands.isEmpty()) {
      return "redirect:/golfers/{id}/pivot";
    }
    model.addAttribute(
        "page",
        GolferPage.of(
            id,
            workup.file().name(),
            user.account().practiceName(),
            stands.get().tried(),
            SetupToday.of(workup)));
    return "pivot/print";
  }
}
