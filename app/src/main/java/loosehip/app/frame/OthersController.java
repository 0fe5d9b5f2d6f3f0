package loosehip.app.frame;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.golfer.Presence;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Golfers;
import loosehip.app.words.Dates;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** Tells a page who else has its golfer open, and what they changed since it was drawn. */
@Controller
class OthersController {
  private final Workups workups;
  private final Presence presence;
  private final GolferFiles files;

  OthersController(Workups workups, Presence presence, GolferFiles files) {
    this.workups = workups;
    this.presence = presence;
    this.files = files;
  }

  /**
   * Who else has the golfer open.
   *
   * @param names their names
   * @param changed what they changed since the page was drawn, in words; empty when nothing
   */
  public record Others(List<String> names, Optional<String> changed) {}

  @Door(Passage.OPEN)
  @GetMapping("/golfers/{id}/others")
  String others(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String since,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    GolferFile file = workups.file(user.account(), id);
    presence.here(id, user.account());
    model.addAttribute(
        "others",
        new Others(
            presence.others(id, user.account()),
            files
                .newestByOthers(file, user.account().id())
                .filter(newest -> newest.at().isAfter(drawn(since)))
                .map(OthersController::words)));
    return "frame/others-answer";
  }

  private static Instant drawn(String since) {
    return Optional.of(since)
        .filter(s -> !s.isBlank())
        .map(
            s -> {
              try {
                return Instant.parse(s);
              } catch (DateTimeParseException e) {
                return Instant.MAX;
              }
            })
        .orElse(Instant.MAX);
  }

  private static String words(Golfers.LastAccess newest) {
    return newest.by()
        + " changed something here at "
        + Dates.clock(LocalTime.ofInstant(newest.at(), ZoneId.systemDefault()));
  }
}
