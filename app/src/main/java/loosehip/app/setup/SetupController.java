package loosehip.app.setup;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Station;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.golfer.Measured;
import loosehip.app.pivot.PivotInstrument;
import loosehip.app.signin.SignedIn;
import loosehip.core.link.SpineShape;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.School;
import loosehip.core.pivot.TurnBudget;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** How the golfer stands: figures with their windows, school, and set-up faults by eye. */
@Controller
class SetupController {
  private final Benches benches;
  private final Frames frames;
  private final PivotInstrument instrument;
  private final StanceViews views;

  SetupController(Benches benches, Frames frames, PivotInstrument instrument, StanceViews views) {
    this.benches = benches;
    this.frames = frames;
    this.instrument = instrument;
    this.views = views;
  }

  /** A school beside the others: what today's set-up leaves in it. */
  public record SchoolLine(
      School school, Optional<Margin> back, Optional<Margin> impact, boolean chosen) {}

  @GetMapping("/golfers/{id}/set-up")
  String setUp(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Bench bench = benches.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), bench, Station.SET_UP));
    instrument.beside(model, bench, "set-up");
    model.addAttribute("schools", schools(bench));
    stance(model, bench);
    return "setup/set-up";
  }

  /** The faults by eye and the windows again, after a figure was typed. */
  @GetMapping("/golfers/{id}/set-up/by-eye")
  String byEye(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Bench bench = benches.open(user.account(), id);
    stance(model, bench);
    return "setup/by-eye-again";
  }

  private void stance(Model model, Bench bench) {
    School school = bench.golfer().school();
    model.addAttribute("bench", bench);
    model.addAttribute("file", bench.file());
    model.addAttribute("figures", views.figures(bench));
    model.addAttribute("groups", views.groups(bench));
    model.addAttribute("shape", Measured.shape(bench.file(), school));
    model.addAttribute("shapes", SpineShape.of(school));
  }

  private static List<SchoolLine> schools(Bench bench) {
    return Arrays.stream(School.values())
        .map(
            school -> {
              TurnBudget budget =
                  TurnBudget.of(school, bench.golfer().setup(), bench.assessment().hips());
              return new SchoolLine(
                  school,
                  budget.backMargin(),
                  budget.impactMargin(),
                  school == bench.golfer().school());
            })
        .toList();
  }
}
