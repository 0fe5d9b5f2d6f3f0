package loosehip.app.words;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import loosehip.app.unit.DayOrder;
import loosehip.app.unit.Units;

/** Dates as they are shown. */
public final class Dates {
  private static final Map<DayOrder, DateTimeFormatter> DAYS = formatters("");
  private static final Map<DayOrder, DateTimeFormatter> MOMENTS = formatters(", HH:mm");
  private static final Map<DayOrder, DateTimeFormatter> BRIEF = new EnumMap<>(DayOrder.class);

  static {
    for (DayOrder order : DayOrder.values()) {
      String pattern = order.pattern().replace("yyyy", "yy");
      BRIEF.put(order, DateTimeFormatter.ofPattern(pattern, Locale.UK));
    }
  }

  private Dates() {}

  /** A day where there is little room: {@code 3 Mar 27}. */
  public static String brief(LocalDate date) {
    return BRIEF.get(Units.now().dayOrder()).format(date);
  }

  private static Map<DayOrder, DateTimeFormatter> formatters(String behind) {
    Map<DayOrder, DateTimeFormatter> formatters = new EnumMap<>(DayOrder.class);
    for (DayOrder order : DayOrder.values()) {
      formatters.put(order, DateTimeFormatter.ofPattern(order.pattern() + behind, Locale.UK));
    }
    return formatters;
  }

  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);

  /** The day of a moment on this machine's calendar. */
  public static LocalDate of(Instant at) {
    return LocalDate.ofInstant(at, ZoneId.systemDefault());
  }

  /** A moment on this machine's clock: {@code 3 Mar 2027, 10:42}. */
  public static String moment(Instant at) {
    return MOMENTS.get(Units.now().dayOrder()).format(at.atZone(ZoneId.systemDefault()));
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
    return LocalDate.parse(day, DAYS.get(Units.now().dayOrder()));
  }

  /** A day in the order of the practice: {@code 3 Mar 2027}. */
  public static String day(LocalDate date) {
    return DAYS.get(Units.now().dayOrder()).format(date);
  }

  /** A day in this order. */
  public static String day(LocalDate date, DayOrder order) {
    return DAYS.get(order).format(date);
  }
}
