package loosehip.core.plan;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.QuietChest;
import loosehip.core.measure.Screen;

/**
 * What serves a pelvis that turns little under the chest, by what the repeat with the chest lightly
 * held said (domain/02): where control is what lacks, one-leg turns come first; where range is, hip
 * and trunk range does. What comes second serves by half at most.
 *
 * @param lacks what lacks; empty while the repeat was not taken
 */
record ByQuietChest(Optional<QuietChest.Limit> lacks) {
  private static final double BY_HALF = 0.5;
  private static final Set<LimitKind> HIP_AND_TRUNK =
      EnumSet.of(LimitKind.TRAIL_IR, LimitKind.LEAD_IR, LimitKind.TRUNK_TURN);

  static ByQuietChest of(Screen screen) {
    return new ByQuietChest(QuietChest.of(screen).map(QuietChest::limit));
  }

  /** How much of a need one such exercise serves: 1, 0.5 or 0. */
  double service(Exercise exercise, LimitKind limit) {
    double listed = exercise.service(limit);
    if (limit != LimitKind.DISSOCIATION || lacks.isEmpty()) {
      return listed;
    }
    boolean range = exercise.kind() == Exercise.Kind.RANGE;
    boolean turnsUnderTheChest = range && exercise.serves().contains(LimitKind.DISSOCIATION);
    return switch (lacks.get()) {
      case CONTROL -> turnsUnderTheChest ? listed : Math.min(listed, BY_HALF);
      case RANGE ->
          range
                  && !turnsUnderTheChest
                  && exercise.serves().stream().anyMatch(HIP_AND_TRUNK::contains)
              ? 1
              : Math.min(listed, BY_HALF);
    };
  }
}
