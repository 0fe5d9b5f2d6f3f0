package loosehip.app.golfer;

import java.util.Optional;

/** Numbers as people type them: a decimal comma or point, blanks around, a degree sign. */
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
}
