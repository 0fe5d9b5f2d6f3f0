package loosehip.app.casefile;

import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.door.Needs;
import loosehip.app.frame.Frames;
import loosehip.app.frame.NotHere;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.golfer.Workups;
import loosehip.app.practice.RoomShelf;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.CasesTaken;
import loosehip.app.store.Glance;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Golfers;
import loosehip.app.store.Position;
import loosehip.app.words.Typed;
import loosehip.core.casefile.CaseFile;
import loosehip.core.safety.Guard;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/**
 * Brings case files in: looked at first, taken as a new golfer or as a visit, undone in one step.
 */
@Controller
class CaseInController {
  private static final int NAME_MOST = 80;
  private static final String GUARDIAN_FIRST =
      "Nothing was taken: under 18 a guardian must consent first. Add the golfer by name, note the"
          + " guardian on Talk, and take this as their visit.";

  private final Frames frames;
  private final CasesTaken taken;
  private final Golfers golfers;
  private final Workups workups;
  private final StandardsShelf standards;
  private final RoomShelf rooms;
  private final NewFromCase fresh;
  private final Clock clock;

  CaseInController(
      Frames frames,
      CasesTaken taken,
      Golfers golfers,
      Workups workups,
      StandardsShelf standards,
      RoomShelf rooms,
      NewFromCase fresh,
      Clock clock) {
    this.rooms = rooms;
    this.fresh = fresh;
    this.frames = frames;
    this.taken = taken;
    this.golfers = golfers;
    this.workups = workups;
    this.standards = standards;
    this.clock = clock;
  }

  @Needs(Position.TRAINER)
  @GetMapping("/cases")
  String cases(@AuthenticationPrincipal SignedIn user, HttpSession session, Model model) {
    return list(user, session, "", model);
  }

  private String list(SignedIn user, HttpSession session, String problem, Model model) {
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute(
        "page",
        new CasesPage(
            WaitingCases.of(session).all().stream().map(CasesPage.Line::of).toList(),
            taken.newest(user.account().practiceId()),
            problem,
            rooms.of(user.account().practiceId()).consent().text()));
    return "casefile/cases";
  }

  @Needs(Position.TRAINER)
  @PostMapping("/cases")
  String bring(
      @RequestParam Optional<List<MultipartFile>> file,
      @AuthenticationPrincipal SignedIn user,
      HttpSession session,
      Model model)
      throws IOException {
    List<MultipartFile> files = file.orElse(List.of()).stream().filter(f -> !f.isEmpty()).toList();
    if (files.isEmpty()) {
      return list(user, session, "Choose a case file, or a zip of them. Nothing was read.", model);
    }
    WaitingCases waiting = WaitingCases.of(session);
    for (MultipartFile each : files) {
      String name = Optional.ofNullable(each.getOriginalFilename()).orElse("");
      waiting.bring(name, each.getBytes(), LocalDate.now(clock));
    }
    List<WaitingCases.Waiting> all = waiting.all();
    boolean one = all.size() == 1 && all.get(0).golfer().isPresent();
    return one ? "redirect:/cases/" + all.get(0).id() : "redirect:/cases";
  }

  private static WaitingCases.Waiting waiting(HttpSession session, String id) {
    return WaitingCases.of(session)
        .one(id)
        .filter(w -> w.golfer().isPresent())
        .orElseThrow(
            () ->
                new NotHere(
                    "This file does not wait here any more: it was taken, let go, or the session"
                        + " ended. Nothing of it was kept; bring it again."));
  }

  @Needs(Position.TRAINER)
  @GetMapping("/cases/{waiting}")
  String look(
      @PathVariable String waiting,
      @RequestParam(defaultValue = "") String golfer,
      @AuthenticationPrincipal SignedIn user,
      HttpSession session,
      Model model) {
    return look(waiting(session, waiting), golfer, "", "", user, model);
  }

  private String look(
      WaitingCases.Waiting file,
      String golfer,
      String name,
      String problem,
      SignedIn user,
      Model model) {
    Optional<GolferFile> beside =
        golfer.isEmpty() ? Optional.empty() : Optional.of(workups.file(user.account(), golfer));
    List<Glance> all = golfers.all(user.account().practiceId());
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute(
        "page",
        CasePage.of(
            file,
            beside,
            all,
            name,
            problem,
            rooms.of(user.account().practiceId()).consent().text(),
            LocalDate.now(clock)));
    return "casefile/case";
  }

  /** Takes one; as a new golfer with their name and consent, or as a visit of one there already. */
  @Needs(Position.TRAINER)
  @PostMapping("/cases/{waiting}/take")
  String take(
      @PathVariable String waiting,
      @RequestParam(defaultValue = "") String golfer,
      @RequestParam(defaultValue = "") String name,
      @RequestParam(defaultValue = "") String consent,
      @RequestParam(defaultValue = "") String on,
      @AuthenticationPrincipal SignedIn user,
      HttpSession session,
      Model model) {
    WaitingCases.Waiting file = waiting(session, waiting);
    LocalDate today = LocalDate.now(clock);
    Optional<LocalDate> day = on.isEmpty() ? Optional.of(today) : Typed.day(on);
    String named = Typed.line(name);
    String problem =
        day.filter(d -> !d.isAfter(today) && d.getYear() >= CasePage.EARLIEST_YEAR).isEmpty()
            ? "On which day was this measured? It lies in the past, such as 2026-11-25."
            : golfer.isEmpty() ? newProblem(file, named, consent) : visitProblem(user, golfer);
    if (!problem.isEmpty()) {
      return look(file, golfer, name, problem, user, model);
    }
    String id = golfer;
    if (golfer.isEmpty()) {
      id = fresh.asNew(user.account(), named, day.get(), file);
    } else {
      taken.asVisit(
          user.account(),
          workups.file(user.account(), golfer),
          day.get(),
          fresh.contents(file, day.get()));
    }
    WaitingCases.of(session).drop(file.id());
    standards.anew(user.account().practiceId());
    workups.forget();
    workups.saved(user.account(), id);
    return "redirect:/golfers/" + id + "/talk";
  }

