package loosehip.app.note;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Station;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.golfer.Dates;
import loosehip.app.golfer.Topic;
import loosehip.app.pivot.PivotInstrument;
import loosehip.app.plan.Consequences;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Golfers;
import loosehip.app.store.Journal;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** Saves one fact at a time and answers with what it changed: tabs, cautions, plan view, undo. */
@Controller
class NoteController {
  private final Benches benches;
  private final Journal journal;
  private final Golfers golfers;
  private final Frames frames;
  private final Consequences consequences;
  private final PivotInstrument instrument;
  private final Clock clock;

  NoteController(
      Benches benches,
      Journal journal,
      Golfers golfers,
      Frames frames,
      Consequences consequences,
      PivotInstrument instrument,
      Clock clock) {
    this.instrument = instrument;
    this.benches = benches;
    this.journal = journal;
    this.golfers = golfers;
    this.frames = frames;
    this.consequences = consequences;
    this.clock = clock;
  }

  @PostMapping("/golfers/{id}/notes/{topic}")
  String note(
      @PathVariable String id,
      @PathVariable String topic,
      @RequestParam(defaultValue = "") String value,
      @RequestParam(defaultValue = "") String label,
      @RequestHeader(name = "HX-Current-URL") Optional<String> page,
      @RequestHeader(name = "X-Tried") Optional<String> tried,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    GolferFile file = benches.fileToWrite(user.account(), id);
    Optional<Topic> kind = Topic.of(topic);
    Optional<String> problem =
        kind.isEmpty()
            ? Optional.of("This page asked for something unknown. Reload it; nothing was lost.")
            : kind.get().problem(topic, value, LocalDate.now(clock).getYear());
    Station station = kind.map(k -> station(k.station())).orElse(Station.TALK);
    if (problem.isEmpty() && kind.get() != Topic.CONSENT && file.value("consent").isEmpty()) {
      problem = Optional.of("Not kept: health data needs the golfer's consent first (Talk, top).");
    }
    if (problem.isEmpty() && kind.get().ofVisit() && file.closed().isPresent()) {
      problem =
          Optional.of("Not kept: this visit is closed. Resume it, or start a new one (Visits).");
    }
    if (problem.isEmpty() && kind.get() == Topic.WARNING && takesBack(file, topic, value)) {
      problem =
          Optional.of(
              "The yes stays: only a clinician's clearance closes it. If it was a slip, undo it"
                  + " (u).");
    }
    if (problem.isEmpty()) {
      journal.note(
          file,
          user.account(),
          topic,
          Optional.of(value.strip()).filter(v -> !v.isEmpty()),
          kind.get().ofVisit(),
          label.isBlank() ? topic.replace('.', ' ') : label,
          kind.get().station());
    }
    Bench bench =
        problem.isEmpty() ? benches.saved(user.account(), id) : benches.open(user.account(), id);
    model.addAttribute("topic", topic);
    model.addAttribute("problem", problem.orElse(""));
    if (topic.contains("caution")) {
      model.addAttribute("consequences", consequences.of(bench));
    }
    afterSave(model, user, bench, station);
    instrument.again(model, bench, page, tried);
    return "frame/after-save";
  }

  /** Whether this answer would quietly take back a warning sign that nobody has cleared. */
  private static boolean takesBack(GolferFile file, String topic, String value) {
    String cleared = Topic.CLEARED_WARNING.about(Topic.subject(topic));
    return file.value(topic).filter("yes"::equals).isPresent()
        && file.value(cleared).isEmpty()
        && !value.equals("yes");
  }

  @PostMapping("/golfers/{id}/name")
  String rename(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String value,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    GolferFile file = benches.file(user.account(), id);
    String name = value.strip();
    String problem =
        name.isEmpty()
            ? "A golfer needs a name; the old one is kept."
            : name.length() > 80 ? "At most 80 letters." : "";
    if (problem.isEmpty()) {
      golfers.rename(file, name);
    }
    model.addAttribute("topic", "name");
    model.addAttribute("problem", problem);
    afterSave(model, user, benches.open(user.account(), id), Station.TALK);
    return "frame/after-save";
  }

  @PostMapping("/golfers/{id}/undo")
  String undo(
      @PathVariable String id,
      @AuthenticationPrincipal SignedIn user,
      @RequestParam(defaultValue = "") String here) {
    GolferFile file = benches.file(user.account(), id);
    String back = here.startsWith("/golfers/" + id) ? here : "/golfers/" + id + "/talk";
    String join = back.contains("?") ? "&" : "?";
    if (file.closed().isPresent()) {
      return "redirect:" + back + join + "visit-closed";
    }
    Optional<Journal.UndoneStep> undone = journal.undo(file, user.account());
    benches.saved(user.account(), id);
    return "redirect:" + back + join + (undone.isPresent() ? "undone" : "nothing-to-undo");
  }

  private void afterSave(Model model, SignedIn user, Bench bench, Station station) {
    model.addAttribute("saved", Dates.saved(LocalTime.now(clock)));
    model.addAttribute("frame", frames.of(user.account(), bench, station));
    model.addAttribute("bench", bench);
  }

  private static Station station(String id) {
    for (Station station : Station.values()) {
      if (station.id().equals(id)) {
        return station;
      }
    }
    return Station.TALK;
  }
}
