package loosehip.core.plan;

import java.util.List;
import java.util.Optional;

/**
 * What a day's session looks like while a week is put together: how long it is to the second, how
 * often the golfer gets down, and whether something deep would be met cold. Kept up to date as
 * pieces come and go; it says what {@link Session#length} says of the same items in order.
 */
final class DayShape {
  private static final int PLACES = 3;
  private static final int GROUPS = Phase.values().length * PLACES;
  private static final int WARM = 2;
  private static final Position[] DOWN_LAST = {
    Position.STANDING, Position.KNEELING, Position.FLOOR
  };

  private static final Position[] POSITIONS = positions();

  private final Frame frame;
  private final int tailSeconds;
  private int present;
  private final int[] easy = new int[GROUPS];
  private final int[] deep = new int[GROUPS];
  private int seconds;
  private int items;
  private int counted;
  private int deeps;

  /**
   * What surrounds the exercises of a day.
   *
   * @param most seconds the session may take; negative without a session
   * @param up what settles standing, if the golfer may do it
   * @param down what settles lying, if the golfer may do it
   * @param tail routines and drills at its end
   */
  record Frame(int most, Optional<PlanItem> up, Optional<PlanItem> down, List<PlanItem> tail) {}

  DayShape(Frame frame) {
    this.frame = frame;
    this.tailSeconds = frame.tail().stream().mapToInt(PlanItem::seconds).sum();
  }

  private static int group(PlanItem item) {
    Phase phase = item.phase();
    return phase.ordinal() * PLACES + Session.place(phase, item.position());
  }

  private static Position position(int group) {
    Phase phase = Phase.values()[group / PLACES];
    int place = group % PLACES;
    return Session.place(phase, Position.STANDING) == 0
        ? DOWN_LAST[place]
        : DOWN_LAST[PLACES - 1 - place];
  }

  private static Position[] positions() {
    Position[] positions = new Position[GROUPS];
    for (int g = 0; g < GROUPS; g++) {
      positions[g] = position(g);
    }
    return positions;
  }

  void add(Piece piece, int by) {
    int group = group(piece.item());
    seconds += by * piece.seconds();
    items += by;
    counted += piece.counts() ? by : 0;
    if (piece.deep()) {
      deep[group] += by;
      deeps += by;
    } else {
      easy[group] += by;
    }
    boolean any = easy[group] + deep[group] > 0;
    present = any ? present | 1 << group : present & ~(1 << group);
  }

  /** How many exercises it has. */
  int counted() {
    return counted;
  }

  private Optional<Position> first() {
    return present == 0
        ? Optional.empty()
        : Optional.of(POSITIONS[Integer.numberOfTrailingZeros(present)]);
  }

  /** What settles: where the first exercise is done, so that nobody gets up to get down again. */
  Optional<PlanItem> settle() {
    boolean downFirst = first().filter(Position::down).isPresent();
    Optional<PlanItem> near = downFirst ? frame.down() : frame.up();
    return near.or(() -> downFirst ? frame.up() : frame.down());
  }

  /** Whole length of the session in seconds. */
  int length() {
    return length(settle());
  }

  private int length(Optional<PlanItem> settle) {
    int all = items + frame.tail().size() + (settle.isPresent() ? 1 : 0);
    int work = Session.SET_UP + settle.map(PlanItem::seconds).orElse(0) + seconds;
    return work
        + tailSeconds
        + Math.max(0, all - 1) * Session.BETWEEN_ITEMS
        + changes(settle) * Session.CHANGE_POSITION;
  }

  /** How often the position changes. */
  private int changes(Optional<PlanItem> settle) {
    Position last = settle.map(PlanItem::position).orElse(null);
    int changes = 0;
    for (int left = present; left != 0; left &= left - 1) {
      Position now = POSITIONS[Integer.numberOfTrailingZeros(left)];
      changes += last != null && last != now ? 1 : 0;
      last = now;
    }
    boolean rises = last != null && last != Position.STANDING && !frame.tail().isEmpty();
    return changes + (rises ? 1 : 0);
  }

  /** Whether all of it fits the minutes, with the golfer down on the floor once at most. */
  boolean fits() {
    Optional<PlanItem> settle = settle();
    return length(settle) <= frame.most() && downRuns(settle) <= 1;
  }

  private int downRuns(Optional<PlanItem> settle) {
    boolean down = settle.filter(s -> s.position().down()).isPresent();
    int runs = down ? 1 : 0;
    for (int left = present; left != 0; left &= left - 1) {
      boolean now = POSITIONS[Integer.numberOfTrailingZeros(left)].down();
      runs += now && !down ? 1 : 0;
      down = now;
    }
    return runs;
  }

  /** Whether the golfer would get down more than once. */
  boolean downTwice() {
    return downRuns(settle()) > 1;
  }

  /** Whether something deep would be among the first two. */
  boolean cold() {
    if (deeps == 0) {
      return false;
    }
    int warm = settle().isPresent() ? 1 : 0;
    for (int left = present; left != 0; left &= left - 1) {
      int group = Integer.numberOfTrailingZeros(left);
      warm += easy[group];
      if (deep[group] > 0) {
        return warm < WARM;
      }
    }
    return false;
  }

  /** Seconds that could still be filled at most; another settling may take less. */
  int room() {
    int up = frame.up().map(PlanItem::seconds).orElse(0);
    int down = frame.down().map(PlanItem::seconds).orElse(0);
    return frame.most() - length() + Math.abs(up - down);
  }
}
