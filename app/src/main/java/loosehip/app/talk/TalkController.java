package loosehip.app.talk;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.app.door.AsksAgain;
import loosehip.app.door.Door;
import loosehip.app.door.Needs;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.fact.Station;
import loosehip.app.frame.Frames;
import loosehip.app.frame.WayBack;
import loosehip.app.golfer.GolferErased;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.plan.Consequences;
import loosehip.app.practice.RoomShelf;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Golfers;
import loosehip.app.store.Journal;
import loosehip.app.store.Note;
import loosehip.app.store.Position;
import loosehip.app.words.Dates;
import loosehip.core.body.Handed;
import loosehip.core.named.Named;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.Passage;
import loosehip.core.safety.WarningSign;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The talk before anybody moves. */
@Controller
class TalkController {
  private final Workups workups;
  private final Frames frames;
  private final Journal journal;
  private final Golfers golfers;
  private final Consequences consequences;
  private final ApplicationEventPublisher events;
  private final RoomShelf rooms;
  private final Clock clock;

  TalkController(
      Workups workups,
      Frames frames,
      Journal journal,
      Golfers golfers,
      Consequences consequences,
      ApplicationEventPublisher events,
      RoomShelf rooms,
      Clock clock) {
    this.rooms = rooms;
    this.events = events;
    this.clock = clock;
    this.workups = workups;
    this.frames = frames;
    this.journal = journal;
    this.golfers = golfers;
    this.consequences = consequences;
  }

  @Door(Passage.OPEN)
  @GetMapping("/golfers/{id}")
  String golfer(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    workups.file(user.account(), id);
    return "redirect:/golfers/{id}/talk";
  }

  @Door(Passage.OPEN)
  @GetMapping("/golfers/{id}/talk")
  String talk(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    return show(id, user, model, TypedClearance.NONE, "");
  }

  private String show(
      String id, SignedIn user, Model model, TypedClearance typed, String eraseProblem) {
    Workup workup = workups.open(user.account(), id);
    String lastOpened = golfers.lastAccess(id).map(TalkController::said).orElse("");
    golfers.opened(id, user.account());
    model.addAttribute("frame", frames.of(user.account(), workup, Station.TALK));
    model.addAttribute(
        "page",
        TalkPage.of(
            workup,
            rooms.of(user.account().practiceId()),
            lastOpened,
            consequences.of(workup),
            typed,
            eraseProblem));
    return "talk/talk";
  }

  private static String said(Golfers.LastAccess access) {
    return access.by() + ", " + Dates.moment(access.at());
  }

  /** Answers every warning-sign question not yet answered with no. */
  @Door(Passage.OPEN)
  @PostMapping("/golfers/{id}/talk/all-no")
  String allNo(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String then,
      @AuthenticationPrincipal SignedIn user) {
    GolferFile file = workups.file(user.account(), id);
    boolean open = file.closed().isEmpty() && Facts.CONSENT.isIn(file);
    if (open) {
      List<Note> unanswered =
          Arrays.stream(WarningSign.values())
              .map(Facts.WARNING::about)
              .filter(answer -> !answer.isIn(file))
              .map(answer -> answer.note(false))
              .toList();
      journal.note(file, user.account(), unanswered, "the rest answered no");
    }
    workups.saved(user.account(), id);
    return "redirect:" + WayBack.of(then, file.id()).orElse("/golfers/{id}/talk");
  }

  /** Notes that who consented to earlier words agrees to the present ones. */
  @Door(Passage.OPEN)
  @PostMapping("/golfers/{id}/talk/consent-again")
  String consentAgain(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    GolferFile file = workups.file(user.account(), id);
    if (Facts.CONSENT.isIn(file)) {
      String now = rooms.of(user.account().practiceId()).consent().id();
      journal.note(file, user.account(), Facts.CONSENT.noteTyped(now));
      workups.saved(user.account(), id);
    }
    return "redirect:/golfers/{id}/talk";
  }

