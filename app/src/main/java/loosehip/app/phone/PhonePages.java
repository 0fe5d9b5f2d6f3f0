package loosehip.app.phone;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.app.document.Documents;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.figure.Figures;
import loosehip.app.follow.Sessions;
import loosehip.app.golfer.Workup;
import loosehip.app.plan.PlanPages;
import loosehip.app.plan.Plans;
import loosehip.app.progress.Moments;
import loosehip.app.repair.SetupRepairs;
import loosehip.app.store.Account;
import loosehip.app.store.Homework;
import loosehip.app.store.PracticeValues;
import loosehip.app.words.Dates;
import loosehip.app.words.PlanWords;
import loosehip.app.words.SafetyWords;
import loosehip.core.body.Handed;
import loosehip.core.follow.Done;
import loosehip.core.follow.RungRule;
import loosehip.core.plan.Block;
import loosehip.core.plan.Dose;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Planner;
import loosehip.core.plan.PreRoundReset;
import loosehip.core.safety.Passage;
import loosehip.core.safety.Refusal;
import org.springframework.stereotype.Component;

/** Builds the golfer's own page. */
@Component
class PhonePages {
  /** So many days from today are on the phone when there is no line. */
  private static final int DAYS_AHEAD = 14;

  private static final int DAYS_BACK = 7;
  private static final int SECONDS_A_MINUTE = 60;

  private final Plans plans;
  private final PlanPages planPages;
  private final Homework homework;
  private final Moments moments;
  private final ExerciseTexts texts;
  private final Figures figures;
  private final SetupRepairs repairs;
  private final PracticeValues values;
  private final Clock clock;

  PhonePages(
      Plans plans,
      PlanPages planPages,
      Homework homework,
      Moments moments,
      ExerciseTexts texts,
      Figures figures,
      SetupRepairs repairs,
      PracticeValues values,
      Clock clock) {
    this.plans = plans;
    this.planPages = planPages;
    this.homework = homework;
    this.moments = moments;
    this.texts = texts;
    this.figures = figures;
    this.repairs = repairs;
    this.values = values;
    this.clock = clock;
  }

  /**
   * The page of a golfer.
   *
   * @param by the trainer whose link it is
   * @param base the page's own address
   */
  PhonePage of(Workup workup, Account by, String base) {
    Optional<PhonePage.Shut> shut = shut(workup);
    List<Plans.Plan> versions = shut.isPresent() ? List.of() : plans.earlier(workup);
    if (versions.isEmpty()) {
      return new PhonePage(
          base,
          first(workup),
          by.practiceName(),
          whomToTell(by),
          Optional.of(shut.orElse(NO_PLAN)),
          new PhonePage.Now("", false, List.of()),
          List.of(),
          "",
          List.of(),
          List.of(),
          new PhonePage.Doing("", List.of(), List.of()),
          "",
          false);
    }
    LocalDate today = workup.today();
    Plans.Plan now = versions.get(0);
    List<Homework.Said> log = homework.of(workup.file().id());
    PreRoundReset reset =
        PreRoundReset.of(
            workup.golfer().practice().catalogue(),
            workup.golfer().health(),
            workup.golfer().body(),
            workup.stopped());
    return new PhonePage(
        base,
        first(workup),
        by.practiceName(),
        whomToTell(by),
        Optional.empty(),
        today(versions, now, today),
        week(versions, now, log, today),
        check(now.block(), today),
        setup(workup),
        items(workup, versions, now, today, reset),
        Doing.of(workup, versions, log, moments.of(workup), planPages.bridge(workup)),
        inPage(Documents.JSON.writeValueAsString(routine(workup, versions, now, log, reset))),
        workup.golfer().handed() == Handed.LEFT);
  }

  /** JSON that cannot end the element it stands in. */
  private static String inPage(String json) {
    return json.replace("<", "\\u003c");
  }

  private static final PhonePage.Shut NO_PLAN =
      new PhonePage.Shut("No routine now", "Your trainer has none in force for you at the moment.");

