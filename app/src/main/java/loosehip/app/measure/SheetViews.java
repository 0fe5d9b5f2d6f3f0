package loosehip.app.measure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.golfer.Bench;
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
  /** Hip turns are worth so many tries before the sheet goes on (ours). */
  private static final int TRIES_OF_A_HIP = 3;

  private final TestViews views;

  SheetViews(TestViews views) {
    this.views = views;
  }

  /** The position asked for when the order has it, else the first with something open. */
  static Position position(Bench bench, Optional<String> asked) {
    List<TestCard> cards = bench.cards();
    return cards.stream()
        .map(c -> c.test().position())
        .filter(p -> asked.equals(Optional.of(id(p))))
        .findFirst()
        .or(
            () ->
                cards.stream()
                    .filter(c -> !c.taken(bench.golfer().screen()) && bench.skipped(c).isEmpty())
                    .map(c -> c.test().position())
                    .findFirst())
        .orElse(cards.get(0).test().position());
  }

  private static String id(Position position) {
    return position.word().replace(' ', '-');
  }

  SheetView of(Bench bench, Position here) {
    List<TestCard> cards = bench.cards();
    Map<String, List<TestCard>> rows = new LinkedHashMap<>();
    for (TestCard card : cards) {
      if (card.test().position() == here) {
        rows.computeIfAbsent(TestViews.title(card), t -> new ArrayList<>()).add(card);
      }
    }
    Optional<Position> next =
        cards.stream().map(c -> c.test().position()).filter(p -> p.compareTo(here) > 0).findFirst();
    return new SheetView(
        bench.file().id(),
        cards.stream()
            .map(c -> c.test().position())
            .distinct()
            .map(p -> tab(bench, p, here))
            .toList(),
        rows.entrySet().stream().map(e -> row(bench, e.getKey(), e.getValue())).toList(),
        next.map(SheetViews::id),
        next.map(Position::word).orElse(""),
        bench.minutesLeft());
  }

  private static SheetView.PositionTab tab(Bench bench, Position position, Position here) {
    List<TestCard> of =
        bench.cards().stream().filter(c -> c.test().position() == position).toList();
    int taken = (int) of.stream().filter(c -> c.taken(bench.golfer().screen())).count();
    return new SheetView.PositionTab(
        id(position), position.word(), taken, of.size(), position == here);
  }

  private SheetView.Row row(Bench bench, String title, List<TestCard> cards) {
    TestCard first = cards.get(0);
    String meta = first.test().minutes() + (first.test().minutes() == 1 ? " minute" : " minutes");
    return new SheetView.Row(
        title, meta, cards.stream().map(c -> cell(bench, c, LastEntry.NONE)).toList());
  }

  SheetView.Cell cell(Bench bench, TestCard card, LastEntry entry) {
    Optional<TryRefusal> stop = bench.blocked(card);
    Optional<String> skipped =
        bench
            .skipped(card)
            .filter(why -> !card.taken(bench.golfer().screen()))
            .map(why -> "skipped: " + why);
    TestView.Live live = views.live(bench, card, entry);
    return new SheetView.Cell(
        bench.file().id(),
        card.key(),
        TestViews.title(card) + card.side().map(s -> ", " + bench.spoken(s)).orElse(""),
        card.side().map(bench::spoken).orElse(""),
        card.side().map(s -> bench.golfer().handed().leg(s).id()).orElse(""),
        card.test().unit().sign(),
        card.test().unit() == Unit.SECONDS,
        stay(bench, card),
        stop.map(SafetyWords::stop).or(() -> skipped).orElse(""),
        stop.filter(s -> shut(bench, s)).isPresent(),
        live);
  }

  /**
   * What waits for a stand not taken yet is on the same sheet: it opens as soon as that is taken.
   */
  private static boolean shut(Bench bench, TryRefusal stop) {
    return !(stop instanceof TryRefusal.StandFirst) || TestGate.measured(bench.golfer().screen());
  }

  private static boolean stay(Bench bench, TestCard card) {
    Optional<Reading> set = card.numbers().flatMap(s -> bench.golfer().screen().reading(s));
    if (set.isEmpty() || set.get().tries().size() >= Reading.MOST_TRIES) {
      return false;
    }
    boolean more = card.test().measuresHipTurn() && set.get().counted().size() < TRIES_OF_A_HIP;
    return !set.get().pain().stops() && (more || set.get().askForAnother());
  }
}
