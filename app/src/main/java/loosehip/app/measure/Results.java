package loosehip.app.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.golfer.Retest;
import loosehip.app.golfer.Workup;
import loosehip.app.store.GolferFile;
import loosehip.app.store.TakenTry;
import loosehip.app.unit.Shown;
import loosehip.app.words.Dates;
import loosehip.app.words.Numbers;
import loosehip.core.body.Side;
import loosehip.core.limit.Body;
import loosehip.core.measure.AngleKind;
import loosehip.core.measure.ArcPattern;
import loosehip.core.measure.Band;
import loosehip.core.measure.BandScale;
import loosehip.core.measure.Change;
import loosehip.core.measure.Direction;
import loosehip.core.measure.ErrorModel;
import loosehip.core.measure.LegSlack;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Method;
import loosehip.core.measure.OwnRepeatability;
import loosehip.core.measure.QuietChest;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import loosehip.core.measure.Unit;

/** Says what the tries of a card amount to. */
final class Results {
  /** A true change of more than so many degrees is worth speaking of (ours). */
  private static final double WORTH_SPEAKING_OF = 5;

  private final Workup workup;

  Results(Workup workup) {
    this.workup = workup;
  }

  /** The result of a card so far, or empty when nothing counts. */
  Optional<TestView.Result> of(TestCard card) {
    if (card.numbers().isEmpty()) {
      Band band = workup.golfer().screen().band(card.test(), card.side());
      return band.measured() ? Optional.of(words(band)) : Optional.empty();
    }
    Slot slot = card.numbers().get();
    return workup.golfer().screen().measurement(slot).map(m -> numbers(slot, m));
  }

  private static TestView.Result words(Band band) {
    return new TestView.Result(
        band.id(),
        band.word(),
        "",
        "",
        "",
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        "",
        List.of());
  }

  private TestView.Result numbers(Slot slot, Measurement m) {
    Optional<Measurement> other =
        slot.side().flatMap(s -> workup.golfer().screen().measurement(slot.mirrored()));
    Optional<GolferFile.EarlierVisit> visit = comparedWith(slot);
    boolean blind = blind(slot);
    Optional<Measurement> before = blind ? Optional.empty() : visit.flatMap(v -> before(v, slot));
    Shown unit = Shown.of(slot.test().unit());
    return new TestView.Result(
        m.stoppedByPain() ? Band.NOT_MEASURED.id() : m.band().id(),
        shown(slot, m.mean()) + unit.sign(),
        slot.test().unit() == Unit.LANDINGS
            ? ""
            : String.format(Locale.ROOT, "± %.1f", unit.of(m.standardError())),
        m.stoppedByPain() ? "stopped by pain" : verdict(slot, m),
        ruler(slot),
        other.map(
            o -> workup.spoken(slot.side().orElseThrow().other()) + " is " + shown(slot, o.mean())),
        other.map(o -> apart(slot, m, o)),
        blind
            ? Optional.of("Retest: last time stays out of sight until the set is whole")
            : before.map(
                b -> said(visit.get()) + shown(slot, b.mean()) + " on " + day(visit.get())),
        before.map(b -> change(slot, b, m)),
        before.filter(b -> slot.test().unit() == Unit.DEGREES).map(b -> chance(b, m)).orElse(""),
        hips(slot));
  }

  /** Whether what was measured last time stays out of sight: a retest, and the set not whole. */
  private boolean blind(Slot slot) {
    return Retest.running(workup.file())
        && comparedWith(slot)
            .filter(v -> !Retest.whole(workup.file(), v.tries(), slot))
            .isPresent();
  }

  /** The visit chosen to compare with, or the latest one that has this slot. */
  private Optional<GolferFile.EarlierVisit> comparedWith(Slot slot) {
    return workup
        .file()
        .baseline()
        .filter(v -> before(v, slot).isPresent())
        .or(
            () ->
                workup.file().earlier().stream()
                    .filter(v -> before(v, slot).isPresent())
                    .findFirst());
  }

  private String said(GolferFile.EarlierVisit visit) {
    return workup.file().baseline().filter(visit::equals).isPresent() ? "then " : "last time ";
  }

  private static String day(GolferFile.EarlierVisit visit) {
    return Dates.day(visit.on());
  }

  private Optional<Measurement> before(GolferFile.EarlierVisit visit, Slot slot) {
    return workup.screen(visit).measurement(slot);
  }

  /** The band in words, and the edge it is held against. */
  private String verdict(Slot slot, Measurement m) {
    BandScale scale = workup.standards().scales().of(slot.test(), slot.part());
    Shown unit = Shown.of(slot.test().unit());
    return switch (m.band()) {
      case ENOUGH -> "enough";
      case CLOSE -> "close to " + Numbers.plain(unit.of(scale.enough()));
      case SHORT ->
          (scale.moreIsBetter() ? "short of " : "past ") + Numbers.plain(unit.of(scale.close()));
      case NOT_MEASURED ->
          workup.golfer().screen().heldToLimit(slot) ? "at least: held to the limit" : "";
    };
  }

