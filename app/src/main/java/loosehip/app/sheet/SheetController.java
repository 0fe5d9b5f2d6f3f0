package loosehip.app.sheet;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.paper.Pdf;
import loosehip.app.plan.PlanPage;
import loosehip.app.plan.PlanPages;
import loosehip.app.plan.Plans;
import loosehip.app.signin.SignedIn;
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
  private final Workups workups;
  private static final int CONTACT_MOST = 80;

  private final PlanPages pages;
  private final Plans plans;
  private final PracticeValues values;
  private final Pdf pdf;

  SheetController(Workups workups, PlanPages pages, Plans plans, PracticeValues values, Pdf pdf) {
    this.values = values;
    this.plans = plans;
    this.workups = workups;
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
    Workup workup = workups.open(user.account(), id);
    Optional<PlanPage> page = safe(workup, week);
    if (page.isEmpty()) {
      return "redirect:/golfers/{id}/plan";
    }
    model.addAttribute("sheet", sheet(workup, page.get(), user));
    return "sheet/sheet";
  }

  @Door(Passage.HANDS_OUT)
  @GetMapping("/golfers/{id}/sheet.pdf")
  ResponseEntity<byte[]> pdf(
      @PathVariable String id,
      @RequestParam(defaultValue = "0") int week,
      @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.open(user.account(), id);
    Optional<PlanPage> page = safe(workup, week);
    if (page.isEmpty()) {
      return Pdf.instead("/golfers/" + id + "/plan");
    }
    return pdf.answer("sheet/pdf", Map.of("sheet", sheet(workup, page.get(), user)), "routine.pdf");
  }

  /** The page of the plan; none while a caution noted since blocks any of it. */
  private Optional<PlanPage> safe(Workup workup, int week) {
    return plans.of(workup).filter(p -> !p.unsafe()).flatMap(p -> pages.of(workup, week));
  }

  /** Keeps how golfers reach this trainer, as it stands on every sheet; blank takes it away. */
  @Door(Passage.OPEN)
  @PostMapping("/golfers/{id}/sheet/contact")
  String contact(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String contact,
      @AuthenticationPrincipal SignedIn user) {
    String kept = Typed.kept(contact, CONTACT_MOST);
    values.setOwn(
        user.account(), PracticeValues.CONTACT, Optional.of(kept).filter(k -> !k.isEmpty()));
    return "redirect:/golfers/{id}/sheet";
  }

  private Sheet sheet(Workup workup, PlanPage page, SignedIn user) {
    return new Sheet(
        workup.file().id(),
        workup.file().name(),
        user.account().practiceName(),
        user.account().shownName(),
        values.contact(user.account()),
        page,
        workup.golfer().health().limits().stream()
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
