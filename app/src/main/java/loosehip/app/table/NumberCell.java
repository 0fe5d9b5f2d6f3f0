package loosehip.app.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import loosehip.app.unit.Length;
import loosehip.core.measure.Unit;

/** The numbers of one cell: a try, or several parted by “/” or “;”. */
final class NumberCell {
  private static final Pattern BARE = Pattern.compile("-?\\d{1,4}([.,]\\d{1,6})?");
  private static final Pattern THOUSANDS = Pattern.compile("-?\\d{1,3},\\d{3}");
  private static final Pattern DEGREES = Pattern.compile("(.*?)\\s*(°|º|deg|degrees)\\.?");
  private static final Pattern SECONDS = Pattern.compile("(.*?)\\s*(s|sec|secs|seconds|\"|″)\\.?");
  private static final Pattern MINUTES = Pattern.compile("(\\d{1,2}):([0-5]\\d)");
  private static final Pattern OF_THREE = Pattern.compile("(\\d)\\s*(/|of)\\s*3");

  private static final int LONGEST = 60;

  private NumberCell() {}

  /** Whether a comma could part thousands or decimals: {@code 1,234}. */
  static boolean commaIsUnclear(String text) {
    return pieces(text).stream().anyMatch(p -> THOUSANDS.matcher(p).matches());
  }

  /** Whether it is a length that does not say its unit. */
  static boolean unitIsUnclear(String text) {
    return pieces(text).stream()
        .anyMatch(p -> BARE.matcher(p).matches() && Length.withUnit(p).isEmpty());
  }

  /**
   * The numbers of a cell in the unit they are kept in; empty when one of them is none.
   *
   * @param commaParts whether a comma before three digits parts thousands
   * @param length the unit of lengths that do not say theirs
   */
  static Optional<List<Double>> read(
      String text, Unit unit, boolean commaParts, Optional<Length> length) {
    String clean = text.strip().replace('−', '-').replace('\u00a0', ' ');
    if (unit == Unit.LANDINGS) {
      Matcher ofThree = OF_THREE.matcher(clean);
      clean = ofThree.matches() ? ofThree.group(1) : clean;
    }
    List<Double> numbers = new ArrayList<>();
    for (String piece : pieces(clean)) {
      Optional<Double> number = one(piece, unit, commaParts, length);
      if (number.isEmpty()) {
        return Optional.empty();
      }
      numbers.add(number.get());
    }
    return numbers.isEmpty() ? Optional.empty() : Optional.of(numbers);
  }

  /** The tries of a cell; half an inch behind a whole one is no second try. */
  private static List<String> pieces(String text) {
    String clean = text.length() > LONGEST ? "" : text.strip();
    if (clean.isEmpty() || Length.withUnit(clean).isPresent()) {
      return clean.isEmpty() ? List.of() : List.of(clean);
    }
    List<String> pieces = new ArrayList<>();
    for (String piece : clean.split("[/;]", -1)) {
      pieces.add(piece.strip());
    }
    return pieces;
  }

  private static Optional<Double> one(
      String piece, Unit unit, boolean commaParts, Optional<Length> length) {
    if (unit == Unit.CENTIMETRES) {
      Optional<Double> said = Length.withUnit(piece);
      return said.isPresent() ? said : length.flatMap(l -> plain(piece, commaParts).map(l::toCm));
    }
    if (unit == Unit.SECONDS) {
      Matcher minutes = MINUTES.matcher(piece);
      if (minutes.matches()) {
        return Optional.of(
            60.0 * Integer.parseInt(minutes.group(1)) + Integer.parseInt(minutes.group(2)));
      }
    }
    Matcher said = (unit == Unit.SECONDS ? SECONDS : DEGREES).matcher(piece);
    return plain(unit != Unit.LANDINGS && said.matches() ? said.group(1) : piece, commaParts);
  }

  private static Optional<Double> plain(String piece, boolean commaParts) {
    if (!BARE.matcher(piece).matches()) {
      return Optional.empty();
    }
    boolean thousands = commaParts && THOUSANDS.matcher(piece).matches();
    return Optional.of(
        Double.parseDouble(thousands ? piece.replace(",", "") : piece.replace(',', '.')));
  }
}
