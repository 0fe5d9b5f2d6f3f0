package loosehip.app.talk;

import loosehip.app.door.AsksAgain;
import loosehip.app.door.Door;
import loosehip.app.door.Needs;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferExports;
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
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Hands a golfer everything that is kept about them. */
@Controller
class ExportController {
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  private final Workups workups;
  private final GolferExports exports;

  ExportController(Workups workups, GolferExports exports) {
    this.workups = workups;
    this.exports = exports;
  }

  @Door(Passage.OPEN)
  @Needs(Position.TRAINER)
  @AsksAgain
  @GetMapping("/golfers/{id}/everything.json")
  ResponseEntity<String> everything(
      @PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    workups.file(user.account(), id);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("everything.json").build().toString())
        .body(
            JSON.writeValueAsString(
                exports.everything(user.account().practiceId(), id).orElseThrow()));
  }
}
