package loosehip.core.record;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.limit.Limit;
import loosehip.core.link.CauseId;
import loosehip.core.link.Fault;
import loosehip.core.link.Triage;
import loosehip.core.measure.Change;
import loosehip.core.plan.ItemId;

/**
 * A block from its start to its retest. Nothing in it says whose it was.
 *
 * @param adherence share done of what was asked, 0 to 1
 * @param items what was in it
 * @param gains what each need that was worked on gained, the largest need first
 * @param faults what became of each fault seen at the start
 * @param causes what became of each cause called at least likely at the start
 */
public record ClosedBlock(
    double adherence,
    Set<ItemId> items,
    List<Gain> gains,
    List<FaultSeen> faults,
    List<CauseCalled> causes) {
  /** Copies the parts. */
  public ClosedBlock {
    items = Set.copyOf(items);
    gains = List.copyOf(gains);
    faults = List.copyOf(faults);
    causes = List.copyOf(causes);
  }

  /**
   * What one need gained, measured at both ends.
   *
   * @param limit the need
   * @param items what in the block served it
   * @param gain in the test's unit, positive for better
   * @param change the gain against the ruler
   */
  public record Gain(Limit limit, Set<ItemId> items, double gain, Change change) {
    /** Copies the set. */
    public Gain {
      items = Set.copyOf(items);
    }

    /** Whether it is a real gain. */
    public boolean real() {
      return change == Change.REAL && gain > 0;
    }
  }

  /**
   * A fault seen at the start.
   *
   * @param triage where it was said to start
   * @param gone whether it was gone at the retest; empty when nobody looked
   */
  public record FaultSeen(Fault fault, Triage.Kind triage, Optional<Boolean> gone) {}

  /**
   * A cause called likely or very likely.
   *
   * @param chance the chance it was given, 0 to 1
   * @param borneOut whether its limit became enough and the fault went; empty when either was not
   *     looked at
   */
  public record CauseCalled(
      Fault fault, CauseId cause, double chance, Optional<Boolean> borneOut) {}
}
