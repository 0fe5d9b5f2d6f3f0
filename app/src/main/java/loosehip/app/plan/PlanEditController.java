package loosehip.app.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.app.door.Door;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.PlanTemplates;
import loosehip.app.words.Text;
import loosehip.app.words.Typed;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanChange;
import loosehip.core.plan.PlanChanges;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.PlanRefusal;
import loosehip.core.plan.PlanRequest;
import loosehip.core.safety.Passage;
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
  private static final String UNKNOWN =
      "This page asked for something unknown. Nothing was changed.";

  private static final String MEANWHILE =
      "Meanwhile something was noted that this plan must not pass by. No plan was given; the page"
          + " shows what is allowed now.";

  private final Workups workups;
  private final Plans plans;
  private final ExerciseTexts texts;
  private final PlanTemplates templates;
  private final LogSteps logSteps;

  PlanEditController(
      Workups workups,
      Plans plans,
      ExerciseTexts texts,
      PlanTemplates templates,
      LogSteps logSteps) {
    this.logSteps = logSteps;
    this.workups = workups;
    this.plans = plans;
    this.texts = texts;
    this.templates = templates;
  }

  private static final int NAME_MOST = 60;

  /** What was asked for: a change, or why there is none, in words. */
  private record Asked(Optional<PlanChange> change, String label, String refused) {
    static Asked to(PlanChange change, String label) {
      return new Asked(Optional.of(change), label, "");
    }

    static Asked refused(String words) {
      return new Asked(Optional.empty(), "", words);
    }
  }

  /** What a form sends. */
  private record Form(String what, String item, int from, int to, int by, int week, String name) {}

  @Door(Passage.MOVES)
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
    Workup workup = workups.open(user.account(), id);
    Optional<Plans.Plan> plan = plans.of(workup);
    if (plan.isPresent() && workup.consented()) {
      Form form = new Form(what, item, from, to, by, week, name);
      Asked done =
          what.equals("template")
              ? template(user, plan.get(), name)
              : give(workup, user, plan.get(), asked(workup, user, form));
      flash.addFlashAttribute(
          "told",
          done.refused().isEmpty()
              ? new PlanStation.Told("", Text.upper(done.label()))
              : new PlanStation.Told(Text.upper(done.refused()), ""));
    }
    flash.addAttribute("week", week);
    return "redirect:/golfers/{id}/plan";
  }

  private Asked asked(Workup workup, SignedIn user, Form form) {
    return switch (form.what()) {
      case "give" -> Asked.to(new PlanChange.Give(), "given");
      case "replan" -> anew(workup);
      case "next" -> Asked.to(anew(workup).change().get(), "the next block");
      case "reset" -> Asked.to(new PlanChange.LetAllGo(), "back to the planner's own");
      case "back" -> back(workup, form.to());
      case "apply" -> apply(user, form.item());
      default ->
          ItemId.parse(form.item())
              .map(item -> about(item, form))
              .orElseGet(() -> Asked.refused(UNKNOWN));
    };
  }

  /** Plans anew with what the log moved, and says so. */
  private Asked anew(Workup workup) {
    Map<ItemId, Integer> moved = new LinkedHashMap<>();
    List<String> told = new ArrayList<>();
    logSteps
        .of(workup)
        .forEach(
            (item, verdict) -> {
              switch (verdict.step()) {
                case MOVE_UP -> {
                  moved.put(item, 1);
                  told.add(texts.named(item) + " up");
                }
                case STEP_BACK -> {
                  moved.put(item, -1);
                  told.add(texts.named(item) + " easier");
                }
                case HOLD -> moved.put(item, 0);
                case STOP -> told.add(texts.named(item) + " stopped");
              }
            });
    return Asked.to(
        new PlanChange.PlanAnew(moved),
        told.isEmpty() ? "planned anew" : "planned anew by the log: " + String.join(", ", told));
  }

  private Asked about(ItemId item, Form form) {
    String named = texts.named(item);
    return switch (form.what()) {
      case "move" ->
          Asked.to(
              new PlanChange.Move(item, form.week(), form.from(), form.to()), "moved: " + named);
      case "lock" -> Asked.to(new PlanChange.Hold(item, form.week()), "held: " + named);
      case "unlock" -> Asked.to(new PlanChange.LetGo(item), "let go: " + named);
      case "out" -> Asked.to(new PlanChange.TakeOut(item), "");
      case "add" -> Asked.to(new PlanChange.Add(item), "added: " + named);
      case "rung" -> Asked.to(new PlanChange.Climb(item, form.by()), "rung: " + named);
      case "step" ->
          Asked.to(
              new PlanChange.Climb(item, form.by()),
              (form.by() < 0 ? "easier form: " : "moved on from: ") + named);
      case "cue" ->
          Asked.to(
              new PlanChange.Cue(item, Typed.line(form.name())),
              (form.name().isBlank() ? "cue taken away: " : "cue kept: ") + named);
      case "dose" ->
          Asked.to(new PlanChange.ChangeDose(item, form.week(), form.by()), "dose: " + named);
      default -> Asked.refused(UNKNOWN);
    };
  }

  private Asked give(Workup workup, SignedIn user, Plans.Plan now, Asked asked) {
    if (asked.change().isEmpty()) {
      return asked;
    }
    Optional<PlanRequest> request = plans.request(workup);
    if (request.isEmpty()) {
      return Asked.refused(texts.words().refusal(new PlanRefusal.NothingPlanned()));
    }
    Set<ItemId> stopped = workup.file().given().map(g -> g.stopped().keySet()).orElse(Set.of());
    PlanChanges.Outcome outcome =
        new PlanChanges(request.get(), now.inHand(stopped)).of(asked.change().get());
    if (outcome instanceof PlanChanges.Refused refused) {
      return Asked.refused(texts.words().refusal(refused.because()));
    }
    PlanChanges.Changed changed = (PlanChanges.Changed) outcome;
    String label =
        asked.change().get() instanceof PlanChange.TakeOut out
            ? swapped(out.item(), changed.cameIn())
            : asked.label();
    boolean given =
        plans.give(
            workup,
            user.account(),
            Plans.proposed(request.get(), changed.block(), changed.edits()),
            label);
    if (!given) {
      return Asked.refused(MEANWHILE);
    }
    workups.saved(user.account(), workup.file().id());
    return Asked.to(asked.change().get(), label);
  }

  /** What came in the place of something taken out, in words. */
  private String swapped(ItemId item, List<ItemId> came) {
    return came.isEmpty()
        ? texts.named(item) + " taken out; nothing else serves in its place"
        : texts.named(item)
            + " swapped for "
            + came.stream().map(texts::named).collect(Collectors.joining(" and "));
  }

  private Asked back(Workup workup, int number) {
    return plans
        .version(workup, number)
        .map(
            p ->
                Asked.to(
                    new PlanChange.BackTo(number, p.edits()),
                    "back to what version " + number + " decided"))
        .orElseGet(() -> Asked.refused("There is no such version. Nothing was changed."));
  }

  private Asked template(SignedIn user, Plans.Plan now, String name) {
    String kept = Typed.line(name);
    if (kept.isEmpty() || kept.length() > NAME_MOST) {
      return Asked.refused("A template needs a name of at most " + NAME_MOST + " letters.");
    }
    templates.save(user.account(), kept, now.block().items().stream().map(PlanItem::id).toList());
    return new Asked(Optional.empty(), "saved as the template “" + kept + "”", "");
  }

  /** Holds in what a template names, as far as this golfer may do it; the planner does the rest. */
  private Asked apply(SignedIn user, String template) {
    return templates
        .find(user.account().practiceId(), template)
        .map(
            t ->
                Asked.to(
                    new PlanChange.Apply(t.name(), t.items()),
                    "template “" + t.name() + "” applied"))
        .orElseGet(() -> Asked.refused("That template is gone. Nothing was changed."));
  }
}
