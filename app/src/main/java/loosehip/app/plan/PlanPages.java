package loosehip.app.plan;

import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import loosehip.app.exercise.ExerciseText;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.figure.Figures;
import loosehip.app.golfer.Workup;
import loosehip.app.pivot.PivotPage;
import loosehip.app.pivot.ShiftedArcs;
import loosehip.app.repair.SetupRepairs;
import loosehip.app.words.Dates;
import loosehip.app.words.FollowWords;
import loosehip.app.words.LinkWords;
import loosehip.app.words.PlanWords;
import loosehip.app.words.SafetyWords;
import loosehip.core.body.Handed;
import loosehip.core.link.Need;
import loosehip.core.measure.Band;
import loosehip.core.plan.Block;
import loosehip.core.plan.Drill;
import loosehip.core.plan.DrillFor;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Planner;
import loosehip.core.plan.Session;
import org.springframework.stereotype.Component;

/** Builds the page of a block from the golfer in hand. */
@Component
public class PlanPages {
  private static final int NEEDS_SHOWN = 5;

  private final ExerciseTexts texts;
  private final Figures figures;

  private final Plans plans;
  private final SetupRepairs repairs;

  PlanPages(ExerciseTexts texts, Figures figures, Plans plans, SetupRepairs repairs) {
    this.repairs = repairs;
    this.plans = plans;
    this.texts = texts;
    this.figures = figures;
  }

  /**
   * The page of this golfer's plan at the stage that holds a week; empty when there is none.
   *
   * @param week of the block, 1 for the first; 0 for the one that runs
   */
  public Optional<PlanPage> of(Workup workup, int week) {
    return plans.of(workup).filter(p -> !p.block().empty()).map(p -> page(workup, p, week));
  }

  /** The same at the stage that runs. */
  public Optional<PlanPage> of(Workup workup) {
    return of(workup, 0);
  }

  PlanPage page(Workup workup, Plans.Plan plan, int asked) {
    Block block = plan.block();
    List<Block.Stage> stages = block.stages();
    int week = asked >= 1 ? asked : plan.week(workup.today());
    Block.Stage stage =
        stages.stream().filter(s -> s.holds(week)).findFirst().orElse(stages.get(0));
    int longest =
        block.weeks().stream()
            .flatMap(w -> w.sessions().stream())
            .mapToInt(Session::seconds)
            .max()
            .orElse(0);
    Block.Week first = block.weeks().get(stage.first() - 1);
    Block.Week last = block.weeks().get(stage.last() - 1);
    return new PlanPage(
        needs(workup),
        new SetupWords(workup).lines(),
        new SetupWords(workup).others(),
        new SetupWords(workup).bridge(),
        repairs.of(workup),
        ShiftedArcs.of(workup),
        block.drills().stream()
            .filter(d -> !plan.struck().containsKey(d.drill()))
            .map(this::drill)
            .toList(),
        stages.stream()
            .map(s -> new PlanPage.StageTab(s.first(), title(s), s.equals(stage)))
            .toList(),
        stage.first(),
        stage.last(),
        week(first, plan),
        block.items(stage.first()).stream().map(i -> item(workup, i, first, last, plan)).toList(),
        block.leftOut().stream()
            .map(
                l -> new PlanPage.OutLine(texts.of(l.item()).name(), PlanWords.reason(l.because())))
            .toList(),
        block.notes().stream().map(n -> texts.words().note(n)).toList(),
        Dates.day(block.halfWay()),
        Dates.day(block.retest()),
        block.weeks().size(),
        PlanWords.length(longest),
        plan.minutes(),
        workup.golfer().handed() == Handed.LEFT);
  }

  private PlanPage.DrillLine drill(DrillFor drill) {
    return new PlanPage.DrillLine(
        texts.of(drill.drill()).name(),
        drill.fault().title(),
        drill.now(),
        drill.form() == Drill.Form.FULL
            ? ""
            : "in its easier form"
                + drill.notFull().map(why -> ": " + PlanWords.reason(why)).orElse(""));
  }

  /** What follows in the place of an item if it goes well; never by the calendar. */
  private String next(PlanItem item, Plans.Plan plan) {
    return plan.block().next().stream()
        .filter(n -> n.instead().equals(item.id()))
        .findFirst()
        .map(n -> texts.of(n.then()).name() + ", rung " + n.rung())
        .orElse("");
  }

  private static String title(Block.Stage stage) {
    return stage.first() == stage.last()
        ? "week " + stage.first()
        : "weeks " + stage.first() + "–" + stage.last();
  }

  /** The needs worth showing: those not measured as enough, the largest first. */
  public List<PlanPage.NeedLine> needs(Workup workup) {
    return workup.judgement().needs().stream()
        .filter(n -> workup.golfer().body().band(n.limit()) != Band.ENOUGH)
        .limit(NEEDS_SHOWN)
        .map(
            n ->
                new PlanPage.NeedLine(
                    n.limit().title(),
                    n.limit().concerns().map(l -> l.id()).orElse(""),
                    String.format(Locale.ROOT, "%.1f", n.size()),
                    because(workup, n)))
        .toList();
  }

