package loosehip.app.library;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.document.Problem;
import loosehip.app.door.Needs;
import loosehip.app.exercise.ExerciseShelf;
import loosehip.app.exercise.OwnExercise;
import loosehip.app.exercise.OwnItem;
import loosehip.app.exercise.OwnItemForm;
import loosehip.app.exercise.OwnItemReader;
import loosehip.app.exercise.Photo;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.picture.RefusedPicture;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.OwnExercises;
import loosehip.app.store.Position;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The exercises and drills: shipped ones to look up, the practice's own to add and carry over. */
@Controller
@RequestMapping("/library/exercises")
class ExerciseController {
  private static final String BACK = "redirect:/library/exercises#own";

  private final Frames frames;
  private final ExercisePages pages;
  private final ExerciseShelf shelf;
  private final StandardsShelf standards;
  private final OwnExercises store;

  ExerciseController(
      Frames frames,
      ExercisePages pages,
      ExerciseShelf shelf,
      StandardsShelf standards,
      OwnExercises store) {
    this.frames = frames;
    this.pages = pages;
    this.shelf = shelf;
    this.standards = standards;
    this.store = store;
  }

  @GetMapping
  String exercises(@AuthenticationPrincipal SignedIn user, Model model) {
    ExercisesPage.Adding adding =
        model.getAttribute("adding") instanceof ExercisesPage.Adding just
            ? just
            : ExercisesPage.Adding.NOTHING;
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute("page", pages.of(user.account().practiceId(), adding));
    return "library/exercises";
  }

  /** Adds or changes an own exercise; what is wrong is said and what was typed stays. */
  @Needs(Position.TRAINER)
  @PostMapping("/own")
  String exercise(
      @RequestParam MultiValueMap<String, String> typed,
      @RequestParam(required = false) MultipartFile photo,
      @AuthenticationPrincipal SignedIn user,
      RedirectAttributes flash)
      throws IOException {
    return keep(OwnForm.Sort.EXERCISE, OwnItemForm.exercise(typed), typed, photo, user, flash);
  }

  /** Adds or changes an own drill. */
  @Needs(Position.TRAINER)
  @PostMapping("/own/drill")
  String drill(
      @RequestParam MultiValueMap<String, String> typed,
      @RequestParam(required = false) MultipartFile photo,
      @AuthenticationPrincipal SignedIn user,
      RedirectAttributes flash)
      throws IOException {
    return keep(OwnForm.Sort.DRILL, OwnItemForm.drill(typed), typed, photo, user, flash);
  }

  private String keep(
      OwnForm.Sort sort,
      OwnItemReader.Read read,
      MultiValueMap<String, String> typed,
      MultipartFile photo,
      SignedIn user,
      RedirectAttributes flash)
      throws IOException {
    List<Problem> problems = new ArrayList<>(read.problems());
    Optional<byte[]> picture = Optional.empty();
    if (photo != null && !photo.isEmpty()) {
      try {
        picture = Optional.of(Photo.anew(photo.getBytes()));
      } catch (RefusedPicture refused) {
        problems.add(new Problem("/photo", refused.reason().what(), refused.reason().instead()));
      }
    }
    problems.addAll(against(user, read.items()));
    if (problems.isEmpty()) {
      OwnItem own = read.items().get(0);
      keep(user.account(), own, picture);
      said(flash, own.text().name() + " is in your catalogue.", "");
    } else {
      refused(flash, sort, problems.stream().map(ExercisesPage::said).toList(), typed);
    }
    return BACK;
  }

  private void keep(Account by, OwnItem own, Optional<byte[]> picture) {
    store.keep(by, own.id(), Optional.of(OwnItemReader.write(own)), picture);
    standards.anew(by.practiceId());
  }

  private static void said(RedirectAttributes flash, String done, String dropped) {
    flash.addFlashAttribute("adding", ExercisesPage.Adding.done(done, dropped));
  }

  private static void refused(
      RedirectAttributes flash,
      OwnForm.Sort of,
      List<String> problems,
      MultiValueMap<String, String> typed) {
    flash.addFlashAttribute("adding", ExercisesPage.Adding.refused(of, problems, typed));
  }

  private static void refused(RedirectAttributes flash, List<String> problems) {
    refused(flash, OwnForm.Sort.EXERCISE, problems, new LinkedMultiValueMap<>());
  }

