package loosehip.app.measure;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import loosehip.app.fact.Facts;
import loosehip.app.figure.Figures;
import loosehip.app.floor.LaidAngle;
import loosehip.app.golfer.Workup;
import loosehip.app.store.TakenTry;
import loosehip.app.unit.Shown;
import loosehip.app.words.Numbers;
import loosehip.app.words.SafetyWords;
import loosehip.app.words.Text;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.link.PivotFault;
import loosehip.core.link.RuleBook;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Pain;
import loosehip.core.measure.Part;
import loosehip.core.measure.Reading;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import loosehip.core.measure.Unit;
import loosehip.core.safety.TestRule;
import org.springframework.stereotype.Component;

/** Builds the view of one test from the golfer in hand. */
@Component
class TestViews {
  private static final String[] ORDINALS = {"first", "second", "third", "fourth", "fifth"};
  private static final int FEEDS_NAMED = 4;

  private final Instructions instructions;
  private final Figures figures;

  TestViews(Instructions instructions, Figures figures) {
    this.instructions = instructions;
    this.figures = figures;
  }

  TestView view(Workup workup, TestCard card, LastEntry entry) {
    return view(workup, card, entry, List.of());
  }

  /**
   * The same.
   *
   * @param angles floor angles that can be laid out here
   */
  TestView view(Workup workup, TestCard card, LastEntry entry, List<LaidAngle> angles) {
    Handed handed = workup.golfer().handed();
    List<TestCard> cards = workup.cards();
    Optional<TestCard> before = Cards.before(workup, card);
    Optional<TestCard> after = Cards.after(workup, card);
    boolean turned = card.side().filter(s -> s == Side.LEFT).isPresent();
    String name = Instructions.name(card);
    return new TestView(
        workup.file().id(),
        card.key(),
        title(card),
        meta(card),
        card.side().map(workup::spoken),
        card.side().map(s -> handed.leg(s).id()).orElse(""),
        ofSides(workup, card),
        instructions.of(card),
        figures.find(name).or(() -> figures.find(card.test().id())),
        turned,
        Shown.of(card.test().unit()).sign(),
        card.test().unit() == Unit.SECONDS,
        context(card),
        order(workup, cards, card),
        before.map(TestCard::key),
        before.map(c -> following(workup, card, c)).orElse(""),
        after.map(TestCard::key),
        after.map(c -> following(workup, card, c)).orElse(""),
        workup.minutesLeft(),
        workup.skipped(card).filter(why -> !card.taken(workup.golfer().screen())),
        workup.blocked(card).map(SafetyWords::stop),
        workup.closed(),
        workup.golfer().health().cares(card.test(), card.side(), card.part()).stream()
            .map(SafetyWords::rule)
            .toList(),
        card.test() == ScreenTest.STANDING_TURN ? angles : List.of(),
        live(workup, card, entry));
  }

  /** Which side of two this is; the weaker one by earlier results comes first. */
  private static String ofSides(Workup workup, TestCard card) {
    if (card.side().isEmpty()) {
      return "";
    }
    Optional<Side> weaker = Optional.ofNullable(workup.firstSides().get(card.test()));
    Side first = weaker.orElse(workup.golfer().handed().side(Leg.TRAIL));
    String which = card.side().get() == first ? "side 1 of 2" : "side 2 of 2";
    return which + (weaker.equals(card.side()) ? ", weaker last time" : "");
  }

  static String title(TestCard card) {
    return card.test().title() + card.part().map(p -> ", " + p.word()).orElse("");
  }

  private static String titled(Workup workup, TestCard card) {
    return title(card) + card.side().map(s -> ", " + workup.spoken(s)).orElse("");
  }

  /** A neighbour by its side alone when it is the same test, by its whole title otherwise. */
  private static String following(Workup workup, TestCard now, TestCard other) {
    boolean same = now.test() == other.test() && now.part().equals(other.part());
    return same
        ? "the other side, " + workup.spoken(other.side().orElseThrow())
        : titled(workup, other);
  }

