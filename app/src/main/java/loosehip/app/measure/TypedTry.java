package loosehip.app.measure;

import java.util.Locale;
import java.util.Optional;
import loosehip.app.unit.Shown;
import loosehip.app.words.Numbers;
import loosehip.app.words.Typed;
import loosehip.core.measure.FieldRange;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Unit;

/**
 * A number typed for a test, checked.
 *
 * @param value the number, rounded to what the unit keeps; empty when refused
 * @param problem why it is refused or asked about; empty when fine
 * @param unusual whether it can be kept when confirmed
 */
record TypedTry(Optional<Double> value, String problem, boolean unusual) {

  /** Checks what was typed against the test's hard and usual range. */
  static TypedTry of(ScreenTest test, String typed, String confirmed) {
    FieldRange range = test.range();
    Shown unit = Shown.of(test.unit());
    String takes =
        Numbers.plain(unit.of(range.hardLow()))
            + " to "
            + Numbers.plain(unit.of(range.hardHigh()))
            + unit.sign();
    if (typed.isBlank()) {
      return refused("Nothing typed yet. Type a number from " + takes + ", then Enter.");
    }
    Optional<Double> number = unit.typed(typed, Typed.number(typed));
    if (number.isEmpty()) {
      return refused("“" + shortened(typed) + "” is not a number. This test takes " + takes + ".");
    }
    double value = rounded(number.get(), test.unit(), unit);
    if (!range.accepts(value)) {
      return refused(
          Numbers.plain(unit.of(value))
              + " cannot be: this test takes "
              + takes
              + ". Nothing was added.");
    }
    if (!range.usual(value) && !typed.strip().equals(confirmed)) {
      return new TypedTry(
          Optional.of(value),
          String.format(
              Locale.ROOT,
              "Really %s? Usual is %s to %s. Enter again keeps it.",
              Numbers.plain(unit.of(value)),
              Numbers.plain(unit.of(range.usualLow())),
              Numbers.plain(unit.of(range.usualHigh()))),
          true);
    }
    return new TypedTry(Optional.of(value), "", false);
  }

  /** To what the unit keeps; where another is typed, to as much as shows the same again. */
  private static double rounded(double value, Unit unit, Shown shown) {
    double scale = Math.pow(10, unit.decimals() + (shown.asKept() ? 0 : 1));
    return Math.round(value * scale) / scale;
  }

  private static TypedTry refused(String problem) {
    return new TypedTry(Optional.empty(), problem, false);
  }

  private static String shortened(String typed) {
    return typed.length() > 20 ? typed.substring(0, 20) + "…" : typed;
  }
}
