package loosehip.app.follow;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.fact.SessionTold;
import loosehip.app.fact.Station;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Saved;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.Homework;
import loosehip.app.store.Journal;
import loosehip.app.store.Seen;
import loosehip.app.words.Dates;
import loosehip.app.words.Typed;
import loosehip.core.follow.Done;
import loosehip.core.follow.ItemLog;
import loosehip.core.follow.RungRule;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A week of the log by keys: one thing on one day at a time, or a whole day at once. */
@Controller
class GridController {
  private static final int MINUTES_MOST = 240;
  private static final int MOOD_MOST = 80;

  private final Workups workups;
  private final Frames frames;
  private final FollowLogs logs;
  private final Sessions sessions;
  private final Homework homework;
  private final Journal journal;
  private final ExerciseTexts texts;
  private final LogDoor door;
  private final Clock clock;

  GridController(
      Workups workups,
      Frames frames,
      FollowLogs logs,
      Sessions sessions,
      Homework homework,
      Journal journal,
      ExerciseTexts texts,
      LogDoor door,
      Clock clock) {
    this.workups = workups;
    this.frames = frames;
    this.logs = logs;
    this.sessions = sessions;
    this.homework = homework;
    this.journal = journal;
    this.texts = texts;
    this.door = door;
    this.clock = clock;
  }

  /**
   * Says something in a cell.
   *
   * @param item the thing; blank for the whole day
   * @param what {@code asked}, {@code more}, {@code less}, {@code clear}, {@code effort}, {@code
   *     pain}
   * @param value of effort or pain
   */
  @Door(value = Passage.OPEN, asksItself = true)
  @PostMapping("/golfers/{id}/follow/{day}/grid")
  String say(
      @PathVariable String id,
      @PathVariable String day,
      @RequestParam(defaultValue = "") String item,
      @RequestParam(defaultValue = "") String what,
      @RequestParam(defaultValue = "") String value,
      Seen seen,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.open(user.account(), id);
    Optional<LocalDate> on = LogDoor.day(day);
    Optional<Sessions.OnDay> asked = on.flatMap(d -> sessions.asked(workup, d));
    boolean whole = item.isBlank();
    Optional<PlanItem> about =
        whole
            ? asked.flatMap(a -> LogDoor.going(workup, a, on))
            : ItemId.parse(item).flatMap(i -> asked.flatMap(a -> a.item(i)));
    String effort = what.equals("effort") ? value : "";
    String pain = what.equals("pain") ? value : "";
    String problem = door.problem(workup, on, about, effort, pain);
    if (problem.isEmpty()) {
      problem =
          whole
              ? sayDay(workup, user.account(), on.orElseThrow(), what, value)
              : sayItem(
                  workup,
                  user.account(),
                  asked.orElseThrow(),
                  about.get(),
                  on.get(),
                  what,
                  value,
                  seen);
    }
    Workup now = problem.isEmpty() ? workups.saved(user.account(), id) : workup;
    model.addAttribute("frame", frames.of(user.account(), now, Station.FOLLOW));
    model.addAttribute("page", FollowPage.of(now, logs.log(now, on), FollowPage.Asked.NOTHING));
    model.addAttribute("saved", Saved.of(problem, LocalTime.now(clock)));
    model.addAttribute("problem", problem);
    return "follow/after-grid";
  }

  private String sayItem(
      Workup workup,
      Account by,
      Sessions.OnDay asked,
      PlanItem item,
      LocalDate on,
      String what,
      String value,
      Seen seen) {
    Optional<Homework.Said> before =
        said(workup, on).stream().filter(k -> k.item().equals(item.id())).findFirst();
    String label = texts.named(item.id()) + ", " + Dates.day(on);
    if (what.equals("clear")) {
      before.ifPresent(
          k -> homework.takeBack(workup.file(), by, k.plan(), item.id(), on, label, seen));
      return "";
    }
    boolean figure = what.equals("effort") || what.equals("pain");
    if (figure && before.isEmpty()) {
      return "Effort and pain are kept once an amount is said.";
    }
    Optional<Done> done = amount(what, before.map(k -> k.log().done()), item);
    if (done.isEmpty()) {
      return "This page offered something unknown. Reload it.";
    }
    Homework.Said then = with(before, asked.plan(), item.id(), on, done.get(), what, value);
    homework.say(workup.file(), by, List.of(then), label, seen);
    return "";
  }

  private List<Homework.Said> said(Workup workup, LocalDate on) {
    return homework.of(workup.file().id()).stream().filter(k -> k.log().on().equals(on)).toList();
  }

