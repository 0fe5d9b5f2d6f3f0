package loosehip.app.readings;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import loosehip.app.store.FileReadings;
import loosehip.app.store.TakenTry;
import loosehip.app.words.Spreadsheet;
import loosehip.core.body.Side;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Part;
import loosehip.core.measure.Unit;
import org.springframework.stereotype.Component;

/** Writes readings as CSV, row by row. */
@Component
class ReadingsOut {
  private final FileReadings readings;

  ReadingsOut(FileReadings readings) {
    this.readings = readings;
  }

  /** Writes every reading of the practice, or of one golfer. */
  void write(String practiceId, Optional<String> golferId, char separator, OutputStream out)
      throws IOException {
    try (CsvWriter csv =
        CsvWriter.builder()
            .fieldSeparator(separator)
            .build(new OutputStreamWriter(out, StandardCharsets.UTF_8))) {
      csv.writeRecord(Columns.KNOWN.keySet());
      readings.each(practiceId, golferId, r -> csv.writeRecord(fields(r)));
    }
  }

  private static List<String> fields(FileReadings.Outgoing r) {
    TakenTry t = r.taken();
    Unit unit = t.slot().test().unit();
    List<String> fields = new ArrayList<>();
    fields.add(r.golferId());
    fields.add(Spreadsheet.words(r.golfer()));
    fields.add(r.on().toString());
    fields.add(t.slot().test().id());
    fields.add(t.slot().side().map(Side::id).orElse(""));
    fields.add(t.slot().part().map(Part::id).orElse(""));
    fields.add(String.valueOf(t.ordinal()));
    for (Unit each : List.of(Unit.DEGREES, Unit.SECONDS, Unit.CENTIMETRES, Unit.LANDINGS)) {
      fields.add(each == unit ? t.value().map(ReadingsOut::plain).orElse("") : "");
    }
    fields.add(t.word().orElse(""));
    fields.add(t.method().map(Method::id).orElse(""));
    fields.add(
        t.compensations().stream().map(Compensation::id).sorted().collect(Collectors.joining(" ")));
    fields.add(t.voided() ? "yes" : "no");
    return fields;
  }

  private static String plain(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }
}
