package loosehip.app.table;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import loosehip.app.words.Dates;
import loosehip.core.named.Named;

/**
 * How the days of a table are written. Some are plain whatever the order: {@code 2024-04-03},
 * {@code 3 Apr 2024}. The others mean different days to different people, and are asked about.
 */
enum DateOrder implements Named {
  DAY_FIRST("day-first", "day, month, year"),
  MONTH_FIRST("month-first", "month, day, year"),
  YEAR_FIRST("year-first", "year, month, day"),
  /**
   * Days since the end of 1899, as most spreadsheets count (one day too many before March 1900).
   */
  COUNTED_1900("counted-1900", "days counted from 1900"),
  /** Days since the first of 1904, as some older spreadsheets count. */
  COUNTED_1904("counted-1904", "days counted from 1904");

  /** Nobody's readings are older than that (as for files of readings). */
  static final int EARLIEST_YEAR = 1950;

  private static final LocalDate FROM_1900 = LocalDate.of(1899, 12, 30);
  private static final LocalDate FROM_1904 = LocalDate.of(1904, 1, 1);
  private static final Pattern FULL =
      Pattern.compile("(\\d{4})([-./])(\\d{1,2})\\2(\\d{1,2})|(\\d{4})(\\d{2})(\\d{2})");
  private static final Pattern DAY_WORD =
      Pattern.compile("(\\d{1,2})[ .-]+(\\p{L}{3,9})[ .,-]+(\\d{4}|\\d{2})");
  private static final Pattern WORD_DAY =
      Pattern.compile("(\\p{L}{3,9})[ .-]+(\\d{1,2})[ ,.-]+(\\d{4}|\\d{2})");
  private static final Pattern THREE =
      Pattern.compile("(\\d{1,2})([-./ ])(\\d{1,2})\\2(\\d{4}|\\d{2})");
  private static final Pattern COUNT = Pattern.compile("(\\d{5})([.,]\\d+)?");
  private static final Pattern CLOCK =
      Pattern.compile("[T ]+\\d{1,2}:\\d{2}(:\\d{2}(\\.\\d+)?)?( ?[AaPp][Mm])?Z?$");
  private static final List<String> MONTHS =
      List.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec");
  private static final int LONGEST = 40;

  private final String id;
  private final String words;

  DateOrder(String id, String words) {
    this.id = id;
    this.words = words;
  }

  @Override
  public String id() {
    return id;
  }

  /** The order in words. */
  String words() {
    return words;
  }

  /** The day of a text in this order as pages show days, or the text when it says none. */
  String shown(String text) {
    return read(text, LocalDate.MAX).map(Dates::day).orElse(text);
  }

  /** Whether it counts days. */
  boolean counts() {
    return this == COUNTED_1900 || this == COUNTED_1904;
  }

  /** The day a text says in any order, from 1950 to today; empty when it depends or is none. */
  static Optional<LocalDate> plain(String text, LocalDate today) {
    String day = bare(text);
    Matcher full = FULL.matcher(day);
    if (full.matches()) {
      return full.group(1) != null
          ? day(full.group(1), full.group(3), full.group(4), today)
          : day(full.group(5), full.group(6), full.group(7), today);
    }
    Matcher dayWord = DAY_WORD.matcher(day);
    if (dayWord.matches()) {
      return month(dayWord.group(2))
          .flatMap(m -> day(dayWord.group(3), m, dayWord.group(1), today));
    }
    Matcher wordDay = WORD_DAY.matcher(day);
    return wordDay.matches()
        ? month(wordDay.group(1)).flatMap(m -> day(wordDay.group(3), m, wordDay.group(2), today))
        : Optional.empty();
  }

  /** The day a text says in this order, from 1950 to today; empty when it says none. */
  Optional<LocalDate> read(String text, LocalDate today) {
    String day = bare(text);
    if (counts()) {
      Matcher count = COUNT.matcher(day);
      return count.matches()
          ? sensible(
              (this == COUNTED_1900 ? FROM_1900 : FROM_1904)
                  .plusDays(Long.parseLong(count.group(1))),
              today)
          : Optional.empty();
    }
    Matcher three = THREE.matcher(day);
    if (!three.matches()) {
      return Optional.empty();
    }
    String first = three.group(1);
    String second = three.group(3);
    String third = three.group(4);
    return switch (this) {
      case DAY_FIRST -> day(third, second, first, today);
      case MONTH_FIRST -> day(third, first, second, today);
      default ->
          first.length() == 2 && third.length() == 2
              ? day(first, second, third, today)
              : Optional.empty();
    };
  }

  private static String bare(String text) {
    String stripped = text.strip();
    return stripped.length() > LONGEST ? "" : CLOCK.matcher(stripped).replaceFirst("");
  }

  private static Optional<String> month(String word) {
    int at = MONTHS.indexOf(word.toLowerCase(Locale.ROOT).substring(0, 3));
    return at < 0 ? Optional.empty() : Optional.of(String.valueOf(at + 1));
  }

  /** Of two digits only one century lies between 1950 and today. */
  private static Optional<LocalDate> day(String year, String month, String day, LocalDate today) {
    int written = Integer.parseInt(year);
    int full =
        year.length() == 4 ? written : written + (2000 + written <= today.getYear() ? 2000 : 1900);
    try {
      return sensible(LocalDate.of(full, Integer.parseInt(month), Integer.parseInt(day)), today);
    } catch (DateTimeException noSuchDay) {
      return Optional.empty();
    }
  }

  private static Optional<LocalDate> sensible(LocalDate day, LocalDate today) {
    return day.getYear() < EARLIEST_YEAR || day.isAfter(today)
        ? Optional.empty()
        : Optional.of(day);
  }
}
