package loosehip.app.measure;

import java.util.Locale;
import java.util.Optional;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Cases;
import loosehip.app.golfer.Dates;
import loosehip.app.store.GolferFile;
import loosehip.core.measure.ArcPattern;
import loosehip.core.measure.Band;
import loosehip.core.measure.BandScale;
import loosehip.core.measure.Change;
import loosehip.core.measure.ErrorModel;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import loosehip.core.measure.Unit;

/** Says what the tries of a card amount to. */
final class Results {
  private final Bench bench;

  Results(Bench bench) {
    this.bench = bench;
  }

  /** The result of a card so far, or empty when nothing counts. */
  Optional<TestView.Result> of(TestCard card) {
    if (card.numbers().isEmpty()) {
      Band band = bench.golfer().screen().band(card.test(), card.side());
      return band.measured() ? Optional.of(words(band)) : Optional.empty();
    }
    Slot slot = card.numbers().get();
    return bench.golfer().screen().measurement(slot).map(m -> numbers(slot, m));
  }

  private static TestView.Result words(Band band) {
    return new TestView.Result(
        band.id(),
        band.word(),
        "",
        "",
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  private TestView.Result numbers(Slot slot, Measurement m) {
    Optional<Measurement> other =
        slot.side().flatMap(s -> bench.golfer().screen().measurement(slot.mirrored()));
    Optional<GolferFile.EarlierVisit> visit =
        bench.file().earlier().stream().filter(v -> before(v, slot).isPresent()).findFirst();
    Optional<Measurement> before = visit.flatMap(v -> before(v, slot));
    String unit = slot.test().unit().sign();
    return new TestView.Result(
        m.stoppedByPain() ? Band.NOT_MEASURED.id() : m.band().id(),
        shown(slot, m.mean()) + unit,
        slot.test().unit() == Unit.LANDINGS
            ? ""
            : String.format(Locale.ROOT, "± %.1f", m.standardError()),
        m.stoppedByPain() ? "stopped by pain" : verdict(slot, m),
        other.map(
            o -> bench.spoken(slot.side().orElseThrow().other()) + " is " + shown(slot, o.mean())),
        other.map(o -> apart(m, o)),
        before.map(
            b -> "last time " + shown(slot, b.mean()) + " on " + Dates.day(visit.get().on())),
        before.map(b -> change(b, m)));
  }

  private Optional<Measurement> before(GolferFile.EarlierVisit visit, Slot slot) {
    return Cases.screen(visit.tries(), bench.file()).measurement(slot);
  }

  /** The band in words, and the edge it is held against. */
  private String verdict(Slot slot, Measurement m) {
    BandScale scale = slot.test().scale();
    String pattern =
        slot.test().measuresHipTurn()
            ? slot.side()
                .flatMap(s -> bench.golfer().screen().arcPattern(s))
                .filter(ArcPattern::shifted)
                .map(a -> "; " + a.word() + ": set-up first, no end-range stretching")
                .orElse("")
            : "";
    return switch (m.band()) {
          case ENOUGH -> "enough";
          case CLOSE -> "close to " + plain(scale.enough());
          case SHORT -> (scale.moreIsBetter() ? "short of " : "past ") + plain(scale.close());
          case NOT_MEASURED -> "";
        }
        + pattern;
  }

  private static String apart(Measurement m, Measurement other) {
    double size = Math.abs(m.mean() - other.mean());
    double ruler = ErrorModel.minimalDetectableChange(m.standardError(), other.standardError());
    return Math.round(size)
        + " apart: "
        + (size > ruler ? "more than the ruler" : "within the ruler");
  }

  private static String change(Measurement before, Measurement now) {
    Change change =
        ErrorModel.change(before.mean(), before.standardError(), now.mean(), now.standardError());
    return String.format(Locale.ROOT, "%+.1f, %s", now.mean() - before.mean(), change.word());
  }

  private static String shown(Slot slot, double value) {
    return slot.test().unit().decimals() == 0
        ? String.valueOf(Math.round(value))
        : String.format(Locale.ROOT, "%.1f", value);
  }

  /** A number without a needless decimal. */
  static String plain(double number) {
    return number == Math.rint(number)
        ? String.valueOf((long) number)
        : String.format(Locale.ROOT, "%.1f", number);
  }
}
