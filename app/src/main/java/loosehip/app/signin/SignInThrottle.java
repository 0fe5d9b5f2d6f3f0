package loosehip.app.signin;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;

/**
 * Slows down guessing (all figures ours). Every try counts before its password is looked at, so
 * that tries sent side by side count like tries one after another; one that signs in takes its
 * count away again. Three counts each make one wait:
 *
 * <ul>
 *   <li>a name from one source: from the sixth try on 30 seconds, twice as long each time, up to 15
 *       minutes;
 *   <li>a name from anywhere: from the twenty-first on, 30 seconds at most, so that strangers
 *       cannot shut out whoever it belongs to for long;
 *   <li>a source on any names: from the thirty-first on, up to 5 minutes.
 * </ul>
 *
 * Over all sources together the three-hundred-and-first try within ten minutes waits ten seconds.
 * Names and sources are kept as digests, at most {@value #REMEMBERED} of them, and forgotten an
 * hour after the last try.
 */
@Component
public class SignInThrottle {
  private static final Duration FORGOTTEN = Duration.ofHours(1);
  private static final Duration FIRST_WAIT = Duration.ofSeconds(30);
  private static final int REMEMBERED = 10_000;
  private static final int DOUBLINGS_MOST = 10;

  private static final Duration ALL_WITHIN = Duration.ofMinutes(10);
  private static final int ALL_FREE = 300;
  private static final Duration ALL_WAIT = Duration.ofSeconds(10);

  /** How many tries are free, and how long the wait grows at most. */
  enum Rule {
    NAME_FROM_SOURCE(5, Duration.ofMinutes(15)),
    NAME(20, Duration.ofSeconds(30)),
    SOURCE(30, Duration.ofMinutes(5));

    private final int free;
    private final Duration longest;

    Rule(int free, Duration longest) {
      this.free = free;
      this.longest = longest;
    }

    private Duration pause(int count) {
      int beyond = count - free;
      if (beyond < 0) {
        return Duration.ZERO;
      }
      Duration pause = FIRST_WAIT.multipliedBy(1L << Math.min(beyond, DOUBLINGS_MOST));
      return pause.compareTo(longest) > 0 ? longest : pause;
    }
  }

  /** What is remembered of a name, a source or both: never longer than a digest. */
  record Key(Rule rule, String digest) {}

  private record Tries(int count, Instant until) {}

  private final Cache<Key, Tries> tries;
  private final Clock clock;
  private Instant allSince;
  private int all;
  private Instant allUntil;

  SignInThrottle(Clock clock) {
    this.clock = clock;
    this.allSince = Instant.MIN;
    this.allUntil = Instant.MIN;
    this.tries =
        Caffeine.newBuilder()
            .maximumSize(REMEMBERED)
            .expireAfterWrite(FORGOTTEN)
            .ticker(() -> TimeUnit.MILLISECONDS.toNanos(clock.millis()))
            .build();
  }

  static List<Key> keys(String name, String source) {
    String digest = digest(normal(name));
    return List.of(
        new Key(Rule.NAME_FROM_SOURCE, digest(normal(name) + "\n" + source)),
        new Key(Rule.NAME, digest),
        new Key(Rule.SOURCE, digest(source)));
  }

  /**
   * Asks to try: zero when it may, and then the try is counted; else how long it must wait, and it
   * is not.
   */
  public synchronized Duration ask(String name, String source) {
    Instant now = clock.instant();
    List<Key> keys = keys(name, source);
    Duration wait = left(now, allUntil);
    for (Key key : keys) {
      Tries held = tries.getIfPresent(key);
      Duration left = held == null ? Duration.ZERO : left(now, held.until());
      wait = left.compareTo(wait) > 0 ? left : wait;
    }
    if (!wait.isZero()) {
      return wait;
    }
    keys.forEach(key -> count(key, now));
    countAll(now);
    return Duration.ZERO;
  }

  private static Duration left(Instant now, Instant until) {
    return until.isAfter(now) ? Duration.between(now, until) : Duration.ZERO;
  }

  private void count(Key key, Instant now) {
    Tries held = tries.getIfPresent(key);
    int count = held == null ? 1 : held.count() + 1;
    tries.put(key, new Tries(count, now.plus(key.rule().pause(count))));
  }

  private void countAll(Instant now) {
    if (allSince.equals(Instant.MIN) || allSince.plus(ALL_WITHIN).isBefore(now)) {
      allSince = now;
      all = 0;
    }
    all++;
    if (all > ALL_FREE) {
      allUntil = now.plus(ALL_WAIT);
    }
  }

  /** Takes back what a name that signed in had counted; the source keeps what others cost it. */
  public synchronized void succeeded(String name, String source) {
    List<Key> keys = keys(name, source);
    tries.invalidate(keys.get(0));
    tries.invalidate(keys.get(1));
    Tries held = tries.getIfPresent(keys.get(2));
    if (held != null) {
      tries.put(keys.get(2), new Tries(Math.max(0, held.count() - 1), clock.instant()));
    }
  }

  /** The name as the sign-in compares it: without what it drops at the ends, in any case. */
  static String normal(String name) {
    String before;
    String after = name;
    do {
      before = after;
      after = before.trim().strip();
    } while (!after.equals(before));
    return after.toLowerCase(Locale.ROOT);
  }

  private static String digest(String text) {
    try {
      byte[] digest =
          MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(digest, 0, 16);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
