package loosehip.core.still;

import java.util.EnumMap;
import java.util.Map;
import java.util.Random;
import java.util.function.DoubleSupplier;

/**
 * Places everything marked on a still once more, as another look would: each coordinate off by a
 * normal error.
 */
final class Placing {
  private final DoubleSupplier normal;
  private final double pixels;

  /**
   * @param random where the errors come from
   * @param pixels their standard deviation
   */
  Placing(Random random, double pixels) {
    this(random::nextGaussian, pixels);
  }

  /**
   * @param normal errors of one standard deviation, one after the other
   * @param pixels their standard deviation
   */
  Placing(DoubleSupplier normal, double pixels) {
    this.normal = normal;
    this.pixels = pixels;
  }

  Still anew(Still still) {
    Map<Landmark, Spot> points = new EnumMap<>(Landmark.class);
    still.points().forEach((landmark, spot) -> points.put(landmark, anew(spot)));
    return new Still(
        still.view(),
        still.checkpoint(),
        still.handed(),
        points,
        still.scale().map(s -> new Scale(anew(s.ends()), s.cm())),
        still.heightPx().map(h -> h + Math.sqrt(2) * pixels * normal.getAsDouble()),
        still.marks().map(this::anew),
        still.plumb().map(this::anew));
  }

  private Segment anew(Segment segment) {
    return new Segment(anew(segment.a()), anew(segment.b()));
  }

  private Spot anew(Spot spot) {
    return new Spot(
        spot.x() + pixels * normal.getAsDouble(), spot.y() + pixels * normal.getAsDouble());
  }
}
