package loosehip.app.setup;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.fact.Facts;
import loosehip.app.fact.Station;
import loosehip.app.field.NotedField;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Measured;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.pivot.PivotInstrument;
import loosehip.app.repair.SetupRepairs;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.words.PivotWords;
import loosehip.core.link.SpineShape;
import loosehip.core.pivot.BudgetMargin;
import loosehip.core.pivot.School;
import loosehip.core.pivot.TurnBudget;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** How the golfer stands: figures with their windows, school, and set-up faults by eye. */
@Controller
class SetupController {
  private final Workups workups;
  private final Frames frames;
  private final PivotInstrument instrument;
  private final StanceViews views;

  private final SetupRepairs repairs;

  SetupController(
      Workups workups,
      Frames frames,
      PivotInstrument instrument,
      StanceViews views,
      SetupRepairs repairs) {
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
    model.addAttribute("page", page(workup));
    return "setup/set-up";
  }

  /** The faults by eye and the windows again, after a figure was typed. */
  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/set-up/by-eye")
  String byEye(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("page", page(workup));
    return "setup/by-eye-again";
  }

  /** What puts it right again, after something was seen or measured. */
  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/set-up/repairs")
  String repairs(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("page", page(workup));
    return "setup/repairs";
  }

  private SetupPage page(Workup workup) {
    GolferFile file = workup.file();
    School school = workup.golfer().school();
    List<SpineShape> shapes = SpineShape.of(school);
    return new SetupPage(
        file.id(),
        Optional.of(
            NotedField.oneOf(
                file, Facts.SHAPE, shapes, SpineShape::title, Measured.shape(file, school))),
        views.figures(workup),
        views.groups(workup),
        repairs.of(workup),
        NotedField.oneOf(file, Facts.SCHOOL, School.values(), School::title, school),
        Arrays.stream(School.values()).map(s -> line(workup, s)).toList());
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
