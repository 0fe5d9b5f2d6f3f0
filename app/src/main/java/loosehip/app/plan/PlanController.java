package loosehip.app.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.fact.Station;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Homework;
import loosehip.app.store.PlanTemplates;
import loosehip.app.words.Dates;
import loosehip.app.words.FollowWords;
import loosehip.core.follow.RungRule;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The block and its reasons, its versions, and two of them compared. */
@Controller
class PlanController {
  private final Workups workups;
  private final Frames frames;
  private final PlanPages pages;
  private final Plans plans;
  private final ExerciseTexts texts;
  private final PlanTemplates templates;
  private final Homework homework;
  private final LogSteps logSteps;

  PlanController(
      Workups workups,
      Frames frames,
      PlanPages pages,
      Plans plans,
      ExerciseTexts texts,
      PlanTemplates templates,
      Homework homework,
      LogSteps logSteps) {
    this.logSteps = logSteps;
    this.workups = workups;
    this.frames = frames;
    this.pages = pages;
    this.plans = plans;
    this.texts = texts;
    this.templates = templates;
    this.homework = homework;
  }

  @Door(Passage.MOVES)
  @GetMapping("/golfers/{id}/plan")
  String plan(
      @PathVariable String id,
      @RequestParam(defaultValue = "0") int week,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.open(user.account(), id);
    Optional<Plans.Plan> plan = plans.of(workup);
    model.addAttribute("frame", frames.of(user.account(), workup, Station.PLAN));
    PlanStation.Told told =
        model.getAttribute("told") instanceof PlanStation.Told just
            ? just
            : PlanStation.Told.NOTHING;
    Optional<PlanPage> block =
        plan.filter(p -> !p.block().empty()).map(p -> pages.page(workup, p, week));
    model.addAttribute(
        "page",
        new PlanStation(
            id,
            told,
            block.isPresent() ? Optional.empty() : Optional.of(empty(workup, plan)),
            block,
            plan.flatMap(Plans.Plan::kept).map(v -> new PlanStation.Given(v.number(), v.label())),
            plan.map(p -> state(workup, p)).orElse(PlanStation.State.NONE),
            versions(workup),
            addable(workup, plan),
            templates.of(user.account().practiceId())));
    return "plan/plan";
  }

  private PlanStation.State state(Workup workup, Plans.Plan plan) {
    return new PlanStation.State(
        plan.unsafe(),
        plans.startPast(workup, plan),
        plans.onPaper(workup, plan),
        plans.outOfDate(workup, plan),
        !plan.edits().none(),
        plan.kept().isPresent() ? asked(workup) : List.of());
  }

  /** What the log asks for: whatever does not simply hold. */
  private List<PlanStation.LogLine> asked(Workup workup) {
    return logSteps.of(workup).entrySet().stream()
        .filter(e -> e.getValue().step() != RungRule.Step.HOLD)
        .map(
            e ->
                new PlanStation.LogLine(
                    e.getValue().step().word(),
                    texts.of(e.getKey()).name(),
                    FollowWords.because(e.getValue().because())))
        .toList();
  }

  private PlanStation.Empty empty(Workup workup, Optional<Plans.Plan> plan) {
    PlanStation.Why why =
        workup.golfer().wishes().isEmpty()
            ? PlanStation.Why.NO_WISHES
            : pages.needs(workup).isEmpty()
                ? PlanStation.Why.NO_NEED
                : PlanStation.Why.NOTHING_FITS;
    return new PlanStation.Empty(
        why,
        plan.map(p -> p.block().notes().stream().map(n -> texts.words().note(n)).toList())
            .orElse(List.of()));
  }

  private List<PlanStation.VersionLine> versions(Workup workup) {
    List<Homework.Said> log = homework.of(workup.file().id());
    return plans.versions(workup).stream()
        .map(
            v ->
                new PlanStation.VersionLine(
                    v.number(),
                    v.label(),
                    v.by() + ", " + Dates.moment(v.at()),
                    logged(log.stream().filter(k -> k.plan() == v.number()).toList())))
        .toList();
  }

  /** What the log of a version holds, in words; empty when it holds nothing. */
  private static String logged(List<Homework.Said> log) {
    long days = log.stream().map(k -> k.log().on()).distinct().count();
    long done = log.stream().filter(k -> k.log().done().counts()).count();
    return days == 0
        ? ""
        : "log of " + days + (days == 1 ? " day, " : " days, ") + done + " things done";
  }

  private List<PlanStation.Addable> addable(Workup workup, Optional<Plans.Plan> plan) {
    List<ItemId> in =
        plan.map(p -> p.block().items().stream().map(PlanItem::id).toList()).orElse(List.of());
    return workup.golfer().practice().catalogue().items().stream()
        .filter(i -> !in.contains(i))
        .map(i -> new PlanStation.Addable(i, texts.of(i).name()))
        .sorted(Comparator.comparing(PlanStation.Addable::name))
        .toList();
  }

  /** Two versions side by side: what came in, what went, what changed. */
  @Door(Passage.MOVES)
  @GetMapping("/golfers/{id}/plan/compare")
  String compare(
      @PathVariable String id,
      @RequestParam(defaultValue = "0") int from,
      @RequestParam(defaultValue = "0") int to,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.open(user.account(), id);
    Optional<Plans.Plan> before = plans.version(workup, from);
    Optional<Plans.Plan> after = plans.version(workup, to);
    if (before.isEmpty() || after.isEmpty()) {
      return "redirect:/golfers/{id}/plan";
    }
    model.addAttribute("frame", frames.of(user.account(), workup, Station.PLAN));
    model.addAttribute(
        "page",
        new PlanComparison(id, from, to, PlanComparison.of(before.get(), after.get(), texts)));
    return "plan/compare";
  }
}
