package loosehip.app.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Station;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.golfer.Dates;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Homework;
import loosehip.app.store.PlanTemplates;
import loosehip.core.plan.Drill;
import loosehip.core.plan.Exercise;
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

  /** Something that can be added. */
  public record Addable(String id, String name) {}

  /** A version in the list, with what its log holds. */
  public record VersionLine(int number, String label, String by, String log) {}

  @GetMapping("/golfers/{id}/plan")
  String plan(
      @PathVariable String id,
      @RequestParam(defaultValue = "0") int week,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.open(user.account(), id);
    Optional<Plans.Plan> plan = plans.of(bench);
    model.addAttribute("frame", frames.of(user.account(), bench, Station.PLAN));
    model.addAttribute("bench", bench);
    model.addAttribute("needs", pages.needs(bench));
    model.addAttribute("plan", plan.orElse(null));
    model.addAttribute(
        "page",
        plan.filter(p -> !p.block().empty()).map(p -> pages.page(bench, p, week)).orElse(null));
    model.addAttribute("emptyNotes", plan.map(p -> p.block().notes()).orElse(List.of()));
    model.addAttribute("startPast", plan.filter(p -> plans.startPast(bench, p)).isPresent());
    model.addAttribute("outOfDate", plan.filter(p -> plans.outOfDate(bench, p)).isPresent());
    model.addAttribute("versions", versions(bench));
    model.addAttribute("addable", addable(bench, plan));
    model.addAttribute("templates", templates.of(user.account().practiceId()));
    return "plan/plan";
  }

  private List<VersionLine> versions(Bench bench) {
    List<Homework.Kept> log = homework.of(bench.file().id());
    return plans.versions(bench).stream()
        .map(
            v ->
                new VersionLine(
                    v.number(),
                    v.label(),
                    v.by() + ", " + Dates.moment(v.at()),
                    logged(log.stream().filter(k -> k.plan() == v.number()).toList())))
        .toList();
  }

  /** What the log of a version holds, in words; empty when it holds nothing. */
  private static String logged(List<Homework.Kept> log) {
    long days = log.stream().map(k -> k.log().on()).distinct().count();
    long done = log.stream().filter(k -> k.log().done().counts()).count();
    return days == 0
        ? ""
        : "log of " + days + (days == 1 ? " day, " : " days, ") + done + " things done";
  }

  private List<Addable> addable(Bench bench, Optional<Plans.Plan> plan) {
    List<String> in =
        plan.map(p -> p.block().items().stream().map(i -> i.id()).toList()).orElse(List.of());
    return Stream.concat(
            bench.golfer().catalogue().exercises().stream().map(Exercise::id),
            bench.golfer().catalogue().drills().stream().map(Drill::id))
        .filter(i -> !in.contains(i))
        .map(i -> new Addable(i, texts.of(i).name()))
        .sorted(Comparator.comparing(Addable::name))
        .toList();
  }

  /** Two versions side by side: what came in, what went, what changed. */
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
      return "redirect:/golfers/" + id + "/plan";
    }
    model.addAttribute("frame", frames.of(user.account(), bench, Station.PLAN));
    model.addAttribute("bench", bench);
    model.addAttribute("from", from);
    model.addAttribute("to", to);
    model.addAttribute("lines", PlanComparison.of(before.get(), after.get(), texts));
    return "plan/compare";
  }
}
