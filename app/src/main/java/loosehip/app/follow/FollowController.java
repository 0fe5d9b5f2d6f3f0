package loosehip.app.follow;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.fact.Station;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Saved;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Homework;
import loosehip.app.store.Seen;
import loosehip.app.words.Dates;
import loosehip.app.words.Typed;
import loosehip.core.follow.Done;
import loosehip.core.follow.ItemLog;
import loosehip.core.follow.RungRule;
import loosehip.core.named.Named;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The log of what was done at home, day by day, and what follows from it. */
@Controller
class FollowController {
  private static final int WORDS_MOST = 200;

  private final Workups workups;
  private final Frames frames;
  private final FollowLogs logs;
  private final Sessions sessions;
  private final Homework homework;
  private final ExerciseTexts texts;
  private final LogDoor door;
  private final Clock clock;

  FollowController(
      Workups workups,
      Frames frames,
      FollowLogs logs,
      Sessions sessions,
      Homework homework,
      ExerciseTexts texts,
      LogDoor door,
      Clock clock) {
    this.workups = workups;
    this.frames = frames;
    this.logs = logs;
    this.sessions = sessions;
    this.homework = homework;
    this.texts = texts;
    this.door = door;
    this.clock = clock;
  }

  @Door(Passage.OPEN)
  @GetMapping("/golfers/{id}/follow")
  String follow(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String day,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.open(user.account(), id);
    show(model, user, workup, LogDoor.day(day));
    return "follow/follow";
  }

  private void show(Model model, SignedIn user, Workup workup, Optional<LocalDate> day) {
    model.addAttribute("frame", frames.of(user.account(), workup, Station.FOLLOW));
    FollowPage.Asked asked =
        model.getAttribute("asked") instanceof FollowPage.Asked just
            ? just
            : FollowPage.Asked.NOTHING;
    model.addAttribute("page", FollowPage.of(workup, logs.log(workup, day), asked));
  }

  /** Says how one item of a day went; no amount takes back what was said. */
  @Door(value = Passage.OPEN, asksItself = true)
  @PostMapping("/golfers/{id}/follow/{day}/{item}")
  String say(
      @PathVariable String id,
      @PathVariable String day,
      @PathVariable String item,
      @RequestParam(name = "done", defaultValue = "") String amountId,
      @RequestParam(defaultValue = "") String effort,
      @RequestParam(defaultValue = "") String pain,
      @RequestParam(defaultValue = "false") boolean poorForm,
      @RequestParam(defaultValue = "false") boolean leaned,
      @RequestParam(defaultValue = "false") boolean worseNextDay,
      @RequestParam(defaultValue = "") String felt,
      @RequestParam(defaultValue = "") String seen,
      @RequestParam(defaultValue = "") String site,
      Seen seenBefore,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.open(user.account(), id);
    Optional<LocalDate> on = LogDoor.day(day);
    Optional<Sessions.OnDay> asked = on.flatMap(d -> sessions.asked(workup, d));
    Optional<PlanItem> about = ItemId.parse(item).flatMap(i -> asked.flatMap(a -> a.item(i)));
    String problem = door.problem(workup, on, about, effort, pain);
    Optional<Done> amount = Named.parse(Done.class, amountId);
    String words =
        amount.isEmpty() && (!effort.isBlank() || !pain.isBlank())
            ? "Effort and pain are kept once an amount is chosen."
            : "";
    if (problem.isEmpty()) {
      int plan = asked.orElseThrow().plan();
      ItemId done = about.orElseThrow().id();
      if (amount.isPresent()) {
        ItemLog log =
            new ItemLog(
                on.get(),
                amount.get(),
                LogDoor.figure(effort),
                LogDoor.figure(pain),
                !poorForm,
                leaned,
                worseNextDay);
        homework.say(
            workup.file(),
            user.account(),
            List.of(
                new Homework.Said(
                    plan,
                    done,
                    log,
                    Homework.Words.of(Typed.kept(felt, WORDS_MOST), Typed.kept(seen, WORDS_MOST))
                        .at(Typed.kept(site, WORDS_MOST)),
                    "")),
            label(done, on.get()),
            seenBefore);
      } else {
        homework.takeBack(
            workup.file(), user.account(), plan, done, on.get(), label(done, on.get()), seenBefore);
      }
    }
    Workup now = problem.isEmpty() ? workups.saved(user.account(), id) : workup;
    show(model, user, now, on);
    model.addAttribute("saved", Saved.of(problem, LocalTime.now(clock)));
    model.addAttribute("answer", new FollowPage.Answer(item, problem.isEmpty() ? words : problem));
    return "follow/after-log";
  }

  private String label(ItemId item, LocalDate on) {
    return texts.named(item) + ", " + Dates.day(on);
  }

  /** Says that the whole session of a day was done as asked; what was said already stays. */
  @Door(value = Passage.OPEN, asksItself = true)
  @PostMapping("/golfers/{id}/follow/{day}")
  String asAsked(
      @PathVariable String id,
      @PathVariable String day,
      @RequestParam(defaultValue = "") String effort,
      @RequestParam(defaultValue = "") String pain,
      @AuthenticationPrincipal SignedIn user,
      RedirectAttributes flash) {
    Workup workup = workups.open(user.account(), id);
    Optional<LocalDate> on = LogDoor.day(day);
    Optional<Sessions.OnDay> asked = on.flatMap(d -> sessions.asked(workup, d));
    String problem =
        door.problem(workup, on, asked.flatMap(a -> LogDoor.going(workup, a, on)), effort, pain);
    if (problem.isEmpty() && LogDoor.figure(pain).filter(p -> p > RungRule.EASY_PAIN).isPresent()) {
      problem =
          "Pain above "
              + RungRule.EASY_PAIN
              + ": say below in which exercise it was. Nothing was kept.";
    }
    if (problem.isEmpty()) {
      sessions.doneAsAsked(
          workup, user.account(), on.orElseThrow(), LogDoor.figure(effort), LogDoor.figure(pain));
      workups.saved(user.account(), id);
    } else {
      flash.addFlashAttribute("asked", new FollowPage.Asked(problem, effort, pain));
    }
    on.ifPresent(d -> flash.addAttribute("day", d.toString()));
    return "redirect:/golfers/{id}/follow";
  }
}
