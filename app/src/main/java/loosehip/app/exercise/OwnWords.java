package loosehip.app.exercise;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import loosehip.app.document.Schemas;

/** How an own exercise or drill is told, as it is kept and carried from copy to copy. */
record OwnWords(
    String name,
    String purpose,
    String start,
    List<String> steps,
    String feel,
    String spoils,
    String harder,
    String easier,
    String stop) {

  /** What an id looks like. */
  private static final String ID = "^[a-z0-9][a-z0-9-]{1,59}$";

  private static final int TEXT_MOST = 600;

  /** The keys that an own item begins with: its id, and how it is told. */
  static Map<String, Object> keys() {
    Map<String, Object> keys = new LinkedHashMap<>();
    Map<String, Object> id = new LinkedHashMap<>(Schemas.text());
    id.put("pattern", ID);
    keys.put("id", id);
    for (String text : new String[] {"name", "purpose", "start"}) {
      keys.put(text, Schemas.text(TEXT_MOST));
    }
    Map<String, Object> steps = new LinkedHashMap<>(Schemas.list(Schemas.text(TEXT_MOST)));
    steps.put("minItems", 1);
    keys.put("steps", steps);
    for (String text : new String[] {"feel", "spoils", "harder", "easier", "stop"}) {
      keys.put(text, Schemas.text(TEXT_MOST));
    }
    return keys;
  }

  /** A list that names at least one. */
  static Map<String, Object> someOf(Map<String, Object> items) {
    Map<String, Object> list = new LinkedHashMap<>(Schemas.list(items));
    list.put("minItems", 1);
    return list;
  }

  static OwnWords of(ExerciseText t) {
    return new OwnWords(
        t.name(),
        t.purpose(),
        t.start(),
        t.steps(),
        t.feel(),
        t.spoils(),
        t.harder(),
        t.easier(),
        t.stop());
  }

  /** The words under an id. */
  ExerciseText text(String id) {
    return new ExerciseText(
        id,
        name.strip(),
        purpose.strip(),
        start.strip(),
        steps.stream().map(String::strip).map(OwnWords::sentence).toList(),
        feel.strip(),
        spoils.strip(),
        harder.strip(),
        easier.strip(),
        stop.strip());
  }

  private static String sentence(String step) {
    return step.endsWith(".") ? step : step + ".";
  }
}
