package loosehip.app.trace;

import loosehip.app.words.Numbers;

/** What is wrong with a field that should hold a number, in words. */
final class NumberWords {
  private NumberWords() {}

  static String wrong(String text, double value, Columns.Number column) {
    if (text.isEmpty()) {
      return "is empty";
    }
    if (Double.isNaN(value)) {
      return decimalComma(text)
          ? "\"" + text + "\" is written with a decimal comma"
          : "\"" + text + "\" is not a number";
    }
    return text
        + " is beyond "
        + Numbers.shown(value < column.least() ? column.least() : column.most());
  }

  static String right(String text, double value, Columns.Number column) {
    if (decimalComma(text)) {
      return "write decimals with a point: " + text.replace(',', '.');
    }
    if (column.most() == 1) {
      return value > 1 && value <= 100
          ? "write a share from 0 to 1: " + Numbers.shown(value / 100)
          : "write a share from 0 to 1";
    }
    if (Double.isNaN(value)) {
      return text.isEmpty() ? "write a number, or leave the row away" : "write a number";
    }
    return "write "
        + Numbers.shown(column.least())
        + " to "
        + Numbers.shown(column.most())
        + (column.name().endsWith("_deg") ? " degrees" : "");
  }

  private static boolean decimalComma(String text) {
    return text.matches("[-+]?\\d+,\\d+");
  }
}
