package loosehip.core.link;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import loosehip.core.body.Handed;
import loosehip.core.limit.Body;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.ScreenTest;

/**
 * The running order for whoever looks at swing or stance first: the tests that would settle the
 * faults seen, most informative a minute first within each position. It depends on what was seen
 * and on the rule book alone, so it stays put while readings come in.
 */
public final class SeenOrder {
  private SeenOrder() {}

  /**
   * The order for these faults; empty when no fault was seen that a test could settle.
   *
   * @param rules the rule book in force
   */
  public static Optional<RunningOrder> of(Seen seen, RuleBook rules, Handed handed) {
    List<ScreenTest> tests = informative(seen, rules, handed);
    return tests.isEmpty()
        ? Optional.empty()
        : Optional.of(new RunningOrder(RunningOrder.BY_SEEN, "By what was seen", tests));
  }

  /** The tests that would settle something about these faults, most a minute first. */
  static List<ScreenTest> informative(Seen seen, RuleBook rules, Handed handed) {
    Body nothing = Body.unmeasured(handed);
    Evidence evidence = new Evidence(rules, nothing, seen, Optional.empty());
    List<Link> links = new ArrayList<>(evidence.links());
    links.addAll(evidence.setupLinks());
    return NextTests.ranked(nothing, seen, links).stream()
        .flatMap(t -> t.what() instanceof NextTest.Take take ? Stream.of(take.test()) : Stream.of())
        .distinct()
        .toList();
  }
}
