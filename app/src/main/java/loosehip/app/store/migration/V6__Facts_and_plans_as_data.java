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
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;

/**
 * Clearances, set-up changes taken into a plan, plans given and the decisions about them become
 * JSON records. Reasons that were kept as sentences stay as they were written.
 */
public class V6__Facts_and_plans_as_data extends BaseJavaMigration {

  @Override
  public void migrate(Context context) throws SQLException {
    Connection db = context.getConnection();
    rewrite(
        db,
        "SELECT id, value FROM observation WHERE value IS NOT NULL AND (topic LIKE"
            + " 'cleared-warning.%' OR topic LIKE 'cleared-caution.%')",
        "UPDATE observation SET value = ? WHERE id = ?",
        OldWords::clearance);
    rewrite(
        db,
        "SELECT id, value FROM observation WHERE value IS NOT NULL AND topic = 'setup-today'",
        "UPDATE observation SET value = ? WHERE id = ?",
        OldWords::setupTaken);
    rewrite(
        db,
        "SELECT id, content FROM plan_version",
        "UPDATE plan_version SET content = ? WHERE id = ?",
        OldPlans::content);
    rewrite(
        db,
        "SELECT id, edits FROM plan_version",
        "UPDATE plan_version SET edits = ? WHERE id = ?",
        OldPlans::edits);
  }

  private static void rewrite(
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
