package loosehip.core.still;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The landmarks of a still, levelled by its plumb line, and those of the address still of the same
 * camera laid into the same picture. Figures are worked out from it.
 */
final class Pose {
  private final Map<Landmark, Spot> points;
  private final int ahead;
  private final Optional<Double> pixelsPerCm;
  private final Optional<Double> heightPx;
  private final @Nullable Pose address;

  private Pose(
      Map<Landmark, Spot> points,
      int ahead,
      Optional<Double> pixelsPerCm,
      Optional<Double> heightPx,
      @Nullable Pose address) {
    this.points = points;
    this.ahead = ahead;
    this.pixelsPerCm = pixelsPerCm;
    this.heightPx = heightPx;
    this.address = address;
  }

  /** A still alone, or with the address of its pair. */
  static Pose of(Still still, Optional<Still> with) {
    Placement level = Placement.levelled(still.plumb());
    Optional<Double> scale = still.scale().map(Scale::pixelsPerCm);
    if (with.isEmpty()) {
      return new Pose(moved(still, level), still.ahead(), scale, still.heightPx(), null);
    }
    Still then = with.get();
    Placement tie = Placement.tie(then, still);
    Optional<Double> thenScale =
        then.scale().map(Scale::pixelsPerCm).map(pixels -> pixels * tie.growth());
    Pose address =
        new Pose(moved(then, tie.then(level)), still.ahead(), thenScale, Optional.empty(), null);
    return new Pose(
        moved(still, level), still.ahead(), scale.or(() -> thenScale), still.heightPx(), address);
  }

  private static Map<Landmark, Spot> moved(Still still, Placement by) {
    Map<Landmark, Spot> moved = new EnumMap<>(Landmark.class);
    still.points().forEach((landmark, spot) -> moved.put(landmark, by.of(spot)));
    return moved;
  }

  boolean sees(List<Landmark> all) {
    return points.keySet().containsAll(all);
  }

  Spot at(Landmark landmark) {
    return points.get(landmark);
  }

  /** The middle of all these. */
  Spot middle(List<Landmark> of) {
    double x = 0;
    double y = 0;
    for (Landmark landmark : of) {
      x += at(landmark).x();
      y += at(landmark).y();
    }
    return new Spot(x / of.size(), y / of.size());
  }

  int ahead() {
    return ahead;
  }

  Optional<Double> pixelsPerCm() {
    return pixelsPerCm;
  }

  Optional<Double> heightPx() {
    return heightPx;
  }

  Optional<Pose> address() {
    return Optional.ofNullable(address);
  }
}
