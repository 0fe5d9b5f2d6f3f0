package loosehip.app.progress;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import loosehip.app.golfer.Retest;
import loosehip.app.golfer.Workup;
import loosehip.app.pivot.AcceptedSetup;
import loosehip.app.pivot.PivotPage;
import loosehip.app.pivot.SetupToday;
import loosehip.app.unit.Shown;
import loosehip.app.words.Dates;
import loosehip.app.words.PivotWords;
import loosehip.core.follow.RangeSeries;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Seen;
import loosehip.core.measure.Change;
import loosehip.core.measure.Slot;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.TurnBudget;
import org.springframework.stereotype.Component;

/** Builds the page of a retest: the visit in hand against the one before it. */
@Component
class RetestPages {
  private final Moments moments;

  RetestPages(Moments moments) {
    this.moments = moments;
  }

  RetestPage of(Workup now) {
    List<Workup> all = moments.of(now);
    boolean measuredNow =
        !all.isEmpty() && all.get(all.size() - 1).file().visitId().equals(now.file().visitId());
    List<Workup> earlier = measuredNow ? all.subList(0, all.size() - 1) : all;
    Optional<Workup> before =
        now.file()
            .baseline()
            .flatMap(
                chosen ->
                    earlier.stream()
                        .filter(w -> w.file().visitId().equals(chosen.visitId()))
                        .findFirst())
            .or(() -> earlier.stream().reduce((a, b) -> b));
    boolean mayStart = !now.golfer().health().refer() && now.file().visitOn().isBefore(now.today());
    boolean running = Retest.running(now.file());
    boolean over =
        now.file().given().filter(g -> !g.span().retest().isAfter(now.today())).isPresent();
    if (before.isEmpty() || !running) {
      return new RetestPage(
          now.file().id(),
          mayStart && !all.isEmpty(),
          running,
          List.of(),
          "",
          "",
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          over);
    }
    List<PivotPage.BridgeLine> bridge =
        AcceptedSetup.of(now).map(a -> SetupToday.lines(a.bridge(now))).orElse(List.of());
    return new RetestPage(
        now.file().id(),
        mayStart,
        true,
        open(now, before.get()),
        Dates.day(before.get().file().visitOn()),
        Dates.day(now.file().visitOn()),
        changes(now, before.get()),
        budget(now, before.get()),
        faults(now, before.get()),
        bridge.stream()
            .filter(PivotPage.BridgeLine::reached)
            .map(PivotPage.BridgeLine::words)
            .toList(),
        bridge.stream().filter(b -> !b.reached()).map(b -> b.words() + ", " + b.when()).toList(),
        over);
  }

  private static boolean whole(Workup now, Workup before, Slot slot) {
    return Retest.whole(now.file(), before.file().tries(), slot);
  }

  /** What was measured then and is not whole now; its figures stay out of sight. */
  private static List<String> open(Workup now, Workup before) {
    return Ranges.of(List.of(before)).keySet().stream()
        .filter(slot -> !whole(now, before, slot))
        .map(slot -> titled(now, slot))
        .toList();
  }

  private static List<RetestPage.ChangeLine> changes(Workup now, Workup before) {
    List<RetestPage.ChangeLine> lines = new ArrayList<>();
    for (Map.Entry<Slot, RangeSeries> e :
        Ranges.of(List.of(before, now.asAt(Moments.inHand(now)))).entrySet()) {
      RangeSeries series = e.getValue();
      if (series.points().size() == 2 && whole(now, before, e.getKey())) {
        lines.add(line(now, e.getKey(), series));
      }
    }
    return lines;
  }

  private static RetestPage.ChangeLine line(Workup now, Slot slot, RangeSeries series) {
    Shown unit = Shown.of(slot.test().unit());
    return new RetestPage.ChangeLine(
        titled(now, slot),
        String.format(
            Locale.ROOT,
            "%.1f ± %.1f → %.1f ± %.1f%s",
            unit.of(series.first().result().mean()),
            unit.of(series.first().result().standardError()),
            unit.of(series.last().result().mean()),
            unit.of(series.last().result().standardError()),
            unit.sign()),
        series.change() == Change.WITHIN_THE_RULER ? "within" : series.change().word(),
        String.format(
            Locale.ROOT,
            "%+.1f%s, %s (real from %.1f)",
            unit.of(series.gain()),
            unit.sign(),
            series.change().word(),
            unit.of(series.ruler())));
  }

  private static String titled(Workup now, Slot slot) {
    return slot.test().title()
        + slot.part().map(p -> ", " + p.word()).orElse("")
        + slot.side().map(s -> ", " + now.spoken(s)).orElse("");
  }

  private static List<RetestPage.ThenNow> budget(Workup now, Workup before) {
    return Stream.of(
            margin("Going back", before, now, b -> b.back().flatMap(TurnBudget.Back::margin)),
            margin("Coming through", before, now, b -> b.through().map(TurnBudget.Through::impact)))
        .toList();
  }

  private static RetestPage.ThenNow margin(
      String what, Workup before, Workup now, Function<TurnBudget, Optional<Margin>> which) {
    return new RetestPage.ThenNow(what, spoken(before, now, which), spoken(now, now, which));
  }

  private static String spoken(
      Workup at, Workup now, Function<TurnBudget, Optional<Margin>> which) {
    return which.apply(Moments.budget(at, now)).map(PivotWords::spoken).orElse("not measured");
  }

  /** Faults seen then or now; not looked at again is said, never taken for gone. */
  private static List<RetestPage.ThenNow> faults(Workup now, Workup before) {
    Seen then = before.golfer().seen();
    Seen seen = now.golfer().seen();
    Set<PivotFault> all = EnumSet.noneOf(PivotFault.class);
    all.addAll(then.pivot().keySet());
    all.addAll(seen.pivot().keySet());
    return all.stream()
        .filter(f -> told(then, f) || told(seen, f))
        .map(f -> new RetestPage.ThenNow(f.title(), level(then, f), level(seen, f)))
        .toList();
  }

  private static boolean told(Seen seen, PivotFault fault) {
    return Optional.ofNullable(seen.pivot().get(fault)).filter(l -> l != Level.NONE).isPresent();
  }

  private static String level(Seen seen, PivotFault fault) {
    return Optional.ofNullable(seen.pivot().get(fault)).map(Level::word).orElse("not looked at");
  }
}
