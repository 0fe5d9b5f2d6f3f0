package loosehip.app.trace;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The columns a recording has.
 *
 * @param numbers those that hold numbers, time first
 * @param marked whether rows must be marked in the column {@value #EVENT}
 */
record Columns(List<Number> numbers, boolean marked) {
  /** The column in which moments are marked. */
  static final String EVENT = "event";

  private static final double CIRCLE = 360;

  /** Movement of the body, in degrees. */
  static final Columns MOVEMENT =
      new Columns(
          List.of(
              time(),
              new Number("pelvis_turn_deg", true, -CIRCLE, CIRCLE),
              new Number("pelvis_tilt_deg", true, -CIRCLE, CIRCLE),
              new Number("torso_turn_deg", false, -CIRCLE, CIRCLE),
              new Number("lead_arm_deg", false, -CIRCLE, CIRCLE)),
          false);

  /** Weight under the feet, in shares. */
  static final Columns PRESSURE =
      new Columns(
          List.of(time(), share("lead_share"), share("lead_toe"), share("trail_toe")), true);

  /**
   * A column of numbers.
   *
   * @param name in the file
   * @param needed whether there is no file without it
   * @param least the least it can be
   * @param most the most it can be
   */
  record Number(String name, boolean needed, double least, double most) {
    /** The name without its unit: a column that begins so is meant, in another unit. */
    private String stem() {
      return name.replaceFirst("_(s|deg|share|toe)$", "");
    }
  }

  private static Number time() {
    return new Number("time_s", true, -1e9, 1e9);
  }

  private static Number share(String name) {
    return new Number(name, true, 0, 1);
  }

  /** All names, as a header has them. */
  String header() {
    return String.join(", ", numbers.stream().map(Number::name).toList())
        + (marked ? ", " + EVENT : "");
  }

  /** Where each of the columns stands in a header; −1 when it does not. */
  int[] places(List<String> header) {
    return numbers.stream().mapToInt(n -> header.indexOf(n.name())).toArray();
  }

  /** The column that a name nearly is: the same thing in another unit. */
  Optional<Number> nearly(String name) {
    String lower = name.toLowerCase(Locale.ROOT);
    return numbers.stream()
        .filter(n -> lower.startsWith(n.stem()) && !lower.equals(n.name()))
        .findFirst();
  }
}
