package loosehip.core.plan;

import java.util.List;
import java.util.Optional;

/**
 * Which rung of a ladder a week works on. A planned rise: three weeks on a rung, from the low to
 * the top dose, then, after the check, the next rung that is allowed; on the last one the top dose
 * stays. The log decides whether it is followed (ours, from the move-up rule: three sessions in a
 * row at the top dose).
 */
final class Rungs {
  /** Weeks on one rung. */
  static final int WEEKS = 3;

  private Rungs() {}

  /** A rung in one week: the exercise and which of its weeks it is. */
  record At(Exercise exercise, int week) {
    /** How much of it is planned in this week. */
    Dose.Prescribed planned() {
      return exercise.dose().in(Math.min(week, WEEKS), WEEKS);
    }

    /** How much of it the rung begins with. */
    Dose.Prescribed least() {
      return exercise.dose().in(1, WEEKS);
    }
  }

  /**
   * The rung of a week.
   *
   * @param rising allowed rungs from the start rung upwards, the lowest first
   * @param number the week, 1 for the first
   */
  static Optional<At> of(List<Exercise> rising, int number) {
    if (rising.isEmpty()) {
      return Optional.empty();
    }
    int step = Math.min((number - 1) / WEEKS, rising.size() - 1);
    return Optional.of(new At(rising.get(step), number - step * WEEKS));
  }
}
