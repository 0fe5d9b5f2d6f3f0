package loosehip.app.words;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers as they are shown. A minus is a minus sign, not a hyphen, where a page shows it. */
public final class Numbers {
  private Numbers() {}

  /** One decimal at most, none when it is whole: {@code 12.5}, {@code 12}. */
  public static String plain(double number) {
    return number == Math.rint(number) ? String.valueOf((long) number) : fixed(number, 1);
  }

  /** Every decimal it has, none when it is whole: {@code 0.012}, {@code 25}. */
  public static String exact(double number) {
    return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
  }

  /** Two decimals at most, without zeros at the end: {@code 0.35}, {@code 2.5}, {@code 4}. */
  public static String short2(double number) {
    return BigDecimal.valueOf(number)
        .setScale(2, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }

  /** One decimal always: {@code 12.0}. */
  public static String tenth(double number) {
    return fixed(number, 1);
  }

  /** Two decimals always: {@code 0.50}. */
  public static String hundredth(double number) {
    return fixed(number, 2);
  }

  /**
   * So many decimals, a half away from zero; pages hold hundreds, so without a format's pattern.
   */
  private static String fixed(double number, int decimals) {
    return Double.isFinite(number)
        ? BigDecimal.valueOf(number).setScale(decimals, RoundingMode.HALF_UP).toPlainString()
        : String.valueOf(number);
  }

  /** One decimal with its sign: {@code +3.1}, {@code −29.0}. */
  public static String signed(double number) {
    double tenth = Math.round(Math.abs(number) * 10) / 10.0;
    return (number < 0 && tenth > 0 ? "−" : "+") + tenth(tenth);
  }

  /** The same without a decimal that is 0: {@code +5}, {@code −2.5}. */
  public static String signedPlain(double number) {
    double tenth = Math.round(Math.abs(number) * 10) / 10.0;
    return (number < 0 && tenth > 0 ? "−" : "+") + plain(tenth);
  }

  /** With a minus sign in the place of a hyphen: {@code −3}. */
  public static String shown(double number) {
    return number < 0 ? "−" + short2(-number) : short2(number);
  }
}
