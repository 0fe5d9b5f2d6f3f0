package loosehip.core.still;

import java.util.EnumMap;
import java.util.Map;
import java.util.Random;

/**
 * Places everything marked on a still once more, as another look would: each coordinate off by a
 * normal error.
 */
final class Placing {
  private final Random random;
  private final double pixels;

  /**
   * @param random where the errors come from
   * @param pixels their standard deviation
   */
  Placing(Random random, double pixels) {
    this.random = random;
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
        still.heightPx().map(h -> h + Math.sqrt(2) * pixels * random.nextGaussian()),
        still.marks().map(this::anew),
        still.plumb().map(this::anew));
  }

  private Segment anew(Segment segment) {
    return new Segment(anew(segment.a()), anew(segment.b()));
  }

  private Spot anew(Spot spot) {
    return new Spot(
        spot.x() + pixels * random.nextGaussian(), spot.y() + pixels * random.nextGaussian());
  }
}
