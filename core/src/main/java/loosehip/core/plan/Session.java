package loosehip.core.plan;

import java.util.Comparator;
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

  /** Seconds between two items in the same position. */
  static final int BETWEEN_ITEMS = 15;

  /** Seconds more where the position changes between standing, kneeling and the floor. */
  static final int CHANGE_POSITION = 10;

  /** Seconds of a session from which no exercise may take more than a third of it. */
  static final int LONG = 600;

  /** The item with this id, when it is done on this day. */
  public Optional<PlanItem> item(ItemId id) {
    return items.stream().filter(i -> i.id().equals(id)).findFirst();
  }

  /** Whole length in seconds: 30 to set up, 15 between items, 25 where the position changes. */
  public int seconds() {
    return length(items);
  }

  /** What these items would take one after the other in one session, in seconds. */
  static int length(List<PlanItem> items) {
    int seconds = items.isEmpty() ? 0 : SET_UP;
    for (int i = 0; i < items.size(); i++) {
      seconds += items.get(i).seconds();
      if (i > 0) {
        boolean moved = items.get(i).position() != items.get(i - 1).position();
        seconds += BETWEEN_ITEMS + (moved ? CHANGE_POSITION : 0);
      }
    }
    return seconds;
  }

  /**
   * The order of a session. Phase by phase; in control what is done standing comes before what is
   * done down, later what is done down comes first, so that the golfer gets down and up once;
   * within a place the easy comes before the deep, then up the ladder.
   */
  static Comparator<PlanItem> order() {
    return Comparator.comparing(PlanItem::phase)
        .thenComparingInt(i -> place(i.phase(), i.position()))
        .thenComparing(i -> i.exercise().filter(Exercise::deep).isPresent())
        .thenComparing(i -> i.exercise().map(e -> e.ladder().id()).orElse(""))
        .thenComparing(i -> i.exercise().map(Exercise::rung).orElse(0));
  }

  /** The place of a position within a phase: 0 to 2. */
  static int place(Phase phase, Position position) {
    boolean downLast = phase == Phase.SETTLE || phase == Phase.CONTROL;
    return switch (position) {
      case STANDING -> downLast ? 0 : 2;
      case KNEELING -> 1;
      case FLOOR -> downLast ? 2 : 0;
    };
  }
}
