package loosehip.app.swing;

import java.util.List;
import java.util.Optional;
import loosehip.app.figure.Drawing;
import loosehip.app.figure.Figures;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Station;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.signin.SignedIn;
import loosehip.core.body.Handed;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The pivot by eye, with the slow rehearsal and the habits. */
@Controller
class SwingController {
  private static final List<PivotFault> LOOKED_AT =
      List.of(PivotFault.SWAY, PivotFault.EARLY_STOP, PivotFault.HIP_THRUST);

  private final Benches benches;
  private final Frames frames;
  private final Figures figures;

  SwingController(Benches benches, Frames frames, Figures figures) {
    this.benches = benches;
    this.frames = frames;
    this.figures = figures;
  }

  /** A fault with its three pictures and what the school says about it. */
  public record FaultView(
      PivotFault fault, List<LevelView> levels, Rehearsal rehearsal, String school) {}

  /** One level of a fault. */
  public record LevelView(Level level, Optional<Drawing> drawing, boolean chosen) {}

  @GetMapping("/golfers/{id}/swing")
  String swing(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Bench bench = benches.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), bench, Station.SWING));
    model.addAttribute("bench", bench);
    model.addAttribute("file", bench.file());
    model.addAttribute("faults", LOOKED_AT.stream().map(f -> view(bench, f)).toList());
    model.addAttribute(
        "expected",
        bench.assessment().forecast().stream()
            .map(e -> e.fault().title().toLowerCase(java.util.Locale.ROOT))
            .distinct()
            .limit(4)
            .toList());
    model.addAttribute("mirrored", bench.golfer().handed() == Handed.LEFT);
    model.addAttribute("releases", LeadRelease.values());
    model.addAttribute("clubs", Club.values());
    model.addAttribute("habits", Habit.values());
    model.addAttribute("rehearsals", Rehearsal.values());
    return "swing/swing";
  }

  private FaultView view(Bench bench, PivotFault fault) {
    List<LevelView> levels =
        List.of(Level.NONE, Level.SLIGHT, Level.CLEAR).stream()
            .map(
                level ->
                    new LevelView(
                        level,
                        figures.find(fault.id() + "." + level.id()),
                        bench.golfer().seen().level(fault) == level))
            .toList();
    return new FaultView(
        fault,
        levels,
        bench.golfer().seen().rehearsal(fault),
        school(bench.golfer().school(), fault));
  }

  /** What counts as the fault in this school. */
  private static String school(School school, PivotFault fault) {
    return switch (fault) {
      case SWAY ->
          "In "
              + school.title().toLowerCase()
              + " a shift of "
              + Math.round(school.shiftLow())
              + "–"
              + Math.round(school.shiftHigh())
              + " cm away is part of it; clear from "
              + Math.round(school.shiftHigh() + 2)
              + " cm.";
      case EARLY_STOP ->
          "Clear when the pelvis stops before 60 % of the backswing, or turns less than "
              + Math.round(school.pelvisLow() - 5)
              + "°.";
      case HIP_THRUST -> "Clear when the seat is 3 cm or more nearer the ball than at address.";
      default -> "";
    };
  }
}
