package loosehip.app.setup;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Station;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.signin.SignedIn;
import loosehip.core.link.Level;
import loosehip.core.link.SetupFault;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.School;
import loosehip.core.pivot.TurnBudget;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** How the golfer stands: figures, school, and set-up faults by eye. */
@Controller
class SetupController {
  private static final List<Figure> FIGURES =
      List.of(
          new Figure("trailFlare", "Trail foot flare", "toes out", "0"),
          new Figure("leadFlare", "Lead foot flare", "toes out", "0"),
          new Figure("trailPinch", "Trail knee pinch", "knee inside mid-foot", "0"),
          new Figure("leadPinch", "Lead knee pinch", "knee inside mid-foot", "0"),
          new Figure("hipFlexion", "Hip bend", "at address", "40"),
          new Figure("pelvicTilt", "Pelvic tilt", "+ arched, − tucked, from neutral", "0"),
          new Figure("rounding", "Back rounding", "lower to upper half", "0"));

  private final Benches benches;
  private final Frames frames;

  SetupController(Benches benches, Frames frames) {
    this.benches = benches;
    this.frames = frames;
  }

  /**
   * A figure to type: its name in the case file, title, hint, and what counts while it is empty.
   */
  public record Figure(String id, String title, String hint, String usual) {}

  /** A school beside the others: what today's set-up leaves in it. */
  public record SchoolLine(
      School school, Optional<Margin> back, Optional<Margin> impact, boolean chosen) {}

  @GetMapping("/golfers/{id}/set-up")
  String setUp(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Bench bench = benches.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), bench, Station.SET_UP));
    model.addAttribute("bench", bench);
    model.addAttribute("file", bench.file());
    model.addAttribute("figures", FIGURES);
    model.addAttribute("schools", schools(bench));
    model.addAttribute("faults", SetupFault.values());
    model.addAttribute("levels", List.of(Level.NONE, Level.SLIGHT, Level.CLEAR));
    return "setup/set-up";
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
