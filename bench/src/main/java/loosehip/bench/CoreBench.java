package loosehip.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import loosehip.core.body.Handed;
import loosehip.core.casefile.Assessment;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import loosehip.core.limit.Body;
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
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.SetupSearch;
import loosehip.core.pivot.TurnBudget;
import loosehip.core.plan.Block;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.Planner;
import loosehip.core.plan.Tool;
import loosehip.core.plan.Wishes;
import loosehip.core.safety.Health;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/**
 * The arithmetic alone, with everything measured and every fault seen. Mean time of one run, with
 * its 99.9 % interval as JMH gives it.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(
    value = 1,
    jvmArgsAppend = {"-Xmx256m"})
public class CoreBench {
  private final Screen screen = screen();
  private final Body body = new Body(screen, Handed.RIGHT);
  private final Setup setup =
      new Setup(
          Map.of(
              BudgetFigure.TRAIL_FLARE, 5.0,
              BudgetFigure.LEAD_FLARE, 15.0,
              BudgetFigure.PELVIC_TILT, 5.0,
              BudgetFigure.ROUNDING, 10.0),
          LeadRelease.KNEE,
          Club.DRIVER);
  private final Seen seen = everything();
  private final Hips hips = Hips.of(body, Coefficients.SHIPPED, setup);
  private final TurnBudget budget = TurnBudget.of(School.ROTATION_FIRST, setup, hips);
  private final Evidence evidence =
      new Evidence(RuleBook.standard(), body, seen, Optional.of(budget));
  private final List<Link> open =
      new Evidence(RuleBook.standard(), Body.unmeasured(Handed.RIGHT), seen, Optional.of(budget))
          .links();
  private final CaseFile whole =
      new CaseFile(
          Handed.RIGHT,
          Set.of(),
          Health.CLEAR,
          screen,
          setup,
          seen,
          School.ROTATION_FIRST,
          Optional.of(new Wishes(20, 5, 8, LocalDate.of(2027, 1, 4), Set.of(Tool.values()))));

  private final Judgement judged = Judgement.of(whole);

  /** A turn budget; wanted within 20 µs. */
  @Benchmark
  public TurnBudget turnBudget() {
    return TurnBudget.of(School.ROTATION_FIRST, setup, hips);
  }

  /** The set-up search over four schools; wanted within 30 ms. */
  @Benchmark
  public List<SetupSearch.Found> setupSearch() {
    return SetupSearch.schools(body, Coefficients.SHIPPED, setup);
  }

  /** Links of every fault, everything measured; wanted within 2 ms. */
  @Benchmark
  public List<Link> links() {
    return evidence.links();
  }

  /** Next best tests with nothing measured; wanted within 20 ms. */
  @Benchmark
  public Object nextTests() {
    return NextTests.best(Body.unmeasured(Handed.RIGHT), seen, open);
  }

  /** A block of eight weeks from a case judged already; wanted within 300 ms. */
  @Benchmark
  public Block block() {
    return Planner.plan(judged.request(whole.wishes().orElseThrow(), PlanEdits.NONE));
  }

  /** The whole assessment with a block of eight weeks. */
  @Benchmark
  public Assessment assessment() {
    return Assessment.of(whole);
  }

  private static Seen everything() {
    Map<PivotFault, Level> faults = new EnumMap<>(PivotFault.class);
    for (PivotFault fault : PivotFault.values()) {
      faults.put(fault, Level.CLEAR);
    }
    return new Seen(Map.of(), faults, Map.of(), Set.of());
  }

  private static Screen screen() {
    List<Reading> readings = new ArrayList<>();
    Map<Slot, String> words = new LinkedHashMap<>();
    for (TestCard card : RunningOrder.FULL.cards(Handed.RIGHT)) {
      card.numbers()
          .ifPresent(
              slot -> {
                var limits = slot.test().range();
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

  /** Runs all of it and prints JMH's table. */
  public static void main(String[] args) throws RunnerException {
    new Runner(new OptionsBuilder().include(CoreBench.class.getSimpleName()).build()).run();
  }
}
