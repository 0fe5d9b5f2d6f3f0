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
   * More than a quarter of the minutes stays free.
   *
   * @param free minutes a session leaves, on the mean
   * @param minutes what the golfer gives a day
   * @param because why
   * @param untested needs not measured, the largest first; named where that is the reason
   */
  record MinutesFree(int free, int minutes, Because because, List<LimitKind> untested)
      implements PlanNote {

    /** Why nothing fills them. */
    public enum Because {
      /** Everything measured is enough, or has its work. */
      NOTHING_SHORT,
      /** Tests not taken might fill them. */
      NOT_MEASURED,
      /** Cautions keep out what would fill them. */
      CAUTION,
      /** A shifted arc keeps out what would fill them. */
      SHIFTED_ARC,
      /** Pain told in the log has stopped what would fill them. */
      STOPPED,
      /** What would fill them waits for something measured or held. */
      NOT_YET,
      /** What would fill them needs tools. */
      NO_TOOL,
      /** A session has its seven exercises. */
      SEVEN,
      /** What is left fits no day: rest between hard work, the floor once, the first need first. */
      RULES
    }
  }

  /** Fewer than five days a week: range and control take longer. */
  record FewDays(int days) implements PlanNote {}

  /** Done before practice or at it, besides the minutes. */
  record AtPractice(List<ItemId> items) implements PlanNote {}

  /** The work for the first need is short, so others get more time. */
  record FirstNeedIsShortWork(LimitKind first) implements PlanNote {}

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
