package loosehip.app.trace;

/**
 * Reads a decimal number straight out of a buffer. What has at most fifteen digits is exact as a
 * whole number, and one division by an exact power of ten rounds it as {@link Double#parseDouble}
 * does; everything else is left to that.
 */
final class DecimalField {
  private static final int EXACT_DIGITS = 15;
  private static final double[] POWERS = new double[EXACT_DIGITS + 1];

  static {
    double power = 1;
    for (int i = 0; i < POWERS.length; i++, power *= 10) {
      POWERS[i] = power;
    }
  }

  private DecimalField() {}

  /** The number in these characters; not a number when they are none. */
  static double read(char[] buffer, int offset, int length) {
    int i = offset;
    int end = offset + length;
    boolean negative = i < end && buffer[i] == '-';
    if (negative) {
      i++;
    }
    long digits = 0;
    int first = i;
    while (i < end && (char) (buffer[i] - '0') < 10) {
      digits = digits * 10 + (buffer[i++] - '0');
    }
    int count = i - first;
    int after = 0;
    if (i < end && buffer[i] == '.') {
      int point = ++i;
      while (i < end && (char) (buffer[i] - '0') < 10) {
        digits = digits * 10 + (buffer[i++] - '0');
      }
      after = i - point;
      count += after;
    }
    if (i < end || count == 0 || count > EXACT_DIGITS) {
      return slowly(buffer, offset, offset + length);
    }
    double value = after > 0 ? digits / POWERS[after] : digits;
    return negative ? -value : value;
  }

  /** A number as Java reads it, without what only Java writes: hexadecimal, suffixes, infinity. */
  private static double slowly(char[] buffer, int offset, int to) {
    int first = offset;
    int end = to;
    while (first < end && buffer[first] == ' ') {
      first++;
    }
    while (end > first && buffer[end - 1] == ' ') {
      end--;
    }
    for (int i = first; i < end; i++) {
      char c = buffer[i];
      boolean known =
          c >= '0' && c <= '9' || c == '.' || c == '-' || c == '+' || c == 'e' || c == 'E';
      if (!known) {
        return Double.NaN;
      }
    }
    try {
      double value = Double.parseDouble(new String(buffer, first, end - first));
      return Double.isFinite(value) ? value : Double.NaN;
    } catch (NumberFormatException none) {
      return Double.NaN;
    }
  }
}
