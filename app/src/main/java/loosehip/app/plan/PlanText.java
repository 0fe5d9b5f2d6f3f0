package loosehip.app.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import loosehip.core.plan.Block;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Dose;
import loosehip.core.plan.Drill;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.LeftOut;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Session;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Writes a given plan, and what the trainer decided about it, as text and reads both back. */
final class PlanText {
  private static final JsonMapper JSON = new JsonMapper();

  private PlanText() {}

  /**
   * A given plan.
   *
   * @param start its first day
   * @param minutes minutes the golfer could give a day
   */
  record Given(Block block, LocalDate start, int minutes) {}

  static String write(Given given) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("start", given.start().toString());
    map.put("minutes", given.minutes());
    map.put("halfWay", given.block().halfWay().toString());
    map.put("retest", given.block().retest().toString());
    map.put("weeks", given.block().weeks().stream().map(PlanText::week).toList());
    map.put(
        "leftOut", given.block().leftOut().stream().map(l -> List.of(l.id(), l.reason())).toList());
    map.put("notes", given.block().notes());
    return JSON.writeValueAsString(map);
  }

  private static Object week(Block.Week week) {
    return week.sessions().stream()
        .map(s -> Map.of("day", s.day(), "items", s.items().stream().map(PlanText::item).toList()))
        .toList();
  }

  private static Object item(PlanItem item) {
    Dose.Prescribed m = item.much();
    return List.of(item.id(), m.sets(), m.reps(), m.holdSeconds(), m.extraSets(), item.why());
  }

  /** Reads a plan back; an item the catalogue no longer has is left away. */
  static Given read(String text, Catalogue catalogue) {
    JsonNode root = JSON.readTree(text);
    List<Block.Week> weeks = new ArrayList<>();
    int number = 0;
    for (JsonNode week : root.get("weeks")) {
      List<Session> sessions = new ArrayList<>();
      for (JsonNode session : week) {
        List<PlanItem> items = new ArrayList<>();
        session.get("items").forEach(i -> item(i, catalogue).ifPresent(items::add));
        sessions.add(new Session(session.get("day").asInt(), List.copyOf(items)));
      }
      weeks.add(new Block.Week(++number, List.copyOf(sessions)));
    }
    List<LeftOut> leftOut = new ArrayList<>();
    root.get("leftOut")
        .forEach(l -> leftOut.add(new LeftOut(l.get(0).asString(), l.get(1).asString())));
    List<String> notes = new ArrayList<>();
    root.get("notes").forEach(n -> notes.add(n.asString()));
    return new Given(
        new Block(
            weeks,
            leftOut,
            notes,
            LocalDate.parse(root.get("halfWay").asString()),
            LocalDate.parse(root.get("retest").asString())),
        LocalDate.parse(root.get("start").asString()),
        root.get("minutes").asInt());
  }

  private static Optional<PlanItem> item(JsonNode cells, Catalogue catalogue) {
    String id = cells.get(0).asString();
    Optional<Exercise> exercise = catalogue.find(id);
    Optional<Dose> dose =
        exercise.map(Exercise::dose).or(() -> catalogue.drill(id).map(Drill::dose));
    Dose.Prescribed much = prescribed(cells, 1);
    return dose.map(
        d -> new PlanItem(id, exercise, d, much, d.seconds(much), cells.get(5).asString()));
  }

  private static Dose.Prescribed prescribed(JsonNode cells, int from) {
    return new Dose.Prescribed(
        cells.get(from).asInt(),
        cells.get(from + 1).asInt(),
        cells.get(from + 2).asInt(),
        cells.get(from + 3).asInt());
  }

  static String write(PlanEdits edits) {
    Map<String, Object> doses = new LinkedHashMap<>();
    edits
        .doses()
        .forEach(
            (id, m) -> doses.put(id, List.of(m.sets(), m.reps(), m.holdSeconds(), m.extraSets())));
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("pins", edits.pins());
    map.put("out", edits.out());
    map.put("rungs", edits.rungs());
    map.put("doses", doses);
    return JSON.writeValueAsString(map);
  }

  static PlanEdits edits(String text) {
    JsonNode root = JSON.readTree(text);
    Map<String, Set<Integer>> pins = new LinkedHashMap<>();
    root.get("pins")
        .properties()
        .forEach(
            e -> {
              Set<Integer> days = new TreeSet<>();
              e.getValue().forEach(d -> days.add(d.asInt()));
              pins.put(e.getKey(), days);
            });
    Set<String> out = new LinkedHashSet<>();
    root.get("out").forEach(o -> out.add(o.asString()));
    Map<String, Integer> rungs = new LinkedHashMap<>();
    root.get("rungs").properties().forEach(e -> rungs.put(e.getKey(), e.getValue().asInt()));
    Map<String, Dose.Prescribed> doses = new LinkedHashMap<>();
    root.get("doses").properties().forEach(e -> doses.put(e.getKey(), prescribed(e.getValue(), 0)));
    return new PlanEdits(pins, out, rungs, doses);
  }
}
