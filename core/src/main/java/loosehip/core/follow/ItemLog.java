package loosehip.core.follow;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What was said about one item of one session.
 *
 * @param on the day of the session
 * @param done how much of it
 * @param effort how hard it was, 0 to 10; empty when nothing was said
 * @param pain the worst pain in it, 0 to 10; empty when nothing was said
 * @param goodForm whether it was done as it should be
 * @param leaned whether hands or a lean were needed
 * @param worseNextDay whether pain was above the day's own on the day after
 */
public record ItemLog(
    LocalDate on,
    Done done,
    Optional<Integer> effort,
    Optional<Integer> pain,
    boolean goodForm,
    boolean leaned,
    boolean worseNextDay) {
  /**
   * @throws IllegalArgumentException when effort or pain is outside 0 to 10
   */
  public ItemLog {
    effort.ifPresent(e -> within("Effort", e));
    pain.ifPresent(p -> within("Pain", p));
  }

  private static void within(String what, int value) {
    if (value < 0 || value > 10) {
      throw new IllegalArgumentException(what + " goes from 0 to 10: " + value);
    }
  }

  /**
   * This with what was said about the same session afterwards, as from a second phone. The later
   * word stands, but nothing said later takes away pain, a lean, lost form, or a worse day after:
   * that is for the trainer to settle.
   *
   * @throws IllegalArgumentException when the days differ
   */
  public ItemLog then(ItemLog later) {
    if (!on.equals(later.on)) {
      throw new IllegalArgumentException("Not the same day: " + on + ", " + later.on);
    }
    return new ItemLog(
        on,
        later.done,
        later.effort.or(() -> effort),
        Stream.of(pain, later.pain).flatMap(Optional::stream).max(Comparator.naturalOrder()),
        goodForm && later.goodForm,
        leaned || later.leaned,
        worseNextDay || later.worseNextDay);
  }

  /** Whether this alone stops the item until the trainer has decided. */
  public boolean stops() {
    return worseNextDay || pain.filter(p -> p >= RungRule.STOP_PAIN).isPresent();
  }
}
