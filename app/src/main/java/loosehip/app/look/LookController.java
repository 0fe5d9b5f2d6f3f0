package loosehip.app.look;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import loosehip.app.door.AsksAgain;
import loosehip.app.door.Door;
import loosehip.app.door.Needs;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Looks;
import loosehip.app.store.Position;
import loosehip.app.words.Dates;
import loosehip.app.words.Spreadsheet;
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
import org.springframework.web.bind.annotation.RequestParam;

/** Shows the owner who looked, and a trainer who looked at one golfer. */
@Controller
class LookController {
  private static final int A_PAGE = 100;
  private static final int AN_EXPORT = 100_000;

  private final Frames frames;
  private final Looks looks;
  private final Workups workups;

  LookController(Frames frames, Looks looks, Workups workups) {
    this.frames = frames;
    this.looks = looks;
    this.workups = workups;
  }

  /**
   * Looks, ready to be shown.
   *
   * @param title of the page
   * @param lines the newest first
   * @param older where older ones begin; 0 when there are none
   * @param exports whether they can be exported here
   */
  record LooksPage(String title, List<Line> lines, int older, boolean exports) {}

  /** A look in words. */
  record Line(String at, String by, String done, String golfer) {}

  private static Line line(Looks.Look look) {
    return new Line(
        Dates.moment(look.at()),
        look.by().orElse("somebody"),
        look.act().words() + (look.about().isEmpty() ? "" : ": " + look.about()),
        look.golfer().orElse(""));
  }

  @Needs(Position.OWNER)
  @GetMapping("/people/looks")
  String looks(
      @RequestParam(defaultValue = "2147483647") int before,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    List<Looks.Look> found = looks.of(user.account().practiceId(), before, A_PAGE);
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute(
        "page",
        new LooksPage(
            "Who looked",
            found.stream().map(LookController::line).toList(),
            found.size() == A_PAGE ? found.get(A_PAGE - 1).id() : 0,
            true));
    return "look/looks";
  }

  @Needs(Position.OWNER)
  @AsksAgain
  @GetMapping("/people/looks.csv")
  ResponseEntity<byte[]> export(@AuthenticationPrincipal SignedIn user) {
    StringWriter text = new StringWriter();
    try (CsvWriter csv = CsvWriter.builder().build(text)) {
      csv.writeRecord("at", "by", "act", "about", "golfer");
      looks
          .of(user.account().practiceId(), Integer.MAX_VALUE, AN_EXPORT)
          .forEach(
              l ->
                  csv.writeRecord(
                      l.at().toString(),
                      Spreadsheet.words(l.by().orElse("")),
                      l.act().id(),
                      l.about(),
                      Spreadsheet.words(l.golfer().orElse(""))));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("who-looked.csv").build().toString())
        .body(text.toString().getBytes(StandardCharsets.UTF_8));
  }

  @Door(Passage.OPEN)
  @Needs(Position.TRAINER)
  @GetMapping("/golfers/{id}/looks")
  String ofGolfer(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    GolferFile file = workups.fileToWrite(user.account(), id);
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute(
        "page",
        new LooksPage(
            "Who looked at " + file.name(),
            looks.at(file, A_PAGE).stream().map(LookController::line).toList(),
            0,
            false));
    return "look/looks";
  }
}
