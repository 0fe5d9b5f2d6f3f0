package loosehip.app.visit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import loosehip.app.golfer.Workup;
import loosehip.app.store.GolferFile.EarlierVisit;
import loosehip.app.unit.Shown;
import loosehip.app.words.Dates;
import loosehip.core.body.Leg;
import loosehip.core.measure.BandScale;
import loosehip.core.measure.Change;
import loosehip.core.measure.ErrorModel;
import loosehip.core.measure.FieldRange;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Method;
import loosehip.core.measure.Part;
import loosehip.core.measure.Reading;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;

/** Sets two visits side by side, each difference held against its own ruler. */
final class Comparisons {
  private final Workup workup;
  private final Screen before;
  private final Screen after;

  private Comparisons(Workup workup, Screen before, Screen after) {
    this.workup = workup;
    this.before = before;
    this.after = after;
  }

  static Comparison of(Workup workup, EarlierVisit from, EarlierVisit to) {
    Comparisons c = new Comparisons(workup, workup.screen(from), workup.screen(to));
    List<Comparison.Pair> numbers = new ArrayList<>();
    List<Comparison.WordPair> words = new ArrayList<>();
    List<String> once = new ArrayList<>();
    for (Slot slot : slots(workup)) {
      if (slot.test().numeric(slot.part())) {
        Optional<Measurement> a = c.before.measurement(slot);
        Optional<Measurement> b = c.after.measurement(slot);
        if (a.isPresent() && b.isPresent()) {
          numbers.add(c.pair(slot, a.get(), b.get()));
        } else if (a.isPresent() || b.isPresent()) {
          once.add(c.titled(slot) + (a.isPresent() ? ", then only" : ", now only"));
        }
      } else {
        Optional<String> a = c.before.word(slot);
        Optional<String> b = c.after.word(slot);
        if (a.isPresent() && b.isPresent()) {
          words.add(
              new Comparison.WordPair(c.titled(slot), a.get(), b.get(), !a.get().equals(b.get())));
        } else if (a.isPresent() || b.isPresent()) {
          once.add(c.titled(slot) + (a.isPresent() ? ", then only" : ", now only"));
        }
      }
    }
    return new Comparison(
        Dates.day(from.on()), Dates.day(to.on()), counted(numbers), numbers, words, once);
  }

  private static List<Slot> slots(Workup workup) {
    List<Slot> slots = new ArrayList<>();
    for (ScreenTest test : ScreenTest.values()) {
      List<Optional<Part>> parts = new ArrayList<>();
      if (test.hasWholeNumber()) {
        parts.add(Optional.empty());
      }
      test.parts().forEach(p -> parts.add(Optional.of(p)));
      for (Optional<Part> part : parts) {
        if (test.sided()) {
          for (var leg : Leg.values()) {
            slots.add(new Slot(test, Optional.of(workup.golfer().handed().side(leg)), part));
          }
        } else {
          slots.add(new Slot(test, Optional.empty(), part));
        }
      }
    }
    return slots;
  }

  private static String counted(List<Comparison.Pair> pairs) {
    long better = pairs.stream().filter(p -> p.real() && p.better()).count();
    long worse = pairs.stream().filter(p -> p.real() && !p.better()).count();
    long likely = pairs.stream().filter(p -> p.likely()).count();
    return pairs.size()
        + " measured at both: "
        + better
        + " really better, "
        + worse
        + " really worse, "
        + likely
        + " likely changed, "
        + (pairs.size() - better - worse - likely)
        + " within the ruler";
  }

  private Comparison.Pair pair(Slot slot, Measurement a, Measurement b) {
    Change change = ErrorModel.change(a.mean(), a.standardError(), b.mean(), b.standardError());
    double ruler = ErrorModel.minimalDetectableChange(a.standardError(), b.standardError());
    BandScale scale = workup.standards().scales().of(slot.test(), slot.part());
    boolean better = scale.moreIsBetter() ? b.mean() > a.mean() : b.mean() < a.mean();
    Shown unit = Shown.of(slot.test().unit());
    return new Comparison.Pair(
        slot.test().title() + slot.part().map(p -> ", " + p.word()).orElse(""),
        slot.side().map(workup::spoken).orElse(""),
        slot.side().map(s -> workup.golfer().handed().leg(s).id()).orElse(""),
        number(slot, a.mean()) + String.format(Locale.ROOT, " ± %.1f", unit.of(a.standardError())),
        number(slot, b.mean()) + String.format(Locale.ROOT, " ± %.1f", unit.of(b.standardError())),
        String.format(Locale.ROOT, "%+.1f%s", unit.of(b.mean() - a.mean()), unit.sign()),
        change,
        better,
        String.format(Locale.ROOT, "%.1f%s", unit.of(ruler), unit.sign()),
        methods(slot),
        a.stoppedByPain() ? "not-measured" : a.band().id(),
        b.stoppedByPain() ? "not-measured" : b.band().id(),
        track(slot, a.mean(), b.mean(), ruler, scale));
  }

  /** What to mind when the two were read in different ways; empty when they were not. */
  private Optional<String> methods(Slot slot) {
    Optional<String> a = before.reading(slot).flatMap(Reading::method).map(Method::word);
    Optional<String> b = after.reading(slot).flatMap(Reading::method).map(Method::word);
    return a.equals(b)
        ? Optional.empty()
        : Optional.of(
            a.orElse("no method") + ", then " + b.orElse("no method") + ": read with care");
  }

  private static Comparison.Track track(
      Slot slot, double a, double b, double ruler, BandScale scale) {
    FieldRange range = slot.test().range();
    double low = Math.min(range.usualLow(), Math.min(a - ruler, b));
    double high =
        Math.max(
            Math.max(range.usualHigh(), scale.enough()),
            Math.max(a + ruler, Math.max(b, scale.close())));
    double span = Math.max(1e-6, high - low);
    DoubleUnaryOperator at =
        value -> Comparison.Track.LEFT + Comparison.Track.LONG * (value - low) / span;
    return new Comparison.Track(
        at.applyAsDouble(a),
        at.applyAsDouble(b),
        at.applyAsDouble(a - ruler),
        at.applyAsDouble(a + ruler),
        at.applyAsDouble(scale.enough()),
        at.applyAsDouble(scale.close()));
  }

  private static String number(Slot slot, double value) {
    return slot.test().unit().decimals() == 0
        ? String.valueOf(Math.round(value))
        : String.format(Locale.ROOT, "%.1f", Shown.of(slot.test().unit()).of(value));
  }

  private String titled(Slot slot) {
    return slot.test().title()
        + slot.part().map(p -> ", " + p.word()).orElse("")
        + slot.side().map(s -> ", " + workup.spoken(s)).orElse("");
  }
}
