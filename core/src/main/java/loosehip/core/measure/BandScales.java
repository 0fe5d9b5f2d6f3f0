package loosehip.core.measure;

import java.util.Map;
import java.util.Optional;

/**
 * The band edges in force: the shipped ones ({@link ScreenTest#scale}, ours, from practice), or a
 * practice's own in their place.
 *
 * @param own the practice's own scales by {@link #key}
 */
public record BandScales(Map<String, BandScale> own) {
  /** The shipped edges. */
  public static final BandScales SHIPPED = new BandScales(Map.of());

  /** Copies the map. */
  public BandScales {
    own = Map.copyOf(own);
  }

  /** The name under which the edges of a test, or of one of its parts, are kept. */
  public static String key(ScreenTest test, Optional<Part> part) {
    return part.filter(test::hasOwnScale).map(p -> test.id() + "." + p.id()).orElse(test.id());
  }

  /** The edges in force for a test or one of its parts. */
  public BandScale of(ScreenTest test, Optional<Part> part) {
    BandScale mine = own.get(key(test, part));
    return mine == null ? test.scale(part) : mine;
  }
}
