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
  private static final int DOWN = down();

  private final int most;
  private final int tails;
  private final int tailSeconds;
  private final Settle standing;
  private final Settle lying;
  private final int apart;
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

  /**
   * What settles, as the sums want it.
   *
   * @param position where; null when nothing settles
   */
  private record Settle(Optional<PlanItem> item, int seconds, int items, Position position) {
    static Settle of(Optional<PlanItem> item) {
      return new Settle(
          item,
          item.map(PlanItem::seconds).orElse(0),
          item.isPresent() ? 1 : 0,
          item.map(PlanItem::position).orElse(null));
    }

    boolean down() {
      return position != null && position.down();
    }
  }

  DayShape(Frame frame) {
    this.most = frame.most();
    this.tails = frame.tail().size();
    this.tailSeconds = frame.tail().stream().mapToInt(PlanItem::seconds).sum();
    this.standing = Settle.of(frame.up().or(frame::down));
    this.lying = Settle.of(frame.down().or(frame::up));
    int up = frame.up().map(PlanItem::seconds).orElse(0);
    int down = frame.down().map(PlanItem::seconds).orElse(0);
    this.apart = Math.abs(up - down);
  }

  /** Where in a session something belongs. */
  private static int groupOf(PlanItem item) {
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

  private static int down() {
    int down = 0;
    for (int g = 0; g < GROUPS; g++) {
      down |= POSITIONS[g].down() ? 1 << g : 0;
    }
    return down;
  }

  void add(Piece piece, int by) {
    add(Weight.of(piece), by);
  }

  /** What a piece weighs in a day, worked out once. */
  record Weight(int group, int seconds, int counted, boolean deep) {
    static Weight of(Piece piece) {
      return new Weight(
          groupOf(piece.item()), piece.seconds(), piece.counts() ? 1 : 0, piece.deep());
    }
  }

  void add(Weight weight, int by) {
    int group = weight.group;
    seconds += by * weight.seconds;
    items += by;
    counted += by * weight.counted;
    if (weight.deep) {
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

  /** What settles: where the first exercise is done, so that nobody gets up to get down again. */
  Optional<PlanItem> settle() {
    return settling().item;
  }

  private Settle settling() {
    return (Integer.lowestOneBit(present) & DOWN) != 0 ? lying : standing;
  }

  /** Whole length of the session in seconds. */
  int length() {
    return length(settling());
  }

  private int length(Settle settle) {
    int all = items + tails + settle.items;
    return Session.SET_UP
        + settle.seconds
        + seconds
        + tailSeconds
        + Math.max(0, all - 1) * Session.BETWEEN_ITEMS
        + changes(settle) * Session.CHANGE_POSITION;
  }

  /** How often the position changes. */
  private int changes(Settle settle) {
    Position last = settle.position;
    int changes = 0;
    for (int left = present; left != 0; left &= left - 1) {
      Position now = POSITIONS[Integer.numberOfTrailingZeros(left)];
      changes += last != null && last != now ? 1 : 0;
      last = now;
    }
    boolean rises = last != null && last != Position.STANDING && tails > 0;
    return changes + (rises ? 1 : 0);
  }

  /** Whether all of it fits the minutes, with the golfer down on the floor once at most. */
  boolean fits() {
    Settle settle = settling();
    return length(settle) <= most && downRuns(settle) <= 1;
  }

  private int downRuns(Settle settle) {
    boolean down = settle.down();
    int runs = down ? 1 : 0;
    for (int left = present; left != 0; left &= left - 1) {
      boolean now = (left & -left & DOWN) != 0;
      runs += now && !down ? 1 : 0;
      down = now;
    }
    return runs;
  }

  /** Whether the golfer would get down more than once. */
  boolean downTwice() {
    return downRuns(settling()) > 1;
  }

  /** Whether something deep would be among the first two. */
  boolean cold() {
    if (deeps == 0) {
      return false;
    }
    int warm = settling().items;
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
    return most - length() + apart;
  }
}
