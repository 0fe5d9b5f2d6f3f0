package loosehip.app.casefile;

import loosehip.app.door.Door;
import loosehip.app.door.Needs;
import loosehip.app.fact.Facts;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Position;
import loosehip.core.safety.Passage;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Hands out a golfer's case file. */
@Controller
class CaseController {
  private final Workups workups;

  CaseController(Workups workups) {
    this.workups = workups;
  }

  @Door(Passage.OPEN)
  @Needs(Position.TRAINER)
  @GetMapping("/golfers/{id}/case.json")
  ResponseEntity<String> caseFile(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.open(user.account(), id);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("case.json").build().toString())
        .body(CaseWriter.write(workup.golfer(), Facts.TEST_NOTE.in(workup.file())));
  }
}
