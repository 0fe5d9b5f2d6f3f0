package loosehip.app.golfer;

import java.time.LocalDate;
import java.time.Period;
import java.util.Optional;
import loosehip.app.fact.Facts;
import loosehip.app.store.GolferFile;

/** How old a golfer is; of whom only the year is known, a birthday may still be to come. */
final class Age {
  private static final int GROWN_UP = 18;

  private Age() {}

  /** Whole years on a day, by the year alone where the date is not known; empty when neither is. */
  static Optional<Integer> years(GolferFile file, LocalDate today) {
    return Facts.BIRTH_DATE
        .in(file)
        .map(born -> Period.between(born, today).getYears())
        .or(() -> Facts.BIRTH_YEAR.in(file).map(y -> today.getYear() - y));
  }

  /** Whether a golfer is under 18 on a day, or could be. */
  static boolean couldBeMinor(GolferFile file, LocalDate today) {
    return Facts.BIRTH_DATE
        .in(file)
        .or(() -> Facts.BIRTH_YEAR.in(file).map(year -> LocalDate.of(year, 12, 31)))
        .filter(born -> born.plusYears(GROWN_UP).isAfter(today))
        .isPresent();
  }
}
