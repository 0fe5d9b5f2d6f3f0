package loosehip.app.plan;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.PlanTemplates;
import loosehip.core.plan.Block;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Dose;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Planner;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/**
 * What the trainer changes in a plan. Every change is planned around and makes a new version; one
 * that breaks a rule is refused in words and changes nothing.
 */
@Controller
class PlanEditController {
  private final Benches benches;
  private final Plans plans;
  private final ExerciseTexts texts;
  private final PlanTemplates templates;

  PlanEditController(Benches benches, Plans plans, ExerciseTexts texts, PlanTemplates templates) {
    this.benches = benches;
    this.plans = plans;
    this.texts = texts;
    this.templates = templates;
  }

  /** A change: what it makes of the decisions, or why it cannot be. */
  private record Change(Optional<PlanEdits> edits, String label, String refused) {
    static Change to(PlanEdits edits, String label) {
      return new Change(Optional.of(edits), label, "");
    }

    static Change refused(String words) {
      return new Change(Optional.empty(), "", words);
    }
  }

  @PostMapping("/golfers/{id}/plan/{what}")
  String change(
      @PathVariable String id,
      @PathVariable String what,
      @RequestParam(defaultValue = "") String item,
      @RequestParam(defaultValue = "0") int from,
      @RequestParam(defaultValue = "0") int to,
      @RequestParam(defaultValue = "0") int by,
      @RequestParam(defaultValue = "1") int week,
      @RequestParam(defaultValue = "") String name,
      @AuthenticationPrincipal SignedIn user,
      RedirectAttributes flash) {
    Bench bench = benches.open(user.account(), id);
    String back = "redirect:/golfers/" + id + "/plan?week=" + week;
    Optional<Plans.Plan> plan = plans.of(bench);
    if (plan.isEmpty() || !bench.consented()) {
      return back;
    }
    Plans.Plan now = plan.get();
    Change change =
        switch (what) {
          case "give" -> Change.to(now.edits(), "given");
          case "replan" -> Change.to(now.edits(), "planned anew");
          case "reset" -> Change.to(PlanEdits.NONE, "back to the planner's own");
          case "move" -> move(bench, now, item, week, from, to);
          case "lock" ->
              Change.to(now.edits().pin(item, days(now, item, week)), "held: " + named(item));
          case "unlock" -> Change.to(now.edits().unpin(item), "let go: " + named(item));
          case "out" -> Change.to(plans.without(bench, now, item), "");
          case "add" -> add(bench, now, item);
          case "rung" -> rung(bench, now, item, by);
          case "dose" -> dose(now, item, week, by);
          case "back" -> back(bench, to);
          case "template" -> template(user, now, name);
          case "apply" -> apply(bench, user, now, item);
          default -> Change.refused("This page asked for something unknown. Nothing was changed.");
        };
    if (change.edits().isPresent()) {
      change = give(bench, user, now, change, item, what);
    }
    flash.addFlashAttribute("refused", change.refused());
    flash.addFlashAttribute("done", change.refused().isEmpty() ? change.label() : "");
    return back;
  }

  /** What the log has stopped is in no later version until the trainer adds it again. */
  private static PlanEdits withoutStopped(Bench bench, PlanEdits edits, String added) {
    PlanEdits then = edits;
    for (String item : bench.file().given().map(g -> g.stopped().keySet()).orElse(Set.of())) {
      then = item.equals(added) ? then : then.leave(item);
    }
    return then;
  }

  private Change give(
      Bench bench, SignedIn user, Plans.Plan now, Change change, String item, String what) {
    Optional<Plans.Plan> then =
        what.equals("give") && now.kept().isEmpty()
            ? Optional.of(now)
            : plans.proposed(
                bench,
                withoutStopped(
                    bench, change.edits().orElseThrow(), what.equals("add") ? item : ""));
    if (then.isEmpty()) {
      return Change.refused(
          "Nothing could be planned: the minutes and days on Talk are missing. The plan stays.");
    }
    Optional<String> against =
        then.get().block().notes().stream()
            .filter(n -> !item.isEmpty() && n.contains(item) && !n.startsWith("Not served"))
            .findFirst();
    if (against.isPresent()) {
      return Change.refused(against.get().replace(item, named(item)) + ". Nothing was changed.");
    }
    String label = what.equals("out") ? swapped(now, then.get(), item) : change.label();
    plans.give(bench, user.account(), then.get(), label);
    benches.saved(user.account(), bench.file().id());
    return Change.to(change.edits().get(), label);
  }

  /** What came in the place of something taken out, in words. */
  private String swapped(Plans.Plan before, Plans.Plan after, String item) {
    List<String> came = Plans.added(before, after).stream().map(this::named).toList();
    return came.isEmpty()
        ? named(item) + " taken out; nothing else serves in its place"
        : named(item) + " swapped for " + String.join(" and ", came);
  }

  private String named(String id) {
    return texts.find(id).map(t -> t.name().toLowerCase(Locale.ROOT)).orElse(id);
  }

