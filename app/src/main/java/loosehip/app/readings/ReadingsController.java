package loosehip.app.readings;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Optional;
import loosehip.app.door.AsksAgain;
import loosehip.app.door.Door;
import loosehip.app.door.Needs;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.DataFolder;
import loosehip.app.store.Position;
import loosehip.app.store.ReadingFiles;
import loosehip.app.words.Typed;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Readings in and out: bring a file, see what would happen row by row, take it, undo it. */
@Controller
class ReadingsController {
  private static final int LINES_A_PAGE = 100;
  private static final int NAME_MOST = 120;

  private final Frames frames;
  private final Workups workups;
  private final ReadingFiles files;
  private final Intake intake;
  private final ReadingsOut out;
  private final DataFolder folder;

  ReadingsController(
      Frames frames,
      Workups workups,
      ReadingFiles files,
      Intake intake,
      ReadingsOut out,
      DataFolder folder) {
    this.folder = folder;
    this.frames = frames;
    this.workups = workups;
    this.files = files;
    this.intake = intake;
    this.out = out;
  }

  @GetMapping("/readings")
  String readings(@AuthenticationPrincipal SignedIn user, Model model) {
    return show(user, model, "");
  }

  private String show(SignedIn user, Model model, String problem) {
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute(
        "page",
        new ReadingsPage(
            files.newest(user.account().practiceId()),
            Columns.KNOWN.entrySet().stream()
                .map(c -> new ReadingsPage.Column(c.getKey(), c.getValue()))
                .toList(),
            problem));
    return "library/readings";
  }

  @Needs(Position.TRAINER)
  @PostMapping("/readings")
  String bring(
      @RequestParam Optional<MultipartFile> file,
      @AuthenticationPrincipal SignedIn user,
      Model model,
      RedirectAttributes redirect)
      throws IOException {
    if (file.isEmpty() || file.get().isEmpty()) {
      return show(user, model, "Choose a CSV file first. Nothing was read.");
    }
    Path copy = Files.createTempFile(folder.uploads(), "readings", ".csv");
    try (InputStream in = file.get().getInputStream()) {
      Files.copy(in, copy, StandardCopyOption.REPLACE_EXISTING);
    }
    String name = Optional.ofNullable(file.get().getOriginalFilename()).orElse("file");
    redirect.addAttribute("id", intake.check(user.account(), Typed.line(name, NAME_MOST), copy));
    return "redirect:/readings/{id}";
  }

  @GetMapping("/readings/{id}")
  String file(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String outcome,
      @RequestParam(defaultValue = "0") int after,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Optional<ReadingFiles.FileState> standing = files.find(user.account().practiceId(), id);
    if (standing.isEmpty()) {
      return "redirect:/readings";
    }
    model.addAttribute("frame", frames.of(user.account()));
    show(model, standing.get(), outcome, after);
    return "library/reading-file";
  }

  private void show(Model model, ReadingFiles.FileState standing, String outcome, int after) {
    List<ReadingFiles.Line> lines =
        standing.checking() ? List.of() : files.lines(standing.id(), outcome, after, LINES_A_PAGE);
    model.addAttribute("page", FilePage.of(standing, outcome, lines, lines.size() == LINES_A_PAGE));
  }

  /** The state alone, asked again and again while work goes on. */
  @GetMapping("/readings/{id}/state")
  String state(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String outcome,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Optional<ReadingFiles.FileState> standing = files.find(user.account().practiceId(), id);
    if (standing.isEmpty()) {
      return "redirect:/readings";
    }
    show(model, standing.get(), outcome, 0);
    return "library/reading-file-state";
  }

  @Needs(Position.TRAINER)
  @PostMapping("/readings/{id}/take")
  String take(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    files.find(user.account().practiceId(), id).ifPresent(f -> intake.take(f.id(), user.account()));
    return "redirect:/readings/{id}";
  }

  @Needs(Position.TRAINER)
  @PostMapping("/readings/{id}/undo")
  String undo(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    files.find(user.account().practiceId(), id).ifPresent(f -> intake.undo(f.id(), user.account()));
    return "redirect:/readings/{id}";
  }

  @Needs(Position.TRAINER)
  @PostMapping("/readings/{id}/drop")
  String drop(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    files.drop(user.account().practiceId(), id);
    return "redirect:/readings";
  }

  /** Every reading of the practice. */
  @Needs(Position.TRAINER)
  @AsksAgain
  @GetMapping("/readings.csv")
  void all(
      @RequestParam(defaultValue = ";") String separator,
      @AuthenticationPrincipal SignedIn user,
      HttpServletResponse response)
      throws IOException {
    send(response, user, Optional.empty(), separator);
  }

  /** Every reading of one golfer. */
  @Door(Passage.OPEN)
  @Needs(Position.TRAINER)
  @GetMapping("/golfers/{id}/readings.csv")
  void ofGolfer(
      @PathVariable String id,
      @RequestParam(defaultValue = ";") String separator,
      @AuthenticationPrincipal SignedIn user,
      HttpServletResponse response)
      throws IOException {
    workups.file(user.account(), id);
    send(response, user, Optional.of(id), separator);
  }

  private void send(
      HttpServletResponse response, SignedIn user, Optional<String> golfer, String separator)
      throws IOException {
    response.setContentType("text/csv;charset=UTF-8");
    response.setHeader("Content-Disposition", "attachment; filename=\"readings.csv\"");
    out.write(
        user.account().practiceId(),
        golfer,
        separator.equals(",") ? ',' : ';',
        response.getOutputStream());
  }
}
