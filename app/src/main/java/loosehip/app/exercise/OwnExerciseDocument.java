package loosehip.app.exercise;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.document.Schemas;
import loosehip.core.limit.LimitKind;
import loosehip.core.plan.Dose;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.Position;
import loosehip.core.plan.Tool;
import loosehip.core.safety.Demand;
import org.jspecify.annotations.Nullable;

/** An exercise of a practice's own, as it is kept and carried from copy to copy, key by key. */
record OwnExerciseDocument(
    String id,
    String name,
    String purpose,
    String start,
    List<String> steps,
    String feel,
    String spoils,
    String harder,
    String easier,
    String stop,
    Exercise.Kind kind,
    List<LimitKind> serves,
    @Nullable List<LimitKind> also,
    String dose,
    @Nullable Position position,
    @Nullable List<Tool> tools,
    @Nullable List<Demand> demands,
    @Nullable String above) {

  /** The name every file of exercises carries. */
  static final String FORMAT = "loose-hip-exercises";

  /** What an id looks like. */
  static final String ID = "^[a-z0-9][a-z0-9-]{1,59}$";

  private static final int TEXT_MOST = 600;

  /** A file of exercises. */
  record OfMany(String format, int version, List<OwnExerciseDocument> exercises) {}

  /** The JSON Schema of a file of exercises. */
  static Map<String, Object> schema() {
    Map<String, Object> keys = new LinkedHashMap<>();
    keys.put("format", Schemas.only(FORMAT));
    keys.put("version", Schemas.only(1));
    Map<String, Object> list = new LinkedHashMap<>(Schemas.list(exercise()));
    list.put("minItems", 1);
    keys.put("exercises", list);
    return Schemas.document(
        "urn:loose-hip:exercises:1",
        "Loose Hip exercises, version 1",
        "Exercises of a practice's own, to be carried to another copy.",
        Schemas.object(keys, "format", "version", "exercises"));
  }

  /** The JSON Schema of one exercise. */
  static Map<String, Object> exercise() {
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
    keys.put("kind", Schemas.id(Exercise.Kind.class));
    Map<String, Object> serves = new LinkedHashMap<>(Schemas.list(Schemas.id(LimitKind.class)));
    serves.put("minItems", 1);
    keys.put("serves", serves);
    keys.put("also", Schemas.list(Schemas.id(LimitKind.class)));
    keys.put("dose", Schemas.text());
    keys.put("position", Schemas.id(Position.class));
    keys.put("tools", Schemas.list(Schemas.id(Tool.class)));
    keys.put("demands", Schemas.list(Schemas.id(Demand.class)));
    keys.put("above", Schemas.text());
    return Schemas.object(
        keys, "id", "name", "purpose", "start", "steps", "feel", "spoils", "harder", "easier",
        "stop", "kind", "serves", "dose", "demands");
  }

  /** The document of an exercise. */
  static OwnExerciseDocument of(OwnExercise e) {
    return new OwnExerciseDocument(
        e.id(),
        e.text().name(),
        e.text().purpose(),
        e.text().start(),
        e.text().steps(),
        e.text().feel(),
        e.text().spoils(),
        e.text().harder(),
        e.text().easier(),
        e.text().stop(),
        e.kind(),
        e.serves(),
        e.also(),
        e.doseText(),
        e.position(),
        List.copyOf(e.tools()),
        e.demands().stream().sorted().toList(),
        e.above().orElse(null));
  }

  /**
   * The exercise, once its dose was read. One kept before demands were asked for asks all of them.
   */
  OwnExercise exercise(Dose read) {
    ExerciseText text =
        new ExerciseText(
            id,
            name.strip(),
            purpose.strip(),
            start.strip(),
            steps.stream().map(String::strip).map(OwnExerciseDocument::sentence).toList(),
            feel.strip(),
            spoils.strip(),
            harder.strip(),
            easier.strip(),
            stop.strip());
    return new OwnExercise(
        id,
        text,
        kind,
        serves,
        also == null ? List.of() : also,
        read,
        dose.strip(),
        position == null ? Position.STANDING : position,
        new LinkedHashSet<>(tools == null ? List.of() : tools),
        demands == null ? EnumSet.allOf(Demand.class) : new LinkedHashSet<>(demands),
        Optional.ofNullable(above).filter(a -> !a.isBlank()));
  }

  private static String sentence(String step) {
    return step.endsWith(".") ? step : step + ".";
  }
}
