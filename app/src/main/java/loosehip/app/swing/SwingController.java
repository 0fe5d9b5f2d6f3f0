package loosehip.app.swing;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import loosehip.app.door.Door;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.fact.Station;
import loosehip.app.field.NotedField;
import loosehip.app.figure.Figures;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Measured;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.note.RestNone;
import loosehip.app.pivot.PivotInstrument;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.unit.Shown;
import loosehip.app.words.LinkWords;
import loosehip.app.words.Numbers;
import loosehip.core.body.Handed;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.link.Rhythm;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SwingFigure;
import loosehip.core.named.Named;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.Demands;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The pivot by eye, with the slow rehearsal and the habits. */
@Controller
class SwingController {
  /** Without a complaint or a short budget, these three are looked at first (ours). */
  private static final List<PivotFault> USUAL =
      List.of(PivotFault.SWAY, PivotFault.EARLY_STOP, PivotFault.HIP_THRUST);

  /** Straightening told apart by eye, in degrees (ours). */
  private static final List<Integer> STRAIGHTENED = List.of(0, 5, 10, 15, 20);

  private static final List<Level> LEVELS = List.of(Level.NONE, Level.SLIGHT, Level.CLEAR);

  private final Workups workups;
  private final Frames frames;
  private final RestNone restNone;
  private final PivotInstrument instrument;
  private final Figures figures;

