package loosehip.app.golfer;

import java.util.Locale;
import java.util.Optional;

/**
 * Numbers as people type them and as they are shown: a decimal comma or point, blanks around, a
 * degree sign.
 */
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

  /** A number as it is shown: one decimal at most, none when it is whole. */
  public static String plain(double number) {
    return number == Math.rint(number)
        ? String.valueOf((long) number)
        : String.format(Locale.ROOT, "%.1f", number);
  }
}
