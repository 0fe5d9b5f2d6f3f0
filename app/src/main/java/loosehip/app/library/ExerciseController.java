package loosehip.app.library;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import loosehip.app.document.Problem;
import loosehip.app.exercise.ExerciseShelf;
import loosehip.app.exercise.ExerciseText;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.exercise.OwnExercise;
import loosehip.app.exercise.OwnExerciseReader;
import loosehip.app.exercise.Photo;
import loosehip.app.figure.Figures;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.OwnExercises;
import loosehip.app.words.PlanWords;
import loosehip.app.words.SafetyWords;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.PivotFault;
import loosehip.core.named.Named;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Dose;
import loosehip.core.plan.Drill;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.Tool;
import loosehip.core.safety.Demand;
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
  private final Frames frames;
  private final ExerciseShelf shelf;
  private final StandardsShelf standards;
  private final OwnExercises store;
  private final ExerciseTexts texts;
  private final Figures figures;

  ExerciseController(
      Frames frames,
      ExerciseShelf shelf,
      StandardsShelf standards,
      OwnExercises store,
      ExerciseTexts texts,
      Figures figures) {
    this.frames = frames;
    this.shelf = shelf;
    this.standards = standards;
    this.store = store;
    this.texts = texts;
    this.figures = figures;
  }

  @GetMapping
  String exercises(@AuthenticationPrincipal SignedIn user, Model model) {
    String practice = user.account().practiceId();
    Catalogue catalogue = shelf.of(practice);
    model.addAttribute("frame", frames.of(user.account()));
    List<OwnExercise> owns = shelf.own(practice);
    Map<ItemId, OwnExercise> byPlanId =
        owns.stream()
            .collect(Collectors.toMap(o -> ExerciseShelf.planId(practice, o.id()), o -> o));
    Set<String> photos =
        store.of(practice).stream()
            .filter(OwnExercises.Stored::photo)
            .map(OwnExercises.Stored::exerciseId)
            .collect(Collectors.toSet());
    List<ExercisesPage.Line> lines =
        Stream.concat(
                catalogue.exercises().stream()
                    .map(
                        e ->
                            line(
                                e,
                                catalogue.ladders().get(e.ladder()).size(),
                                Optional.ofNullable(byPlanId.get(e.id())),
                                photos)),
                catalogue.drills().stream().map(this::line))
            .toList();
    ExercisesPage.Adding adding =
        model.getAttribute("adding") instanceof ExercisesPage.Adding just
            ? just
            : ExercisesPage.Adding.NOTHING;
    model.addAttribute(
        "page",
        new ExercisesPage(
            Catalogue.EDITION,
            lines,
            adding,
            ExercisesPage.FIELDS.stream()
                .map(f -> new ExercisesPage.Field(f.name(), f.title(), adding.typed(f.name())))
                .toList(),
            choices(Exercise.Kind.values(), Exercise.Kind::word, adding, "kind"),
            owns.stream()
                .map(
                    o ->
                        new ExercisesPage.Choice(
                            o.id(), o.text().name(), adding.chose("above", o.id())))
                .toList(),
            List.of(
                new ExercisesPage.Choices(
                    "serves",
                    "serves fully",
                    choices(LimitKind.values(), LimitKind::title, adding, "serves")),
                new ExercisesPage.Choices(
                    "also",
                    "serves by half",
                    choices(LimitKind.values(), LimitKind::title, adding, "also")),
                new ExercisesPage.Choices(
                    "tools", "needs", choices(Tool.values(), Tool::word, adding, "tools")),
                new ExercisesPage.Choices(
                    "demands", "asks of the body (cautions act on these)", demands(adding)))));
    return "library/exercises";
  }

  private static List<ExercisesPage.Choice> demands(ExercisesPage.Adding adding) {
    List<ExercisesPage.Choice> all =
        new ArrayList<>(choices(Demand.values(), Demand::words, adding, "demands"));
    String none = OwnExerciseReader.NO_DEMANDS;
    all.add(new ExercisesPage.Choice(none, "none of these", adding.chose("demands", none)));
    return all;
  }

  private static <E extends Named> List<ExercisesPage.Choice> choices(
      E[] all, Function<E, String> words, ExercisesPage.Adding adding, String field) {
    return Arrays.stream(all)
        .map(e -> new ExercisesPage.Choice(e.id(), words.apply(e), adding.chose(field, e.id())))
        .toList();
  }

  private ExercisesPage.Line line(
      Exercise e, int rungs, Optional<OwnExercise> own, Set<String> photos) {
    String also = titles(e.also());
    return line(
        texts.of(e.id()),
        e.kind().word()
            + (own.isPresent() ? ", your own" : "")
            + (rungs > 1 ? ", rung " + e.rung() + " of " + rungs + ladder(e, own.isPresent()) : ""),
        titles(e.serves()) + (also.isEmpty() ? "" : "; half: " + also),
        e.dose(),
        e.tools().words(),
        SafetyWords.demands(e.demands()),
        own.map(OwnExercise::id).filter(photos::contains),
        own.map(OwnExercise::id));
  }

  private static String ladder(Exercise e, boolean own) {
    return own ? "" : ", " + e.ladder().id().replace('-', ' ') + " ladder";
  }

  private ExercisesPage.Line line(Drill d) {
    return line(
        texts.of(d.id()),
        "groove, drill",
        d.faults().stream().map(PivotFault::title).collect(Collectors.joining(", ")),
        d.dose(),
        d.full().tools().words(),
        SafetyWords.demands(d.full().demands()),
        Optional.empty(),
        Optional.empty());
  }

  private ExercisesPage.Line line(
      ExerciseText text,
      String sort,
      String serves,
      Dose dose,
      String tools,
      String demands,
      Optional<String> photo,
      Optional<String> own) {
    return new ExercisesPage.Line(
        text,
        sort,
        serves,
        PlanWords.dose(dose),
        tools,
        demands,
        figures.find(text.id() + ".start"),
        figures.find(text.id() + ".end"),
        photo,
        own,
        (text.name() + " " + text.id() + " " + serves + " " + sort + " " + tools)
            .toLowerCase(Locale.ROOT));
  }

  private static String titles(List<LimitKind> kinds) {
    return kinds.stream().map(LimitKind::title).collect(Collectors.joining(", "));
  }

  /** Adds or changes an own exercise; what is wrong is said and what was typed stays. */
  @PostMapping("/own")
  String keep(
      @RequestParam MultiValueMap<String, String> typed,
      @RequestParam(required = false) MultipartFile photo,
      @AuthenticationPrincipal SignedIn user,
      RedirectAttributes flash)
      throws IOException {
    OwnExerciseReader.Read read = OwnExerciseReader.form(typed);
    List<Problem> problems = new ArrayList<>(read.problems());
    Optional<byte[]> picture = Optional.empty();
    if (photo != null && !photo.isEmpty()) {
      picture = Photo.anew(photo.getBytes());
      if (picture.isEmpty()) {
        problems.add(new Problem("/photo", "is no JPEG or PNG of at most 15 MB", "take another"));
      }
    }
    problems.addAll(against(user, read.exercises()));
    if (problems.isEmpty()) {
      OwnExercise own = read.exercises().get(0);
      store.keep(user.account(), own.id(), Optional.of(OwnExerciseReader.write(own)), picture);
      standards.anew(user.account().practiceId());
      said(flash, own.text().name() + " is in your catalogue.");
    } else {
      refused(flash, problems.stream().map(ExercisesPage::said).toList(), typed);
    }
    return "redirect:/library/exercises#own";
  }

  private static void said(RedirectAttributes flash, String done) {
    flash.addFlashAttribute(
        "adding", new ExercisesPage.Adding(done, List.of(), new LinkedMultiValueMap<>()));
  }

  private static void refused(
      RedirectAttributes flash, List<String> problems, MultiValueMap<String, String> typed) {
    flash.addFlashAttribute("adding", new ExercisesPage.Adding("", problems, typed));
  }

  /** What would go wrong with ladders once these stand among the practice's own. */
  private List<Problem> against(SignedIn user, List<OwnExercise> more) {
    Map<String, OwnExercise> all = new LinkedHashMap<>();
    shelf.own(user.account().practiceId()).forEach(e -> all.put(e.id(), e));
    more.forEach(e -> all.put(e.id(), e));
    return OwnExerciseReader.ladders(List.copyOf(all.values()));
  }

  /** Takes an own exercise out of use; plans that have it keep their text but not the exercise. */
  @PostMapping("/own/{id}/drop")
  String drop(
      @PathVariable String id, @AuthenticationPrincipal SignedIn user, RedirectAttributes flash) {
    boolean stoodOn =
        shelf.own(user.account().practiceId()).stream()
            .anyMatch(e -> e.above().filter(id::equals).isPresent());
    if (stoodOn) {
      refused(
          flash,
          List.of("Another of your exercises stands above it. Nothing was changed."),
          new LinkedMultiValueMap<>());
    } else {
      store.keep(user.account(), id, Optional.empty(), Optional.empty());
      standards.anew(user.account().practiceId());
    }
    return "redirect:/library/exercises#own";
  }

  @GetMapping("/own/{id}/photo")
  ResponseEntity<byte[]> photo(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    return store
        .photo(user.account().practiceId(), id)
        .map(b -> ResponseEntity.ok().contentType(MediaType.IMAGE_JPEG).body(b))
        .orElseGet(() -> ResponseEntity.notFound().build());
  }

  @GetMapping("/own.json")
  ResponseEntity<byte[]> out(@AuthenticationPrincipal SignedIn user) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("exercises.json").build().toString())
        .body(
            OwnExerciseReader.write(shelf.own(user.account().practiceId()))
                .getBytes(StandardCharsets.UTF_8));
  }

  /** Takes a file of exercises; with anything wrong, nothing of it is taken. */
  @PostMapping("/own/file")
  String file(
      @RequestParam(required = false) MultipartFile file,
      @AuthenticationPrincipal SignedIn user,
      RedirectAttributes flash)
      throws IOException {
    if (file == null || file.isEmpty()) {
      refused(
          flash,
          List.of("Choose a file of exercises first. Nothing was taken."),
          new LinkedMultiValueMap<>());
      return "redirect:/library/exercises#own";
    }
    OwnExerciseReader.Read read =
        OwnExerciseReader.file(new String(file.getBytes(), StandardCharsets.UTF_8));
    List<Problem> problems = new ArrayList<>(read.problems());
    if (problems.isEmpty()) {
      problems.addAll(against(user, read.exercises()));
    }
    if (problems.isEmpty()) {
      read.exercises()
          .forEach(
              e ->
                  store.keep(
                      user.account(),
                      e.id(),
                      Optional.of(OwnExerciseReader.write(e)),
                      Optional.empty()));
      standards.anew(user.account().practiceId());
      said(flash, read.exercises().size() + " exercises taken.");
    } else {
      List<String> said = new ArrayList<>(List.of("Nothing of the file was taken:"));
      problems.forEach(p -> said.add(p.line()));
      refused(flash, said, new LinkedMultiValueMap<>());
    }
    return "redirect:/library/exercises#own";
  }
}
