package loosehip.app.unit;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import loosehip.core.named.Named;

/** What lengths of a body and a room are entered and shown in. Kept are centimetres. */
public enum Length implements Named {
  CENTIMETRES("cm", "cm", 1),
  /** 2.54 cm by definition. */
  INCHES("inch", "in", 2.54);

  private static final String NUMBER = "(-?\\d{1,4}(?:[.,]\\d{1,4})?)";
  private static final Pattern FEET =
      Pattern.compile(
          "(\\d{1,2})\\s*(?:'|’|′|ft|feet|foot)\\s*(?:"
              + NUMBER
              + "\\s*(?:\"|”|″|''|in|inch|inches)?)?");
  private static final Pattern INCH =
      Pattern.compile(NUMBER + "\\s*(?:\"|”|″|''|in|inch|inches)\\.?");
  private static final Pattern PARTED =
      Pattern.compile("(\\d{1,3})\\s+(\\d{1,2})/(\\d{1,2})\\s*(?:\"|”|″|''|in|inch|inches)?");
  private static final Pattern CM = Pattern.compile(NUMBER + "\\s*cm");
  private static final Pattern MM = Pattern.compile(NUMBER + "\\s*mm");
  private static final Pattern METRE = Pattern.compile(NUMBER + "\\s*m");
  private static final Pattern BARE = Pattern.compile(NUMBER);

  private final String id;
  private final String sign;
  private final double centimetres;

  Length(String id, String sign, double centimetres) {
    this.id = id;
    this.sign = sign;
    this.centimetres = centimetres;
  }

  @Override
  public String id() {
    return id;
  }

  /** What is written after the number. */
  public String sign() {
    return sign;
  }

  /** Centimetres in this unit. */
  public double of(double cm) {
    return cm / centimetres;
  }

  /** A number of this unit in centimetres. */
  public double toCm(double number) {
    return number * centimetres;
  }

  /**
   * What somebody typed who works in this unit, in centimetres. A unit written beside the number
   * counts before the practice's: {@code 5'11"}, {@code 4 1/2}, {@code 12 cm}, {@code 1.71 m}.
   */
  public Optional<Double> typed(String text) {
    return withUnit(text).or(() -> match(BARE, clean(text)).map(this::toCm));
  }

  /** The length of a text that says its unit itself, in centimetres. */
  public static Optional<Double> withUnit(String text) {
    String clean = clean(text);
    Matcher feet = FEET.matcher(clean);
    if (feet.matches()) {
      double inches = feet.group(2) == null ? 0 : number(feet.group(2));
      return inches < 0 || inches >= 12
          ? Optional.empty()
          : Optional.of(INCHES.toCm(12 * number(feet.group(1)) + inches));
    }
    Matcher parted = PARTED.matcher(clean);
    if (parted.matches()) {
      double under = number(parted.group(3));
      double part = under == 0 ? 1 : number(parted.group(2)) / under;
      return part >= 1
          ? Optional.empty()
          : Optional.of(INCHES.toCm(number(parted.group(1)) + part));
    }
    return match(INCH, clean)
        .map(INCHES::toCm)
        .or(() -> match(CM, clean))
        .or(() -> match(MM, clean).map(mm -> mm / 10))
        .or(() -> match(METRE, clean).map(m -> m * 100));
  }

  private static Optional<Double> match(Pattern pattern, String text) {
    Matcher matcher = pattern.matcher(text);
    return matcher.matches() ? Optional.of(number(matcher.group(1))) : Optional.empty();
  }

  private static double number(String digits) {
    return Double.parseDouble(digits.replace(',', '.'));
  }

  private static String clean(String text) {
    return text.strip().replace('−', '-').toLowerCase(Locale.ROOT);
  }
}
