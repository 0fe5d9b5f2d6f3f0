package loosehip.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * The days a block runs over.
 *
 * @param start its first day
 * @param retest the day after its last, on which is measured again
 */
public record BlockSpan(LocalDate start, LocalDate retest) {

  /** How many weeks it has, at least 1. */
  public int weeks() {
    return (int) Math.max(1, ChronoUnit.WEEKS.between(start, retest));
  }

  /** The week a day is in: 1 for the first, 0 or less before the block. */
  public int week(LocalDate day) {
    return (int) Math.floorDiv(ChronoUnit.DAYS.between(start, day), (long) Days.IN_A_WEEK) + 1;
  }

  /** The week a day is in; the first before the block, the last after it. */
  public int heldWeek(LocalDate day) {
    return Math.max(1, Math.min(weeks(), week(day)));
  }

  /** Which day of its week a day is, 1 to 7. */
  public int dayOfWeek(LocalDate day) {
    return (int) Math.floorMod(ChronoUnit.DAYS.between(start, day), (long) Days.IN_A_WEEK) + 1;
  }

  /** The date of a day of a week of it. */
  public LocalDate date(int week, int dayOfWeek) {
    return start.plusWeeks(week - 1L).plusDays(dayOfWeek - 1L);
  }
}