  /** Why the plan is not shown; a sign that waits for a clinician says stop and no more. */
  static Optional<PhonePage.Shut> shut(Workup workup) {
    return workup
        .guard()
        .refuses(Passage.HANDS_OUT)
        .map(
            refusal ->
                refusal instanceof Refusal.WaitsForClinician
                    ? new PhonePage.Shut(
                        "Stop the routine", "Stop the routine and speak to your trainer.")
                    : refusal instanceof Refusal.GuardianMissing
                        ? new PhonePage.Shut(
                            "Not yet", "Your trainer needs a parent's or guardian's consent first.")
                        : new PhonePage.Shut(
                            "Not now",
                            "Your trainer has something to ask you before you go on. Nothing is"
                                + " lost."));
  }

  private static String first(Workup workup) {
    return workup.file().name().strip().split("\\s+")[0];
  }

  private String whomToTell(Account by) {
    String contact = values.contact(by);
    return contact.isEmpty() ? by.shownName() : by.shownName() + ", " + contact;
  }

  private PhonePage.Now today(List<Plans.Plan> versions, Plans.Plan now, LocalDate today) {
    Optional<Sessions.OnDay> asked = Sessions.asked(versions, today);
    if (asked.isPresent()) {
      int things = asked.get().session().items().size();
      long minutes = Math.round(asked.get().session().seconds() / (double) SECONDS_A_MINUTE);
      return new PhonePage.Now(
          things + (things == 1 ? " thing, " : " things, ") + minutes + " minutes",
          true,
          asked.get().session().items().stream()
              .filter(i -> !now.struck().containsKey(i.id()))
              .map(i -> texts.of(i.id()).name())
              .toList());
    }
    return new PhonePage.Now(
        today
            .plusDays(1)
            .datesUntil(
                now.block().retest().isAfter(today) ? now.block().retest() : today.plusDays(2))
            .filter(d -> Sessions.asked(versions, d).isPresent())
            .findFirst()
            .map(d -> "Nothing today. Next: " + weekday(d) + ".")
            .orElse("This block is done. Your trainer measures again."),
        false,
        List.of());
  }

