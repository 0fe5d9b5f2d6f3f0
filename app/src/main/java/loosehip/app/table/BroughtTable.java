package loosehip.app.table;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/**
 * A table somebody brought, packed in memory. It names people who may not have agreed to anything
 * here, so it is never written down before it is checked.
 */
final class BroughtTable {
  /** As many columns as a table may have (ours). */
  static final int MOST_COLUMNS = 400;

  /** As many rows as a table may have (ours). */
  static final int MOST_ROWS = 200_000;

  private static final char[] SEPARATORS = {'\t', ';', ',', '|'};
  private static final int SAMPLE = 1 << 16;
  private static final int SAMPLE_ROWS = 40;
  private static final int FIELD_MOST = 1 << 16;
  private static final double MOST_OF_THEM = 0.9;

  /** A table that cannot be read. */
  static final class Unreadable extends Exception {
    private static final long serialVersionUID = 1L;

    Unreadable(String words) {
      super(words);
    }
  }

  /** Takes a row; says whether to go on. */
  @FunctionalInterface
  interface Rows {
    boolean take(int row, List<String> cells);
  }

  private final String id = UUID.randomUUID().toString();
  private final String name;
  private final byte[] packed;
  private final char separator;
  private final boolean oldLetters;

  private BroughtTable(String name, byte[] packed, char separator, boolean oldLetters) {
    this.name = name;
    this.packed = packed;
    this.separator = separator;
    this.oldLetters = oldLetters;
  }

  String id() {
    return id;
  }

  String name() {
    return name;
  }

  /** Whether it was no UTF-8 and was read as the letters of western Europe (Windows-1252). */
  boolean oldLetters() {
    return oldLetters;
  }

  /** Opens what was brought, as often as needed. */
  @FunctionalInterface
  interface Source {
    InputStream open() throws IOException;
  }

  /**
   * Reads a table.
   *
   * @throws Unreadable when it is none, in words
   */
  static BroughtTable of(String name, Source source) throws IOException, Unreadable {
    byte[] start;
    try (InputStream in = source.open()) {
      start = in.readNBytes(4);
    }
    if (start.length > 3 && start[0] == 'P' && start[1] == 'K') {
      throw new Unreadable(
          "This is a workbook, not a table. Mark its cells, copy them and paste them here, or save"
              + " it as CSV. Nothing was read.");
    }
    Charset wide =
        start.length > 1 && start[0] == (byte) 0xFF && start[1] == (byte) 0xFE
            ? StandardCharsets.UTF_16LE
            : start.length > 1 && start[0] == (byte) 0xFE && start[1] == (byte) 0xFF
                ? StandardCharsets.UTF_16BE
                : StandardCharsets.UTF_8;
    boolean old = false;
    byte[] packed;
    try {
      packed = pack(source, wide, CodingErrorAction.REPORT);
    } catch (CharacterCodingException noUtf8) {
      old = true;
      packed = pack(source, Charset.forName("windows-1252"), CodingErrorAction.REPLACE);
    }
    BroughtTable table = new BroughtTable(name, packed, separator(packed), old);
    table.check();
    return table;
  }

  /** A table pasted as text. */
  static BroughtTable pasted(String text) throws IOException, Unreadable {
    byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
    return of("pasted table", () -> new ByteArrayInputStream(bytes));
  }

  private static byte[] pack(Source source, Charset charset, CodingErrorAction wrong)
      throws IOException, Unreadable {
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    try (InputStream in = source.open();
        Reader reader =
            new InputStreamReader(
                in, charset.newDecoder().onMalformedInput(wrong).onUnmappableCharacter(wrong));
        Writer writer =
            new OutputStreamWriter(new GZIPOutputStream(packed), StandardCharsets.UTF_8)) {
      char[] some = new char[SAMPLE];
      for (int n = reader.read(some); n >= 0; n = reader.read(some)) {
        for (int i = 0; i < n; i++) {
          if (some[i] == 0) {
            throw new Unreadable(
                "This is no text. Save the table as CSV, or copy its cells and paste them here."
                    + " Nothing was read.");
          }
        }
        writer.write(some, 0, n);
      }
    }
    return packed.toByteArray();
  }

  private static Reader open(byte[] packed) throws IOException {
    return new InputStreamReader(
        new GZIPInputStream(new ByteArrayInputStream(packed)), StandardCharsets.UTF_8);
  }

