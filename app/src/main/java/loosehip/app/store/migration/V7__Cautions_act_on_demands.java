package loosehip.app.store.migration;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Clearances name what they lift: those made before lift nothing until the trainer ticks it. A knee
 * that dislikes turning while it carries becomes a knee with the strictest rules, and pain below
 * the knee has sides. Reasons in plans carry what is asked further about a caution.
 */
public class V7__Cautions_act_on_demands extends BaseJavaMigration {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  @Override
  public void migrate(Context context) throws SQLException {
    Connection db = context.getConnection();
    Rewrite.rows(
        db,
        "SELECT id, value FROM observation WHERE value IS NOT NULL AND topic LIKE 'cleared-%'",
        "UPDATE observation SET value = ? WHERE id = ?",
        V7__Cautions_act_on_demands::clearance);
    Rewrite.rows(
        db,
        "SELECT id, content FROM plan_version",
        "UPDATE plan_version SET content = ? WHERE id = ?",
        V7__Cautions_act_on_demands::plan);
    try (Statement statement = db.createStatement()) {
      statement.executeUpdate(
          "INSERT INTO observation (id, golfer_id, topic, value, noted_at, noted_by)"
              + " SELECT o.id || '-new', o.golfer_id, 'knee.replacement', 'yes', o.noted_at,"
              + " o.noted_by FROM observation o WHERE o.topic = 'caution.standing-knee' AND o.value"
              + " IS NOT NULL AND NOT EXISTS (SELECT 1 FROM observation l WHERE l.supersedes ="
              + " o.id)");
      statement.executeUpdate(
          "UPDATE observation SET value = 'both' WHERE topic = 'caution.knee' AND value IS NOT NULL"
              + " AND golfer_id IN (SELECT golfer_id FROM observation WHERE topic ="
              + " 'caution.standing-knee' AND value IS NOT NULL)");
      statement.executeUpdate(
          "UPDATE observation SET value = 'both' WHERE topic = 'caution.sciatica' AND value ="
              + " 'yes'");
      for (String topic : new String[] {"caution", "caution-note", "cleared-caution"}) {
        statement.executeUpdate(
            "UPDATE observation SET topic = '"
                + topic
                + ".knee' WHERE topic = '"
                + topic
                + ".standing-knee' AND golfer_id NOT IN (SELECT golfer_id FROM observation WHERE"
                + " topic = '"
                + topic
                + ".knee')");
      }
    }
  }

  private static Optional<String> clearance(String kept) {
    ObjectNode clearance = (ObjectNode) JSON.readTree(kept);
    clearance.put("profession", "");
    clearance.putArray("lifts");
    clearance.putArray("blocks");
    clearance.putArray("degrees");
    return Optional.of(JSON.writeValueAsString(clearance));
  }

  private static Optional<String> plan(String kept) {
    JsonNode plan = JSON.readTree(kept);
    detailed(plan);
    return Optional.of(JSON.writeValueAsString(plan));
  }

  private static void detailed(JsonNode node) {
    if (node instanceof ArrayNode list) {
      list.forEach(V7__Cautions_act_on_demands::detailed);
    } else if (node instanceof ObjectNode object) {
      object.forEach(V7__Cautions_act_on_demands::detailed);
      if (object.path("is").asString("").equals("caution")
          && object.get("noted") instanceof ObjectNode noted) {
        noted.remove("cleared");
        if (noted.path("caution").asString("").equals("standing-knee")) {
          noted.put("caution", "knee");
        }
        noted
            .putObject("detail")
            .put("replacement", false)
            .put("fresh", false)
            .put("guarded", false);
      }
    }
  }
}
