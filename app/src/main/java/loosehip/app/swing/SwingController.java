package loosehip.app.swing;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
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
  /** Without a complaint or a short budget, these three are looked at first (ours). */
  private static final List<PivotFault> USUAL =
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

  /** The faults of one checkpoint. */
  public record Group(String title, List<FaultView> faults) {}

  /** One level of a fault. */
  public record LevelView(Level level, Optional<Drawing> drawing, boolean chosen) {}

  @GetMapping("/golfers/{id}/swing")
  String swing(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Bench bench = benches.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), bench, Station.SWING));
    model.addAttribute("bench", bench);
    model.addAttribute("file", bench.file());
    Set<PivotFault> first = first(bench);
    model.addAttribute("first", groups(bench, first::contains));
    model.addAttribute("rest", groups(bench, f -> !first.contains(f)));
    model.addAttribute("why", why(bench));
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

  /** What to look at first: what is seen already, what the complaints and the budget point at. */
  private static Set<PivotFault> first(Bench bench) {
    Set<PivotFault> first = EnumSet.noneOf(PivotFault.class);
    for (PivotFault fault : PivotFault.values()) {
      if (bench.golfer().seen().level(fault) != Level.NOT_LOOKED_AT) {
        first.add(fault);
      }
    }
    bench.golfer().complaints().forEach(c -> first.addAll(c.lookFirst()));
    bench.assessment().forecast().forEach(e -> first.add(e.fault()));
    if (first.isEmpty()) {
      first.addAll(USUAL);
    }
    return first;
  }

  private static String why(Bench bench) {
    if (!bench.assessment().forecast().isEmpty()) {
      return "What the complaints and the short budget point at. The rest is one key away.";
    }
    return bench.golfer().complaints().isEmpty()
        ? "The three commonest. The rest is one key away."
        : "What the complaints point at. The rest is one key away.";
  }

  private List<Group> groups(Bench bench, Predicate<PivotFault> which) {
    return Arrays.stream(Checkpoint.values())
        .map(
            c ->
                new Group(
                    c.title(), c.faults().stream().filter(which).map(f -> view(bench, f)).toList()))
        .filter(g -> !g.faults().isEmpty())
        .toList();
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
      case SHORT_TURN ->
          "Clear when the shoulders turn less than "
              + Math.round(school.shoulderTarget(Club.DRIVER) - 10)
              + "° with the driver.";
      case REVERSE_TILT -> "Clear when the spine leans towards the target at all.";
      case TRAIL_LOCK ->
          "In "
              + school.title().toLowerCase()
              + " straightening up to "
              + Math.round(school.straighteningLimit())
              + "° with the heel heavy is part of it.";
      case DIP -> "Clear when head or belt is 5 cm or more lower than at address.";
      case PUSH_IN -> "Clear when the seat is 3 cm or more nearer the ball early on.";
      case SLIDE -> "Clear when the pelvis is past the lead ankle.";
      case SPIN_OUT -> "Clear when the pelvis opens with less than half on the lead foot.";
      case STEEP_BEND -> "Clear beyond 40° of side bend, or 30° with an arched back.";
      case LEAD_RISE -> "Clear when the lead side is higher before the hands reach hip height.";
      case FINISH_SHORT -> "Clear when the buckle is more than 15° short of the target.";
      default -> "";
    };
  }
}
