package loosehip.core.follow;

import java.time.LocalDate;
import java.util.Optional;
import loosehip.core.named.Named;

/** Where a golfer stands on Today. Days are ours. */
public enum TodayGroup implements Named {
  /** Seen today or yesterday. */
  BENCH("bench"),
  /** The retest is near or past. */
  DUE("due"),
  /** Waits for somebody else. */
  WAITING("waiting"),
  /** Nothing is on. */
  QUIET("quiet");

  private static final int DUE_WITHIN_DAYS = 7;
  private static final int ON_THE_BENCH_DAYS = 2;

  private final String id;

  TodayGroup(String id) {
    this.id = id;
  }

  @Override
  public String id() {
    return id;
  }

  /**
   * The group of a golfer on a day: waiting goes before due, that before the bench.
   *
   * @param waits whether somebody has to decide first: a clinician, or the trainer about what pain
   *     stopped
   * @param retest the day of the retest, when a block is given
   * @param seen the day of the newest visit
   */
  public static TodayGroup of(
      boolean waits, Optional<LocalDate> retest, LocalDate seen, LocalDate today) {
    if (waits) {
      return WAITING;
    }
    if (retest.filter(day -> !day.isAfter(today.plusDays(DUE_WITHIN_DAYS))).isPresent()) {
      return DUE;
    }
    return seen.isAfter(today.minusDays(ON_THE_BENCH_DAYS)) ? BENCH : QUIET;
  }
}