  SwingController(
      Workups workups,
      Frames frames,
      Figures figures,
      PivotInstrument instrument,
      RestNone restNone) {
    this.restNone = restNone;
    this.instrument = instrument;
    this.workups = workups;
    this.frames = frames;
    this.figures = figures;
  }

  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/swing")
  String swing(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), workup, Station.SWING));
    instrument.beside(model, workup, "swing");
    Set<PivotFault> first = first(workup);
    GolferFile file = workup.file();
    model.addAttribute(
        "page",
        new SwingPage(
            file.id(),
            groups(workup, first::contains),
            PivotFault.values().length - first.size(),
            Arrays.stream(PivotFault.values())
                .filter(f -> !first.contains(f))
                .filter(f -> workup.golfer().seen().level(f) == Level.NOT_LOOKED_AT)
                .count(),
            why(workup),
            workup.judgement().forecast().stream()
                .map(e -> e.fault().title().toLowerCase(Locale.ROOT))
                .distinct()
                .limit(4)
                .toList(),
            NotedField.steps(
                file, Facts.STRAIGHTENING, STRAIGHTENED, d -> d == 0 ? "not" : d + "°", ""),
            NotedField.typed(file, Facts.STRAIGHTENING),
            NotedField.oneOf(
                file,
                Facts.RELEASE,
                LeadRelease.values(),
                LeadRelease::word,
                workup.golfer().setup().release()),
            NotedField.oneOf(
                file, Facts.CLUB, Club.values(), Club::word, workup.golfer().setup().club()),
            NotedField.oneOf(file, Facts.DOWNSWING, List.of(Downswing.values()), Downswing::title),
            List.of(Downswing.values()),
            Downswing.SHARED_CHECK,
            Arrays.stream(Habit.values())
                .map(h -> NotedField.mark(file, Facts.HABIT.about(h), h.title()).hinted(h.seen()))
                .toList()));
    return "swing/swing";
  }

  /** The right rhythm, moment by moment, when somebody wants to see it. */
  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/swing/rhythm")
  String rhythm(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("mirrored", workup.golfer().handed() == Handed.LEFT);
    model.addAttribute(
        "moments",
        Arrays.stream(Rhythm.values())
            .map(m -> new SwingPage.Moment(m, figures.find("rhythm." + m.id()).orElseThrow()))
            .toList());
    return "swing/rhythm";
  }

  /** The faults that nothing points at, when somebody looks for them. */
  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/swing/others")
  String others(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Workup workup = workups.open(user.account(), id);
    Set<PivotFault> first = first(workup);
    List<SwingPage.Group> groups = groups(workup, f -> !first.contains(f));
    model.addAttribute("golfer", id);
    model.addAttribute("groups", groups);
    model.addAttribute("open", groups.stream().mapToLong(SwingPage.Group::open).sum());
    return "swing/others";
  }

  /** Answers what is left of what is looked at first, or of the others, with none. */
  @Door(Passage.SIDED)
  @PostMapping("/golfers/{id}/swing/rest-none")
  String restNone(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String view,
      @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.openToWrite(user.account(), id);
    Set<PivotFault> first = first(workup);
    boolean others = view.equals("others");
    List<Fact<Level>> open =
        groups(workup, f -> first.contains(f) != others).stream()
            .flatMap(g -> g.faults().stream())
            .filter(SwingPage.Fault::open)
            .<Fact<Level>>map(f -> Facts.FAULT.about(f.fault()))
            .toList();
    restNone.answer(user.account(), id, open, "Swing");
    return "redirect:/golfers/{id}/swing#" + (others ? "more-faults" : "h-look");
  }

  /** What to look at first: what is seen already, what the complaints and the budget point at. */
  private static Set<PivotFault> first(Workup workup) {
    Set<PivotFault> first = EnumSet.noneOf(PivotFault.class);
    for (PivotFault fault : PivotFault.values()) {
      if (workup.golfer().seen().level(fault) != Level.NOT_LOOKED_AT) {
        first.add(fault);
      }
    }
    workup.golfer().complaints().forEach(c -> first.addAll(c.lookFirst()));
    workup.judgement().forecast().forEach(e -> first.add(e.fault()));
    if (first.isEmpty()) {
      first.addAll(USUAL);
    }
    return first;
  }

  private static String why(Workup workup) {
    if (!workup.judgement().forecast().isEmpty()) {
      return "What the complaints and the short budget point at. The rest is one key away.";
    }
    return workup.golfer().complaints().isEmpty()
        ? "The three commonest. The rest is one key away."
        : "What the complaints point at. The rest is one key away.";
  }

  private List<SwingPage.Group> groups(Workup workup, Predicate<PivotFault> which) {
    return Arrays.stream(Checkpoint.values())
        .map(
            c ->
                new SwingPage.Group(
                    c.title(),
                    c.faults().stream().filter(which).map(f -> view(workup, f)).toList()))
        .filter(g -> !g.faults().isEmpty())
        .toList();
  }

  private SwingPage.Fault view(Workup workup, PivotFault fault) {
    GolferFile file = workup.file();
    List<SwingPage.Figure> typed = figures(workup, fault);
    return new SwingPage.Fault(
        file.id(),
        workup.golfer().handed() == Handed.LEFT,
        fault,
        NotedField.oneOrNone(
                file,
                Facts.FAULT.about(fault),
                LEVELS,
                Level::word,
                workup.golfer().seen().level(fault).id())
            .locked(typed.stream().anyMatch(f -> !f.field().value().isEmpty())),
        LEVELS.stream().map(level -> figures.find(fault.id() + "." + level.id())).toList(),
        NotedField.oneOf(
            file,
            Facts.REHEARSAL.about(fault),
            Rehearsal.values(),
            Rehearsal::word,
            workup.golfer().seen().rehearsal(fault)),
        school(workup.golfer().school(), workup.golfer().practice().coefficients(), fault),
        typed);
  }

  private static List<SwingPage.Figure> figures(Workup workup, PivotFault fault) {
    Demands asks = workup.golfer().practice().coefficients().demands(workup.golfer().school());
    boolean arched = workup.golfer().seen().level(SetupFault.ARCHED) == Level.CLEAR;
    return Arrays.stream(SwingFigure.values())
        .filter(f -> f.fault() == fault)
        .map(
            f ->
                new SwingPage.Figure(
                    f,
                    Shown.ofSign(f.unit()).sign(),
                    NotedField.typed(workup.file(), Facts.SWING_FIGURE.about(f)),
                    LinkWords.thresholds(f.edges(asks, arched), Shown.ofSign(f.unit()))
                        + origin(workup, f)))
        .toList();
  }

  private static String origin(Workup workup, SwingFigure figure) {
    return Facts.SWING_FIGURE
        .about(figure)
        .in(workup.file())
        .map(v -> Measured.origin(workup.file(), figure.id(), v))
        .orElse("");
  }

  /** One fault's levels again, after a figure of it was typed. */
  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/swing/{fault}")
  String again(
      @PathVariable String id,
      @PathVariable String fault,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    return fault(id, fault, user, model, "swing/levels");
  }

  /** The figures of one fault, when somebody has some. */
  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/swing/{fault}/figures")
  String figures(
      @PathVariable String id,
      @PathVariable String fault,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    return fault(id, fault, user, model, "swing/figures");
  }

  private String fault(String id, String fault, SignedIn user, Model model, String template) {
    Workup workup = workups.open(user.account(), id);
    Optional<PivotFault> of = Named.parse(PivotFault.class, fault);
    if (of.isEmpty()) {
      return "redirect:/golfers/{id}/swing";
    }
    model.addAttribute("f", view(workup, of.get()));
    return template;
  }

  /** The school's rule for the fault, where it has one that no figure tells. */
  private static String school(School school, Coefficients model, PivotFault fault) {
    Demands asks = model.demands(school);
    String name = school.title().toLowerCase(Locale.ROOT);
    Shown length = Shown.ofSign(" cm");
    return switch (fault) {
      case SWAY ->
          "In "
              + name
              + " a shift of "
              + Numbers.plain(length.of(asks.shiftLow()))
              + "–"
              + Numbers.plain(length.of(asks.shiftHigh()))
              + length.sign()
              + " away is part of it.";
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
    return Numbers.shown(number);
  }
}
