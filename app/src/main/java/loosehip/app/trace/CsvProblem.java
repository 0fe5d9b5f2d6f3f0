package loosehip.app.trace;

/**
 * One thing wrong with a recording's file.
 *
 * @param line in the file, the first is 1; 0 for the whole file
 * @param column by its name; empty for the whole line
 * @param wrong what is wrong
 * @param right what would be right
 */
public record CsvProblem(long line, String column, String wrong, String right) {
  /** Of the whole file. */
  static CsvProblem ofFile(String wrong, String right) {
    return new CsvProblem(0, "", wrong, right);
  }

  /** Where: {@code line 12, column pelvis_turn_deg}. */
  public String where() {
    if (line == 0) {
      return column.isEmpty() ? "file" : "column " + column;
    }
    return "line " + line + (column.isEmpty() ? "" : ", column " + column);
  }

  /** One line: where, what is wrong, what would be right. */
  public String said() {
    return where() + ": " + wrong + "; " + right;
  }
}
