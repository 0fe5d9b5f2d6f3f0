package loosehip.core.link;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Where to start with a fault.
 *
 * @param kind set-up, body, habit, another fault, or not settled
 * @param cause the cause that decides it; empty when not settled
 * @param bodyToo whether a body cause is likely beside the set-up: set-up today, body in the block
 */
public record Triage(Kind kind, Optional<CauseChance> cause, boolean bodyToo) {
  private static final double DECIDES = 0.5;

  /** The outcomes, cheapest answer first. */
  public enum Kind {
    SETUP_FIRST,
    BODY_FIRST,
    HABIT,
    SEE_OTHER,
    NOT_SETTLED
  }

  /** Decides from the chances of all causes of one fault, as far as they count. */
  static Triage of(List<CauseChance> chances) {
    Optional<CauseChance> setup = best(chances, Family.SETUP);
    Optional<CauseChance> body = best(chances, Family.BODY);
    if (setup.isPresent()) {
      return new Triage(Kind.SETUP_FIRST, setup, body.isPresent());
    }
    if (body.isPresent()) {
      return new Triage(Kind.BODY_FIRST, body, true);
    }
    Optional<CauseChance> habit = best(chances, Family.HABIT);
    if (habit.isPresent()) {
      return new Triage(Kind.HABIT, habit, false);
    }
    Optional<CauseChance> other = best(chances, Family.FOLLOWS);
    return other.isPresent()
        ? new Triage(Kind.SEE_OTHER, other, false)
        : new Triage(Kind.NOT_SETTLED, Optional.empty(), false);
  }

  private static Optional<CauseChance> best(List<CauseChance> chances, Family family) {
    return chances.stream()
        .filter(c -> c.cause().family() == family && c.counted() >= DECIDES)
        .max(
            Comparator.comparingDouble(CauseChance::counted)
                .thenComparingDouble(CauseChance::odds));
  }

  /** The id used in files: {@code set-up first}, {@code body first}, … */
  public String id() {
    return switch (kind) {
      case SETUP_FIRST -> "set-up first";
      case BODY_FIRST -> "body first";
      case HABIT -> "habit";
      case SEE_OTHER -> "see " + cause.orElseThrow().cause().source().id();
      case NOT_SETTLED -> "not settled";
    };
  }
}
