package loosehip.app.golfer;

import java.util.List;
import loosehip.app.fact.FollowFacts;
import loosehip.app.store.GolferFile;
import loosehip.app.store.TakenTry;
import loosehip.core.measure.Slot;

/** What a retest keeps out of sight: last time's figure of a set, until the new set is whole. */
public final class Retest {
  private Retest() {}

  /** Whether the visit in hand is one. */
  public static boolean running(GolferFile file) {
    return FollowFacts.RETEST.isIn(file);
  }

  /**
   * Whether a set is whole: as many tries count as last time, or as many as make a result worth
   * trusting. In a closed visit every set is.
   *
   * @param lastTime the tries of the visit it is held against
   */
  public static boolean whole(GolferFile now, List<TakenTry> lastTime, Slot slot) {
    long counted = now.tries(slot).stream().filter(t -> !t.voided()).count();
    long then = lastTime.stream().filter(t -> t.slot().equals(slot) && !t.voided()).count();
    return now.closed().isPresent() || counted >= Math.min(slot.test().tries(), Math.max(1, then));
  }
}
