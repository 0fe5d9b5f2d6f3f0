package loosehip.app.store;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.jooq.DSLContext;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What is left in a file of what was deleted. Deleting writes over a row where it stands
 * (secure_delete), but rows move between pages as tables grow and leave copies that nothing writes
 * over; only writing the whole file anew is sure. A file that has yet to be swept says so itself,
 * so that a stop in between, or a disk too full to do it, leaves nothing undone for good.
 */
final class Remains {
  private static final Logger LOG = LoggerFactory.getLogger(Remains.class);

  /** The file's own mark ({@code user_version}) that nothing deleted is left in it. */
  private static final int SWEPT = 1;

  /** A reader that is still at work holds the log of writes back. */
  private static final int TRIES = 5;

  private Remains() {}

  /** Says of the file, with the rest of a transaction, that it is to be swept. */
  static void mark(DSLContext db) {
    db.execute("PRAGMA user_version = 0");
  }

  /**
   * Writes the file anew where it is to be swept, and empties the log of writes.
   *
   * @return whether nothing deleted is left now
   */
  static boolean sweep(DataSource source) {
    try (Connection connection = source.getConnection();
        Statement statement = connection.createStatement()) {
      if (number(statement, "PRAGMA user_version") < SWEPT) {
        statement.execute("VACUUM");
        for (int i = 0; !emptied(statement); i++) {
          if (i == TRIES) {
            return false;
          }
        }
        statement.execute("PRAGMA user_version = " + SWEPT);
      }
      return true;
    } catch (SQLException noRoom) {
      LOG.warn("What was deleted could not be written over yet: {}", noRoom.getMessage());
      return false;
    }
  }

  /** Folds the log of writes in; waits for readers as long as any statement does. */
  private static boolean emptied(Statement statement) throws SQLException {
    return number(statement, "PRAGMA wal_checkpoint(TRUNCATE)") == 0;
  }

  private static int number(Statement statement, String pragma) throws SQLException {
    try (ResultSet result = statement.executeQuery(pragma)) {
      return result.next() ? result.getInt(1) : 0;
    }
  }
}
