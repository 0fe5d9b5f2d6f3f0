package loosehip.app.trace;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.device.OpenStreams;
import loosehip.app.device.SimulatedRecorder;
import loosehip.app.door.Door;
import loosehip.app.door.Needs;
import loosehip.app.fact.Facts;
import loosehip.app.fact.Station;
import loosehip.app.frame.Frames;
import loosehip.app.frame.NotHere;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SessionStanding;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Position;
import loosehip.app.store.Recordings;
import loosehip.app.words.Typed;
import loosehip.core.named.Named;
import loosehip.core.played.PlayedSwing;
import loosehip.core.played.SwingKind;
import loosehip.core.safety.Passage;
import loosehip.core.trace.AngleUnit;
import loosehip.core.trace.RecordingKind;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Brings recordings in, shows them, and takes what they say over. */
@Controller
class RecordingController {
  private static final int NAME_MOST = 80;
  private static final long LIVE_MOST_MS = 20_000;

  private final Workups workups;
  private final Frames frames;
  private final Recordings recordings;
  private final RecordingShelf shelf;
  private final RecordingPages pages;
  private final SimulatedRecorder recorder;
  private final OpenStreams streams;
  private final SessionStanding standing;

  RecordingController(
      Workups workups,
      Frames frames,
      Recordings recordings,
      RecordingShelf shelf,
      RecordingPages pages,
      SimulatedRecorder recorder,
      OpenStreams streams,
      SessionStanding standing) {
    this.standing = standing;
    this.streams = streams;
    this.workups = workups;
    this.frames = frames;
    this.recordings = recordings;
    this.shelf = shelf;
    this.pages = pages;
    this.recorder = recorder;
  }

  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/recordings")
  String recordings(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    return list(user, id, List.of(), "", model);
  }

