package loosehip.app.measure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.golfer.Workup;
import loosehip.app.unit.Shown;
import loosehip.app.words.Numbers;
import loosehip.app.words.SafetyWords;
import loosehip.core.measure.Position;
import loosehip.core.measure.Reading;
import loosehip.core.measure.TestCard;
import loosehip.core.measure.Unit;
import loosehip.core.safety.TestGate;
import loosehip.core.safety.TryRefusal;
import org.springframework.stereotype.Component;

/** Builds the sheet of one position from the golfer in hand. */
@Component
class SheetViews {
  private final TestViews views;

  SheetViews(TestViews views) {
    this.views = views;
  }

  /** The position asked for when the order has it, else the first with something open. */
  static Position position(Workup workup, Optional<String> asked) {
    List<TestCard> cards = workup.cards();
    return cards.stream()
        .map(c -> c.test().position())
        .filter(p -> asked.equals(Optional.of(id(p))))
        .findFirst()
        .or(
            () ->
                cards.stream()
                    .filter(c -> !c.taken(workup.golfer().screen()) && workup.skipped(c).isEmpty())
                    .map(c -> c.test().position())
                    .findFirst())
        .orElse(cards.get(0).test().position());
  }

  private static String id(Position position) {
    return position.word().replace(' ', '-');
  }

  SheetView of(Workup workup, Position here) {
    List<TestCard> cards = workup.cards();
    Map<String, List<TestCard>> rows = new LinkedHashMap<>();
    for (TestCard card : cards) {
      if (card.test().position() == here) {
        rows.computeIfAbsent(TestViews.title(card), t -> new ArrayList<>()).add(card);
      }
    }
    Optional<Position> next =
        cards.stream().map(c -> c.test().position()).filter(p -> p.compareTo(here) > 0).findFirst();
    return new SheetView(
        workup.file().id(),
        cards.stream()
            .map(c -> c.test().position())
            .distinct()
            .map(p -> tab(workup, p, here))
            .toList(),
        rows.entrySet().stream().map(e -> row(workup, e.getKey(), e.getValue())).toList(),
        next.map(SheetViews::id),
        next.map(Position::word).orElse(""),
        workup.minutesLeft());
  }

  private static SheetView.PositionTab tab(Workup workup, Position position, Position here) {
    List<TestCard> of =
        workup.cards().stream().filter(c -> c.test().position() == position).toList();
    int taken = (int) of.stream().filter(c -> c.taken(workup.golfer().screen())).count();
    return new SheetView.PositionTab(
        id(position), position.word(), taken, of.size(), position == here);
  }

  private SheetView.Row row(Workup workup, String title, List<TestCard> cards) {
    TestCard first = cards.get(0);
    String meta =
        Numbers.plain(first.test().minutes())
            + (first.test().minutes() == 1 ? " minute" : " minutes");
    return new SheetView.Row(
        title, meta, cards.stream().map(c -> cell(workup, c, LastEntry.NONE)).toList());
  }

  SheetView.Cell cell(Workup workup, TestCard card, LastEntry entry) {
    Optional<TryRefusal> stop = workup.blocked(card);
    Optional<String> skipped =
        workup
            .skipped(card)
            .filter(why -> !card.taken(workup.golfer().screen()))
            .map(why -> "skipped: " + why);
    TestView.Live live = views.live(workup, card, entry);
    return new SheetView.Cell(
        workup.file().id(),
        card.key(),
        TestViews.title(card) + card.side().map(s -> ", " + workup.spoken(s)).orElse(""),
        card.side().map(workup::spoken).orElse(""),
        card.side().map(s -> workup.golfer().handed().leg(s).id()).orElse(""),
        Shown.of(card.test().unit()).sign(),
        card.test().unit() == Unit.SECONDS,
        stay(workup, card),
        stop.map(SafetyWords::stop).or(() -> skipped).orElse(""),
        stop.filter(s -> shut(workup, s)).isPresent(),
        live);
  }

  /**
   * What waits for a stand not taken yet is on the same sheet: it opens as soon as that is taken.
   */
  private static boolean shut(Workup workup, TryRefusal stop) {
    return !(stop instanceof TryRefusal.StandFirst) || TestGate.measured(workup.golfer().screen());
  }

  private static boolean stay(Workup workup, TestCard card) {
    Optional<Reading> set = card.numbers().flatMap(s -> workup.golfer().screen().reading(s));
    if (set.isEmpty() || set.get().tries().size() >= Reading.MOST_TRIES) {
      return false;
    }
    boolean more =
        card.test().measuresHipTurn() && set.get().counted().size() < card.test().tries();
    return !set.get().pain().stops() && (more || set.get().askForAnother());
  }
}
