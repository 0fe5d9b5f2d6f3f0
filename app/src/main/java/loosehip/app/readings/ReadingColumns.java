package loosehip.app.readings;

import java.util.ArrayList;
import java.util.List;

/** The first line of a file of readings. */
public final class ReadingColumns {
  /** Says where a line comes from; read and shown, never written into files of readings. */
  public static final String SOURCE = "source";

  /** Every column, and behind them where a line comes from. */
  public static final List<String> WITH_SOURCE = withSource();

  private ReadingColumns() {}

  private static List<String> withSource() {
    List<String> columns = new ArrayList<>(Columns.KNOWN.keySet());
    columns.add(SOURCE);
    return List.copyOf(columns);
  }
}