  /** Where a need comes from; what was not measured is tested before it is trained. */
  private static String because(Workup workup, Need need) {
    Band band = workup.golfer().body().band(need.limit());
    String from =
        need.because().stream().map(LinkWords::needReason).collect(Collectors.joining("; "));
    return band.measured() ? from : from + "; not measured, so test it before training it";
  }

  /** What to change in the set-up today, in words; the first line is the verdict. */
  public List<String> setupToday(Workup workup) {
    return new SetupWords(workup).lines();
  }

  /** When each part of a change of set-up goes again. */
  public List<PivotPage.BridgeLine> bridge(Workup workup) {
    return new SetupWords(workup).bridge();
  }

  private List<PlanPage.Day> week(Block.Week week, Plans.Plan plan) {
    List<PlanPage.Day> days = new ArrayList<>();
    for (int day = 1; day <= 7; day++) {
      int at = day;
      Optional<Session> session = week.session(day);
      String name = dayName(plan, day);
      days.add(
          session
              .map(
                  s ->
                      new PlanPage.Day(
                          at,
                          name,
                          PlanWords.length(s.seconds()),
                          Math.min(1, s.seconds() / (plan.minutes() * 60.0)),
                          s.items().stream().anyMatch(PlanPages::strength),
                          false,
                          s.items().stream().map(i -> chip(i, plan)).toList()))
              .orElse(new PlanPage.Day(at, name, "rest", 0, false, true, List.of())));
    }
    return days;
  }

  private PlanPage.Chip chip(PlanItem item, Plans.Plan plan) {
    return new PlanPage.Chip(
        item.id(),
        texts.of(item.id()).name(),
        item.drill(),
        PlanWords.length(item.seconds()),
        plan.struck().containsKey(item.id()));
  }

  /** The short name of a day of a plan's week, 1 to 7. */
  public static String dayName(Plans.Plan plan, int day) {
    return plan.start()
        .plusDays(day - 1L)
        .getDayOfWeek()
        .getDisplayName(TextStyle.SHORT, Locale.UK);
  }

  private static boolean strength(PlanItem item) {
    return item.exercise().filter(Exercise::hard).isPresent();
  }

  private PlanPage.Item item(
      Workup workup, PlanItem item, Block.Week first, Block.Week last, Plans.Plan plan) {
    ExerciseText text = texts.of(item.id());
    String begins = PlanWords.dose(item);
    String ends =
        last.sessions().stream()
            .map(s -> s.item(item.id()))
            .flatMap(Optional::stream)
            .findFirst()
            .map(i -> PlanWords.rising(item.much(), i.much()))
            .orElse("");
    int rungs =
        item.exercise()
            .map(e -> workup.golfer().practice().catalogue().ladders().get(e.ladder()).size())
            .orElse(1);
    int rung = item.exercise().map(Exercise::rung).orElse(1);
    return new PlanPage.Item(
        text,
        item.place(),
        item.exercise()
            .map(e -> rungs > 1 ? "rung " + e.rung() + " of " + rungs : "")
            .orElse(item.drill() ? "drill" : "set-up"),
        begins + ends,
        String.join(" ", days(item, first, plan)),
        PlanWords.length(item.seconds()),
        PlanWords.why(item.why()),
        item.drill(),
        figures.find(item.id() + ".start"),
        figures.find(item.id() + ".end"),
        plan.edits().pins().containsKey(item.id()),
        item.drill()
            ? new PlanPage.Steps(item.form().filter(f -> f == Drill.Form.FULL).isPresent(), true)
            : new PlanPage.Steps(rung > 1, rung < rungs),
        new PlanPage.Steps(
            item.dose().step(item.much(), -1).isPresent(),
            item.dose().step(item.much(), 1).isPresent()),
        Optional.ofNullable(plan.struck().get(item.id())).map(PlanPages::struck).orElse(""),
        SafetyWords.changed(
            Planner.changed(
                workup.golfer().practice().catalogue(), item, workup.golfer().health())),
        texts.photo(item.id()),
        PlanPage.Ticks.of(
            IntStream.rangeClosed(first.number(), last.number()).mapToObj(String::valueOf).toList(),
            days(item, first, plan)),
        next(item, plan),
        plan.edits().cues().getOrDefault(item.id(), ""));
  }

  /** Why an item must not be done any more. */
  public static String struck(Workup.Struck struck) {
    if (struck instanceof Workup.ByLog log) {
      return FollowWords.because(log.because()) + ", " + Dates.day(log.on());
    }
    return PlanWords.reason(
        struck instanceof Workup.BySchool school
            ? school.because()
            : ((Workup.ByCaution) struck).because());
  }

  private static List<String> days(PlanItem item, Block.Week week, Plans.Plan plan) {
    return week.daysOf(item.id()).list().stream().map(day -> dayName(plan, day)).toList();
  }
}
