package loosehip.app.signin;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;

/**
 * Slows down guessing: after five failures on a name the next try must wait, 30 seconds at first
 * and twice as long after each further failure, up to 15 minutes. Kept in memory, and forgotten an
 * hour after the last failure.
 */
@Component
public class SignInThrottle {
  private static final int FREE = 5;
  private static final Duration FIRST_WAIT = Duration.ofSeconds(30);
  private static final Duration LONGEST = Duration.ofMinutes(15);
  private static final Duration FORGOTTEN = Duration.ofHours(1);
  private static final int REMEMBERED = 10_000;

  private record Failures(int count, Instant until) {}

  private final Cache<String, Failures> byName;
  private final Clock clock;

  SignInThrottle(Clock clock) {
    this.clock = clock;
    this.byName =
        Caffeine.newBuilder()
            .maximumSize(REMEMBERED)
            .expireAfterWrite(FORGOTTEN)
            .ticker(() -> TimeUnit.MILLISECONDS.toNanos(clock.millis()))
            .build();
  }

  /** How long this name must wait; zero when it may try now. */
  public Duration wait(String name) {
    Failures failures = byName.getIfPresent(key(name));
    if (failures == null) {
      return Duration.ZERO;
    }
    Duration left = Duration.between(clock.instant(), failures.until());
    return left.isNegative() ? Duration.ZERO : left;
  }

  /** Counts a failure. */
  public void failed(String name) {
    byName
        .asMap()
        .merge(
            key(name),
            new Failures(1, clock.instant()),
            (old, one) -> {
              int count = old.count() + 1;
              int beyond = count - FREE;
              Duration pause =
                  beyond < 0 ? Duration.ZERO : FIRST_WAIT.multipliedBy(1L << Math.min(beyond, 5));
              Duration held = pause.compareTo(LONGEST) > 0 ? LONGEST : pause;
              return new Failures(count, clock.instant().plus(held));
            });
  }

  /** Forgets the failures of a name that signed in. */
  public void succeeded(String name) {
    byName.invalidate(key(name));
  }

  private static String key(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }
}