  /** Ticks the tools golfers here usually have, as one step. */
  @Door(Passage.OPEN)
  @PostMapping("/golfers/{id}/talk/usual-tools")
  String usualTools(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    GolferFile file = workups.file(user.account(), id);
    if (file.closed().isEmpty() && Facts.CONSENT.isIn(file)) {
      List<Note> notes =
          rooms.of(user.account().practiceId()).tools().stream()
              .map(Facts.TOOL::about)
              .filter(tool -> !tool.isIn(file))
              .map(tool -> tool.note("yes"))
              .toList();
      journal.note(file, user.account(), notes, "the usual tools");
      workups.saved(user.account(), id);
    }
    return "redirect:/golfers/{id}/talk";
  }

  /** Says which way the golfer stands, and goes on to the page that waited for it. */
  @Door(Passage.OPEN)
  @PostMapping("/golfers/{id}/talk/hand")
  String hand(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String hand,
      @RequestParam(defaultValue = "") String then,
      @AuthenticationPrincipal SignedIn user) {
    GolferFile file = workups.file(user.account(), id);
    Optional<Handed> said = Named.parse(Handed.class, hand);
    if (!Facts.CONSENT.isIn(file)) {
      return "redirect:/golfers/{id}/talk";
    }
    said.ifPresent(way -> journal.note(file, user.account(), Facts.HANDED.note(way)));
    workups.saved(user.account(), id);
    return "redirect:" + WayBack.of(then, file.id()).orElse("/golfers/{id}/talk");
  }

  /** The days of the block on a calendar, when somebody wants it. */
  @Door(Passage.OPEN)
  @GetMapping("/golfers/{id}/talk/days-away")
  String daysAway(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    GolferFile file = workups.file(user.account(), id);
    model.addAttribute("away", DaysAway.of(file, LocalDate.now(clock)));
    return "talk/days-away";
  }

  /** The form for a clinician's clearance of a caution, when somebody wants it. */
  @Door(Passage.OPEN)
  @GetMapping("/golfers/{id}/talk/clear/{subject}")
  String clearance(
      @PathVariable String id,
      @PathVariable String subject,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    GolferFile file = workups.file(user.account(), id);
    Optional<Caution> caution = Named.parse(Caution.class, subject);
    if (caution.isEmpty()) {
      return "redirect:/golfers/{id}/talk";
    }
    model.addAttribute("golfer", file.id());
    model.addAttribute(
        "c", TalkPage.caution(file, caution.get(), TypedClearance.NONE, LocalDate.now(clock)));
    return "talk/clearance";
  }

  /** Records a clinician's clearance of a warning sign or of a caution. */
  @Door(Passage.OPEN)
  @PostMapping("/golfers/{id}/talk/clear/{subject}")
  String clear(
      @PathVariable String id,
      @PathVariable String subject,
      @RequestParam MultiValueMap<String, String> form,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    GolferFile file = workups.file(user.account(), id);
    TypedClearance typed = new TypedClearance(subject, form, "");
    Optional<String> problem = typed.wrong(LocalDate.now(clock));
    if (problem.isPresent()) {
      return show(id, user, model, typed.refused(problem.get()), "");
    }
    Clearance clearance = typed.clearance();
    clearing(subject).ifPresent(fact -> journal.note(file, user.account(), fact.note(clearance)));
    workups.saved(user.account(), id);
    boolean sign = Named.parse(WarningSign.class, subject).isPresent();
    return "redirect:/golfers/{id}/talk#" + (sign ? "warning-signs" : "h-cautions");
  }

  private static Optional<Fact<Clearance>> clearing(String subject) {
    return Named.parse(WarningSign.class, subject)
        .map(Facts.CLEARED_WARNING::about)
        .or(() -> Named.parse(Caution.class, subject).map(Facts.CLEARED_CAUTION::about));
  }

  /** Erases a golfer and everything kept, after the name was typed to confirm. */
  @Door(Passage.OPEN)
  @Needs(Position.TRAINER)
  @AsksAgain
  @PostMapping("/golfers/{id}/erase")
  String erase(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String confirm,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    GolferFile file = workups.file(user.account(), id);
    if (!confirm.strip().equalsIgnoreCase(file.name())) {
      return show(
          id,
          user,
          model,
          TypedClearance.NONE,
          "The name typed is not this golfer's. Nothing was erased.");
    }
    boolean gone = golfers.erase(file);
    workups.forget();
    events.publishEvent(new GolferErased(file.id()));
    return gone ? "redirect:/?erased" : "redirect:/?erased=nearly";
  }
}
