package loosehip.app.golfer;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Dates as they are shown. */
public final class Dates {
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK);

  private Dates() {}

  /** A day: {@code 3 Mar 2027}. */
  public static String day(LocalDate date) {
    return DAY.format(date);
  }
}
