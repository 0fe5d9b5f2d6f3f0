package loosehip.app.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationState;
import org.sqlite.SQLiteDataSource;

/** Looks at a data base before it is worked on. */
final class DatabaseCheck {
  private static final String RESTORE =
      "Nothing was changed. Bring a backup back (./loose-hip restore FILE); keep the file as it is"
          + " beside it, somebody may yet read it.";

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
}
