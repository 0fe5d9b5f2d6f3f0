package loosehip.app.note;

import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRequest;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.fact.Station;
import loosehip.app.field.NotedField;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Saved;
import loosehip.app.frame.WayBack;
import loosehip.app.golfer.Cases;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.pivot.PivotInstrument;
import loosehip.app.plan.Consequences;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Golfers;
import loosehip.app.store.Journal;
import loosehip.app.store.Seen;
import loosehip.app.talk.ReferBlock;
import loosehip.app.words.SafetyWords;
import loosehip.app.words.Typed;
import loosehip.core.safety.Passage;
import loosehip.core.safety.Refusal;
import loosehip.core.safety.WarningSign;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Saves one fact at a time and answers with what it changed: tabs, cautions, plan view, undo. */
@Controller
class NoteController {
  private final Workups workups;
  private final Journal journal;
  private final Golfers golfers;
  private final Frames frames;
  private final Consequences consequences;
  private final PivotInstrument instrument;
  private final Clock clock;

  NoteController(
      Workups workups,
      Journal journal,
      Golfers golfers,
      Frames frames,
      Consequences consequences,
      PivotInstrument instrument,
      Clock clock) {
    this.instrument = instrument;
    this.workups = workups;
    this.journal = journal;
    this.golfers = golfers;
    this.frames = frames;
    this.consequences = consequences;
    this.clock = clock;
  }

  @Door(value = Passage.OPEN, asksItself = true)
  @PostMapping("/golfers/{id}/notes/{topic}")
  String note(
      @PathVariable String id,
      @PathVariable String topic,
      @RequestParam(defaultValue = "") String value,
      HtmxRequest htmx,
      @RequestHeader(name = "X-Tried") Optional<String> tried,
      Seen seen,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    GolferFile file = workups.fileToWrite(user.account(), id);
    Optional<Fact<?>> fact = Facts.parse(topic);
    Optional<String> problem = problem(file, fact, value);
    if (problem.isEmpty()) {
      journal.note(file, user.account(), fact.orElseThrow().noteTyped(value), seen);
    }
    Station station = fact.<Station>map(Fact::station).orElse(Station.TALK);
    Workup workup =
        problem.isEmpty() ? workups.saved(user.account(), id) : workups.open(user.account(), id);
    boolean sign = Facts.WARNING.subject(topic).isPresent();
    boolean caution =
        Facts.CAUTION.subject(topic).isPresent() || Facts.CAUTION_NOTE.subject(topic).isPresent();
    afterSave(
        model,
        user,
        workup,
        station,
        problem.orElse(""),
        new NoteAnswer(
            NotedField.id(topic),
            sign ? Optional.of(ReferBlock.of(workup)) : Optional.empty(),
            caution ? Optional.of(consequences.of(workup)) : Optional.empty()));
    instrument.again(model, workup, Optional.ofNullable(htmx.getCurrentUrl()), tried);
    return "frame/after-save";
  }

  /** Why this is not kept, in words; empty when it can be. */
  private Optional<String> problem(GolferFile file, Optional<Fact<?>> fact, String value) {
    if (fact.isEmpty()) {
      return Optional.of("This page asked for something unknown. Reload it; nothing was lost.");
    }
    Optional<String> typed = fact.get().problem(value, LocalDate.now(clock));
    if (typed.isPresent()) {
      return typed;
    }
    if (!fact.get().equals(Facts.CONSENT) && !Facts.CONSENT.isIn(file)) {
      return Optional.of("Not kept: health data needs the golfer's consent first (Talk, top).");
    }
    Optional<Refusal> refusal =
        Cases.guard(file, LocalDate.now(clock)).refuses(fact.get().passage());
    if (refusal.isPresent()) {
      return refusal.map(SafetyWords::refusal);
    }
    if (fact.get().ofVisit() && file.closed().isPresent()) {
      return Optional.of("Not kept: this visit is closed. Resume it, or start a new one (Visits).");
    }
    return Facts.WARNING
        .subject(fact.get().key())
        .filter(sign -> takesBack(file, sign, value))
        .map(
            sign ->
                "The yes stays: only a clinician's clearance closes it. If it was a slip, undo it"
                    + " (u).");
  }

  /** Whether this answer would quietly take back a warning sign that nobody has cleared. */
  private static boolean takesBack(GolferFile file, WarningSign sign, String value) {
    return Facts.WARNING.about(sign).in(file).filter(yes -> yes).isPresent()
        && !Facts.CLEARED_WARNING.about(sign).isIn(file)
        && !value.equals("yes");
  }

  @Door(Passage.OPEN)
  @PostMapping("/golfers/{id}/name")
  String rename(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String value,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    GolferFile file = workups.file(user.account(), id);
    String name = Typed.line(value);
    String problem =
        name.isEmpty()
            ? "A golfer needs a name; the old one is kept."
            : name.length() > 80 ? "At most 80 letters." : "";
    if (problem.isEmpty()) {
      golfers.rename(file, name);
    }
    afterSave(
        model,
        user,
        workups.open(user.account(), id),
        Station.TALK,
        problem,
        new NoteAnswer("name", Optional.empty(), Optional.empty()));
    return "frame/after-save";
  }

  @Door(Passage.OPEN)
  @PostMapping("/golfers/{id}/undo")
  String undo(
      @PathVariable String id,
      @AuthenticationPrincipal SignedIn user,
      @RequestParam(defaultValue = "") String here,
      RedirectAttributes redirect) {
    GolferFile file = workups.file(user.account(), id);
    String said = "Nothing was taken back: this visit is closed. Resume it first (Visits).";
    if (file.closed().isEmpty()) {
      said =
          journal
              .undo(file, user.account())
              .map(
                  step ->
                      "Taken back: "
                          + Frames.said(step)
                          + ", "
                          + Frames.where(step.station())
                          + ".")
              .orElse("Nothing more to take back: undo reaches ten steps.");
      workups.saved(user.account(), id);
    }
    redirect.addFlashAttribute("undone", said);
    return "redirect:" + WayBack.of(here, file.id()).orElse("/golfers/" + file.id() + "/talk");
  }

  private void afterSave(
      Model model,
      SignedIn user,
      Workup workup,
      Station station,
      String problem,
      NoteAnswer answer) {
    model.addAttribute("saved", Saved.of(problem, LocalTime.now(clock)));
    model.addAttribute("frame", frames.of(user.account(), workup, station));
    model.addAttribute("answer", answer);
  }
}