  private String newProblem(WaitingCases.Waiting file, String name, String consent) {
    if (guardianMissing(file)) {
      return GUARDIAN_FIRST;
    }
    if (name.isEmpty() || name.length() > NAME_MOST) {
      return "A new golfer needs a name of at most " + NAME_MOST + " letters.";
    }
    return consent.isEmpty()
        ? "Nothing was taken: health data needs the golfer's consent first. Ask, then tick it."
        : "";
  }

  private String visitProblem(SignedIn user, String golfer) {
    Guard.Permission permission = workups.guard(user.account(), golfer).permission();
    if (permission.guardianMissing()) {
      return "Nothing was taken: under 18 a guardian must consent first (Talk).";
    }
    return permission.consented()
        ? ""
        : "Nothing was taken: this golfer's consent comes first (Talk).";
  }

  /** Whether a file is about somebody who is, or could be, under 18 and names no guardian. */
  private boolean guardianMissing(WaitingCases.Waiting file) {
    return file.golfer()
        .map(CaseFile::who)
        .filter(who -> who.couldBeMinor(LocalDate.now(clock)) && who.guardian().isEmpty())
        .isPresent();
  }

  /** Takes all that can be taken as new golfers, named as their files name them. */
  @Needs(Position.TRAINER)
  @PostMapping("/cases/take-all")
  String takeAll(
      @RequestParam(defaultValue = "") String consent,
      @AuthenticationPrincipal SignedIn user,
      HttpSession session,
      Model model,
      RedirectAttributes flash) {
    if (consent.isEmpty()) {
      return list(
          user,
          session,
          "Nothing was taken: health data needs each golfer's consent first. Ask, then tick it.",
          model);
    }
    WaitingCases waiting = WaitingCases.of(session);
    List<String> ids = new ArrayList<>();
    for (WaitingCases.Waiting file : waiting.all()) {
      if (file.golfer().isPresent() && !guardianMissing(file)) {
        ids.add(fresh.asNew(user.account(), CasesPage.nameOf(file), newest(file), file));
        waiting.drop(file.id());
      }
    }
    standards.anew(user.account().practiceId());
    workups.forget();
    ids.forEach(id -> workups.saved(user.account(), id));
    flash.addFlashAttribute("told", ids.size() + " taken as new golfers.");
    return "redirect:/cases";
  }

  /** One of many, taken as somebody new: a page that takes all asks for each, to tell how far. */
  @Needs(Position.TRAINER)
  @PostMapping("/cases/{waiting}/take-new")
  ResponseEntity<Void> takeNew(
      @PathVariable String waiting,
      @RequestParam(defaultValue = "") String consent,
      @AuthenticationPrincipal SignedIn user,
      HttpSession session) {
    WaitingCases.Waiting file = waiting(session, waiting);
    if (consent.isEmpty() || guardianMissing(file)) {
      return ResponseEntity.status(HttpStatus.CONFLICT).build();
    }
    String id = fresh.asNew(user.account(), CasesPage.nameOf(file), newest(file), file);
    WaitingCases.of(session).drop(waiting);
    standards.anew(user.account().practiceId());
    workups.forget();
    workups.saved(user.account(), id);
    return ResponseEntity.noContent().build();
  }

  private LocalDate newest(WaitingCases.Waiting file) {
    LocalDate today = LocalDate.now(clock);
    return file.newest().filter(d -> !d.isAfter(today)).orElse(today);
  }

  @Needs(Position.TRAINER)
  @PostMapping("/cases/{waiting}/drop")
  String drop(@PathVariable String waiting, HttpSession session) {
    WaitingCases.of(session).drop(waiting);
    return "redirect:/cases";
  }

  /** Takes all of a file back. */
  @Needs(Position.TRAINER)
  @PostMapping("/cases/taken/{id}/undo")
  String undo(
      @PathVariable String id, @AuthenticationPrincipal SignedIn user, RedirectAttributes flash) {
    String told =
        switch (taken.undo(user.account(), id)) {
          case DONE -> "Taken back: nothing of the file is kept any more.";
          case GONE_ON_WITH ->
              "Nothing was taken back: somebody has gone on with what it brought. Change it there,"
                  + " or erase the golfer on Talk.";
          case NOT_THERE -> "That file was taken back before.";
        };
    standards.anew(user.account().practiceId());
    workups.forget();
    flash.addFlashAttribute("told", told);
    return "redirect:/cases";
  }

  /** The name a file gives itself. */
  static String named(String fileName) {
    String name = fileName.replaceFirst("(?i)\\.json$", "").replace('-', ' ').replace('_', ' ');
    return name.isBlank()
        ? "Somebody"
        : name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
  }
}
