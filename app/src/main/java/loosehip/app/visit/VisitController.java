package loosehip.app.visit;

import java.util.List;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.fact.Facts;
import loosehip.app.fact.Station;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.store.GolferFile.EarlierVisit;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Journal;
import loosehip.app.store.Note;
import loosehip.app.store.Visits;
import loosehip.app.words.Dates;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The visits of a golfer. */
@Controller
@RequestMapping("/golfers/{id}/visits")
class VisitController {
  private final Workups workups;
  private final Frames frames;
  private final Visits visits;
  private final GolferFiles files;
  private final Journal journal;
  private final StandardsShelf standards;

  VisitController(
      Workups workups,
      Frames frames,
      Visits visits,
      GolferFiles files,
      Journal journal,
      StandardsShelf standards) {
    this.workups = workups;
    this.frames = frames;
    this.visits = visits;
    this.files = files;
    this.journal = journal;
    this.standards = standards;
  }

  @Door(Passage.OPEN)
  @GetMapping
  String visits(
      @PathVariable String id,
      @RequestParam Optional<String> from,
      @RequestParam Optional<String> to,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.open(user.account(), id);
    List<Visits.Past> history = visits.history(id);
    model.addAttribute("frame", frames.of(user.account(), workup, Station.TALK));
    String later = to.orElse(workup.file().visitId());
    String earlier =
        from.orElseGet(
            () ->
                workup
                    .file()
                    .baseline()
                    .or(() -> workup.file().earlier().stream().findFirst())
                    .map(EarlierVisit::visitId)
                    .orElse(""));
    model.addAttribute(
        "page",
        new VisitsPage(
            id,
            workup.closed(),
            mayStart(workup),
            history.stream().map(v -> line(workup, v, earlier, later)).toList(),
            comparison(workup, earlier, later)));
    return "visit/visits";
  }

  private Optional<Comparison> comparison(Workup workup, String earlier, String later) {
    String id = workup.file().id();
    Optional<EarlierVisit> a = files.visit(id, earlier);
    Optional<EarlierVisit> b = files.visit(id, later);
    if (a.isEmpty() || b.isEmpty() || earlier.equals(later)) {
      return Optional.empty();
    }
    boolean inOrder = !a.get().on().isAfter(b.get().on());
    return Optional.of(
        inOrder
            ? Comparisons.of(workup, a.get(), b.get())
            : Comparisons.of(workup, b.get(), a.get()));
  }

  private static VisitsPage.Line line(
      Workup workup, Visits.Past visit, String earlier, String later) {
    String state =
        visit.closed().map(c -> "closed by " + c.by() + ", " + Dates.moment(c.at())).orElse("open");
    boolean inHand = visit.id().equals(workup.file().visitId());
    return new VisitsPage.Line(
        visit.id(),
        Dates.day(visit.on()),
        visit.slots() == 0
            ? "nothing measured"
            : visit.slots() + (visit.slots() == 1 ? " reading" : " readings"),
        inHand || visit.closed().isPresent() ? state : "left open",
        inHand,
        workup.file().baseline().filter(v -> v.visitId().equals(visit.id())).isPresent(),
        visit.id().equals(earlier),
        visit.id().equals(later));
  }

  private static boolean mayStart(Workup workup) {
    return !workup.golfer().health().refer()
        && workup.consented()
        && workup.file().visitOn().isBefore(workup.today());
  }

  /** Starts a new visit today; not while a warning sign waits, since a new visit asks afresh. */
  @Door(Passage.OPEN)
  @PostMapping
  String start(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.open(user.account(), id);
    if (mayStart(workup)) {
      visits.start(user.account(), workup.file(), workup.today());
      standards.anew(user.account().practiceId());
    }
    workups.saved(user.account(), id);
    return "redirect:/golfers/{id}/talk";
  }

  @Door(Passage.OPEN)
  @PostMapping("/close")
  String close(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    GolferFile file = workups.file(user.account(), id);
    if (file.closed().isEmpty()) {
      visits.close(file, user.account());
    }
    return "redirect:/golfers/{id}/visits";
  }

  @Door(Passage.OPEN)
  @PostMapping("/resume")
  String resume(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    visits.resume(workups.file(user.account(), id));
    return "redirect:/golfers/{id}/measure";
  }

  /**
   * Chooses the earlier visit that Measure compares with; the same again goes back to the latest.
   */
  @Door(Passage.OPEN)
  @PostMapping("/{visit}/baseline")
  String baseline(
      @PathVariable String id, @PathVariable String visit, @AuthenticationPrincipal SignedIn user) {
    GolferFile file = workups.file(user.account(), id);
    boolean again = Facts.BASELINE.in(file).filter(visit::equals).isPresent();
    Optional<EarlierVisit> chosen =
        files.visit(id, visit).filter(v -> !v.visitId().equals(file.visitId()));
    if (chosen.isPresent() && file.closed().isEmpty() && Facts.CONSENT.isIn(file)) {
      Note note = again ? Facts.BASELINE.takenBack() : Facts.BASELINE.note(visit);
      journal.note(
          file, user.account(), note.called("compare with " + Dates.day(chosen.get().on())));
    }
    return "redirect:/golfers/{id}/visits";
  }
}
