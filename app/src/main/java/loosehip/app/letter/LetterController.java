package loosehip.app.letter;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import loosehip.app.door.Door;
import loosehip.app.door.Needs;
import loosehip.app.golfer.GolferCode;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.paper.Pdf;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Position;
import loosehip.app.words.Typed;
import loosehip.core.safety.Passage;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * The letter as a page and as PDF. It is there above all while everything waits for a clinician, so
 * its door is open. What is typed as the reason is printed and kept nowhere, and stands in no
 * address.
 */
@Controller
class LetterController {
  private static final int WHY_MOST = 600;

  private final Workups workups;
  private final Pdf pdf;
  private final Clock clock;

  LetterController(Workups workups, Pdf pdf, Clock clock) {
    this.workups = workups;
    this.pdf = pdf;
    this.clock = clock;
  }

  @Door(Passage.OPEN)
  @Needs(Position.TRAINER)
  @GetMapping("/golfers/{id}/letter")
  String letter(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    return page(id, "", user, model);
  }

  /** The same with the reason as typed. */
  @Door(Passage.OPEN)
  @Needs(Position.TRAINER)
  @PostMapping("/golfers/{id}/letter")
  String letter(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String why,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    return page(id, why, user, model);
  }

  private String page(String id, String why, SignedIn user, Model model) {
    model.addAttribute("l", of(id, why, user));
    return "letter/letter";
  }

  private ClinicianLetter of(String id, String why, SignedIn user) {
    Workup workup = workups.open(user.account(), id);
    return ClinicianLetter.of(
        workup, user.account(), Typed.kept(why, WHY_MOST), LocalDate.now(clock));
  }

  /** What was measured, for a clinic's own system. */
  @Door(Passage.OPEN)
  @Needs(Position.TRAINER)
  @GetMapping("/golfers/{id}/fhir.json")
  ResponseEntity<String> bundle(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.open(user.account(), id);
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("application/fhir+json"))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("measured-" + GolferCode.of(id) + ".fhir.json")
                .build()
                .toString())
        .body(ClinicianBundle.json(workup, LocalDate.now(clock)));
  }

  @Door(Passage.OPEN)
  @Needs(Position.TRAINER)
  @PostMapping("/golfers/{id}/letter.pdf")
  ResponseEntity<byte[]> asPdf(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String why,
      @AuthenticationPrincipal SignedIn user) {
    Map<String, Object> page = new HashMap<>();
    page.put("l", of(id, why, user));
    return pdf.answer("letter/pdf", page, "letter.pdf");
  }
}
