package loosehip.app.plan;

import java.util.Optional;
import loosehip.core.plan.Dose;
import loosehip.core.plan.PlanItem;

/** A step more or less of an item, within what its dose allows. */
final class DoseSteps {
  private static final int HOLD_STEP = 5;

  private DoseSteps() {}

  /** The dose one step down (−1) or up (1); empty at the end of what it allows. */
  static Optional<Dose.Prescribed> of(PlanItem item, int by) {
    Dose dose = item.dose();
    Dose.Prescribed now = item.much();
    int reps = held(now.reps() + by * step(dose), dose.repsLow(), dose.repsTop());
    if (reps != now.reps()) {
      return Optional.of(new Dose.Prescribed(now.sets(), reps, now.holdSeconds(), now.extraSets()));
    }
    int hold = held(now.holdSeconds() + by * HOLD_STEP, dose.holdLow(), dose.holdTop());
    if (hold != now.holdSeconds()) {
      return Optional.of(new Dose.Prescribed(now.sets(), now.reps(), hold, now.extraSets()));
    }
    int sets = held(now.sets() + by, dose.setsLow(), dose.setsTop());
    return sets == now.sets()
        ? Optional.empty()
        : Optional.of(new Dose.Prescribed(sets, now.reps(), now.holdSeconds(), now.extraSets()));
  }

  private static int step(Dose dose) {
    return Math.max(1, (dose.repsTop() - dose.repsLow()) / 4);
  }

  private static int held(int value, int low, int top) {
    return Math.max(low, Math.min(top, value));
  }
}
