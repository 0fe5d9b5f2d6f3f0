package loosehip.core.plan;

import java.util.List;
import java.util.Optional;

/**
 * One day's work.
 *
 * @param day day of the week of the block, 1 to 7
 * @param items what to do, in order
 */
public record Session(int day, List<PlanItem> items) {
  /** Seconds to set up, once. */
  static final int SET_UP = 30;

  /** Seconds between two items. */
  static final int BETWEEN_ITEMS = 20;

  /** The item with this id, when it is done on this day. */
  public Optional<PlanItem> item(ItemId id) {
    return items.stream().filter(i -> i.id().equals(id)).findFirst();
  }

  /** Whole length in seconds: 30 to set up, 20 between items. */
  public int seconds() {
    return length(items);
  }

  /** What these items would take together in one session, in seconds. */
  static int length(List<PlanItem> items) {
    int work = items.stream().mapToInt(PlanItem::seconds).sum();
    return items.isEmpty() ? 0 : SET_UP + work + (items.size() - 1) * BETWEEN_ITEMS;
  }
}