  private static Set<Integer> days(Plans.Plan plan, String item, int week) {
    Set<Integer> days = new TreeSet<>();
    Block block = plan.block();
    int at = Math.max(1, Math.min(block.weeks().size(), week));
    block.weeks().get(at - 1).sessions().stream()
        .filter(s -> s.items().stream().anyMatch(i -> i.id().equals(item)))
        .forEach(s -> days.add(s.day()));
    return days;
  }

  private Change move(Bench bench, Plans.Plan now, String item, int week, int from, int to) {
    Set<Integer> days = days(now, item, week);
    if (to < 1 || to > 7 || !days.remove(from)) {
      return Change.refused("There is no such day. Nothing was changed.");
    }
    if (!days.add(to)) {
      return Change.refused(named(item) + " is on that day already. Nothing was changed.");
    }
    boolean rest =
        now.block().weeks().get(Math.max(0, week - 1)).sessions().stream()
            .noneMatch(s -> s.day() == to);
    if (rest) {
      return Change.refused(
          "That is a rest day. For more days, raise the days a week on Talk. Nothing was changed.");
    }
    Optional<Exercise> exercise = bench.golfer().catalogue().find(item);
    if (exercise.filter(Exercise::hard).isPresent() && tooNear(days)) {
      return Change.refused(named(item) + " needs 48 hours between its days. Nothing was changed.");
    }
    return Change.to(now.edits().pin(item, days), "moved: " + named(item));
  }

  private static boolean tooNear(Set<Integer> days) {
    return days.stream().anyMatch(d -> days.contains(d % 7 + 1));
  }

  private Change add(Bench bench, Plans.Plan now, String item) {
    Catalogue catalogue = bench.golfer().catalogue();
    if (catalogue.find(item).isEmpty() && catalogue.drill(item).isEmpty()) {
      return Change.refused("There is no such exercise. Nothing was changed.");
    }
    Optional<String> blocked =
        Planner.blockedBy(
            catalogue,
            item,
            bench.golfer().screen(),
            bench.golfer().handed(),
            bench.golfer().health());
    return blocked
        .map(
            why ->
                Change.refused(
                    named(item)
                        + " cannot be added, "
                        + why
                        + ". Only a recorded clearance lifts it. Nothing was changed."))
        .orElseGet(() -> Change.to(now.edits().pin(item, Set.of()), "added: " + named(item)));
  }

  private Change rung(Bench bench, Plans.Plan now, String item, int by) {
    Optional<Exercise> exercise = bench.golfer().catalogue().find(item);
    Optional<Exercise> next =
        exercise.flatMap(e -> bench.golfer().catalogue().exercise(e.ladder(), e.rung() + by));
    if (next.isEmpty()) {
      return Change.refused("There is no other rung. Nothing was changed.");
    }
    Optional<String> blocked =
        Planner.blockedBy(
            bench.golfer().catalogue(),
            next.get().id(),
            bench.golfer().screen(),
            bench.golfer().handed(),
            bench.golfer().health());
    return blocked
        .map(why -> Change.refused(named(next.get().id()) + ": " + why + ". Nothing was changed."))
        .orElseGet(
            () ->
                Change.to(
                    now.edits().unpin(item).start(next.get()), "rung: " + named(next.get().id())));
  }

  private Change dose(Plans.Plan now, String item, int week, int by) {
    int at = Math.max(1, Math.min(now.block().weeks().size(), week));
    Optional<PlanItem> found =
        now.block().items(at).stream().filter(i -> i.id().equals(item)).findFirst();
    Optional<Dose.Prescribed> then = found.flatMap(i -> DoseSteps.of(i, by));
    return then.map(m -> Change.to(now.edits().dose(item, m), "dose: " + named(item)))
        .orElseGet(
            () -> Change.refused("That is the end of what its dose allows. Nothing was changed."));
  }

  private Change back(Bench bench, int number) {
    return plans
        .version(bench, number)
        .map(p -> Change.to(p.edits(), "back to what version " + number + " decided"))
        .orElseGet(() -> Change.refused("There is no such version. Nothing was changed."));
  }

  private Change template(SignedIn user, Plans.Plan now, String name) {
    String kept = name.strip();
    if (kept.isEmpty() || kept.length() > 60) {
      return Change.refused("A template needs a name of at most 60 letters.");
    }
    templates.save(user.account(), kept, now.block().items().stream().map(PlanItem::id).toList());
    return new Change(Optional.empty(), "saved as the template “" + kept + "”", "");
  }

  /** Holds in what a template names, as far as this golfer may do it; the planner does the rest. */
  private Change apply(Bench bench, SignedIn user, Plans.Plan now, String template) {
    Optional<PlanTemplates.Template> found = templates.find(user.account().practiceId(), template);
    if (found.isEmpty()) {
      return Change.refused("That template is gone. Nothing was changed.");
    }
    PlanEdits edits = PlanEdits.NONE;
    for (String item : found.get().items()) {
      edits = edits.pin(item, Set.of());
    }
    return Change.to(edits, "template “" + found.get().name() + "” applied");
  }
}
