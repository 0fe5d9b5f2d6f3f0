package loosehip.app.exercise;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.EnumSet;
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
    @JsonUnwrapped OwnWords words,
    Exercise.Kind kind,
    List<LimitKind> serves,
    @Nullable List<LimitKind> also,
    String dose,
    @Nullable Position position,
    @Nullable List<Tool> tools,
    @Nullable List<Demand> demands,
    @Nullable String above) {

  /** The JSON Schema of one exercise. */
  static Map<String, Object> schema() {
    Map<String, Object> keys = OwnWords.keys();
    keys.put("kind", Schemas.id(Exercise.Kind.class));
    keys.put("serves", OwnWords.someOf(Schemas.id(LimitKind.class)));
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
        OwnWords.of(e.text()),
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
    return new OwnExercise(
        id,
        words.text(id),
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
}
