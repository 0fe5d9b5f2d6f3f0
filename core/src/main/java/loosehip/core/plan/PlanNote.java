package loosehip.core.plan;

import java.util.List;
import java.util.Optional;
import loosehip.core.limit.LimitKind;

/** What had to go from a plan, or stays open in it, as data. */
public sealed interface PlanNote {

  /** The item that could not be held, when it is about one. */
  default Optional<ItemId> unheld() {
    return Optional.empty();
  }

  /** An item held in by the trainer must not be done. */
  record CouldNotHold(ItemId item, Reason because) implements NotHeld {}

  /** An item held in breaks the minutes, the seven exercises or the 48 hours of its days. */
  record NoRoom(ItemId item) implements NotHeld {}

  /** A drill held in would be one too many in a week. */
  record TooManyDrills(ItemId item) implements NotHeld {}

  /** Needs that nothing in the plan serves. */
  record NotServed(List<LimitKind> needs) implements PlanNote {}

  /** Every day of the block is blacked out. */
  record NoFreeDay() implements PlanNote {}

  /** Nothing measured falls short behind the faults, so the plan has drills alone. */
  record NoBodyWork() implements PlanNote {}

  /**
   * Minutes stay free, and tests not taken might fill them.
   *
   * @param free minutes left on the fullest day
   * @param minutes what the golfer gives a day
   * @param untested needs not measured, the largest first
   */
  record MinutesFree(int free, int minutes, List<LimitKind> untested) implements PlanNote {}

  /** As it was written into a plan given before notes were kept as data. */
  record AsWritten(String words) implements PlanNote {}

  /** An item held in by the trainer had to go. */
  sealed interface NotHeld extends PlanNote {
    /** The item. */
    ItemId item();

    @Override
    default Optional<ItemId> unheld() {
      return Optional.of(item());
    }
  }
}
