package loosehip.app.plan;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.figure.Figures;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Dates;
import loosehip.core.link.Need;
import loosehip.core.measure.Band;
import loosehip.core.plan.Block;
import loosehip.core.plan.Dose;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Session;
import loosehip.core.plan.Wishes;
import org.springframework.stereotype.Component;

/** Builds the page of a block from the golfer in hand. */
@Component
public class PlanPages {
  private static final int NEEDS_SHOWN = 5;

  private final ExerciseTexts texts;
  private final Figures figures;

  PlanPages(ExerciseTexts texts, Figures figures) {
    this.texts = texts;
    this.figures = figures;
  }

  /** The page of this golfer's block; empty when there is none to show. */
  public Optional<PlanPage> of(Bench bench) {
    return bench
        .assessment()
        .plan()
        .filter(b -> !b.empty())
        .map(block -> page(bench, block, bench.golfer().wishes().orElseThrow()));
  }

  private PlanPage page(Bench bench, Block block, Wishes wishes) {
    Block.Week first = block.weeks().get(0);
    int longest =
        block.weeks().stream()
            .flatMap(w -> w.sessions().stream())
            .mapToInt(Session::seconds)
            .max()
            .orElse(0);
    return new PlanPage(
        needs(bench),
        new SetupWords(bench).lines(),
        new SetupWords(bench).others(),
        week(first, wishes),
        block.items().stream().map(i -> item(i, first, wishes)).toList(),
        block.leftOut().stream()
            .map(l -> new PlanPage.OutLine(texts.of(l.id()).name(), l.reason()))
            .toList(),
        Dates.day(block.halfWay()),
        Dates.day(block.retest()),
        block.weeks().size(),
        length(longest),
        wishes.minutesPerDay());
  }

  /** The needs worth showing: those not measured as enough, the largest first. */
  public List<PlanPage.NeedLine> needs(Bench bench) {
    return bench.assessment().needs().stream()
        .filter(
            n -> n.limit().band(bench.golfer().screen(), bench.golfer().handed()) != Band.ENOUGH)
        .limit(NEEDS_SHOWN)
        .map(
            n ->
                new PlanPage.NeedLine(
                    n.limit().title(),
                    n.limit().concerns().map(l -> l.id()).orElse(""),
                    String.format(Locale.ROOT, "%.1f", n.size()),
                    because(bench, n)))
        .toList();
  }

  /** Where a need comes from; what was not measured is tested before it is trained. */
  private static String because(Bench bench, Need need) {
    Band band = need.limit().band(bench.golfer().screen(), bench.golfer().handed());
    String from = String.join("; ", need.because());
    return band.measured() ? from : from + "; not measured, so test it before training it";
  }

  private static List<PlanPage.Day> week(Block.Week week, Wishes wishes) {
    List<PlanPage.Day> days = new ArrayList<>();
    LocalDate start = wishes.start();
    for (int day = 1; day <= 7; day++) {
      int at = day;
      Optional<Session> session = week.sessions().stream().filter(s -> s.day() == at).findFirst();
      String name =
          start.plusDays(day - 1L).getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.UK);
      days.add(
          session
              .map(
                  s ->
                      new PlanPage.Day(
                          name,
                          length(s.seconds()),
                          Math.min(1, s.seconds() / (wishes.minutesPerDay() * 60.0)),
                          s.items().stream().anyMatch(PlanPages::strength),
                          false,
                          s.items().size()))
              .orElse(new PlanPage.Day(name, "rest", 0, false, true, 0)));
    }
    return days;
  }

  private static boolean strength(PlanItem item) {
    return item.exercise()
        .filter(e -> e.kind() == loosehip.core.plan.Exercise.Kind.STRENGTH)
        .isPresent();
  }

  private PlanPage.Item item(PlanItem item, Block.Week week, Wishes wishes) {
    ExerciseText text = texts.of(item.id());
    return new PlanPage.Item(
        text,
        item.place(),
        item.exercise().map(e -> "rung " + e.rung()).orElse("drill"),
        dose(item.dose(), item.much()),
        days(item, week, wishes),
        length(item.seconds()),
        item.why(),
        item.drill(),
        figures.find(item.id() + ".start"),
        figures.find(item.id() + ".end"));
  }

  private static String days(PlanItem item, Block.Week week, Wishes wishes) {
    List<String> names = new ArrayList<>();
    for (Session session : week.sessions()) {
      if (session.items().stream().anyMatch(i -> i.id().equals(item.id()))) {
        names.add(
            wishes
                .start()
                .plusDays(session.day() - 1L)
                .getDayOfWeek()
                .getDisplayName(TextStyle.SHORT, Locale.UK));
      }
    }
    return String.join(" ", names);
  }

  /** How much in words: {@code 15 each side, 3 s hold}. */
  static String dose(Dose dose, Dose.Prescribed much) {
    StringBuilder words = new StringBuilder();
    if (much.sets() > 1) {
      words.append(much.sets()).append(" sets of ");
    }
    boolean holdsOnly = much.reps() == 1 && much.holdSeconds() > 0;
    if (holdsOnly) {
      words.append(much.holdSeconds()).append(" s");
    } else {
      words.append(much.reps()).append(much.sets() > 1 ? "" : " times");
    }
    if (dose.ways() > 1) {
      words.append(holdsOnly ? " in each position" : " each way");
    }
    if (dose.perSide()) {
      words.append(", each side");
    }
    if (!holdsOnly && much.holdSeconds() > 0) {
      words.append(", hold ").append(much.holdSeconds()).append(" s");
    }
    if (much.extraSets() > 0) {
      words.append(", one more set on the weaker side");
    }
    return words.toString();
  }

  static String length(int seconds) {
    return String.format(Locale.ROOT, "%d:%02d", seconds / 60, seconds % 60);
  }
}
