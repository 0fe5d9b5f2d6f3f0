package loosehip.app.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.sqlite.SQLiteConfig;

/**
 * A whole copy of a data base, taken at one moment also while it is written to, and what is in it.
 */
public final class Snapshot {
  private static final int WAITS_MS = 30_000;

  private Snapshot() {}

  /**
   * What is in a copy.
   *
   * @param edition of the tables
   * @param golfers how many
   * @param visits how many
   * @param readings how many
   */
  public record Contents(int edition, long golfers, long visits, long readings) {}

  /** Copies a data base; the copy is tidy and has no log beside it. */
  public static void take(Path database, Path to) throws SQLException {
    try (Connection connection = connection(database, true);
        PreparedStatement copy = connection.prepareStatement("VACUUM INTO ?")) {
      copy.setString(1, to.toString());
      copy.execute();
    }
  }

  /** Takes out of a copy who looked: it goes into no backup that anybody can read. */
  public static void withoutLooks(Path copy) throws SQLException {
    try (Connection connection = connection(copy, false);
        Statement statement = connection.createStatement()) {
      statement.execute("PRAGMA secure_delete=ON");
      try (ResultSet table =
          statement.executeQuery("SELECT 1 FROM sqlite_master WHERE name = 'look'")) {
        if (!table.next()) {
          return;
        }
      }
      statement.execute("DELETE FROM look");
      statement.execute("VACUUM");
    }
  }

  /**
   * Looks a copy through to its last page.
   *
   * @throws SQLException when it is no data base, or a damaged one
   */
  public static Contents look(Path copy) throws SQLException {
    try (Connection connection = connection(copy, true);
        Statement statement = connection.createStatement()) {
      try (ResultSet result = statement.executeQuery("PRAGMA integrity_check(1)")) {
        if (!result.next() || !result.getString(1).equals("ok")) {
          throw new SQLException("damaged");
        }
      }
      return new Contents(
          (int)
              number(
                  statement,
                  "SELECT max(CAST(version AS INTEGER)) FROM flyway_schema_history WHERE success"),
          number(statement, "SELECT count(*) FROM golfer"),
          number(statement, "SELECT count(*) FROM visit"),
          number(statement, "SELECT count(*) FROM reading"));
    }
  }

  /** The edition of the tables this program works on. */
  public static int edition() {
    org.sqlite.SQLiteDataSource none = new org.sqlite.SQLiteDataSource();
    none.setUrl("jdbc:sqlite::memory:");
    var all = Database.flyway(none).info().all();
    return Integer.parseInt(all[all.length - 1].getVersion().getVersion());
  }

  private static long number(Statement statement, String query) throws SQLException {
    try (ResultSet result = statement.executeQuery(query)) {
      return result.next() ? result.getLong(1) : 0;
    }
  }

  private static Connection connection(Path file, boolean readOnly) throws SQLException {
    SQLiteConfig config = new SQLiteConfig();
    config.setReadOnly(readOnly);
    config.setBusyTimeout(WAITS_MS);
    return config.createConnection("jdbc:sqlite:" + file);
  }
}
