package loosehip.app.exercise;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import loosehip.app.document.Schemas;
import loosehip.app.words.Typed;

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
  private static final int STEPS_MOST = 20;

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
    steps.put("maxItems", STEPS_MOST);
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
        Typed.line(name),
        Typed.clean(purpose),
        Typed.clean(start),
        steps.stream().map(Typed::clean).map(OwnWords::sentence).toList(),
        Typed.clean(feel),
        Typed.clean(spoils),
        Typed.clean(harder),
        Typed.clean(easier),
        Typed.clean(stop));
  }

  private static String sentence(String step) {
    return step.endsWith(".") ? step : step + ".";
  }
}
