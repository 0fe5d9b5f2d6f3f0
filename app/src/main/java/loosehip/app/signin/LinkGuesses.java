package loosehip.app.signin;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
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

  /**
   * What a link leads to.
   *
   * @param source who asks
   * @param look looks it up; not asked while the source must wait
   * @return empty when it leads nowhere, and that counts
   */
  public <T> Optional<T> found(String source, Supplier<Optional<T>> look) {
    Integer wrong = bySource.getIfPresent(source);
    if (wrong != null && wrong >= FREE) {
      return Optional.empty();
    }
    Optional<T> found = look.get();
    if (found.isEmpty()) {
      bySource.asMap().merge(source, 1, Integer::sum);
    }
    return found;
  }

  /** A link that leads nowhere, or nowhere any more. */
  public static final class LeadsNowhere extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** Says no more than that. */
    public LeadsNowhere() {
      super("A link that leads nowhere", null, false, false);
    }
  }
}
