package loosehip.app.still;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import loosehip.app.document.Schemas;
import loosehip.core.body.Handed;
import loosehip.core.link.SpineShape;
import loosehip.core.named.Named;
import loosehip.core.pivot.School;
import loosehip.core.still.Checkpoint;
import loosehip.core.still.Landmark;
import loosehip.core.still.StillView;

/** The JSON Schema of a still's file. */
final class StillSchema {
  private static final double FAR = 100_000;
  private static final double LONGEST_CM = 1_000;

  private StillSchema() {}

  static Map<String, Object> schema() {
    Map<String, Object> keys = new LinkedHashMap<>();
    keys.put("format", Schemas.only("loose-hip-still"));
    keys.put("version", Schemas.only(1));
    still(keys);
    Map<String, Object> address = new LinkedHashMap<>();
    address.put("format", Schemas.only("loose-hip-still"));
    address.put("version", Schemas.only(1));
    still(address);
    keys.put("with", Schemas.object(address, "points"));
    return Schemas.document(
        "urn:loose-hip:still:1",
        "Loose Hip still, version 1",
        "Landmarks of one picture, in pixels, y downwards. A landmark that is left out, or null, was"
            + " not seen. Unknown keys are refused.",
        Schemas.object(keys, "format", "version", "view", "checkpoint", "handed", "points"));
  }

  private static void still(Map<String, Object> keys) {
    keys.put("view", Schemas.id(StillView.class));
    keys.put("checkpoint", Schemas.id(Checkpoint.class));
    keys.put("handed", Schemas.id(Handed.class));
    keys.put("spineShape", Schemas.id(SpineShape.class));
    keys.put("school", Schemas.id(School.class));
    keys.put("heightPx", Schemas.number(1, FAR));
    Map<String, Object> scale = new LinkedHashMap<>();
    scale.put("a", spot());
    scale.put("b", spot());
    scale.put("cm", Schemas.number(0.1, LONGEST_CM));
    keys.put("scale", Schemas.object(scale, "a", "b", "cm"));
    keys.put("marks", pair());
    keys.put("plumb", pair());
    Map<String, Object> camera = new LinkedHashMap<>();
    camera.put("line", pair());
    camera.put("widthPx", Schemas.number(1, FAR));
    camera.put("heightPx", Schemas.number(1, FAR));
    keys.put("camera", Schemas.object(camera, "line", "widthPx", "heightPx"));
    Map<String, Object> points = new LinkedHashMap<>();
    Stream.of(Landmark.values())
        .map(Named::id)
        .forEach(id -> points.put(id, Map.of("anyOf", List.of(spot(), Map.of("type", "null")))));
    keys.put("points", Schemas.object(points));
  }

  private static Map<String, Object> spot() {
    return exactly(2, Schemas.number(-FAR, FAR));
  }

  private static Map<String, Object> pair() {
    return exactly(2, spot());
  }

  private static Map<String, Object> exactly(int count, Map<String, Object> items) {
    Map<String, Object> list = new LinkedHashMap<>(Schemas.list(items, count));
    list.put("minItems", count);
    return list;
  }
}
