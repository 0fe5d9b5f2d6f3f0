package loosehip.app.store.migration;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Exercises and drills that got other ids get them in plans, logs and templates too; reasons in
 * plans are kept as this edition reads them. A ladder that no longer is is forgotten as a start.
 */
public class V8__Own_words_and_set_up_routines extends BaseJavaMigration {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private static final Map<String, String> RENAMED =
      Map.ofEntries(
          Map.entry("knee-window", "knees-part"),
          Map.entry("clock-knees", "knee-marks"),
          Map.entry("gaze-behind", "back-to-target"),
          Map.entry("buckle-gauge", "belt-over-line"),
          Map.entry("chest-lamp", "beam-below-level"),
          Map.entry("grip-points", "shaft-past-ball"),
          Map.entry("weight-pendulum", "weight-swing"),
          Map.entry("wall-pendulum", "travel-the-wall"),
          Map.entry("foot-rocking", "rock-and-stop"),
          Map.entry("close-the-gap", "touch-behind"),
          Map.entry("push-away", "lead-foot-push"),
          Map.entry("back-of-thigh-post", "thigh-back-post"),
          Map.entry("knee-band", "band-tight"));

  @Override
  public void migrate(Context context) throws SQLException {
    Connection db = context.getConnection();
    for (String column : new String[] {"content", "edits"}) {
      Rewrite.rows(
          db,
          "SELECT id, " + column + " FROM plan_version",
          "UPDATE plan_version SET " + column + " = ? WHERE id = ?",
          V8__Own_words_and_set_up_routines::document);
    }
    Rewrite.rows(
        db,
        "SELECT id, items FROM plan_version",
        "UPDATE plan_version SET items = ? WHERE id = ?",
        V8__Own_words_and_set_up_routines::items);
    Rewrite.rows(
        db,
        "SELECT id, items FROM plan_template",
        "UPDATE plan_template SET items = ? WHERE id = ?",
        V8__Own_words_and_set_up_routines::items);
    Rewrite.rows(
        db,
        "SELECT id, item FROM homework",
        "UPDATE homework SET item = ? WHERE id = ?",
        item -> Optional.ofNullable(RENAMED.get(item)));
  }

  private static Optional<String> items(String kept) {
    return Optional.of(
        Arrays.stream(kept.split(" "))
            .map(id -> RENAMED.getOrDefault(id, id))
            .collect(Collectors.joining(" ")));
  }

  private static Optional<String> document(String kept) {
    JsonNode read = JSON.readTree(renamed(kept));
    told(read);
    if (read.get("rungs") instanceof ObjectNode rungs) {
      rungs.remove("groin");
    }
    return Optional.of(JSON.writeValueAsString(read));
  }

  private static String renamed(String kept) {
    String text = kept;
    for (Map.Entry<String, String> each : RENAMED.entrySet()) {
      text = text.replace('"' + each.getKey() + '"', '"' + each.getValue() + '"');
    }
    return text;
  }

  /** Reasons as this edition reads them. */
  private static void told(JsonNode node) {
    if (node instanceof ArrayNode list) {
      list.forEach(V8__Own_words_and_set_up_routines::told);
    } else if (node instanceof ObjectNode object) {
      object.forEach(V8__Own_words_and_set_up_routines::told);
      switch (object.path("is").asString("")) {
        case "fault" -> {
          JsonNode fault = object.remove("fault");
          object.put("is", "faults").putArray("faults").add(fault);
        }
        case "serves" ->
            object.path("needs").forEach(need -> ((ObjectNode) need).put("from", "FAULT"));
        case "tool" -> {
          if (object.remove("tools") instanceof ArrayNode tools) {
            ArrayNode sets = object.putArray("tools");
            tools.forEach(tool -> sets.addArray().add(tool));
          }
        }
        case "school" -> {
          JsonNode school = object.remove("school");
          if (school != null) {
            object.putArray("schools").add(school);
          }
        }
        case "minutes-free" -> object.put("because", "NOT_MEASURED");
        default -> {}
      }
    }
  }
}
