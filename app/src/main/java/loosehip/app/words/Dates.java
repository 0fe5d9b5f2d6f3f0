package loosehip.app.words;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Dates as they are shown. */
public final class Dates {
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK);

  private Dates() {}

  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.UK);

  /** The day of a moment on this machine's calendar. */
  public static LocalDate of(Instant at) {
    return LocalDate.ofInstant(at, ZoneId.systemDefault());
  }

  /** A moment on this machine's clock: {@code 3 Mar 2027, 10:42}. */
  public static String moment(Instant at) {
    return MOMENT.format(at.atZone(ZoneId.systemDefault()));
  }

  /** The time of day, said after saving: {@code saved 10:42}. */
  public static String saved(LocalTime at) {
    return "saved " + CLOCK.format(at);
  }

  /** The time of day: {@code 10:42}. */
  public static String clock(LocalTime at) {
    return CLOCK.format(at);
  }

  /** A day as {@link #day} writes it. */
  public static LocalDate parse(String day) {
    return LocalDate.parse(day, DAY);
  }

  /** A day: {@code 3 Mar 2027}. */
  public static String day(LocalDate date) {
    return DAY.format(date);
  }
}