  /** The separator most first rows agree on. */
  private static char separator(byte[] packed) throws IOException, Unreadable {
    char[] some = new char[SAMPLE];
    int length = 0;
    try (Reader reader = open(packed)) {
      int n = reader.read(some);
      while (n > 0) {
        length += n;
        n = reader.read(some, length, SAMPLE - length);
      }
    }
    String sample = new String(some, 0, length);
    double best = 0;
    char found = 0;
    for (char separator : SEPARATORS) {
      double agreeing = agreeing(sample, separator);
      if (agreeing >= MOST_OF_THEM) {
        return separator;
      }
      if (agreeing > best) {
        best = agreeing;
        found = separator;
      }
    }
    if (found == 0) {
      throw new Unreadable(
          "This is no table: its lines are not parted into columns by tabs, “;”, “,” or “|”."
              + " Nothing was read.");
    }
    return found;
  }

  /** The share of first rows with the usual number of columns, when that is more than one. */
  private static double agreeing(String sample, char separator) {
    Map<Integer, Integer> counts = new HashMap<>();
    int rows = 0;
    try (CsvReader<CsvRecord> csv = reader(separator, new StringReader(sample))) {
      for (CsvRecord record : csv) {
        if (rows == SAMPLE_ROWS) {
          break;
        }
        rows++;
        counts.merge(record.getFieldCount(), 1, Integer::sum);
      }
    } catch (CsvParseException | IOException | UncheckedIOException brokenOff) {
      // the sample ends within a quoted cell; what was counted before that counts
    }
    Optional<Map.Entry<Integer, Integer>> usual =
        counts.entrySet().stream().filter(e -> e.getKey() > 1).max(Map.Entry.comparingByValue());
    int all = rows;
    return usual.map(u -> (double) u.getValue() / Math.max(1, all)).orElse(0.0);
  }

  private static CsvReader<CsvRecord> reader(char separator, Reader text) {
    return CsvReader.builder()
        .fieldSeparator(separator)
        .maxBufferSize(1 << 20)
        .allowMissingFields(true)
        .allowExtraFields(true)
        .ofCsvRecord(text);
  }

  private void check() throws Unreadable {
    int[] seen = new int[2];
    try {
      rows(
          (row, cells) -> {
            seen[0] = row;
            seen[1] = Math.max(seen[1], cells.size());
            return row <= MOST_ROWS && seen[1] <= MOST_COLUMNS;
          });
    } catch (CsvParseException | UncheckedIOException broken) {
      throw new Unreadable(
          "The table cannot be read to its end: somewhere a quotation mark is opened and not"
              + " closed. Nothing was read.");
    }
    if (seen[0] > MOST_ROWS) {
      throw new Unreadable(
          "The table has more than " + MOST_ROWS + " rows. Bring it in parts; nothing was read.");
    }
    if (seen[1] > MOST_COLUMNS) {
      throw new Unreadable(
          "The table has more than "
              + MOST_COLUMNS
              + " columns. Copy those with readings alone; nothing was read.");
    }
    if (seen[0] == 0) {
      throw new Unreadable("The table is empty. Nothing was read.");
    }
  }

  /** Hands out every row with something in it; its number is that of the table, from 1. */
  void rows(Rows to) {
    try (Reader text = open(packed);
        CsvReader<CsvRecord> csv = reader(separator, text)) {
      int row = 0;
      for (CsvRecord record : csv) {
        row++;
        List<String> cells = cells(record, row == 1);
        if (!cells.isEmpty() && !to.take(row, cells)) {
          return;
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Cells without blanks around; none when all are blank. */
  private static List<String> cells(CsvRecord record, boolean first) {
    List<String> cells = new ArrayList<>(record.getFieldCount());
    boolean something = false;
    for (String field : record.getFields()) {
      String cell = plain(field) ? field : oneLine(field);
      if (first && cells.isEmpty()) {
        cell = cell.replace("\uFEFF", "").strip();
      }
      something |= !cell.isEmpty();
      cells.add(cell);
    }
    return something ? cells : List.of();
  }

  /** Most cells need nothing done, and there can be millions of them. */
  private static boolean plain(String field) {
    if (field.length() > FIELD_MOST) {
      return false;
    }
    for (int i = 0; i < field.length(); i++) {
      char c = field.charAt(i);
      boolean inside = i > 0 && i < field.length() - 1 && field.charAt(i - 1) != ' ';
      if (c < ' ' || c == '\u00a0' || c == ' ' && !inside) {
        return false;
      }
    }
    return true;
  }

  private static String oneLine(String field) {
    String cut = field.length() > FIELD_MOST ? field.substring(0, FIELD_MOST) : field;
    return cut.replaceAll("[\\s\u00a0]+", " ").strip();
  }
}
