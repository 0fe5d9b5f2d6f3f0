package loosehip.app.words;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;

/** What people type: numbers with a decimal comma or point, a degree sign, blanks; and days. */
public final class Typed {
  private Typed() {}

  /** The number typed, or empty when it is none or not finite. */
  public static Optional<Double> number(String typed) {
    String cleaned = typed.strip().replace(',', '.').replace("°", "").replace('−', '-');
    if (!cleaned.matches("-?\\d{1,9}(\\.\\d{0,6})?|-?\\.\\d{1,6}")) {
      return Optional.empty();
    }
    return Optional.of(Double.parseDouble(cleaned));
  }

  /** The whole number typed, or empty when it is none. */
  public static Optional<Integer> whole(String typed) {
    return number(typed).filter(n -> n == Math.rint(n)).map(Double::intValue);
  }

  /** The day typed as a date field sends it, {@code 2027-01-11}, or empty when it is none. */
  public static Optional<LocalDate> day(String typed) {
    try {
      return Optional.of(LocalDate.parse(typed.strip()));
    } catch (DateTimeParseException none) {
      return Optional.empty();
    }
  }

  /**
   * What was typed as it is kept: no blanks around, no control letters, at most so many letters.
   */
  public static String kept(String typed, int most) {
    String clean = clean(typed);
    if (clean.length() <= most) {
      return clean;
    }
    boolean splitsALetter = Character.isHighSurrogate(clean.charAt(most - 1));
    return clean.substring(0, splitsALetter ? most - 1 : most).strip();
  }

  /** What was typed into one line, such as a name: kept as one, whatever was pasted. */
  public static String line(String typed) {
    return clean(typed).replaceAll("[\\s\\p{Z}]+", " ").strip();
  }

  /** One line of at most so many letters. */
  public static String line(String typed, int most) {
    return kept(line(typed), most);
  }

  /** What was typed without blanks around and without letters that no page or paper can show. */
  public static String clean(String typed) {
    StringBuilder clean = new StringBuilder();
    typed.codePoints().filter(Typed::showable).forEach(clean::appendCodePoint);
    return clean.toString().strip();
  }

  private static boolean showable(int c) {
    boolean control = Character.isISOControl(c) && c != '\n' && c != '\t';
    boolean halfALetter = Character.getType(c) == Character.SURROGATE;
    boolean noLetter = (c & 0xFFFE) == 0xFFFE || c >= 0xFDD0 && c <= 0xFDEF;
    return !control && !halfALetter && !noLetter;
  }
}
