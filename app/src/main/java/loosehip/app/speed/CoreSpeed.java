package loosehip.app.speed;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import loosehip.core.body.Handed;
import loosehip.core.casefile.Assessment;
import loosehip.core.casefile.CaseFile;
import loosehip.core.link.Evidence;
import loosehip.core.link.Level;
import loosehip.core.link.Link;
import loosehip.core.link.NextTests;
import loosehip.core.link.PivotFault;
import loosehip.core.link.RuleBook;
import loosehip.core.link.Seen;
import loosehip.core.measure.Pain;
import loosehip.core.measure.Reading;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.Screen;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import loosehip.core.measure.Try;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.SetupSearch;
import loosehip.core.pivot.TurnBudget;
import loosehip.core.plan.Tool;
import loosehip.core.plan.Wishes;
import loosehip.core.safety.Health;

/** Measures the arithmetic alone, with everything measured and every fault seen. */
final class CoreSpeed {
  private static final Object[] SINK = new Object[1];

  private CoreSpeed() {}

  static void print() {
    Screen screen = screen();
    Setup setup = new Setup(40, 5, 10, 5, 15, 0, 0, 5, LeadRelease.KNEE, Club.DRIVER);
    Map<PivotFault, Level> faults = new EnumMap<>(PivotFault.class);
    for (PivotFault fault : PivotFault.values()) {
      faults.put(fault, Level.CLEAR);
    }
    Seen seen = new Seen(Map.of(), faults, Map.of(), Set.of());
    Hips hips = Hips.of(screen, Handed.RIGHT, setup);
    TurnBudget budget = TurnBudget.of(School.ROTATION_FIRST, setup, hips);
    Evidence evidence =
        new Evidence(RuleBook.standard(), screen, Handed.RIGHT, seen, Optional.of(budget));
    List<Link> links = evidence.links();
    List<Link> open =
        new Evidence(RuleBook.standard(), Screen.empty(), Handed.RIGHT, seen, Optional.of(budget))
            .links();
    CaseFile whole =
        new CaseFile(
            Handed.RIGHT,
            Set.of(),
            Health.CLEAR,
            screen,
            setup,
            seen,
            School.ROTATION_FIRST,
            Optional.of(new Wishes(20, 5, 8, LocalDate.of(2027, 1, 4), Set.of(Tool.values()))));
    System.out.printf("%-34s %12s%n", "the core alone", "one run");
    timed("turn budget", () -> TurnBudget.of(School.ROTATION_FIRST, setup, hips));
    timed("set-up search, four schools", () -> SetupSearch.schools(screen, Handed.RIGHT, setup));
    timed("links, " + links.size() + " faults, all measured", evidence::links);
    timed(
        "next best tests, nothing measured",
        () -> NextTests.best(Screen.empty(), Handed.RIGHT, seen, open));
    timed("whole assessment with a plan", () -> Assessment.of(whole));
  }

  private static Screen screen() {
    List<Reading> readings = new ArrayList<>();
    Map<Slot, String> words = new java.util.LinkedHashMap<>();
    for (TestCard card : RunningOrder.FULL.cards(Handed.RIGHT)) {
      card.numbers()
          .ifPresent(
              slot -> {
                var limits = slot.test().limits();
                double value = limits.usualLow() + 0.35 * (limits.usualHigh() - limits.usualLow());
                readings.add(
                    new Reading(
                        slot,
                        slot.test().methods().stream().findFirst(),
                        List.of(Try.of(value), Try.of(value + 1)),
                        Set.of(),
                        Pain.NONE));
              });
      card.words().forEach(slot -> words.put(slot, slot.test().words(slot.part()).get(1)));
    }
    return Screen.of(readings, words);
  }

  private static void timed(String what, Supplier<Object> work) {
    long until = System.nanoTime() + 1_500_000_000L;
    while (System.nanoTime() < until) {
      SINK[0] = work.get();
    }
    long runs = 0;
    long from = System.nanoTime();
    while (System.nanoTime() - from < 1_500_000_000L) {
      SINK[0] = work.get();
      runs++;
    }
    System.out.printf(
        Locale.ROOT, "%-34s %9.1f µs%n", what, (System.nanoTime() - from) / 1e3 / runs);
  }
}
