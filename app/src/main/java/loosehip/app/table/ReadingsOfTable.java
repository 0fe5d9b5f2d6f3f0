package loosehip.app.table;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import loosehip.app.readings.ReadingColumns;
import loosehip.app.words.Typed;
import loosehip.core.measure.Unit;

/** Writes a table as a file of readings, each line saying which row it comes from. */
final class ReadingsOfTable {
  private static final int CELL_MOST = 200;

  private ReadingsOfTable() {}

  /** Writes every try; gives how many. */
  static int write(TableReading reading, Path to) throws IOException {
    int[] lines = new int[1];
    try (CsvWriter csv =
        CsvWriter.builder().fieldSeparator(';').build(to, StandardCharsets.UTF_8)) {
      csv.writeRecord(ReadingColumns.WITH_SOURCE);
      reading.each(
          line -> {
            csv.writeRecord(fields(line));
            lines[0]++;
            return true;
          });
    } catch (UncheckedIOException e) {
      throw e.getCause();
    }
    return lines[0];
  }

  private static List<String> fields(TableReading.Line line) {
    List<String> fields = new ArrayList<>();
    fields.add(line.golferId());
    fields.add(line.golfer());
    fields.add(line.day());
    fields.add(line.test());
    fields.add(line.side());
    fields.add(line.part());
    fields.add(line.ordinal());
    for (Unit unit :
        List.of(Unit.DEGREES, Unit.SECONDS, Unit.CENTIMETRES, Unit.LANDINGS, Unit.WORD)) {
      fields.add(unit == line.unit() ? line.result() : "");
    }
    fields.add(line.method());
    fields.add(line.compensations());
    fields.add(line.voided());
    fields.add("row " + line.row() + (line.head().isEmpty() ? "" : ", “" + line.head() + "”"));
    return fields.stream().map(f -> Typed.line(f, CELL_MOST)).toList();
  }
}
