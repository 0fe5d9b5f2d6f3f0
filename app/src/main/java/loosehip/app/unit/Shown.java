package loosehip.app.unit;

import java.util.Optional;
import loosehip.core.measure.Unit;

/**
 * A figure's unit as the practice being answered reads it.
 *
 * @param sign what is written after the number, with the blank the kept unit has
 * @param per how many of the kept unit one of this is
 * @param length whether it is a length, which may say its own unit when typed
 */
public record Shown(String sign, double per, boolean length) {
  private static final int FEET = 12;

  /** The unit of a test's numbers. */
  public static Shown of(Unit unit) {
    return ofSign(unit.sign());
  }

  /** The unit that is kept under this sign, a blank before it or not; others stay as they are. */
  public static Shown ofSign(String kept) {
    Units units = Units.now();
    String before = kept.startsWith(" ") ? " " : "";
    return switch (kept.strip()) {
      case "cm" -> new Shown(before + units.length().sign(), units.length().toCm(1), true);
      case "m" -> new Shown(before + units.distance().id(), units.distance().metres(), false);
      case "kg" -> new Shown(before + units.mass().id(), units.mass().kilograms(), false);
      default -> new Shown(kept, 1, false);
    };
  }

  /** Whether it is shown as it is kept. */
  public boolean asKept() {
    return per == 1;
  }

  /** A kept number as it is shown; in another unit to a tenth, as far as anything here is sure. */
  public double of(double kept) {
    return asKept() ? kept : Math.round(kept / per * 10) / 10.0;
  }

  /** What was typed, as it is kept; empty when it is no number. */
  public Optional<Double> typed(String text, Optional<Double> plain) {
    return length
        ? Length.withUnit(text).or(() -> Units.now().length().typed(text))
        : plain.map(n -> n * per);
  }

  /** How tall somebody is: {@code 171}, or {@code 5'7.3"} where inches are read. */
  public static String tall(double cm) {
    if (Units.now().length() == Length.CENTIMETRES) {
      return number(cm);
    }
    double inches = Math.round(Length.INCHES.of(cm) * 10) / 10.0;
    int feet = (int) (inches / FEET);
    return feet + "'" + number(inches - FEET * feet) + "\"";
  }

  private static String number(double value) {
    double tenth = Math.round(value * 10) / 10.0;
    return tenth == Math.rint(tenth) ? String.valueOf((long) tenth) : String.valueOf(tenth);
  }
}
