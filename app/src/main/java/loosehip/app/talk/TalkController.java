package loosehip.app.talk;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Station;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.golfer.Dates;
import loosehip.app.golfer.Topic;
import loosehip.app.plan.Consequences;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Golfers;
import loosehip.app.store.Journal;
import loosehip.core.link.Complaint;
import loosehip.core.plan.Tool;
import loosehip.core.safety.Caution;
import loosehip.core.safety.WarningSign;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The talk before anybody moves. */
@Controller
class TalkController {
  /** The wording consent is given to; the number changes with the words. */
  private static final String CONSENT_WORDING = "wording 1";

  private final Benches benches;
  private final Frames frames;
  private final Journal journal;
  private final Golfers golfers;
  private final Consequences consequences;

  TalkController(
      Benches benches, Frames frames, Journal journal, Golfers golfers, Consequences consequences) {
    this.benches = benches;
    this.frames = frames;
    this.journal = journal;
    this.golfers = golfers;
    this.consequences = consequences;
  }

  @GetMapping("/golfers/{id}")
  String golfer(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    benches.file(user.account(), id);
    return "redirect:/golfers/" + id + "/talk";
  }

  @GetMapping("/golfers/{id}/talk")
  String talk(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Bench bench = benches.open(user.account(), id);
    model.addAttribute("lastAccess", golfers.lastAccess(id).map(TalkController::said).orElse(""));
    golfers.opened(id, user.account());
    model.addAttribute("frame", frames.of(user.account(), bench, Station.TALK));
    model.addAttribute("bench", bench);
    model.addAttribute("file", bench.file());
    model.addAttribute("visitOn", Dates.day(bench.file().visitOn()));
    model.addAttribute("signs", WarningSign.values());
    model.addAttribute("cautions", cautions(bench));
    model.addAttribute("consequences", consequences.of(bench));
    model.addAttribute("complaints", Complaint.values());
    model.addAttribute("tools", Tool.values());
    model.addAttribute("wording", CONSENT_WORDING);
    return "talk/talk";
  }

  private static String said(Golfers.LastAccess access) {
    return access.by() + ", " + Dates.moment(access.at());
  }

  private static List<Caution> cautions(Bench bench) {
    boolean minor = bench.age().filter(a -> a < 18).isPresent();
    return Arrays.stream(Caution.values()).filter(c -> c != Caution.UNDER_18 || minor).toList();
  }

  /** Answers every warning-sign question not yet answered with no. */
  @PostMapping("/golfers/{id}/talk/all-no")
  String allNo(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    GolferFile file = benches.file(user.account(), id);
    for (WarningSign sign : WarningSign.values()) {
      String topic = Topic.WARNING.about(sign.id());
      boolean open = file.closed().isEmpty() && file.value("consent").isPresent();
      if (open && file.value(topic).isEmpty()) {
        journal.note(
            file, user.account(), topic, Optional.of("no"), true, "no: " + sign.id(), "talk");
      }
    }
    benches.saved(user.account(), id);
    return "redirect:/golfers/" + id + "/talk#warning-signs";
  }

  /** Records a clinician's clearance of a warning sign or of a caution. */
  @PostMapping("/golfers/{id}/talk/clear/{subject}")
  String clear(
      @PathVariable String id,
      @PathVariable String subject,
      @RequestParam(defaultValue = "") String clinician,
      @RequestParam(defaultValue = "") String on,
      @RequestParam(defaultValue = "") String limits,
      @RequestParam(defaultValue = "") String review,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Clearance clearance =
        new Clearance(clinician.strip(), on.strip(), limits.strip(), review.strip());
    var problem = clearance.problem();
    if (problem.isPresent()) {
      model.addAttribute("clearanceProblem", problem.get());
      model.addAttribute("clearanceSign", subject);
      model.addAttribute("clearance", clearance);
      return talk(id, user, model);
    }
    GolferFile file = benches.file(user.account(), id);
    cleared(subject)
        .ifPresent(
            topic ->
                journal.note(
                    file,
                    user.account(),
                    topic,
                    Optional.of(clearance.words()),
                    Topic.of(topic).orElseThrow().ofVisit(),
                    "clearance: " + subject,
                    "talk"));
    benches.saved(user.account(), id);
    boolean sign = WarningSign.parse(subject).isPresent();
    return "redirect:/golfers/" + id + "/talk#" + (sign ? "warning-signs" : "h-cautions");
  }

  private static Optional<String> cleared(String subject) {
    return WarningSign.parse(subject)
        .map(s -> Topic.CLEARED_WARNING.about(s.id()))
        .or(() -> Caution.parse(subject).map(c -> Topic.CLEARED_CAUTION.about(c.id())));
  }

  /** Erases a golfer and everything kept, after the name was typed to confirm. */
  @PostMapping("/golfers/{id}/erase")
  String erase(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String confirm,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    GolferFile file = benches.file(user.account(), id);
    if (!confirm.strip().equalsIgnoreCase(file.name())) {
      model.addAttribute(
          "eraseProblem", "The name typed is not this golfer's. Nothing was erased.");
      return talk(id, user, model);
    }
    golfers.erase(file);
    return "redirect:/?erased";
  }
}
