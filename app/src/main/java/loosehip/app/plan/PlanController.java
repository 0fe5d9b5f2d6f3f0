package loosehip.app.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.fact.Station;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Homework;
import loosehip.app.store.PlanTemplates;
import loosehip.app.words.Dates;
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
  private final Benches benches;
  private final Frames frames;
  private final PlanPages pages;
  private final Plans plans;
  private final ExerciseTexts texts;
  private final PlanTemplates templates;
  private final Homework homework;

  PlanController(
      Benches benches,
      Frames frames,
      PlanPages pages,
      Plans plans,
      ExerciseTexts texts,
      PlanTemplates templates,
      Homework homework) {
    this.benches = benches;
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
    Bench bench = benches.open(user.account(), id);
    Optional<Plans.Plan> plan = plans.of(bench);
    model.addAttribute("frame", frames.of(user.account(), bench, Station.PLAN));
    PlanStation.Told told =
        model.getAttribute("told") instanceof PlanStation.Told just
            ? just
            : PlanStation.Told.NOTHING;
    Optional<PlanPage> block =
        plan.filter(p -> !p.block().empty()).map(p -> pages.page(bench, p, week));
    model.addAttribute(
        "page",
        new PlanStation(
            id,
            told,
            block.isPresent() ? Optional.empty() : Optional.of(empty(bench, plan)),
            block,
            plan.flatMap(Plans.Plan::kept).map(v -> new PlanStation.Given(v.number(), v.label())),
            plan.map(p -> state(bench, p)).orElse(PlanStation.State.NONE),
            versions(bench),
            addable(bench, plan),
            templates.of(user.account().practiceId())));
    return "plan/plan";
  }

  private PlanStation.State state(Bench bench, Plans.Plan plan) {
    return new PlanStation.State(
        plan.unsafe(),
        plans.startPast(bench, plan),
        plans.outOfDate(bench, plan),
        !plan.edits().none());
  }

  private PlanStation.Empty empty(Bench bench, Optional<Plans.Plan> plan) {
    PlanStation.Why why =
        bench.golfer().wishes().isEmpty()
            ? PlanStation.Why.NO_WISHES
            : pages.needs(bench).isEmpty() ? PlanStation.Why.NO_NEED : PlanStation.Why.NOTHING_FITS;
    return new PlanStation.Empty(
        why,
        plan.map(p -> p.block().notes().stream().map(n -> texts.words().note(n)).toList())
            .orElse(List.of()));
  }

  private List<PlanStation.VersionLine> versions(Bench bench) {
    List<Homework.Said> log = homework.of(bench.file().id());
    return plans.versions(bench).stream()
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

  private List<PlanStation.Addable> addable(Bench bench, Optional<Plans.Plan> plan) {
    List<ItemId> in =
        plan.map(p -> p.block().items().stream().map(PlanItem::id).toList()).orElse(List.of());
    return bench.golfer().practice().catalogue().items().stream()
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
    Bench bench = benches.open(user.account(), id);
    Optional<Plans.Plan> before = plans.version(bench, from);
    Optional<Plans.Plan> after = plans.version(bench, to);
    if (before.isEmpty() || after.isEmpty()) {
      return "redirect:/golfers/{id}/plan";
    }
    model.addAttribute("frame", frames.of(user.account(), bench, Station.PLAN));
    model.addAttribute(
        "page",
        new PlanComparison(id, from, to, PlanComparison.of(before.get(), after.get(), texts)));
    return "plan/compare";
  }
}
