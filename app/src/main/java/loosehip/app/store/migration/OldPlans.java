package loosehip.app.store.migration;

import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Reads plans as versions before 6 kept them: lists by place, reasons as sentences. */
final class OldPlans {
  private static final JsonMapper JSON = new JsonMapper();
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private OldPlans() {}

  /** A plan given. */
  static Optional<String> content(String kept) {
    JsonNode old = JSON.readTree(kept);
    ObjectNode plan = NODES.objectNode();
    for (String key : new String[] {"start", "minutes", "halfWay", "retest"}) {
      plan.set(key, old.get(key));
    }
    ArrayNode weeks = plan.putArray("weeks");
    for (JsonNode week : old.get("weeks")) {
      ArrayNode sessions = weeks.addObject().putArray("sessions");
      for (JsonNode session : week) {
        ObjectNode made = sessions.addObject();
        made.set("day", session.get("day"));
        ArrayNode items = made.putArray("items");
        session.get("items").forEach(item -> items.add(item(item)));
      }
    }
    ArrayNode leftOut = plan.putArray("leftOut");
    for (JsonNode left : old.get("leftOut")) {
      leftOut.addObject().put("item", left.get(0).asString()).set("because", written(left.get(1)));
    }
    ArrayNode notes = plan.putArray("notes");
    old.get("notes").forEach(note -> notes.add(written(note)));
    return Optional.of(JSON.writeValueAsString(plan));
  }

  private static ObjectNode item(JsonNode cells) {
    ObjectNode item = NODES.objectNode();
    item.set("item", cells.get(0));
    item.set("much", much(cells, 1));
    ObjectNode why = item.putObject("why");
    why.set("purpose", written(cells.get(5)));
    why.put("held", false);
    return item;
  }

  private static ObjectNode written(JsonNode words) {
    return NODES.objectNode().put("is", "written").put("words", words.asString());
  }

  private static ObjectNode much(JsonNode cells, int from) {
    ObjectNode much = NODES.objectNode();
    much.set("sets", cells.get(from));
    much.set("reps", cells.get(from + 1));
    much.set("holdSeconds", cells.get(from + 2));
    much.set("extraSets", cells.get(from + 3));
    return much;
  }

  /** What the trainer had decided about it. */
  static Optional<String> edits(String kept) {
    ObjectNode edits = (ObjectNode) JSON.readTree(kept);
    ObjectNode doses = NODES.objectNode();
    edits
        .path("doses")
        .properties()
        .forEach(dose -> doses.set(dose.getKey(), much(dose.getValue(), 0)));
    edits.set("doses", doses);
    return Optional.of(JSON.writeValueAsString(edits));
  }
}