  private static String meta(TestCard card) {
    return Text.upper(card.test().position().word())
        + " · "
        + Numbers.plain(card.test().minutes())
        + (card.test().sided() ? " min both sides · feeds " : " min · feeds ")
        + String.join(", ", feeds(card.test()));
  }

  /** What the test is good for: the budget, and the faults whose causes it can settle. */
  private static List<String> feeds(ScreenTest test) {
    Set<String> feeds = new LinkedHashSet<>();
    if (test.measuresHipTurn() || test == ScreenTest.TRUNK_TURN) {
      feeds.add("the turn budget");
    }
    for (PivotFault fault : PivotFault.values()) {
      boolean uses =
          RuleBook.standard().causes(fault).stream()
              .anyMatch(c -> c.limit().filter(l -> l.tests().contains(test)).isPresent());
      if (uses && feeds.size() < FEEDS_NAMED) {
        feeds.add(fault.title().toLowerCase(Locale.ROOT));
      }
    }
    return feeds.isEmpty() ? List.of("the plan") : List.copyOf(feeds);
  }

  /** Survey means of adults 25–74 (Roach and Miles 1991): context, never a verdict. */
  private static String context(TestCard card) {
    boolean hipOnly =
        card.test() == ScreenTest.SEATED_ROTATION || card.test() == ScreenTest.PRONE_ROTATION;
    if (!hipOnly) {
      return "";
    }
    return card.part().filter(Part.INTERNAL::equals).isPresent()
        ? "For context: adults average about 32 ± 8 inward."
        : "For context: adults average about 32 ± 9 outward.";
  }

  private static List<TestView.OrderMark> order(Workup workup, List<TestCard> cards, TestCard now) {
    List<TestView.OrderMark> marks = new ArrayList<>();
    TestCard last = null;
    for (TestCard card : cards) {
      boolean turn = last != null && last.test().position() != card.test().position();
      marks.add(
          new TestView.OrderMark(
              card.key(),
              titled(workup, card),
              card.taken(workup.golfer().screen()),
              workup.skipped(card).isPresent() || workup.blocked(card).isPresent(),
              card.equals(now),
              turn));
      last = card;
    }
    return marks;
  }

  TestView.Live live(Workup workup, TestCard card, LastEntry entry) {
    List<TakenTry> taken = card.numbers().map(s -> workup.file().tries(s)).orElse(List.of());
    List<TestView.TryBox> boxes = taken.stream().map(t -> box(card.test().unit(), t)).toList();
    Pain pain = workup.pain(card);
    Optional<Method> method = method(workup, card);
    boolean full = taken.size() >= Reading.MOST_TRIES;
    Optional<Reading> set = card.numbers().flatMap(s -> workup.golfer().screen().reading(s));
    return new TestView.Live(
        card.numbers().isPresent(),
        boxes,
        full,
        label(entry, taken, full),
        entry.typed(),
        entry.correcting(),
        entry.confirm(),
        UUID.randomUUID().toString(),
        card.test().methods(),
        method,
        card.test().compensations(),
        inView(taken, entry),
        pain.level(),
        pain.site(),
        Facts.TEST_NOTE.about(card).in(workup.file()).orElse(""),
        !taken.isEmpty() && taken.size() < card.test().tries(),
        words(workup, card),
        new Results(workup).of(card),
        entry.problem(),
        advice(set, pain, workup, card));
  }

  /** What was acted on stays in view, else the last try taken, unless another is being typed. */
  private static int inView(List<TakenTry> taken, LastEntry entry) {
    boolean typing = !entry.typed().isEmpty() && entry.correcting().isEmpty();
    if (typing || taken.isEmpty()) {
      return 0;
    }
    List<Integer> rows = taken.stream().map(TakenTry::ordinal).toList();
    int at = rows.indexOf(entry.ordinal());
    return at < 0 ? taken.size() : at + 1;
  }

