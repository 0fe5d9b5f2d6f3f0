package loosehip.app.trace;

import de.siegmar.fastcsv.reader.AbstractBaseCsvCallbackHandler;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * The rows of a recording as numbers. Fields are read where they lie, without a text for each.
 *
 * @param columns the values of each column of numbers; empty where the file has none
 * @param lines the line of each row
 * @param marks what stands in the column {@code event}, where anything does
 * @param problems what is wrong, at most {@value #PROBLEMS_MOST} of them
 * @param ignored names of columns that nothing is read from
 */
record NumberRows(
    double[][] columns,
    long[] lines,
    List<Mark> marks,
    List<CsvProblem> problems,
    List<String> ignored) {
  /** So many problems are named; whoever mends a file mends them by kind. */
  static final int PROBLEMS_MOST = 20;

  /** Most rows that are read (ours): twice what a bench day's longest recording holds. */
  static final int ROWS_MOST = 200_000;

  private static final int HEADER_MOST = 4000;

  /** What stands where bytes are no UTF-8 text. */
  private static final char NOT_UTF_8 = '\uFFFD';

  /** What is marked at a row. */
  record Mark(int row, String text) {}

  static NumberRows read(byte[] file, Columns columns) {
    String text = new String(file, StandardCharsets.UTF_8);
    if (text.indexOf(NOT_UTF_8) >= 0) {
      return refused(CsvProblem.ofFile("is not UTF-8 text", "save it as CSV in UTF-8"));
    }
    if (text.startsWith("\uFEFF")) {
      text = text.substring(1);
    }
    if (text.isBlank()) {
      return refused(CsvProblem.ofFile("is empty", "put a header row first: " + columns.header()));
    }
    return new Work(columns).read(text);
  }

  private static NumberRows refused(CsvProblem problem) {
    return new NumberRows(new double[0][], new long[0], List.of(), List.of(problem), List.of());
  }

  /** The values of a column. */
  double[] column(int which) {
    return columns[which];
  }

  /** Whether the file has a column. */
  boolean has(int which) {
    return columns[which].length > 0;
  }

  /** One reading of a file. */
  private static final class Work {
    private final Columns columns;
    private final double[] least;
    private final double[] most;
    private final List<CsvProblem> problems = new ArrayList<>();
    private final List<Mark> marks = new ArrayList<>();
    private List<String> header = List.of();
    private int[] ofField = new int[0];
    private int eventField = -1;
    private double[][] values = new double[0][];
    private long[] lines = new long[1024];
    private int rows;

    Work(Columns columns) {
      this.columns = columns;
      this.least = columns.numbers().stream().mapToDouble(Columns.Number::least).toArray();
      this.most = columns.numbers().stream().mapToDouble(Columns.Number::most).toArray();
    }

    NumberRows read(String text) {
      Handler handler = new Handler();
      int firstLine = text.indexOf('\n');
      String head = firstLine < 0 ? text : text.substring(0, firstLine);
      char separator = head.indexOf(';') >= 0 ? ';' : ',';
      CsvReader.CsvReaderBuilder builder =
          CsvReader.builder()
              .fieldSeparator(separator)
              .allowExtraFields(true)
              .allowMissingFields(true);
      try (CsvReader<Boolean> reader = builder.build(handler, text)) {
        for (Boolean goesOn : reader) {
          if (!goesOn || problems.size() >= PROBLEMS_MOST) {
            break;
          }
        }
      } catch (CsvParseException e) {
        problems.add(
            new CsvProblem(
                handler.line(),
                "",
                "a quoted field is not closed, or has text after its closing quote",
                "write numbers without quotes"));
      } catch (java.io.IOException e) {
        throw new java.io.UncheckedIOException(e);
      }
      return done();
    }

    private NumberRows done() {
      double[][] read = new double[columns.numbers().size()][];
      for (int c = 0; c < read.length; c++) {
        read[c] =
            values.length > 0 && values[c] != null ? Arrays.copyOf(values[c], rows) : new double[0];
      }
      List<String> ignored =
          header.stream()
              .filter(n -> !n.equals(Columns.EVENT))
              .filter(n -> columns.numbers().stream().noneMatch(c -> c.name().equals(n)))
              .filter(n -> !n.isEmpty())
              .toList();
      return new NumberRows(
          read, Arrays.copyOf(lines, rows), List.copyOf(marks), List.copyOf(problems), ignored);
    }

    /** Whether reading goes on after the header. */
    private boolean header(List<String> names) {
      header = names.stream().map(n -> n.strip().toLowerCase(Locale.ROOT)).toList();
      int[] places = columns.places(header);
      for (int c = 0; c < places.length; c++) {
        Columns.Number column = columns.numbers().get(c);
        if (places[c] < 0 && column.needed()) {
          problems.add(missing(column));
        }
        if (places[c] >= 0 && header.lastIndexOf(column.name()) != places[c]) {
          problems.add(
              new CsvProblem(1, column.name(), "stands there twice", "leave one of them away"));
        }
      }
      for (String name : header) {
        columns
            .nearly(name)
            .filter(near -> !header.contains(near.name()) && !near.needed())
            .ifPresent(
                near ->
                    problems.add(
                        new CsvProblem(
                            1,
                            name,
                            "is not a column of this file",
                            "call it " + near.name() + ", in that unit")));
      }
      eventField = header.indexOf(Columns.EVENT);
      if (columns.marked() && eventField < 0) {
        problems.add(
            new CsvProblem(
                1,
                Columns.EVENT,
                "is missing",
                "mark rows in it: address, top, arm-level, impact, finish"));
      }
      ofField = new int[header.size()];
      Arrays.fill(ofField, -1);
      values = new double[places.length][];
      for (int c = 0; c < places.length; c++) {
        if (places[c] >= 0) {
          ofField[places[c]] = c;
          values[c] = new double[lines.length];
        }
      }
      return problems.isEmpty();
    }

    private CsvProblem missing(Columns.Number column) {
      return header.stream()
          .filter(n -> columns.nearly(n).filter(column::equals).isPresent())
          .findFirst()
          .map(
              n ->
                  new CsvProblem(
                      1,
                      n,
                      "is not a column of this file",
                      "call it " + column.name() + ", in that unit"))
          .orElseGet(
              () ->
                  new CsvProblem(
                      1,
                      column.name(),
                      "is missing",
                      "the first row names the columns: " + columns.header()));
    }

    private void wrong(long line, int column, String wrong, String right) {
      if (problems.size() < PROBLEMS_MOST) {
        problems.add(
            new CsvProblem(
                line, column < 0 ? "" : columns.numbers().get(column).name(), wrong, right));
      }
    }

    private void room() {
      if (rows == lines.length) {
        lines = Arrays.copyOf(lines, 2 * rows);
        for (int c = 0; c < values.length; c++) {
          if (values[c] != null) {
            values[c] = Arrays.copyOf(values[c], 2 * rows);
          }
        }
      }
    }

    /** Takes each field as it is met; a record is whether to go on. */
    private final class Handler extends AbstractBaseCsvCallbackHandler<Boolean> {
      private boolean first = true;
      private boolean blank;
      private final List<String> names = new ArrayList<>();

      long line() {
        return getStartingLineNumber();
      }

      @Override
      protected void handleBegin(long line) {
        blank = false;
        if (!first) {
          room();
        }
      }

      @Override
      protected void handleEmpty() {
        blank = true;
      }

      @Override
      protected void handleField(int field, char[] buffer, int offset, int length, boolean quoted) {
        if (first) {
          if (length > HEADER_MOST || field > HEADER_MOST) {
            return;
          }
          names.add(new String(buffer, offset, length));
        } else if (field < ofField.length && ofField[field] >= 0) {
          number(ofField[field], buffer, offset, length);
        } else if (field == eventField && length > 0) {
          mark(new String(buffer, offset, Math.min(length, 80)).strip());
        }
      }

      private void number(int column, char[] buffer, int offset, int length) {
        double value = DecimalField.read(buffer, offset, length);
        values[column][rows] = value;
        if (!(value >= least[column] && value <= most[column])) {
          refuse(column, value, new String(buffer, offset, Math.min(length, 40)).strip());
        }
      }

      private void refuse(int column, double value, String text) {
        Columns.Number of = columns.numbers().get(column);
        wrong(
            getStartingLineNumber(),
            column,
            NumberWords.wrong(text, value, of),
            NumberWords.right(text, value, of));
      }

      private void mark(String text) {
        if (!text.isEmpty()) {
          marks.add(new Mark(rows, text.toLowerCase(Locale.ROOT)));
        }
      }

      @Override
      protected Boolean buildRecord() {
        if (blank) {
          return true;
        }
        if (first) {
          first = false;
          return header(names);
        }
        long line = getStartingLineNumber();
        if (getFieldCount() != header.size()) {
          wrong(
              line,
              -1,
              "has " + getFieldCount() + " fields where the header has " + header.size(),
              getFieldCount() > header.size()
                  ? "write decimals with a point and one field a column"
                  : "write one field a column");
          return true;
        }
        lines[rows] = line;
        rows++;
        if (rows > ROWS_MOST) {
          wrong(line, -1, "is beyond " + ROWS_MOST + " rows", "bring one swing a file");
          return false;
        }
        return true;
      }
    }
  }
}
