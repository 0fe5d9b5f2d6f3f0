package loosehip.app.casefile;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.casefile.CaseFile;
import loosehip.core.link.Complaint;
import loosehip.core.link.Habit;
import loosehip.core.link.Rehearsal;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Part;
import loosehip.core.measure.Reading;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.measure.Try;
import loosehip.core.plan.Tool;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.WarningSign;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Writes a golfer as a case file of version 1: what was measured and seen, never the name. */
public final class CaseWriter {
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  private CaseWriter() {}

  /**
   * The case file of a golfer.
   *
   * @param golfer the case
   * @param birthYear year of birth, if noted
   * @param heightCm height, if noted
   */
  public static String write(
      CaseFile golfer, Optional<Integer> birthYear, Optional<Double> heightCm) {
    Map<String, Object> file = new LinkedHashMap<>();
    file.put("format", CaseReader.FORMAT);
    file.put("version", CaseReader.VERSION);
    Map<String, Object> who = new LinkedHashMap<>();
    birthYear.ifPresent(y -> who.put("birthYear", y));
    who.put("handed", golfer.handed().id());
    heightCm.ifPresent(h -> who.put("heightCm", h));
    file.put("golfer", who);
    file.put("complaints", golfer.complaints().stream().map(Complaint::id).sorted().toList());
    file.put("health", health(golfer));
    file.put("screen", screen(golfer));
    file.put("setup", setup(golfer));
    file.put("swing", swing(golfer));
    file.put("school", golfer.school().id());
    golfer
        .wishes()
        .ifPresent(
            w -> {
              Map<String, Object> plan = new LinkedHashMap<>();
              plan.put("minutesPerDay", w.minutesPerDay());
              plan.put("daysPerWeek", w.daysPerWeek());
              plan.put("weeks", w.weeks());
              plan.put("start", w.start().toString());
              plan.put("tools", w.tools().stream().map(Tool::id).sorted().toList());
              file.put("plan", plan);
            });
    return JSON.writeValueAsString(file);
  }

  private static Map<String, Object> health(CaseFile golfer) {
    Map<String, Object> health = new LinkedHashMap<>();
    health.put(
        "warningSigns",
        golfer.health().openWarnings().stream().map(WarningSign::id).sorted().toList());
    health.put(
        "cautions",
        golfer.health().cautions().stream()
            .filter(c -> !c.cleared())
            .map(CaseWriter::caution)
            .toList());
    return health;
  }

  private static Map<String, Object> caution(NotedCaution noted) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("id", noted.caution().id());
    noted.side().ifPresent(s -> map.put("side", s.id()));
    return map;
  }

  private static List<Map<String, Object>> screen(CaseFile golfer) {
    Map<String, Map<String, Object>> entries = new LinkedHashMap<>();
    for (Reading reading : golfer.screen().readings()) {
      Slot slot = reading.slot();
      List<Double> kept =
          reading.tries().stream().filter(t -> !t.voided()).map(Try::value).toList();
      if (kept.isEmpty()) {
        continue;
      }
      Map<String, Object> entry = entries.computeIfAbsent(name(slot), k -> entry(slot));
      boolean inPart =
          slot.test() == ScreenTest.TILT_CONTROL || slot.test() == ScreenTest.PELVIS_UNDER_CHEST;
      if (inPart) {
        entry.put(
            slot.part().orElseThrow().id(),
            kept.stream().mapToDouble(Double::doubleValue).average().orElseThrow());
        continue;
      }
      reading.method().ifPresent(m -> entry.put("method", m.id()));
      entry.put("tries", kept);
      if (!slot.test().methods().isEmpty()) {
        entry.put("compensations", reading.compensations().stream().map(Compensation::id).toList());
      }
      entry.put("pain", reading.pain().level());
    }
    golfer
        .screen()
        .words()
        .forEach(
            (slot, word) ->
                entries
                    .computeIfAbsent(name(slot), k -> entry(slot))
                    .put(key(slot), told(slot, word)));
    return new ArrayList<>(entries.values());
  }

  /**
   * Numbers and words of one test and side go into one entry; directions and eyes have their own.
   */
  private static String name(Slot slot) {
    boolean own = slot.direction().isPresent() || slot.test() == ScreenTest.ONE_LEG_STAND;
    return own ? slot.key() : slot.test().id() + slot.side();
  }

  private static Map<String, Object> entry(Slot slot) {
    Map<String, Object> entry = new LinkedHashMap<>();
    entry.put("test", slot.test().id());
    slot.side().ifPresent(s -> entry.put("side", s.id()));
    slot.direction().ifPresent(d -> entry.put("direction", d.id()));
    slot.part()
        .filter(p -> p == Part.EYES_OPEN || p == Part.EYES_CLOSED)
        .ifPresent(p -> entry.put("eyes", p.id()));
    return entry;
  }

  private static String key(Slot slot) {
    return slot.part()
        .map(ScreenReader::key)
        .orElse(slot.test() == ScreenTest.KNEE_TRACK ? "forward" : "reached");
  }

  private static Object told(Slot slot, String word) {
    boolean yesOrNo = slot.test().words(slot.part()).equals(List.of("yes", "no"));
    return yesOrNo ? (Object) word.equals("yes") : word;
  }

  private static Map<String, Object> setup(CaseFile golfer) {
    var s = golfer.setup();
    Map<String, Object> setup = new LinkedHashMap<>();
    setup.put("hipFlexion", s.hipFlexion());
    setup.put("pelvicTilt", s.pelvicTilt());
    setup.put("rounding", s.rounding());
    setup.put("trailFlare", s.trailFlare());
    setup.put("leadFlare", s.leadFlare());
    setup.put("trailPinch", s.trailPinch());
    setup.put("leadPinch", s.leadPinch());
    setup.put(
        "faults",
        golfer.seen().setup().entrySet().stream()
            .sorted(Map.Entry.comparingByKey())
            .map(e -> Map.of("id", e.getKey().id(), "level", e.getValue().id()))
            .toList());
    return setup;
  }

  private static Map<String, Object> swing(CaseFile golfer) {
    Map<String, Object> swing = new LinkedHashMap<>();
    swing.put("trailKneeExtension", golfer.setup().straightening());
    swing.put("leadRelease", golfer.setup().release().id());
    swing.put("club", golfer.setup().club().id());
    List<Map<String, Object>> faults = new ArrayList<>();
    golfer
        .seen()
        .pivot()
        .forEach(
            (fault, level) -> {
              Map<String, Object> map = new LinkedHashMap<>();
              map.put("id", fault.id());
              map.put("level", level.id());
              if (golfer.seen().rehearsal(fault) != Rehearsal.NOT_TRIED) {
                map.put("rehearsal", golfer.seen().rehearsal(fault).id());
              }
              faults.add(map);
            });
    swing.put("faults", faults);
    swing.put("habits", golfer.seen().habits().stream().map(Habit::id).sorted().toList());
    return swing;
  }
}