  /** The amount that follows: as asked, one step more or less; a figure leaves it as it is. */
  private static Optional<Done> amount(String what, Optional<Done> before, PlanItem item) {
    Done asked = Done.asked(item.dose(), item.much());
    return switch (what) {
      case "asked" -> Optional.of(asked);
      case "more" ->
          Optional.of(before.map(d -> d == Done.UNDER ? Done.BETWEEN : Done.TOP).orElse(asked));
      case "less" ->
          Optional.of(
              before.map(d -> d == Done.TOP ? Done.BETWEEN : Done.UNDER).orElse(Done.UNDER));
      case "effort", "pain" -> before;
      default -> Optional.empty();
    };
  }

  /** What was said with another amount or figure; everything else of it stays. */
  private static Homework.Said with(
      Optional<Homework.Said> before,
      int plan,
      ItemId item,
      LocalDate on,
      Done done,
      String what,
      String value) {
    Optional<ItemLog> log = before.map(Homework.Said::log);
    Optional<Integer> effort =
        what.equals("effort") ? LogDoor.figure(value) : log.flatMap(ItemLog::effort);
    Optional<Integer> pain =
        what.equals("pain") ? LogDoor.figure(value) : log.flatMap(ItemLog::pain);
    Homework.Words words = before.map(Homework.Said::words).orElse(Homework.Words.NONE);
    boolean amount = !what.equals("effort") && !what.equals("pain");
    return new Homework.Said(
        before.map(Homework.Said::plan).orElse(plan),
        item,
        new ItemLog(
            on,
            done,
            effort,
            pain,
            log.map(ItemLog::goodForm).orElse(true),
            log.map(ItemLog::leaned).orElse(false),
            log.map(ItemLog::worseNextDay).orElse(false)),
        amount ? words.notSkipped() : words,
        "");
  }

  private String sayDay(Workup workup, Account by, LocalDate on, String what, String value) {
    List<Homework.Said> said = said(workup, on);
    switch (what) {
      case "asked" -> sessions.doneAsAsked(workup, by, on, Optional.empty(), Optional.empty());
      case "effort", "pain" -> {
        if (said.isEmpty()) {
          return "Effort and pain are kept once an amount is said.";
        }
        Optional<Integer> figure = LogDoor.figure(value);
        if (what.equals("pain") && figure.filter(p -> p > RungRule.EASY_PAIN).isPresent()) {
          return "Pain above "
              + RungRule.EASY_PAIN
              + ": say in which exercise it was. Nothing was kept.";
        }
        List<Homework.Said> then = new ArrayList<>();
        for (Homework.Said each : said) {
          boolean own =
              what.equals("pain")
                  && each.log().pain().filter(p -> p > RungRule.EASY_PAIN).isPresent();
          if (!own && each.words().skipped().isEmpty()) {
            then.add(
                with(
                    Optional.of(each),
                    each.plan(),
                    each.item(),
                    on,
                    each.log().done(),
                    what,
                    value));
          }
        }
        homework.say(workup.file(), by, then, what + " of " + Dates.day(on));
      }
      default -> {
        return "Say it thing by thing; a whole day is taken back by undo.";
      }
    }
    return "";
  }

  /** Keeps what was told of the whole session: minutes, and how it felt. */
  @Door(value = Passage.OPEN, asksItself = true)
  @PostMapping("/golfers/{id}/follow/{day}/session")
  String session(
      @PathVariable String id,
      @PathVariable String day,
      @RequestParam(defaultValue = "") String minutes,
      @RequestParam(defaultValue = "") String mood,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Workup workup = workups.open(user.account(), id);
    Optional<LocalDate> on = LogDoor.day(day);
    Optional<Integer> taken = Typed.whole(minutes).filter(m -> m >= 0 && m <= MINUTES_MOST);
    String problem =
        door.problem(
            workup,
            on,
            on.flatMap(d -> sessions.asked(workup, d))
                .flatMap(a -> a.session().items().stream().findFirst()),
            "",
            "");
    if (problem.isEmpty() && !minutes.isBlank() && taken.isEmpty()) {
      problem = "Minutes go from 0 to " + MINUTES_MOST + ". Nothing was kept.";
    }
    if (problem.isEmpty()) {
      var fact = SessionTold.ON.about(on.orElseThrow());
      Optional<SessionTold> before = fact.in(workup.file());
      SessionTold told =
          new SessionTold(
              before.flatMap(SessionTold::effort),
              taken,
              Typed.kept(mood, MOOD_MOST),
              before.map(SessionTold::byPhone).orElse(false));
      journal.note(workup.file(), user.account(), fact.note(told));
    }
    Workup now = problem.isEmpty() ? workups.saved(user.account(), id) : workup;
    model.addAttribute("frame", frames.of(user.account(), now, Station.FOLLOW));
    model.addAttribute("page", FollowPage.of(now, logs.log(now, on), FollowPage.Asked.NOTHING));
    model.addAttribute("saved", Saved.of(problem, LocalTime.now(clock)));
    model.addAttribute("problem", problem);
    return "follow/after-grid";
  }
}
