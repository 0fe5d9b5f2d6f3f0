package loosehip.app.exercise;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import loosehip.app.document.Schemas;
import org.jspecify.annotations.Nullable;

/** A file of a practice's own exercises and drills. */
record OwnItemsDocument(
    String format,
    int version,
    @Nullable List<OwnExerciseDocument> exercises,
    @Nullable List<OwnDrillDocument> drills) {

  private static final String FORMAT = "loose-hip-exercises";

  /** The file of these. */
  static OwnItemsDocument of(List<OwnItem> items) {
    return new OwnItemsDocument(
        FORMAT,
        1,
        items.stream()
            .filter(OwnExercise.class::isInstance)
            .map(i -> OwnExerciseDocument.of((OwnExercise) i))
            .toList(),
        items.stream()
            .filter(OwnDrill.class::isInstance)
            .map(i -> OwnDrillDocument.of((OwnDrill) i))
            .toList());
  }

  /** The JSON Schema of a file. */
  static Map<String, Object> schema() {
    Map<String, Object> keys = new LinkedHashMap<>();
    keys.put("format", Schemas.only(FORMAT));
    keys.put("version", Schemas.only(1));
    keys.put("exercises", Schemas.list(OwnExerciseDocument.schema()));
    keys.put("drills", Schemas.list(OwnDrillDocument.schema()));
    return Schemas.document(
        "urn:loose-hip:exercises:1",
        "Loose Hip exercises, version 1",
        "Exercises and drills of a practice's own, to be carried to another copy.",
        Schemas.object(keys, "format", "version"));
  }
}
