package loosehip.app.store.migration;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Writes the text of rows anew. */
final class Rewrite {
  private Rewrite() {}

  /**
   * Writes rows anew.
   *
   * @param select ids and texts
   * @param update takes a text and an id
   * @param made the text in its place; empty leaves a row as it is
   */
  static void rows(
      Connection db, String select, String update, Function<String, Optional<String>> made)
      throws SQLException {
    Map<String, String> then = new LinkedHashMap<>();
    try (Statement statement = db.createStatement();
        ResultSet rows = statement.executeQuery(select)) {
      while (rows.next()) {
        String id = rows.getString(1);
        made.apply(rows.getString(2)).ifPresent(text -> then.put(id, text));
      }
    }
    try (PreparedStatement statement = db.prepareStatement(update)) {
      for (Map.Entry<String, String> row : then.entrySet()) {
        statement.setString(1, row.getValue());
        statement.setString(2, row.getKey());
        statement.addBatch();
      }
      statement.executeBatch();
    }
  }
}
