package loosehip.app.readings;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The columns of a file of readings, found by name in its first line.
 *
 * @param separator {@code ;} or {@code ,}
 * @param at position of each known column
 * @param count how many columns the first line has
 */
record Columns(char separator, Map<String, Integer> at, int count) {
  /** Every column in the order written, with what it holds. */
  static final Map<String, String> KNOWN = known();

  private static final List<String> NEEDED = List.of("visit_date", "test", "try");

  private static Map<String, String> known() {
    Map<String, String> known = new LinkedHashMap<>();
    known.put("golfer_id", "id of the golfer; may be blank when the name is given");
    known.put("golfer", "name of the golfer, as on Today");
    known.put("visit_date", "day of the visit, 2026-11-25");
    known.put("test", "id of the test, seated-rotation");
    known.put("side", "left or right; blank for tests without sides");
    known.put("part", "internal, external, open …; blank for a whole test");
    known.put("try", "1 to 5");
    known.put("value_deg", "the number, for tests in degrees");
    known.put("value_s", "the number, for tests in seconds");
    known.put("value_cm", "the number, for tests in centimetres");
    known.put("value_landings", "good landings of 3");
    known.put("word", "the word, for tests told in words");
    known.put("method", "inclinometer, goniometer, club-angle, still; blank when not an angle");
    known.put("compensations", "ids, blanks between");
    known.put("void", "yes when the try does not count");
    return known;
  }

  /** A first line that cannot be used. */
  static class WrongHeader extends Exception {
    private static final long serialVersionUID = 1L;

    WrongHeader(String words) {
      super(words);
    }
  }

  /** Reads the first line, a byte order mark and blanks aside. */
  static Columns of(String line) throws WrongHeader {
    String clean = line.replace("\uFEFF", "").replace("\"", "").strip();
    boolean semicolons = clean.indexOf(';') >= 0;
    boolean commas = clean.indexOf(',') >= 0;
    if (semicolons && commas) {
      throw new WrongHeader(
          "Line 1 mixes “;” and “,”. Use one of them throughout; nothing was read.");
    }
    if (!semicolons && !commas) {
      throw new WrongHeader(
          "Line 1 is not a header with “;” or “,” between the columns; nothing was read.");
    }
    char separator = semicolons ? ';' : ',';
    String[] names = clean.split(String.valueOf(separator), -1);
    Map<String, Integer> at = new HashMap<>();
    List<String> unknown = new ArrayList<>();
    for (int i = 0; i < names.length; i++) {
      String name = names[i].strip().toLowerCase(Locale.ROOT);
      if (!KNOWN.containsKey(name) && !name.equals(ReadingColumns.SOURCE)) {
        unknown.add("“" + names[i].strip() + "” (column " + (i + 1) + ")");
      } else if (at.put(name, i) != null) {
        throw new WrongHeader("Column “" + name + "” comes twice in line 1; nothing was read.");
      }
    }
    if (!unknown.isEmpty()) {
      throw new WrongHeader(
          "Line 1 has columns that are not known: "
              + String.join(", ", unknown)
              + ". Known are "
              + String.join(", ", KNOWN.keySet())
              + ". Nothing was read.");
    }
    for (String needed : NEEDED) {
      if (!at.containsKey(needed)) {
        throw new WrongHeader("Column “" + needed + "” is missing in line 1; nothing was read.");
      }
    }
    if (!at.containsKey("golfer_id") && !at.containsKey("golfer")) {
      throw new WrongHeader(
          "Line 1 needs “golfer_id” or “golfer”, so that it is known whose the readings are.");
    }
    return new Columns(separator, at, names.length);
  }

  /** What a row holds in a column; empty when blank or when the file has no such column. */
  Optional<String> text(List<String> fields, String column) {
    Integer index = at.get(column);
    return index == null
        ? Optional.empty()
        : Optional.of(fields.get(index).strip()).filter(t -> !t.isEmpty());
  }
}
