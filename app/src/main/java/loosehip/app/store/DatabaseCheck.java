package loosehip.app.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import javax.sql.DataSource;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationState;
import org.sqlite.SQLiteDataSource;

/** Looks at a data base before it is worked on. */
final class DatabaseCheck {
  private static final String RESTORE =
      "Nothing was changed. Bring a backup back (./loose-hip restore FILE); keep the file as it is"
          + " beside it, somebody may yet read it.";

  /** Marks a file in which nothing deleted before secure delete was on is left. */
  private static final int CLEAN = 1;

  private DatabaseCheck() {}

  /**
   * Refuses a damaged data base, and one of a later program; it is read and left as it is.
   *
   * @throws DataFolder.Refused with what to do
   */
  static void before(Path file) {
    SQLiteDataSource source = new SQLiteDataSource();
    source.setUrl("jdbc:sqlite:" + file);
    try (Connection connection = source.getConnection();
        Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery("PRAGMA quick_check(1)")) {
      if (!result.next() || !result.getString(1).equals("ok")) {
        throw new DataFolder.Refused("The data base " + file + " is damaged", RESTORE);
      }
    } catch (SQLException unreadable) {
      throw new DataFolder.Refused(
          "The data base " + file + " is damaged, or no data base", RESTORE);
    }
    boolean later =
        Arrays.stream(Database.flyway(source).info().all())
            .map(MigrationInfo::getState)
            .anyMatch(s -> s == MigrationState.FUTURE_SUCCESS);
    if (later) {
      throw new DataFolder.Refused(
          "The data base " + file + " was written by a later Loose Hip than this one",
          "Nothing was changed. Start the newer program, or bring back a backup made before it.");
    }
  }

  /** What was deleted before deleting wrote over it goes too, once. */
  static void oldRemains(DataSource source) {
    try (Connection connection = source.getConnection();
        Statement statement = connection.createStatement()) {
      int clean;
      try (ResultSet result = statement.executeQuery("PRAGMA user_version")) {
        clean = result.next() ? result.getInt(1) : 0;
      }
      if (clean < CLEAN) {
        statement.execute("VACUUM");
        statement.execute("PRAGMA user_version = " + CLEAN);
      }
    } catch (SQLException e) {
      throw new IllegalStateException("The data base could not be tidied", e);
    }
  }
}
