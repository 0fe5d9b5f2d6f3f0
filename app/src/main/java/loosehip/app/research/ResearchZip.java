package loosehip.app.research;

import com.fasterxml.jackson.annotation.JsonInclude;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import loosehip.app.document.Documents;
import org.jspecify.annotations.Nullable;

/**
 * The tables as a zip: a CSV each, a data dictionary, and a descriptor that data tools read
 * (Frictionless data package, tabular).
 */
final class ResearchZip {
  private ResearchZip() {}

  @JsonInclude(JsonInclude.Include.NON_NULL)
  record Field(
      String name,
      String type,
      String description,
      @Nullable String unit,
      Constraints constraints) {}

  record Constraints(boolean required) {}

  record Reference(String resource, String fields) {}

  record ForeignKey(String fields, Reference reference) {}

  @JsonInclude(JsonInclude.Include.NON_NULL)
  record Schema(
      List<Field> fields,
      List<String> missingValues,
      @Nullable String primaryKey,
      @Nullable List<ForeignKey> foreignKeys) {}

  record TableResource(
      String name,
      String path,
      String profile,
      String encoding,
      String format,
      String description,
      Schema schema) {}

  record DataPackage(
      String profile,
      String name,
      String title,
      String description,
      List<TableResource> resources) {}

  static void write(List<ResearchTable> tables, OutputStream out) throws IOException {
    try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
      for (ResearchTable table : tables) {
        List<List<String>> lines = new ArrayList<>();
        lines.add(table.columns().stream().map(Column::name).toList());
        lines.addAll(table.rows());
        put(zip, table.name() + ".csv", csv(lines));
      }
      put(zip, "dictionary.csv", csv(dictionary(tables)));
      put(
          zip,
          "datapackage.json",
          Documents.JSON.writerWithDefaultPrettyPrinter().writeValueAsString(descriptor(tables)));
      put(zip, "README.md", readme(tables));
    }
  }

  private static void put(ZipOutputStream zip, String name, String text) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }

  private static String csv(List<List<String>> lines) throws IOException {
    StringWriter text = new StringWriter();
    try (CsvWriter csv = CsvWriter.builder().build(text)) {
      lines.forEach(csv::writeRecord);
    }
    return text.toString();
  }

  private static List<List<String>> dictionary(List<ResearchTable> tables) {
    List<List<String>> lines = new ArrayList<>();
    lines.add(List.of("file", "column", "type", "unit", "holds"));
    for (ResearchTable table : tables) {
      for (Column c : table.columns()) {
        lines.add(List.of(table.name() + ".csv", c.name(), c.type(), c.unit(), c.holds()));
      }
    }
    return lines;
  }

  private static DataPackage descriptor(List<ResearchTable> tables) {
    return new DataPackage(
        "tabular-data-package",
        "golf-fitness-practice",
        "Readings, faults, plans and outcomes of a golf fitness practice",
        "Without names and dates; groups of fewer than five golfers are held back.",
        tables.stream().map(ResearchZip::resource).toList());
  }

  private static TableResource resource(ResearchTable table) {
    boolean people = table.name().equals("golfers");
    return new TableResource(
        table.name(),
        table.name() + ".csv",
        "tabular-data-resource",
        "utf-8",
        "csv",
        table.holds(),
        new Schema(
            table.columns().stream()
                .map(
                    c ->
                        new Field(
                            c.name(),
                            c.type(),
                            c.holds(),
                            c.unit().isEmpty() ? null : c.unit(),
                            new Constraints(c.name().equals("golfer"))))
                .toList(),
            List.of(""),
            people ? "golfer" : null,
            people ? null : List.of(new ForeignKey("golfer", new Reference("golfers", "golfer")))));
  }

  private static String readme(List<ResearchTable> tables) {
    StringBuilder text =
        new StringBuilder(
            """
            # Readings, faults, plans and outcomes of a golf fitness practice

            Golfers go by a code drawn by lot at each export: two exports cannot be laid together.
            Days are told as whole weeks since a golfer's first visit. Under-18s and golfers without
            a standing consent are left out, and so is everything anybody typed in words.

            A group that fewer than five golfers make up is held back: an age band and hand is left
            empty, and rows of a test, fault, exercise or outcome are taken out. It is rare that
            somebody can still be known by a combination of readings; keep the files as you would
            keep names.

            `datapackage.json` describes every column for data tools, `dictionary.csv` for people.
            Ids of tests, faults, exercises and drills are those of the program.

            | file | rows | held back | holds |
            |---|---|---|---|
            """);
    for (ResearchTable table : tables) {
      text.append("| ")
          .append(table.name())
          .append(".csv | ")
          .append(table.rows().size())
          .append(" | ")
          .append(table.heldBack())
          .append(" | ")
          .append(table.holds())
          .append(" |\n");
    }
    return text.toString();
  }
}