  private static String label(LastEntry entry, List<TakenTry> taken, boolean full) {
    if (!entry.correcting().isEmpty()) {
      return "correcting the "
          + taken.stream()
              .filter(t -> t.rowId().equals(entry.correcting()))
              .findFirst()
              .map(t -> ORDINALS[t.ordinal() - 1])
              .orElse("try");
    }
    return full ? "five are taken" : ORDINALS[taken.size()];
  }

  static TestView.TryBox box(Unit unit, TakenTry taken) {
    double value = taken.value().orElse(0.0);
    String why = String.join(", ", taken.compensations().stream().map(Compensation::word).toList());
    return new TestView.TryBox(
        taken.rowId(),
        ORDINALS[taken.ordinal() - 1],
        Numbers.plain(Shown.of(unit).of(value)),
        taken.voided(),
        taken.voided() && why.isEmpty() ? "voided" : why,
        taken.laidOut().orElse(""),
        taken.compensations().stream().sorted().toList());
  }

  /** The method to offer: the one used in this set, in this test, or at the last visit. */
  static Optional<Method> method(Workup workup, TestCard card) {
    if (card.test().methods().isEmpty()) {
      return Optional.empty();
    }
    List<TakenTry> taken = card.numbers().map(s -> workup.file().tries(s)).orElse(List.of());
    Optional<Method> last =
        taken.stream().map(TakenTry::method).flatMap(Optional::stream).reduce((a, b) -> b);
    return last.or(
            () ->
                workup.file().tries().stream()
                    .filter(t -> t.slot().test() == card.test())
                    .map(TakenTry::method)
                    .flatMap(Optional::stream)
                    .reduce((a, b) -> b))
        .or(
            () ->
                workup.file().earlier().stream()
                    .flatMap(v -> v.tries().stream())
                    .filter(t -> t.slot().test() == card.test())
                    .map(TakenTry::method)
                    .flatMap(Optional::stream)
                    .findFirst())
        .or(() -> Optional.of(card.test().methods().get(0)));
  }

  static List<TestView.WordRow> words(Workup workup, TestCard card) {
    return card.words().stream()
        .filter(
            slot ->
                slot.part().filter(Part.LIMIT::equals).isEmpty()
                    || stopsAtLimit(workup, card)
                    || workup.golfer().screen().word(slot).isPresent())
        .map(slot -> row(workup, slot))
        .toList();
  }

  /** Whether a hold is stopped before the golfer fails, for a caution. */
  static boolean stopsAtLimit(Workup workup, TestCard card) {
    return workup.golfer().health().cares(card.test(), card.side(), card.part()).stream()
        .anyMatch(rule -> rule.advice() == TestRule.Advice.TEN_SECONDS);
  }

  private static TestView.WordRow row(Workup workup, Slot slot) {
    String chosen = workup.golfer().screen().word(slot).orElse("");
    return new TestView.WordRow(
        slot.key(),
        Answers.question(slot),
        slot.test().words(slot.part()).stream()
            .map(id -> new TestView.Answer(id, Answers.words(slot, id), id.equals(chosen)))
            .toList());
  }

  static String advice(Optional<Reading> set, Pain pain, Workup workup, TestCard card) {
    if (pain.stops()) {
      return "Stopped by pain"
          + (pain.site().isBlank() ? "" : " (" + pain.site() + ")")
          + ". Leave this side; the number stays but counts for nothing.";
    }
    if (set.filter(Reading::askForAnother).isPresent()) {
      return String.format(
          Locale.ROOT,
          "The tries lie %.1f° apart: take another, or void the odd one (x).",
          set.get().spread());
    }
    if (!set.map(Reading::counted).orElse(List.of()).isEmpty()
        && !card.taken(workup.golfer().screen())) {
      return "Say how it moved, too: without it this test is not finished.";
    }
    return workup.blocked(card).map(b -> "Not today: " + SafetyWords.stop(b)).orElse("");
  }
}
