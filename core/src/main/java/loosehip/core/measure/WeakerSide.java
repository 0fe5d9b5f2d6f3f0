package loosehip.core.measure;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import loosehip.core.body.Side;

/**
 * Which side of each test is suspected of being the weaker one, so that it is taken while the
 * golfer is fresh and nothing has been shown to them yet. It looks only at earlier results, so the
 * order does not change under the hand during a visit.
 */
public final class WeakerSide {
  private WeakerSide() {}

  /** The weaker side of every test where the earlier results differ; the others are absent. */
  public static Map<ScreenTest, Side> of(Screen earlier) {
    Map<ScreenTest, Side> weaker = new EnumMap<>(ScreenTest.class);
    for (ScreenTest test : ScreenTest.values()) {
      if (test.sided()) {
        weaker(test, earlier).ifPresent(side -> weaker.put(test, side));
      }
    }
    return weaker;
  }

  private static Optional<Side> weaker(ScreenTest test, Screen earlier) {
    Band left = earlier.band(test, Optional.of(Side.LEFT));
    Band right = earlier.band(test, Optional.of(Side.RIGHT));
    if (left.measured() && right.measured() && left != right) {
      return Optional.of(left.worse(right) == left ? Side.LEFT : Side.RIGHT);
    }
    double gap = 0;
    for (TestCard card : TestCard.of(test, Side.LEFT)) {
      Optional<Slot> slot = card.numbers().filter(s -> s.side().equals(Optional.of(Side.LEFT)));
      if (slot.isPresent()) {
        Optional<Measurement> l = earlier.evidence(slot.get());
        Optional<Measurement> r = earlier.evidence(slot.get().mirrored());
        if (l.isPresent() && r.isPresent()) {
          double better = test.scale().moreIsBetter() ? 1 : -1;
          gap += better * (l.get().mean() - r.get().mean());
        }
      }
    }
    return gap == 0 ? Optional.empty() : Optional.of(gap < 0 ? Side.LEFT : Side.RIGHT);
  }
}
