package loosehip.app.table;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A table looked through once: its columns with their heads, and how many rows hold something.
 *
 * @param headRows how many first rows are heads
 * @param rows rows below them
 * @param columns its columns in order
 */
record TableLook(int headRows, int rows, List<ColumnLook> columns) {
  /** More rows of heads than that nobody has (ours). */
  static final int MOST_HEAD_ROWS = 4;

  private static final int HEAD_MOST = 80;

  static TableLook of(BroughtTable table, int headRows, LocalDate today) {
    List<List<String>> heads = new ArrayList<>();
    List<ColumnLook> columns = new ArrayList<>();
    int[] rows = new int[1];
    table.rows(
        (row, cells) -> {
          if (heads.size() < headRows) {
            heads.add(cells);
            return true;
          }
          rows[0]++;
          while (columns.size() < width(heads, cells)) {
            ColumnLook column = new ColumnLook(head(heads, columns.size()), today);
            columns.add(column);
          }
          for (int i = 0; i < columns.size(); i++) {
            columns.get(i).see(i < cells.size() ? cells.get(i) : "");
          }
          return true;
        });
    return new TableLook(headRows, rows[0], columns);
  }

  private static int width(List<List<String>> heads, List<String> cells) {
    return Math.max(cells.size(), heads.stream().mapToInt(List::size).max().orElse(0));
  }

  /**
   * The head of a column, its rows joined; a cell merged over several columns counts for each of
   * them, as long as the last row of heads parts them.
   */
  private static String head(List<List<String>> heads, int column) {
    Set<String> words = new LinkedHashSet<>();
    for (int row = 0; row < heads.size(); row++) {
      String cell = cell(heads.get(row), column);
      boolean last = row == heads.size() - 1;
      if (cell.isEmpty() && !last && !cell(heads.get(heads.size() - 1), column).isEmpty()) {
        for (int left = column - 1; left >= 0 && cell.isEmpty(); left--) {
          cell = cell(heads.get(row), left);
        }
      }
      if (!cell.isEmpty()) {
        words.add(cell.replaceAll("\\s+", " "));
      }
    }
    String head = String.join(" ", words);
    return head.length() > HEAD_MOST ? head.substring(0, HEAD_MOST) : head;
  }

  private static String cell(List<String> cells, int at) {
    return at < cells.size() ? cells.get(at) : "";
  }

  /**
   * How many first rows look like heads: those above the first one that holds a day or a number; a
   * lone number in the very first row may be a title.
   */
  static int headRows(BroughtTable table, LocalDate today) {
    int[] heads = new int[1];
    table.rows(
        (row, cells) -> {
          long days =
              cells.stream()
                  .filter(
                      c ->
                          DateOrder.plain(c, today).isPresent()
                              || DateOrder.DAY_FIRST.read(c, today).isPresent()
                              || DateOrder.MONTH_FIRST.read(c, today).isPresent())
                  .count();
          long numbers = cells.stream().filter(c -> c.matches("-?\\d{1,5}([.,]\\d+)?°?")).count();
          boolean data = days > 0 || numbers > (heads[0] == 0 ? 1 : 0);
          if (data || heads[0] == MOST_HEAD_ROWS) {
            return false;
          }
          heads[0]++;
          return true;
        });
    return heads[0] == MOST_HEAD_ROWS ? 1 : heads[0];
  }

  /** The first column of a head, by its words. */
  Optional<ColumnLook> column(int at) {
    return at >= 0 && at < columns.size() ? Optional.of(columns.get(at)) : Optional.empty();
  }
}
