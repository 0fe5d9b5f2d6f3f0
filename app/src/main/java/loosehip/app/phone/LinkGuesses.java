package loosehip.app.phone;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;

/**
 * Slows down whoever tries addresses that lead nowhere: after twenty within ten minutes a source is
 * not looked up at all until ten minutes went by without a try. Kept in memory, for so many sources
 * at most.
 */
@Component
public class LinkGuesses {
  private static final int FREE = 20;
  private static final Duration REMEMBERED = Duration.ofMinutes(10);
  private static final int SOURCES = 10_000;

  private final Cache<String, Integer> bySource;

  LinkGuesses(Clock clock) {
    bySource =
        Caffeine.newBuilder()
            .maximumSize(SOURCES)
            .expireAfterWrite(REMEMBERED)
            .ticker(() -> TimeUnit.MILLISECONDS.toNanos(clock.millis()))
            .build();
  }

  /** Whether a source must wait. */
  public boolean waits(String source) {
    Integer wrong = bySource.getIfPresent(source);
    return wrong != null && wrong >= FREE;
  }

  /** Counts an address that leads nowhere. */
  public void wrong(String source) {
    bySource.asMap().merge(source, 1, Integer::sum);
  }
}
