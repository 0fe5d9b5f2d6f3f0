package loosehip.app.store.migration;

import java.sql.Connection;
import java.sql.SQLException;
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
    Rewrite.rows(
        db,
        "SELECT id, value FROM observation WHERE value IS NOT NULL AND (topic LIKE"
            + " 'cleared-warning.%' OR topic LIKE 'cleared-caution.%')",
        "UPDATE observation SET value = ? WHERE id = ?",
        OldWords::clearance);
    Rewrite.rows(
        db,
        "SELECT id, value FROM observation WHERE value IS NOT NULL AND topic = 'setup-today'",
        "UPDATE observation SET value = ? WHERE id = ?",
        OldWords::setupTaken);
    Rewrite.rows(
        db,
        "SELECT id, content FROM plan_version",
        "UPDATE plan_version SET content = ? WHERE id = ?",
        OldPlans::content);
    Rewrite.rows(
        db,
        "SELECT id, edits FROM plan_version",
        "UPDATE plan_version SET edits = ? WHERE id = ?",
        OldPlans::edits);
  }
}
