package loosehip.app.still;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import loosehip.app.Settings;
import loosehip.app.document.Documents;
import loosehip.app.door.Door;
import loosehip.app.fact.Facts;
import loosehip.app.fact.Station;
import loosehip.app.frame.Frames;
import loosehip.app.frame.NotHere;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.picture.Picture;
import loosehip.app.picture.RefusedPicture;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Journal;
import loosehip.app.store.Stills;
import loosehip.core.named.Named;
import loosehip.core.safety.Passage;
import loosehip.core.still.Checkpoint;
import loosehip.core.still.StillView;
import org.springframework.http.CacheControl;
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
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.multipart.MultipartFile;

/** Brings stills in, shows them with their landmarks, and takes what they say over. */
@Controller
class StillController {
  /** Pixels along the longer side of a picture that is kept. */
  private static final int SIDE_MOST = 2000;

  private static final double LONGEST_CLIP_SECONDS = 86_400;

  private final Workups workups;
  private final Frames frames;
  private final Stills stills;
  private final StillShelf shelf;
  private final StillPages pages;
  private final Journal journal;
  private final Settings settings;

  StillController(
      Workups workups,
      Frames frames,
      Stills stills,
      StillShelf shelf,
      StillPages pages,
      Journal journal,
      Settings settings) {
    this.settings = settings;
    this.workups = workups;
    this.frames = frames;
    this.stills = stills;
    this.shelf = shelf;
    this.pages = pages;
    this.journal = journal;
  }

  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/stills")
  String stills(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), workup, Station.SET_UP));
    model.addAttribute("page", pages.all(workup));
    model.addAttribute("wide", true);
    return "still/stills";
  }

  /**
   * Consent to pictures, given or withdrawn; withdrawn, every picture is deleted at once. Before
   * the consent on Talk, or a guardian's, there is none to give.
   */
  @Door(Passage.OPEN)
  @PostMapping("/golfers/{id}/stills/consent")
  String consent(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String given,
      @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.openToWrite(user.account(), id);
    boolean yes = given.equals("yes");
    if (yes && !workup.consented()) {
      return "redirect:/golfers/{id}/talk";
    }
    journal.note(
        workup.file(), user.account(), Facts.PICTURES.noteTyped(yes ? StillShelf.WORDING : ""));
    if (!yes) {
      stills.deleteAll(workup.file());
    }
    workups.saved(user.account(), id);
    return "redirect:/golfers/{id}/stills" + (yes ? "" : "?withdrawn");
  }

  /** Brings a picture in; answers with the address of its page, or with why it is not taken. */
  @Door(Passage.SIDED)
  @PostMapping("/golfers/{id}/stills")
  @ResponseBody
  ResponseEntity<String> bring(
      @PathVariable String id,
      @RequestParam Optional<MultipartFile> picture,
      @RequestParam(defaultValue = "") String view,
      @RequestParam(defaultValue = "") String checkpoint,
      @RequestParam(defaultValue = "file") String source,
      @RequestParam Optional<Double> seconds,
      @AuthenticationPrincipal SignedIn user)
      throws IOException {
    GolferFile file = workups.fileToWrite(user.account(), id);
    Optional<StillView> from = Named.parse(StillView.class, view);
    Optional<Checkpoint> at = Named.parse(Checkpoint.class, checkpoint);
    if (!StillShelf.consented(file)) {
      return refused("Not kept: pictures need the golfer's consent to pictures first.");
    }
    if (workups.guard(user.account(), id).permission().guardianMissing()) {
      return refused("Not kept: under 18 a guardian must consent first (Talk).");
    }
    if (file.closed().isPresent()) {
      return refused("Not kept: this visit is closed. Resume it, or start a new one (Visits).");
    }
    if (picture.isEmpty() || from.isEmpty() || at.isEmpty()) {
      return refused("Nothing was kept: choose a picture, from which side, and which moment.");
    }
    if (picture.get().getSize() > Picture.BYTES_MOST) {
      return refused(RefusedPicture.Reason.TOO_LARGE.words());
    }
    try {
      Picture anew = Picture.anew(picture.get().getBytes(), SIDE_MOST);
      return stills
          .add(
              file,
              user.account(),
              new Stills.New(
                  from.get(),
                  at.get(),
                  List.of("camera", "clip").contains(source) ? source : "file",
                  seconds.filter(s -> s >= 0 && s < LONGEST_CLIP_SECONDS),
                  anew.jpeg(),
                  anew.smaller(Stills.LISTED_SIDE_MOST).jpeg(),
                  anew.width(),
                  anew.height()))
          .map(still -> plain(HttpStatus.CREATED, "/golfers/" + id + "/stills/" + still))
          .orElseGet(
              () ->
                  refused(
                      "Not kept: this visit holds "
                          + Stills.A_VISIT_MOST
                          + " stills. Remove one, then bring this again."));
    } catch (RefusedPicture no) {
      return refused(no.reason().words());
    }
  }

  private static ResponseEntity<String> refused(String why) {
    return plain(HttpStatus.UNPROCESSABLE_ENTITY, why);
  }

  private static ResponseEntity<String> plain(HttpStatus status, String words) {
    return ResponseEntity.status(status)
        .contentType(new MediaType("text", "plain", StandardCharsets.UTF_8))
        .body(words);
  }

  /** What the demo's made-up clip is drawn from; there is none outside the demo. */
  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/stills/made-up-clip")
  @ResponseBody
  ResponseEntity<String> clip(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    if (!settings.demo()) {
      throw gone();
    }
    Workup workup = workups.open(user.account(), id);
    MadeUpClip clip = MadeUpClip.downTheLine(workup.golfer().handed());
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .body(Documents.JSON.writeValueAsString(clip));
  }

  /** The picture itself, for those who may see the golfer. */
  @Door(Passage.OPEN)
  @GetMapping("/golfers/{id}/stills/{still}/picture")
  ResponseEntity<byte[]> picture(
      @PathVariable String id,
      @PathVariable String still,
      @RequestParam(defaultValue = "false") boolean small,
      @AuthenticationPrincipal SignedIn user) {
    GolferFile file = workups.fileToWrite(user.account(), id);
    byte[] jpeg =
        Optional.of(file)
            .filter(StillShelf::consented)
            .flatMap(f -> small ? stills.small(f, still) : stills.picture(f, still))
            .orElseThrow(StillController::gone);
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.noStore())
        .body(jpeg);
  }

  private static NotHere gone() {
    return new NotHere("There is no such still of this golfer; it may have been removed.");
  }

  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/stills/{still}")
  String one(
      @PathVariable String id,
      @PathVariable String still,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.open(user.account(), id);
    Stills.Kept kept = pages.find(workup, still).orElseThrow(StillController::gone);
    Station station = kept.checkpoint().pairs() ? Station.SWING : Station.SET_UP;
    model.addAttribute("frame", frames.of(user.account(), workup, station));
    model.addAttribute("page", pages.one(workup, kept));
    model.addAttribute("wide", true);
    panel(model, workup, kept);
    return "still/still";
  }

  private void panel(Model model, Workup workup, Stills.Kept kept) {
    ReadStill read = ReadStill.of(workup, kept, StillMarks.of(kept), pages.held(workup));
    model.addAttribute("panel", StillPanels.of(workup, kept, read));
  }

  /** The same moment of two visits, side by side and laid over. */
  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/then-and-now")
  String thenAndNow(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String then,
      @RequestParam(defaultValue = "") String now,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.open(user.account(), id);
    Stills.Kept first = pages.find(workup, then).orElseThrow(StillController::gone);
    Stills.Kept second = pages.find(workup, now).orElseThrow(StillController::gone);
    if (first.view() != second.view()) {
      throw new NotHere(
          "These two stills were taken from different sides; choose two of one side.");
    }
    Station station = second.checkpoint().pairs() ? Station.SWING : Station.SET_UP;
    model.addAttribute("frame", frames.of(user.account(), workup, station));
    model.addAttribute("page", Comparison.of(workup, first, second, pages.held(workup)));
    model.addAttribute("wide", true);
    return "still/then-and-now";
  }

  /** Keeps what was marked; answers with what the picture says now. */
  @Door(Passage.SIDED)
  @PostMapping("/golfers/{id}/stills/{still}/marks")
  String mark(
      @PathVariable String id,
      @PathVariable String still,
      @RequestParam(defaultValue = "") String marks,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.openToWrite(user.account(), id);
    Stills.Kept kept = pages.find(workup, still).orElseThrow(StillController::gone);
    StillMarks.read(marks)
        .map(m -> m.within(kept.width(), kept.height()))
        .ifPresent(m -> stills.mark(workup.file(), still, m.write()));
    panel(model, workup, pages.find(workup, still).orElseThrow(StillController::gone));
    return "still/panel-again";
  }

  /** Says anew what a still shows: from which side, at which moment. */
  @Door(Passage.SIDED)
  @PostMapping("/golfers/{id}/stills/{still}/shows")
  String shows(
      @PathVariable String id,
      @PathVariable String still,
      @RequestParam(defaultValue = "") String view,
      @RequestParam(defaultValue = "") String checkpoint,
      @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.openToWrite(user.account(), id);
    Stills.Kept kept = pages.find(workup, still).orElseThrow(StillController::gone);
    stills.show(
        workup.file(),
        still,
        Named.parse(StillView.class, view).orElse(kept.view()),
        Named.parse(Checkpoint.class, checkpoint).orElse(kept.checkpoint()));
    return "redirect:/golfers/{id}/stills/{still}";
  }

  /** Takes what the picture says into Set-up or Swing. */
  @Door(Passage.SIDED)
  @PostMapping("/golfers/{id}/stills/{still}/take")
  String take(
      @PathVariable String id,
      @PathVariable String still,
      @RequestParam(required = false) List<String> over,
      @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.openToWrite(user.account(), id);
    Stills.Kept kept = pages.find(workup, still).orElseThrow(StillController::gone);
    ReadStill read = ReadStill.of(workup, kept, StillMarks.of(kept), pages.held(workup));
    if (read.problems().isEmpty()) {
      shelf.take(
          workup,
          user.account(),
          StillShelf.given(workup, kept, read),
          Optional.ofNullable(over).orElse(List.of()),
          "figures from the still, " + kept.checkpoint().id());
      workups.saved(user.account(), id);
    }
    return "redirect:/golfers/{id}/stills/{still}";
  }

  /** Removes one still with its picture; what was taken from it stays. */
  @Door(Passage.OPEN)
  @PostMapping("/golfers/{id}/stills/{still}/remove")
  String remove(
      @PathVariable String id, @PathVariable String still, @AuthenticationPrincipal SignedIn user) {
    stills.delete(workups.fileToWrite(user.account(), id), still);
    return "redirect:/golfers/{id}/stills";
  }
}
