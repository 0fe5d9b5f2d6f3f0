package loosehip.app.golfer;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import loosehip.app.store.GolferFile;
import loosehip.core.measure.Screen;

/**
 * What was measured at earlier visits, made up once for as long as the visit is at hand: it changes
 * neither with a save of today nor with the day.
 */
final class EarlierScreens {
  private static final Cache<GolferFile.EarlierVisit, Cache<Standards, Screen>> MADE_UP =
      Caffeine.newBuilder().weakKeys().build();

  private EarlierScreens() {}

  /** The screen of a visit, held against these standards; both are told apart by identity. */
  static Screen of(GolferFile.EarlierVisit visit, Standards standards) {
    return MADE_UP
        .get(visit, v -> Caffeine.newBuilder().weakKeys().build())
        .get(standards, s -> Cases.screen(visit.tries(), visit.facts(), s));
  }
}