  private static String weekday(LocalDate day) {
    return day.getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.UK)
        + " "
        + day.getDayOfMonth();
  }

  private static List<PhonePage.Day> week(
      List<Plans.Plan> versions, Plans.Plan now, List<Homework.Said> log, LocalDate today) {
    LocalDate first = now.start().plusWeeks(now.week(today) - 1L);
    return first
        .datesUntil(first.plusDays(7))
        .map(
            day ->
                new PhonePage.Day(
                    day.getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.UK),
                    day.getDayOfMonth(),
                    state(
                        Sessions.asked(versions, day)
                            .map(a -> a.session().items().size())
                            .orElse(0),
                        log.stream()
                            .filter(k -> k.log().on().equals(day) && k.log().done().counts())
                            .count(),
                        day.compareTo(today))))
        .toList();
  }

  private static String state(int asked, long done, int against) {
    if (asked == 0) {
      return "rest";
    } else if (done >= asked) {
      return "done";
    } else if (against == 0) {
      return "today";
    } else if (done > 0) {
      return "part";
    }
    return against < 0 ? "missed" : "ahead";
  }

  private static String check(Block block, LocalDate today) {
    return block.halfWay().isBefore(today)
        ? "Measured again " + Dates.day(block.retest())
        : "Half-way check " + Dates.day(block.halfWay());
  }

  private List<String> setup(Workup workup) {
    List<String> lines = new ArrayList<>();
    lines.add(planPages.setupToday(workup).get(0));
    repairs.of(workup).stream()
        .filter(SetupRepairs.Repair::now)
        .map(r -> r.routine().name() + ". Check: " + r.check() + ".")
        .forEach(lines::add);
    return lines;
  }

  private List<PhonePage.Item> items(
      Workup workup,
      List<Plans.Plan> versions,
      Plans.Plan now,
      LocalDate today,
      PreRoundReset reset) {
    Map<ItemId, PlanItem> asked = new LinkedHashMap<>();
    today
        .datesUntil(today.plusDays(DAYS_AHEAD))
        .map(d -> Sessions.asked(versions, d))
        .flatMap(Optional::stream)
        .flatMap(a -> a.session().items().stream())
        .forEach(i -> asked.putIfAbsent(i.id(), i));
    List<PhonePage.Item> items = new ArrayList<>();
    asked.values().forEach(i -> items.add(item(workup, now, i, today)));
    for (PreRoundReset.Part part : reset.parts()) {
      if (!asked.containsKey(part.exercise())) {
        items.add(
            item(
                part.exercise(),
                PlanWords.much(part),
                "",
                SafetyWords.changed(part.changed()),
                "",
                "",
                List.of()));
      }
    }
    return items;
  }

  private PhonePage.Item item(Workup workup, Plans.Plan now, PlanItem item, LocalDate today) {
    Block.Week week = now.block().held(now.week(today));
    String days =
        week.daysOf(item.id()).list().stream()
            .map(d -> PlanPages.dayName(now, d))
            .collect(Collectors.joining(" "));
    String changed =
        SafetyWords.changed(
            Planner.changed(
                workup.golfer().practice().catalogue(), item, workup.golfer().health()));
    List<PhonePage.Amount> amounts =
        PlanWords.amounts(item.dose()).entrySet().stream()
            .map(e -> new PhonePage.Amount(e.getKey().id(), e.getValue()))
            .toList();
    return item(
        item.id(),
        PlanWords.dose(item),
        days,
        changed,
        now.edits().cues().getOrDefault(item.id(), ""),
        Optional.ofNullable(now.struck().get(item.id())).map(PhonePages::closed).orElse(""),
        amounts);
  }

  private PhonePage.Item item(
      ItemId id,
      String dose,
      String days,
      String changed,
      String cue,
      String closed,
      List<PhonePage.Amount> amounts) {
    return new PhonePage.Item(
        texts.of(id),
        dose,
        days,
        changed,
        cue,
        closed,
        amounts,
        figures.find(id + ".end"),
        figures.motion(id.id()));
  }

  /** Why an item is left out for now; nothing of the golfer's health is named. */
  private static String closed(Workup.Struck struck) {
    return struck instanceof Workup.ByLog by
        ? "Stopped by pain on " + Dates.day(by.on()) + ". Leave it out until your trainer says so."
        : "Your trainer has to look at this first. Leave it out for now.";
  }

  private Routine routine(
      Workup workup,
      List<Plans.Plan> versions,
      Plans.Plan now,
      List<Homework.Said> log,
      PreRoundReset reset) {
    LocalDate today = workup.today();
    List<Piece> pieces = new ArrayList<>();
    Map<String, List<Integer>> sessions = new LinkedHashMap<>();
    for (LocalDate day = today.minusDays(DAYS_BACK);
        day.isBefore(today.plusDays(DAYS_AHEAD));
        day = day.plusDays(1)) {
      LocalDate at = day;
      Sessions.asked(versions, at)
          .ifPresent(
              a ->
                  sessions.put(
                      at.toString(),
                      a.session().items().stream()
                          .filter(i -> !now.struck().containsKey(i.id()))
                          .map(i -> place(pieces, piece(workup, i)))
                          .toList()));
    }
    return new Routine(
        clock.millis(),
        clock.getZone().getRules().getOffset(clock.instant()).getTotalSeconds() / SECONDS_A_MINUTE,
        now.kept().orElseThrow().number(),
        pieces,
        sessions,
        reset.parts().stream().map(p -> Piece.of(workup, p)).toList(),
        said(log, today),
        new Routine.Limits(RungRule.STEP_BACK_PAIN, RungRule.STOP_PAIN));
  }

  /** Where a piece stands among all, put there when it is new. */
  private static int place(List<Piece> pieces, Piece piece) {
    if (!pieces.contains(piece)) {
      pieces.add(piece);
    }
    return pieces.indexOf(piece);
  }

  private static Piece piece(Workup workup, PlanItem item) {
    Dose dose = item.dose();
    return Piece.of(workup, item, Done.asked(dose, item.much()).id());
  }

  private static Map<String, List<String>> said(List<Homework.Said> log, LocalDate today) {
    Map<String, Set<String>> said = new LinkedHashMap<>();
    log.stream()
        .filter(k -> !k.log().on().isBefore(today.minusDays(DAYS_BACK)))
        .forEach(
            k ->
                said.computeIfAbsent(k.log().on().toString(), d -> new LinkedHashSet<>())
                    .add(k.item().id()));
    Map<String, List<String>> lists = new LinkedHashMap<>();
    said.forEach((day, items) -> lists.put(day, List.copyOf(items)));
    return lists;
  }
}
