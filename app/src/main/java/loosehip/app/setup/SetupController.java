package loosehip.app.setup;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.app.door.Door;
import loosehip.app.fact.Facts;
import loosehip.app.fact.Station;
import loosehip.app.field.NotedField;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Measured;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.note.RestNone;
import loosehip.app.pivot.PivotInstrument;
import loosehip.app.practice.RoomShelf;
import loosehip.app.repair.SetupRepairs;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.words.PivotWords;
import loosehip.core.link.SpineShape;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.BudgetMargin;
import loosehip.core.pivot.School;
import loosehip.core.pivot.TurnBudget;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** How the golfer stands: figures with their windows, school, and set-up faults by eye. */
@Controller
class SetupController {
  /** Flares told apart by eye, in degrees (ours). */
  private static final List<Integer> FLARES = List.of(0, 10, 20, 30);

  private final Workups workups;
  private final Frames frames;
  private final PivotInstrument instrument;
  private final StanceViews views;

  private final SetupRepairs repairs;
  private final RestNone restNone;
  private final RoomShelf rooms;

  SetupController(
      Workups workups,
      Frames frames,
      PivotInstrument instrument,
      StanceViews views,
      SetupRepairs repairs,
      RestNone restNone,
      RoomShelf rooms) {
    this.rooms = rooms;
    this.restNone = restNone;
    this.repairs = repairs;
    this.workups = workups;
    this.frames = frames;
    this.instrument = instrument;
    this.views = views;
  }

  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/set-up")
  String setUp(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), workup, Station.SET_UP));
    instrument.beside(model, workup, "set-up");
    model.addAttribute("page", page(workup, user));
    return "setup/set-up";
  }

  /** The faults by eye and the windows again, after a figure was typed. */
  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/set-up/by-eye")
  String byEye(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("page", page(workup, user));
    return "setup/by-eye-again";
  }

  /** The figures, when somebody who has some opens them. */
  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/set-up/figures")
  String figures(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    model.addAttribute("figures", views.figures(workups.open(user.account(), id)));
    return "setup/figures";
  }

  /** What puts it right again, after something was seen or measured. */
  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/set-up/repairs")
  String repairs(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("page", page(workup, user));
    return "setup/repairs";
  }

  private SetupPage page(Workup workup, SignedIn user) {
    GolferFile file = workup.file();
    School school = workup.golfer().school();
    List<School> used = used(user, school);
    List<SpineShape> shapes = SpineShape.of(school);
    return new SetupPage(
        file.id(),
        Optional.of(
            NotedField.oneOf(
                file, Facts.SHAPE, shapes, SpineShape::title, Measured.shape(file, school))),
        List.of(feet(file, BudgetFigure.TRAIL_FLARE), feet(file, BudgetFigure.LEAD_FLARE)),
        views.figures(workup).stream().filter(f -> !f.field().value().isEmpty()).count(),
        views.figures(workup),
        views.groups(workup),
        repairs.of(workup),
        NotedField.oneOf(file, Facts.SCHOOL, used, School::title, school),
        used.stream().map(s -> line(workup, s)).toList());
  }

  /** The schools the practice works towards, and the one this golfer has. */
  private List<School> used(SignedIn user, School now) {
    Set<School> used = rooms.of(user.account().practiceId()).schools();
    return Arrays.stream(School.values()).filter(s -> used.contains(s) || s == now).toList();
  }

  private static NotedField feet(GolferFile file, BudgetFigure figure) {
    return NotedField.steps(
        file, Facts.SETUP.about(figure), FLARES, f -> f == 0 ? "square" : f + "°", "");
  }

  /** Answers what is left of a view with none. */
  @Door(value = Passage.SIDED)
  @PostMapping("/golfers/{id}/set-up/rest-none")
  String restNone(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String view,
      @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.openToWrite(user.account(), id);
    views.groups(workup).stream()
        .filter(g -> g.id().equals(view))
        .findFirst()
        .ifPresent(
            g ->
                restNone.answer(
                    user.account(),
                    id,
                    g.faults().stream()
                        .filter(StanceViews.FaultView::open)
                        .map(f -> Facts.SETUP_FAULT.about(f.fault()))
                        .toList(),
                    g.title()));
    return "redirect:/golfers/{id}/set-up#view-" + (view.equals("front") ? "front" : "behind");
  }

  private static SetupPage.SchoolLine line(Workup workup, School school) {
    TurnBudget budget = TurnBudget.of(school, workup.golfer().setup(), workup.judgement().hips());
    return new SetupPage.SchoolLine(
        school,
        Arrays.stream(BudgetMargin.values())
            .flatMap(
                which ->
                    budget.margin(which).stream()
                        .map(m -> SetupPage.MarginWord.of(PivotWords.brief(which), m)))
            .toList());
  }
}
