package loosehip.app.swing;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import loosehip.app.figure.Drawing;
import loosehip.app.figure.Figures;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Station;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.golfer.Topic;
import loosehip.app.golfer.Typed;
import loosehip.app.pivot.PivotInstrument;
import loosehip.app.signin.SignedIn;
import loosehip.core.body.Handed;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.link.Rhythm;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SwingFigure;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.Demands;
import loosehip.core.pivot.Downswing;
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
  private final PivotInstrument instrument;
  private final Figures figures;

  SwingController(Benches benches, Frames frames, Figures figures, PivotInstrument instrument) {
    this.instrument = instrument;
    this.benches = benches;
    this.frames = frames;
    this.figures = figures;
  }

  /**
   * A fault with its three pictures, its figures, and what the school says about it.
   *
   * @param measured whether a figure sets the level
   */
  public record FaultView(
      PivotFault fault,
      List<LevelView> levels,
      Rehearsal rehearsal,
      String school,
      List<FigureView> figures,
      boolean measured) {}

  /** A figure that can be typed for a fault, with its thresholds in this school. */
  public record FigureView(SwingFigure figure, String value, String thresholds) {}

  /** The faults of one checkpoint. */
  public record Group(String title, List<FaultView> faults) {}

  /** A moment of the right rhythm with its picture. */
  public record MomentView(Rhythm moment, Drawing drawing) {}

  /** One level of a fault. */
  public record LevelView(Level level, Optional<Drawing> drawing, boolean chosen) {}

  @GetMapping("/golfers/{id}/swing")
  String swing(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Bench bench = benches.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), bench, Station.SWING));
    instrument.beside(model, bench, "swing");
    model.addAttribute("file", bench.file());
    Set<PivotFault> first = first(bench);
    model.addAttribute("first", groups(bench, first::contains));
    model.addAttribute("rest", groups(bench, f -> !first.contains(f)));
    model.addAttribute("why", why(bench));
    model.addAttribute(
        "expected",
        bench.assessment().forecast().stream()
            .map(e -> e.fault().title().toLowerCase(Locale.ROOT))
            .distinct()
            .limit(4)
            .toList());
    model.addAttribute("mirrored", bench.golfer().handed() == Handed.LEFT);
    model.addAttribute("releases", LeadRelease.values());
    model.addAttribute("clubs", Club.values());
    model.addAttribute("habits", Habit.values());
    model.addAttribute("downswings", Downswing.values());
    model.addAttribute("sharedCheck", Downswing.SHARED_CHECK);
    model.addAttribute("rehearsals", Rehearsal.values());
    model.addAttribute(
        "rhythm",
        Arrays.stream(Rhythm.values())
            .map(m -> new MomentView(m, figures.find("rhythm." + m.id()).orElseThrow()))
            .toList());
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
        school(bench.golfer().school(), bench.golfer().coefficients(), fault),
        figures(bench, fault),
        figures(bench, fault).stream().anyMatch(f -> !f.value().isEmpty()));
  }

  private static List<FigureView> figures(Bench bench, PivotFault fault) {
    Demands asks = bench.golfer().coefficients().demands(bench.golfer().school());
    boolean arched = bench.golfer().seen().level(SetupFault.ARCHED) == Level.CLEAR;
    return Arrays.stream(SwingFigure.values())
        .filter(f -> f.fault() == fault)
        .map(
            f ->
                new FigureView(
                    f,
                    bench.file().value(Topic.SWING_FIGURE.about(f.id())).orElse(""),
                    f.thresholds(asks, arched)))
        .toList();
  }

  /** One fault's levels again, after a figure of it was typed. */
  @GetMapping("/golfers/{id}/swing/{fault}")
  String again(
      @PathVariable String id,
      @PathVariable String fault,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.open(user.account(), id);
    Optional<PivotFault> of = PivotFault.parse(fault);
    if (of.isEmpty()) {
      return "redirect:/golfers/" + id + "/swing";
    }
    model.addAttribute("file", bench.file());
    model.addAttribute("f", view(bench, of.get()));
    model.addAttribute("mirrored", bench.golfer().handed() == Handed.LEFT);
    return "swing/levels";
  }

  /** The school's rule for the fault, where it has one that no figure tells. */
  private static String school(School school, Coefficients model, PivotFault fault) {
    Demands asks = model.demands(school);
    String name = school.title().toLowerCase(Locale.ROOT);
    return switch (fault) {
      case SWAY ->
          "In "
              + name
              + " a shift of "
              + plain(asks.shiftLow())
              + "–"
              + plain(asks.shiftHigh())
              + " cm away is part of it.";
      case TRAIL_LOCK ->
          "In "
              + name
              + " straightening up to "
              + plain(asks.straightening())
              + "° with the heel heavy is part of it.";
      default -> "";
    };
  }

  private static String plain(double number) {
    return Typed.plain(number).replace("-", "−");
  }
}
