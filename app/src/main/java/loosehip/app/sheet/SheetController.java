package loosehip.app.sheet;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.paper.Pdf;
import loosehip.app.plan.PlanPage;
import loosehip.app.plan.PlanPages;
import loosehip.app.plan.Plans;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Noted;
import loosehip.app.store.PracticeValues;
import loosehip.app.words.NoticeWords;
import loosehip.app.words.SafetyWords;
import loosehip.app.words.Typed;
import loosehip.core.safety.Passage;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The golfer's sheet: what to do at home, as a page to print and as PDF. */
@Controller
class SheetController {
  private final Benches benches;
  private static final String CONTACT = "contact";
  private static final int CONTACT_MOST = 80;

  private final PlanPages pages;
  private final Plans plans;
  private final PracticeValues values;
  private final Pdf pdf;

  SheetController(Benches benches, PlanPages pages, Plans plans, PracticeValues values, Pdf pdf) {
    this.values = values;
    this.plans = plans;
    this.benches = benches;
    this.pages = pages;
    this.pdf = pdf;
  }

  @Door(Passage.HANDS_OUT)
  @GetMapping("/golfers/{id}/sheet")
  String sheet(
      @PathVariable String id,
      @RequestParam(defaultValue = "0") int week,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.open(user.account(), id);
    Optional<PlanPage> page = safe(bench, week);
    if (page.isEmpty()) {
      return "redirect:/golfers/{id}/plan";
    }
    model.addAttribute("sheet", sheet(bench, page.get(), user));
    return "sheet/sheet";
  }

  @Door(Passage.HANDS_OUT)
  @GetMapping("/golfers/{id}/sheet.pdf")
  ResponseEntity<byte[]> pdf(
      @PathVariable String id,
      @RequestParam(defaultValue = "0") int week,
      @AuthenticationPrincipal SignedIn user) {
    Bench bench = benches.open(user.account(), id);
    Optional<PlanPage> page = safe(bench, week);
    if (page.isEmpty()) {
      return Pdf.instead("/golfers/" + id + "/plan");
    }
    return pdf.answer("sheet/pdf", Map.of("sheet", sheet(bench, page.get(), user)), "routine.pdf");
  }

  /** The page of the plan; none while a caution noted since blocks any of it. */
  private Optional<PlanPage> safe(Bench bench, int week) {
    return plans.of(bench).filter(p -> !p.unsafe()).flatMap(p -> pages.of(bench, week));
  }

  /** Keeps how golfers reach this trainer, as it stands on every sheet; blank takes it away. */
  @Door(Passage.OPEN)
  @PostMapping("/golfers/{id}/sheet/contact")
  String contact(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String contact,
      @AuthenticationPrincipal SignedIn user) {
    String kept = Typed.kept(contact, CONTACT_MOST);
    values.setOwn(user.account(), CONTACT, Optional.of(kept).filter(k -> !k.isEmpty()));
    return "redirect:/golfers/{id}/sheet";
  }

  private Sheet sheet(Bench bench, PlanPage page, SignedIn user) {
    return new Sheet(
        bench.file().id(),
        bench.file().name(),
        user.account().practiceName(),
        user.account().shownName(),
        Optional.ofNullable(values.ofPerson(user.account()).get(CONTACT))
            .map(Noted::value)
            .orElse(""),
        page,
        bench.golfer().health().limits().stream()
            .flatMap(c -> SafetyWords.limits(c).stream())
            .distinct()
            .toList(),
        NoticeWords.DECISION_AID);
  }

  /**
   * What the sheet says.
   *
   * @param id the golfer's id
   * @param golfer whose it is
   * @param practice the practice
   * @param trainer whom to tell
   * @param contact how to reach them; empty when they gave nothing
   * @param plan the block
   * @param limits what a clinician said must not be
   * @param aid what every reader is told
   */
  public record Sheet(
      String id,
      String golfer,
      String practice,
      String trainer,
      String contact,
      PlanPage plan,
      List<String> limits,
      String aid) {
    /** Whom to tell, and how to reach them. */
    public String whomToTell() {
      return contact.isEmpty() ? trainer : trainer + ", " + contact;
    }
  }
}
