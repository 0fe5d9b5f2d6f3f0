package loosehip.app.handover;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import loosehip.app.door.Door;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.paper.Pdf;
import loosehip.app.planview.PaperInk;
import loosehip.app.planview.PlanViewDrawing;
import loosehip.app.signin.SignedIn;
import loosehip.core.safety.Passage;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The handover as a page to print and as PDF. */
@Controller
class HandoverController {
  private final Workups workups;
  private final Handovers handovers;
  private final Pdf pdf;
  private final Clock clock;

  HandoverController(Workups workups, Handovers handovers, Pdf pdf, Clock clock) {
    this.workups = workups;
    this.handovers = handovers;
    this.pdf = pdf;
    this.clock = clock;
  }

  @Door(Passage.HANDS_OUT)
  @GetMapping("/golfers/{id}/handover")
  String handover(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    model.addAllAttributes(page(workups.open(user.account(), id), user));
    return "handover/handover";
  }

  @Door(Passage.HANDS_OUT)
  @GetMapping("/golfers/{id}/handover.pdf")
  ResponseEntity<byte[]> asPdf(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    Map<String, Object> page = page(workups.open(user.account(), id), user);
    page.put("ink", PaperInk.styles());
    return pdf.answer("handover/pdf", page, "handover.pdf");
  }

  /** The handover, and the picture from above where there is enough to draw. */
  private Map<String, Object> page(Workup workup, SignedIn user) {
    Map<String, Object> page = new HashMap<>();
    page.put("h", handovers.of(workup, user.account(), LocalDate.now(clock)));
    workup
        .judgement()
        .budget()
        .filter(b -> b.backMargin().isPresent())
        .map(b -> PlanViewDrawing.of(b, workup.judgement().hips(), workup.golfer().handed()))
        .ifPresent(view -> page.put("view", view));
    return page;
  }
}