  /** Whose scatter the error rests on; both are named once there are tries to know it by. */
  private String ruler(Slot slot) {
    Optional<TakenTry> last = workup.file().tries(slot).stream().reduce((a, b) -> b);
    if (slot.test().unit() != Unit.DEGREES || last.isEmpty()) {
      return "";
    }
    Method method = last.get().method().orElse(Method.INCLINOMETER);
    double byDefault = workup.standards().defaultDeviation(method);
    Optional<OwnRepeatability> own =
        workup.standards().own(last.get().byId(), method, AngleKind.of(slot.test()).orElseThrow());
    if (own.isEmpty()) {
      return String.format(
          Locale.ROOT, "one try ± %s by %s", Numbers.plain(byDefault), method.word());
    }
    String mine =
        String.format(
            Locale.ROOT,
            "%s's own %.1f (%d degrees of freedom%s)",
            last.get().by(),
            own.get().deviation(),
            own.get().freedom(),
            own.get().blind() ? ", blind" : "");
    double inUse = own.get().inUse(byDefault);
    boolean held = own.get().takesOver() && inUse > own.get().deviation();
    return own.get().takesOver()
        ? held
            ? "one try ± " + Numbers.plain(inUse) + " in use, half the default; " + mine
            : "one try ± " + mine + " in use; default " + Numbers.plain(byDefault)
        : "one try ± " + Numbers.plain(byDefault) + " in use; " + mine + ", used from 20";
  }

  private String apart(Slot slot, Measurement m, Measurement other) {
    double size = Math.abs(m.mean() - other.mean());
    double ruler = ErrorModel.minimalDetectableChange(m.standardError(), other.standardError());
    boolean angle = slot.test().unit() == Unit.DEGREES;
    String verdict =
        size <= ruler
            ? "within the ruler"
            : angle && size < Body.NOTABLE_DIFFERENCE
                ? "more than the ruler, too small to matter"
                : "more than the ruler";
    Shown unit = Shown.of(slot.test().unit());
    String apart = unit.asKept() ? String.valueOf(Math.round(size)) : Numbers.plain(unit.of(size));
    return apart + " apart: " + verdict;
  }

  private static String change(Slot slot, Measurement before, Measurement now) {
    Change change =
        ErrorModel.change(before.mean(), before.standardError(), now.mean(), now.standardError());
    double by = Shown.of(slot.test().unit()).of(now.mean() - before.mean());
    return String.format(Locale.ROOT, "%+.1f, %s", by, change.word());
  }

  private static String chance(Measurement before, Measurement now) {
    double chance =
        ErrorModel.chanceBeyond(
            before.mean(),
            before.standardError(),
            now.mean(),
            now.standardError(),
            WORTH_SPEAKING_OF);
    return String.format(
        Locale.ROOT,
        "real from %.1f; %.0f %% chance that the true change is more than 5°",
        ErrorModel.minimalDetectableChange(before.standardError(), now.standardError()),
        100 * chance);
  }

  private List<TestView.Said> hips(Slot slot) {
    List<TestView.Said> said = new ArrayList<>();
    if (slot.test() == ScreenTest.PELVIS_UNDER_CHEST) {
      QuietChest.of(workup.golfer().screen()).map(Results::quietChest).ifPresent(said::add);
    }
    Optional<Side> side = slot.side().filter(s -> slot.test().measuresHipTurn());
    if (side.isEmpty()) {
      return said;
    }
    workup
        .golfer()
        .screen()
        .arcPattern(side.get())
        .filter(a -> a != ArcPattern.BALANCED)
        .ifPresent(a -> said.add(new TestView.Said(a.word(), a.follows())));
    Optional<Direction> direction = slot.direction();
    direction
        .flatMap(d -> LegSlack.of(workup.golfer().screen(), side.get(), d))
        .filter(l -> l.kind() != LegSlack.Kind.USUAL)
        .ifPresent(
            l ->
                said.add(
                    new TestView.Said(
                        l.kind().words()
                            + String.format(
                                Locale.ROOT, " (whole leg less hip: %.0f)", l.degrees()),
                        l.kind().follows())));
    return said;
  }

  /** What the repeat with the chest held says; both figures are shown. */
  private static TestView.Said quietChest(QuietChest chest) {
    String both =
        String.format(
            Locale.ROOT, "%.0f free, %.0f with the chest held", chest.free(), chest.held());
    return switch (chest.limit()) {
      case CONTROL ->
          new TestView.Said(
              both + ": the limit is control", "turning drills and one-leg turns first");
      case RANGE -> new TestView.Said(both + ": the limit is range", "hip and trunk range first");
    };
  }

  private static String shown(Slot slot, double value) {
    return slot.test().unit().decimals() == 0
        ? String.valueOf(Math.round(value))
        : String.format(Locale.ROOT, "%.1f", Shown.of(slot.test().unit()).of(value));
  }
}