  /** What would go wrong with ladders and ids once these stand among the practice's own. */
  private List<Problem> against(SignedIn user, List<OwnItem> more) {
    Map<String, OwnItem> all = new LinkedHashMap<>();
    shelf.own(user.account().practiceId()).forEach(e -> all.put(e.id(), e));
    List<Problem> problems = new ArrayList<>();
    for (OwnItem item : more) {
      OwnItem before = all.put(item.id(), item);
      if (before != null && !before.getClass().equals(item.getClass())) {
        problems.add(
            new Problem(
                "/name",
                "an exercise and a drill of yours would share the id " + item.id(),
                "give one of them another name"));
      }
    }
    problems.addAll(OwnItemReader.ladders(List.copyOf(all.values())));
    return problems;
  }

  /** Takes an own item out of use; plans that have it keep their text but not the item. */
  @Needs(Position.TRAINER)
  @PostMapping("/own/{id}/drop")
  String drop(
      @PathVariable String id, @AuthenticationPrincipal SignedIn user, RedirectAttributes flash) {
    List<OwnItem> owns = shelf.own(user.account().practiceId());
    boolean stoodOn =
        owns.stream()
            .anyMatch(e -> e instanceof OwnExercise x && x.above().filter(id::equals).isPresent());
    Optional<OwnItem> own = owns.stream().filter(o -> o.id().equals(id)).findFirst();
    if (stoodOn) {
      refused(flash, List.of("Another of your exercises stands above it. Nothing was changed."));
    } else if (own.isPresent()) {
      store.keep(user.account(), id, Optional.empty(), Optional.empty());
      standards.anew(user.account().practiceId());
      said(flash, own.get().text().name() + " is out of your catalogue.", id);
    } else {
      refused(flash, List.of("That is not in your catalogue. Nothing was changed."));
    }
    return BACK;
  }

  /** Puts an own item back that was taken out of use, as it last stood. */
  @Needs(Position.TRAINER)
  @PostMapping("/own/{id}/back")
  String back(
      @PathVariable String id, @AuthenticationPrincipal SignedIn user, RedirectAttributes flash) {
    Optional<OwnItem> last = shelf.last(user.account().practiceId(), id);
    List<Problem> problems = last.map(own -> against(user, List.of(own))).orElse(List.of());
    if (last.isPresent() && problems.isEmpty()) {
      keep(user.account(), last.get(), Optional.empty());
      said(flash, last.get().text().name() + " is in your catalogue again.", "");
    } else {
      List<String> why = new ArrayList<>(List.of("It could not be put back."));
      problems.stream().map(ExercisesPage::said).forEach(why::add);
      refused(flash, why);
    }
    return BACK;
  }

  @GetMapping("/own/{id}/photo")
  ResponseEntity<byte[]> photo(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    return store
        .photo(user.account().practiceId(), id)
        .map(b -> ResponseEntity.ok().contentType(MediaType.IMAGE_JPEG).body(b))
        .orElseGet(() -> ResponseEntity.notFound().build());
  }

  @Needs(Position.TRAINER)
  @GetMapping("/own.json")
  ResponseEntity<byte[]> out(@AuthenticationPrincipal SignedIn user) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("exercises.json").build().toString())
        .body(
            OwnItemReader.write(shelf.own(user.account().practiceId()))
                .getBytes(StandardCharsets.UTF_8));
  }

  /** Takes a file of exercises and drills; with anything wrong, nothing of it is taken. */
  @Needs(Position.TRAINER)
  @PostMapping("/own/file")
  String file(
      @RequestParam(required = false) MultipartFile file,
      @AuthenticationPrincipal SignedIn user,
      RedirectAttributes flash)
      throws IOException {
    if (file == null || file.isEmpty()) {
      refused(flash, List.of("Choose a file of exercises first. Nothing was taken."));
      return BACK;
    }
    OwnItemReader.Read read =
        OwnItemReader.file(new String(file.getBytes(), StandardCharsets.UTF_8));
    List<Problem> problems = new ArrayList<>(read.problems());
    if (problems.isEmpty()) {
      problems.addAll(against(user, read.items()));
    }
    if (problems.isEmpty()) {
      read.items().forEach(own -> keep(user.account(), own, Optional.empty()));
      said(flash, taken(read.items()), "");
    } else {
      List<String> said = new ArrayList<>(List.of("Nothing of the file was taken:"));
      problems.forEach(p -> said.add(p.line()));
      refused(flash, said);
    }
    return BACK;
  }

  private static String taken(List<OwnItem> items) {
    long exercises = items.stream().filter(OwnExercise.class::isInstance).count();
    long drills = items.size() - exercises;
    return exercises + " exercises" + (drills > 0 ? " and " + drills + " drills" : "") + " taken.";
  }
}
