package loosehip.core.trace;

import java.util.Optional;
import java.util.stream.Stream;
import loosehip.core.measure.Band;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.TurnBudget;

/**
 * What stands beside a wrong order of return. In no case is it a reason to stretch (domain: what a
 * trace is for).
 */
public enum ReturnOrder {
  /** Pelvis and shoulders have the range going back that the school asks for. */
  RANGE_FREE,
  /** One of the two is short. */
  RANGE_SHORT,
  /** Neither is known to be short, and not both are measured. */
  RANGE_NOT_KNOWN;

  /** Looks at the margins going back; a close one is free. */
  public static ReturnOrder of(Optional<TurnBudget> budget) {
    Optional<Margin> back = budget.flatMap(TurnBudget::backMargin);
    Optional<Margin> shoulders = budget.flatMap(TurnBudget::shoulderMargin);
    if (Stream.of(back, shoulders)
        .flatMap(Optional::stream)
        .anyMatch(m -> m.band() == Band.SHORT)) {
      return RANGE_SHORT;
    }
    return back.isPresent() && shoulders.isPresent() ? RANGE_FREE : RANGE_NOT_KNOWN;
  }
}
