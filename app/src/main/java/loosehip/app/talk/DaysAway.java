package loosehip.app.talk;

import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import loosehip.app.fact.Facts;
import loosehip.app.store.GolferFile;
import loosehip.app.unit.Units;
import loosehip.app.words.Dates;
import loosehip.core.plan.Wishes;

/**
 * The days of a block on a calendar, with those on which nothing can be done.
 *
 * @param weeks the weeks of the block, from Monday
 */
public record DaysAway(List<Week> weeks) {
  private static final int DAYS_OF_A_WEEK = 7;

  /** A week; {@code from} is its first day in words. */
  public record Week(String from, List<Day> days) {}

  /** A day: as it is kept, its number, in words, and whether the golfer is away. */
  public record Day(LocalDate date, int number, String words, boolean away) {}

  static DaysAway of(GolferFile file, LocalDate today) {
    Set<LocalDate> away = Facts.BLACKOUT.in(file).orElse(Set.of());
    LocalDate start = Facts.START.in(file).orElse(today);
    LocalDate first = start.with(TemporalAdjusters.previousOrSame(Units.now().firstDay()));
    int weeks = Facts.WEEKS.in(file).orElse(Wishes.USUAL_WEEKS);
    return new DaysAway(
        IntStream.range(0, weeks).mapToObj(w -> week(first.plusWeeks(w), away)).toList());
  }

  /** How many days away there are, in words. */
  static String said(GolferFile file) {
    int n = Facts.BLACKOUT.in(file).orElse(Set.of()).size();
    return n == 0 ? "none" : n == 1 ? "1 day" : n + " days";
  }

  private static Week week(LocalDate first, Set<LocalDate> away) {
    return new Week(
        Dates.day(first),
        IntStream.range(0, DAYS_OF_A_WEEK)
            .mapToObj(first::plusDays)
            .map(d -> new Day(d, d.getDayOfMonth(), Dates.day(d), away.contains(d)))
            .toList());
  }
}
