package loosehip.app.readings;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.app.store.ReadingFiles.FileRow;
import loosehip.app.words.Typed;
import loosehip.core.body.Side;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Part;
import loosehip.core.measure.Reading;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.measure.Unit;
import loosehip.core.named.Named;

/** Turns the fields of one line into a reading, or says which column is wrong and why. */
final class RowReader {
  /** Nobody measured by this program, or by hand into its files, before that (ours). */
  private static final int EARLIEST_YEAR = 1950;

  private final Columns columns;
  private final LocalDate today;

  RowReader(Columns columns, LocalDate today) {
    this.columns = columns;
    this.today = today;
  }

  /** A line that cannot be taken. */
  static class BadRow extends Exception {
    private static final long serialVersionUID = 1L;

    BadRow(String column, String words) {
      super(column + ": " + words);
    }

    BadRow(String words) {
      super(words);
    }
  }

  /**
   * A line understood, whoever it is about.
   *
   * @param golferId as given, may be empty
   * @param golfer the name as given, may be empty
   * @param row what it holds
   * @param unusual whether the number lies outside the usual range
   */
  record Line(Optional<String> golferId, Optional<String> golfer, FileRow row, boolean unusual) {}

  /** Where a line comes from, in words behind what is said of it; empty when it does not say. */
  String source(List<String> fields) {
    return fields.size() == columns.count()
        ? columns.text(fields, ReadingColumns.SOURCE).map(s -> " (" + s + ")").orElse("")
        : "";
  }

  Line read(List<String> fields) throws BadRow {
    if (fields.size() != columns.count()) {
      throw new BadRow(
          fields.size()
              + " fields where line 1 has "
              + columns.count()
              + "; is another separator or a decimal comma mixed in?");
    }
    Optional<String> id = columns.text(fields, "golfer_id");
    Optional<String> name = columns.text(fields, "golfer");
    if (id.isEmpty() && name.isEmpty()) {
      throw new BadRow("golfer", "nobody is named");
    }
    Slot slot = slot(fields);
    boolean number = slot.test().numeric(slot.part());
    Optional<Double> value = number ? Optional.of(value(fields, slot)) : Optional.empty();
    Optional<String> word = number ? Optional.empty() : Optional.of(word(fields, slot));
    boolean unusual = value.filter(v -> !slot.test().range().usual(v)).isPresent();
    FileRow row =
        new FileRow(
            day(fields),
            slot,
            ordinal(fields),
            value,
            word,
            method(fields, slot, number),
            compensations(fields),
            voided(fields));
    return new Line(id, name, row, unusual);
  }

  private LocalDate day(List<String> fields) throws BadRow {
    String text = columns.text(fields, "visit_date").orElse("");
    try {
      LocalDate day = LocalDate.parse(text);
      if (day.getYear() < EARLIEST_YEAR) {
        throw new BadRow("visit_date", text + " lies before " + EARLIEST_YEAR);
      }
      if (day.isAfter(today)) {
        throw new BadRow("visit_date", text + " lies in the future");
      }
      return day;
    } catch (DateTimeParseException e) {
      throw new BadRow("visit_date", "“" + text + "” is not a day such as 2026-11-25");
    }
  }

  private Slot slot(List<String> fields) throws BadRow {
    String testId = columns.text(fields, "test").orElse("");
    ScreenTest test =
        Named.parse(ScreenTest.class, testId)
            .orElseThrow(() -> new BadRow("test", "“" + testId + "” is no test"));
    Optional<String> sideText = columns.text(fields, "side");
    Optional<Side> side = sideText.flatMap(Named.parser(Side.class));
    if (sideText.isPresent() && side.isEmpty()) {
      throw new BadRow("side", "“" + sideText.get() + "” is neither left nor right");
    }
    if (side.isPresent() != test.sided()) {
      throw new BadRow("side", testId + (test.sided() ? " needs left or right" : " has no side"));
    }
    Optional<String> partText = columns.text(fields, "part");
    Optional<Part> part = partText.flatMap(Named.parser(Part.class));
    if (partText.isPresent() && (part.isEmpty() || !test.hasPart(part.get()))) {
      throw new BadRow("part", "“" + partText.get() + "” is no part of " + testId);
    }
    if (part.isEmpty() && !test.hasWholeNumber()) {
      throw new BadRow("part", testId + " is recorded in parts");
    }
    return new Slot(test, side, part);
  }

  private int ordinal(List<String> fields) throws BadRow {
    String text = columns.text(fields, "try").orElse("");
    if (!text.matches("[1-" + Reading.MOST_TRIES + "]")) {
      throw new BadRow("try", "“" + text + "” is not 1 to " + Reading.MOST_TRIES);
    }
    return Integer.parseInt(text);
  }

  private double value(List<String> fields, Slot slot) throws BadRow {
    String column = column(slot.test().unit());
    for (Unit unit : Unit.values()) {
      boolean other = unit != Unit.WORD && unit != slot.test().unit();
      if (other && columns.text(fields, column(unit)).isPresent()) {
        throw new BadRow(column(unit), slot.test().id() + " is given in " + column);
      }
    }
    String text = columns.text(fields, column).orElse("");
    double typed =
        Typed.number(text)
            .orElseThrow(
                () ->
                    new BadRow(
                        column,
                        text.isEmpty() ? "the number is missing" : "“" + text + "” is no number"));
    double scale = Math.pow(10, slot.test().unit().decimals());
    double value = Math.round(typed * scale) / scale;
    if (!slot.test().range().accepts(value)) {
      throw new BadRow(
          column,
          text
              + " cannot be: "
              + slot.test().id()
              + " takes "
              + (int) slot.test().range().hardLow()
              + " to "
              + (int) slot.test().range().hardHigh());
    }
    return value;
  }

  /** The column that holds numbers of a unit. */
  static String column(Unit unit) {
    return switch (unit) {
      case DEGREES -> "value_deg";
      case SECONDS -> "value_s";
      case CENTIMETRES -> "value_cm";
      case LANDINGS -> "value_landings";
      case WORD -> "word";
    };
  }

  private String word(List<String> fields, Slot slot) throws BadRow {
    String text = columns.text(fields, "word").orElse("");
    if (!slot.test().words(slot.part()).contains(text)) {
      throw new BadRow(
          "word", "“" + text + "” is none of " + String.join(", ", slot.test().words(slot.part())));
    }
    return text;
  }

  private Optional<Method> method(List<String> fields, Slot slot, boolean number) throws BadRow {
    Optional<String> text = columns.text(fields, "method");
    Optional<Method> method = text.flatMap(Named.parser(Method.class));
    if (text.isPresent() && method.isEmpty()) {
      throw new BadRow("method", "“" + text.get() + "” is no method");
    }
    if (!number || slot.test().unit() != Unit.DEGREES) {
      return Optional.empty();
    }
    return method.or(() -> Optional.of(slot.test().methods().get(0)));
  }

  private Set<Compensation> compensations(List<String> fields) throws BadRow {
    Set<Compensation> seen = EnumSet.noneOf(Compensation.class);
    for (String id : columns.text(fields, "compensations").orElse("").split(" +")) {
      if (!id.isEmpty()) {
        seen.add(
            Named.parse(Compensation.class, id)
                .orElseThrow(() -> new BadRow("compensations", "“" + id + "” is no compensation")));
      }
    }
    return seen;
  }

  private boolean voided(List<String> fields) throws BadRow {
    String text = columns.text(fields, "void").orElse("no");
    if (!text.equals("yes") && !text.equals("no")) {
      throw new BadRow("void", "“" + text + "” is neither yes nor no");
    }
    return text.equals("yes");
  }
}