  private String list(
      SignedIn user, String id, List<String> problems, String refused, Model model) {
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), workup, Station.SWING));
    model.addAttribute("page", pages.all(workup));
    model.addAttribute("problems", problems);
    model.addAttribute("refused", refused);
    model.addAttribute("wide", true);
    return "trace/recordings";
  }

  /** Brings a file in; one that cannot be read is not kept, and the page says why, line by line. */
  @Door(Passage.SIDED)
  @PostMapping("/golfers/{id}/recordings")
  String bring(
      @PathVariable String id,
      @RequestParam Optional<MultipartFile> recording,
      @AuthenticationPrincipal SignedIn user,
      Model model,
      HttpServletResponse response)
      throws IOException {
    Optional<MultipartFile> file = recording.filter(f -> !f.isEmpty());
    if (file.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return list(
          user, id, List.of(), "Nothing was kept: choose a CSV file with rows in it.", model);
    }
    String name =
        Typed.line(Optional.ofNullable(file.get().getOriginalFilename()).orElse(""), NAME_MOST);
    if (file.get().getSize() > RecordingFile.BYTES_MOST) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return list(
          user,
          id,
          List.of(),
          name + " was not kept: it is larger than 16 MB. One swing a file.",
          model);
    }
    return keep(user, id, name, false, file.get().getBytes(), model, response);
  }

  /** Keeps what a simulated device played, through the same reader as a file. */
  @Door(Passage.SIDED)
  @PostMapping("/golfers/{id}/recordings/played")
  String played(
      @PathVariable String id,
      Played played,
      @AuthenticationPrincipal SignedIn user,
      Model model,
      HttpServletResponse response) {
    String name =
        (played.device() == RecordingKind.MOVEMENT ? "suit " : "mat ")
            + played.swing().id()
            + ".csv";
    byte[] file = PlayedFile.of(played.made(), played.device());
    return keep(user, id, name, true, file, model, response);
  }

  private String keep(
      SignedIn user,
      String id,
      String name,
      boolean played,
      byte[] raw,
      Model model,
      HttpServletResponse response) {
    Workup workup = workups.openToWrite(user.account(), id);
    Optional<String> shut = shut(user, workup);
    if (shut.isPresent()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return list(user, id, List.of(), shut.get(), model);
    }
    Optional<RecordingKind> kind = RecordingFile.kind(raw);
    List<CsvProblem> problems = RecordingFile.problems(raw, kind, workup.golfer().school());
    if (!problems.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return list(
          user,
          id,
          problems.stream().map(CsvProblem::said).toList(),
          name + " was not kept. Mend this, then bring it again:",
          model);
    }
    Optional<String> kept =
        recordings.add(
            workup.file(),
            user.account(),
            new Recordings.New(kind.orElseThrow(), name, played, raw));
    if (kept.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return list(
          user,
          id,
          List.of(),
          "Not kept: this visit holds "
              + Recordings.A_VISIT_MOST
              + " recordings. Remove one, then bring this again.",
          model);
    }
    return "redirect:/golfers/{id}/recordings/" + kept.get();
  }

  private Optional<String> shut(SignedIn user, Workup workup) {
    GolferFile file = workup.file();
    if (!Facts.CONSENT.isIn(file)
        || workups.guard(user.account(), file.id()).permission().guardianMissing()) {
      return Optional.of("Not kept: the golfer's consent comes first (Talk).");
    }
    return workup.closed()
        ? Optional.of("Not kept: this visit is closed. Resume it, or start a new one (Visits).")
        : Optional.empty();
  }

  /** Shows a simulated device while it records; nothing is kept. */
  @Door(Passage.SIDED)
  @GetMapping(path = "/golfers/{id}/recordings/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter live(
      @PathVariable String id,
      Played played,
      @AuthenticationPrincipal SignedIn user,
      HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    workups.fileToWrite(user.account(), id);
    OpenStreams.Open stream = streams.open(LIVE_MOST_MS, () -> standing.over(session, user));
    stream.fedBy(
        recorder.play(
            played.made(),
            played.device(),
            shown -> {
              stream.send(shown);
              if (shown.last()) {
                stream.complete();
              }
            }));
    return stream.emitter();
  }

  /** What a simulated device is asked to play; what is not understood is the usual. */
  record Played(String kind, String of, String hz, String noisy, String seed) {
    private static final double HZ = 200;

    RecordingKind device() {
      return Optional.ofNullable(kind)
          .flatMap(Named.parser(RecordingKind.class))
          .orElse(RecordingKind.MOVEMENT);
    }

    SwingKind swing() {
      return Optional.ofNullable(of)
          .flatMap(Named.parser(SwingKind.class))
          .orElse(SwingKind.GOOD_ORDER);
    }

    PlayedSwing made() {
      double rate =
          Optional.ofNullable(hz)
              .flatMap(Typed::number)
              .filter(r -> r >= 50 && r <= 1000)
              .orElse(HZ);
      long from = Optional.ofNullable(seed).flatMap(Typed::number).orElse(1.0).longValue();
      return new PlayedSwing(swing(), rate, "true".equals(noisy), from);
    }
  }

  private Recordings.Kept kept(GolferFile file, String recording) {
    return recordings
        .one(file, recording)
        .orElseThrow(
            () ->
                new NotHere(
                    "There is no such recording of this golfer; it may have been removed."));
  }

  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/recordings/{recording}")
  String recording(
      @PathVariable String id,
      @PathVariable String recording,
      @RequestParam(defaultValue = "") String with,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.open(user.account(), id);
    Recordings.Kept kept = kept(workup.file(), recording);
    model.addAttribute("frame", frames.of(user.account(), workup, Station.SWING));
    model.addAttribute("page", pages.one(workup, kept, with));
    model.addAttribute("wide", true);
    return "trace/recording";
  }

  /** The file as it came, byte for byte. */
  @Door(Passage.OPEN)
  @Needs(Position.TRAINER)
  @GetMapping("/golfers/{id}/recordings/{recording}/file")
  ResponseEntity<byte[]> file(
      @PathVariable String id,
      @PathVariable String recording,
      @AuthenticationPrincipal SignedIn user) {
    GolferFile file = workups.fileToWrite(user.account(), id);
    Recordings.Kept kept = kept(file, recording);
    String name = kept.name().isEmpty() ? kept.kind().id() + ".csv" : kept.name();
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(recordings.raw(file, recording).orElseThrow());
  }

  /** Says what the angles of a recording are written in. */
  @Door(Passage.SIDED)
  @PostMapping("/golfers/{id}/recordings/{recording}/unit")
  String unit(
      @PathVariable String id,
      @PathVariable String recording,
      @RequestParam(defaultValue = "") String unit,
      @AuthenticationPrincipal SignedIn user) {
    GolferFile file = workups.fileToWrite(user.account(), id);
    kept(file, recording);
    Named.parse(AngleUnit.class, unit.toLowerCase(Locale.ROOT))
        .ifPresent(said -> recordings.say(file, recording, said));
    return "redirect:/golfers/{id}/recordings/{recording}";
  }

  /** Takes what a recording says into Set-up and Swing. */
  @Door(Passage.SIDED)
  @PostMapping("/golfers/{id}/recordings/{recording}/take")
  String take(
      @PathVariable String id,
      @PathVariable String recording,
      @RequestParam(required = false) List<String> over,
      @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.openToWrite(user.account(), id);
    Recordings.Kept kept = kept(workup.file(), recording);
    byte[] raw = recordings.raw(workup.file(), recording).orElseThrow();
    ReadRecording read = ReadRecording.of(workup, kept, raw);
    shelf.take(
        workup,
        user.account(),
        kept,
        RecordingShelf.given(workup, kept, read),
        Optional.ofNullable(over).orElse(List.of()));
    return "redirect:/golfers/{id}/recordings/{recording}";
  }

  /** Removes a recording with its file; what was taken from it stays. */
  @Door(Passage.OPEN)
  @PostMapping("/golfers/{id}/recordings/{recording}/remove")
  String remove(
      @PathVariable String id,
      @PathVariable String recording,
      @AuthenticationPrincipal SignedIn user) {
    recordings.delete(workups.fileToWrite(user.account(), id), recording);
    return "redirect:/golfers/{id}/recordings";
  }
}
