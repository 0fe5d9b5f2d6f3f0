package loosehip.core.follow;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * How a golfer with a plan in force gets on at home, as days from which somebody has to ask
 * (domain/09). They are worked out when something is said, and hold until the next word.
 *
 * @param stoppedOn the newest day on which the log stopped something; empty when nothing is stopped
 * @param missedFrom the day after the third session in a row of which nothing was done; empty when
 *     so many do not follow
 * @param silentFrom the day from which ten days went by without a word; empty without a plan
 */
public record AtHome(
    Optional<LocalDate> stoppedOn, Optional<LocalDate> missedFrom, Optional<LocalDate> silentFrom) {
  /** Nobody with a plan at home. */
  public static final AtHome NOTHING =
      new AtHome(Optional.empty(), Optional.empty(), Optional.empty());

  private static final int MISSES_IN_A_ROW = 3;
  private static final int DAYS_WITHOUT_A_WORD = 10;

  /**
   * How a golfer gets on.
   *
   * @param asked the days on which a session is asked, in whatever order
   * @param given the day the plan was given: nothing is missed before
   * @param lastDone the last day on which anything was done
   * @param lastSaid the last day about which anything was said
   * @param stoppedOn as it is kept
   */
  public static AtHome of(
      Collection<LocalDate> asked,
      LocalDate given,
      Optional<LocalDate> lastDone,
      Optional<LocalDate> lastSaid,
      Optional<LocalDate> stoppedOn) {
    List<LocalDate> since =
        asked.stream()
            .filter(day -> !day.isBefore(given))
            .filter(day -> lastDone.filter(done -> !day.isAfter(done)).isEmpty())
            .sorted()
            .toList();
    Optional<LocalDate> first = asked.stream().min(LocalDate::compareTo);
    LocalDate begun = first.filter(day -> day.isAfter(given)).orElse(given);
    LocalDate word = lastSaid.filter(day -> day.isAfter(begun)).orElse(begun);
    return new AtHome(
        stoppedOn,
        since.size() < MISSES_IN_A_ROW
            ? Optional.empty()
            : Optional.of(since.get(MISSES_IN_A_ROW - 1).plusDays(1)),
        Optional.of(word.plusDays(DAYS_WITHOUT_A_WORD)));
  }
}
