package loosehip.app.still;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.document.Documents;
import loosehip.app.store.Stills;
import loosehip.core.body.Handed;
import loosehip.core.named.Named;
import loosehip.core.still.CameraCheck;
import loosehip.core.still.Landmark;
import loosehip.core.still.Scale;
import loosehip.core.still.Segment;
import loosehip.core.still.Spot;
import loosehip.core.still.Still;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;

/**
 * What was marked on a picture: landmarks and helping places by id, in pixels of the picture.
 *
 * @param points places by the id of a landmark or of a {@link Helper}
 * @param unseen landmarks that are hidden
 * @param scaleOf what the known length is: a key of {@link KnownLength}
 */
record StillMarks(
    @Nullable Map<String, List<Double>> points,
    @Nullable Set<String> unseen,
    @Nullable KnownLength scaleOf) {
  static final StillMarks NONE = new StillMarks(Map.of(), Set.of(), KnownLength.DRIVER);
  private static final double OUTSIDE = 0.5;

  /** Places that help and are no part of the body. */
  enum Helper implements Named {
    SCALE_A("scale-a", "one end of it", "scale"),
    SCALE_B("scale-b", "the other end", "scale"),
    PLUMB_A("plumb-a", "low on a plumb line or wall edge", "plumb"),
    PLUMB_B("plumb-b", "high on the same", "plumb"),
    MARK_A("mark-a", "a fixed place left", "marks"),
    MARK_B("mark-b", "a fixed place right", "marks"),
    LINE_A("line-a", "target line, one end", "line"),
    LINE_B("line-b", "target line, other end", "line");

    private final String id;
    private final String title;
    private final String group;

    Helper(String id, String title, String group) {
      this.id = id;
      this.title = title;
      this.group = group;
    }

    @Override
    public String id() {
      return id;
    }

    String title() {
      return title;
    }

    /** Which pair it belongs to. */
    String group() {
      return group;
    }
  }

  /** Copies; what is left out is empty. */
  StillMarks {
    points = points == null ? Map.of() : new LinkedHashMap<>(points);
    unseen = unseen == null ? Set.of() : new LinkedHashSet<>(unseen);
    scaleOf = scaleOf == null ? KnownLength.DRIVER : scaleOf;
  }

  static StillMarks of(Stills.Kept still) {
    return read(still.marks()).orElse(NONE);
  }

  /** Reads marks; empty when they are none. */
  static Optional<StillMarks> read(String text) {
    try {
      return Optional.ofNullable(Documents.JSON.readValue(text, StillMarks.class));
    } catch (JacksonException broken) {
      return Optional.empty();
    }
  }

  String write() {
    return Documents.JSON.writeValueAsString(this);
  }

  /** The same with places that are known, and on or near the picture, alone. */
  StillMarks within(int width, int height) {
    Map<String, List<Double>> kept = new LinkedHashMap<>();
    points.forEach(
        (id, at) -> {
          boolean known =
              Named.parse(Landmark.class, id).isPresent()
                  || Named.parse(Helper.class, id).isPresent();
          if (known
              && at != null
              && at.size() == 2
              && near(at.get(0), width)
              && near(at.get(1), height)) {
            kept.put(id, List.of(tenth(at.get(0)), tenth(at.get(1))));
          }
        });
    Set<String> hidden = new LinkedHashSet<>(unseen);
    hidden.removeIf(id -> kept.containsKey(id) || Named.parse(Landmark.class, id).isEmpty());
    return new StillMarks(kept, hidden, scaleOf);
  }

  private static boolean near(@Nullable Double at, int side) {
    return at != null && at >= -OUTSIDE * side && at <= (1 + OUTSIDE) * side;
  }

  private static double tenth(double value) {
    return Math.round(value * 10) / 10.0;
  }

  /** The still as the core reads it. */
  Still still(Stills.Kept kept, Handed handed, Optional<Double> heightCm) {
    Map<Landmark, Spot> placed = new EnumMap<>(Landmark.class);
    for (Landmark landmark : kept.view().landmarks()) {
      spot(landmark).ifPresent(spot -> placed.put(landmark, spot));
    }
    Optional<Scale> scale =
        segment(Helper.SCALE_A, Helper.SCALE_B)
            .flatMap(ends -> scaleOf.cm(heightCm).map(cm -> new Scale(ends, cm)));
    return new Still(
        kept.view(),
        kept.checkpoint(),
        handed,
        placed,
        scale,
        scale.flatMap(s -> heightCm.map(cm -> cm * s.pixelsPerCm())),
        segment(Helper.MARK_A, Helper.MARK_B),
        segment(Helper.PLUMB_A, Helper.PLUMB_B));
  }

  /** How the camera stood, where a line along the target line was marked. */
  Optional<CameraCheck> camera(Stills.Kept kept, Still still) {
    return segment(Helper.LINE_A, Helper.LINE_B)
        .flatMap(line -> CameraCheck.of(still, line, kept.width(), kept.height()));
  }

  private Optional<Segment> segment(Helper a, Helper b) {
    return spot(a).flatMap(from -> spot(b).map(to -> new Segment(from, to)));
  }

  private Optional<Spot> spot(Named place) {
    return Optional.ofNullable(points.get(place.id())).map(at -> new Spot(at.get(0), at.get(1)));
  }
}
