package loosehip.app.signin;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SignInThrottleTest {
  private static final String HERE = "127.0.0.1";

  private Instant now = Instant.parse("2026-11-25T09:00:00Z");
  private final SignInThrottle throttle =
      new SignInThrottle(
          new Clock() {
            @Override
            public ZoneId getZone() {
              return ZoneOffset.UTC;
            }

            @Override
            public Clock withZone(ZoneId zone) {
              return this;
            }

            @Override
            public Instant instant() {
              return now;
            }
          });

  private Duration tries(int times, String name, String source) {
    for (int i = 0; i < times; i++) {
      throttle.ask(name, source);
    }
    return throttle.ask(name, source);
  }

  private void later(Duration by) {
    now = now.plus(by);
  }

  @Test
  void theWaitDoublesUpToAQuarterOfAnHourAndEnds() {
    assertThat(tries(5, "wren", HERE)).isEqualTo(Duration.ofSeconds(30));
    Duration[] waits = {
      Duration.ofSeconds(60),
      Duration.ofSeconds(120),
      Duration.ofMinutes(4),
      Duration.ofMinutes(8),
      Duration.ofMinutes(15),
      Duration.ofMinutes(15)
    };
    for (Duration wait : waits) {
      later(throttle.ask("wren", HERE));
      assertThat(throttle.ask("wren", HERE)).as("this one may try").isZero();
      assertThat(throttle.ask("wren", HERE)).isEqualTo(wait);
    }
    later(Duration.ofMinutes(61));
    assertThat(tries(4, "wren", HERE)).isZero();
  }

  /** What the sign-in drops from a name, or does not tell apart, is no other name here. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "\u0001wren",
        "wren\u0000",
        " WREN\t",
        "\u2003wren",
        "wren\u001f\u0001\u2003 ",
        "Wren\n"
      })
  void noSpellingWalksRoundIt(String spelling) {
    assertThat(SignInThrottle.normal(spelling)).isEqualTo("wren");
    tries(5, "wren", HERE);
    assertThat(throttle.ask(spelling, HERE)).isPositive();
  }

  /** Whoever guesses from elsewhere shuts the owner out for half a minute at most. */
  @Test
  void strangersCannotShutAnOwnerOutForLong() {
    for (int source = 0; source < 200; source++) {
      throttle.ask("wren", "192.168.1." + source);
    }
    assertThat(throttle.ask("wren", HERE)).isLessThanOrEqualTo(Duration.ofSeconds(30));
    later(Duration.ofSeconds(31));
    assertThat(throttle.ask("wren", HERE)).isZero();
    throttle.succeeded("wren", HERE);
    assertThat(throttle.ask("wren", HERE)).isZero();
  }

  @Test
  void aSourceThatTriesManyNamesWaits() {
    for (int name = 0; name < 30; name++) {
      assertThat(throttle.ask("name" + name, HERE)).isZero();
    }
    assertThat(throttle.ask("another", HERE)).isPositive();
    assertThat(throttle.ask("another", "192.168.1.9")).isZero();
  }

  @Test
  void manySourcesTogetherAreSlowedDown() {
    for (int source = 0; source < 301; source++) {
      assertThat(throttle.ask("name" + source, "10.0." + source / 200 + "." + source % 200))
          .isZero();
    }
    assertThat(throttle.ask("somebody", "10.9.9.9")).isEqualTo(Duration.ofSeconds(10));
    later(Duration.ofMinutes(11));
    assertThat(throttle.ask("somebody", "10.9.9.9")).isZero();
  }

  /** Sent side by side, no more pass than one after another. */
  @Test
  void parallelTriesCountOneByOne() throws Exception {
    ExecutorService many = Executors.newFixedThreadPool(16);
    try {
      List<Callable<Duration>> asks =
          IntStream.range(0, 200)
              .<Callable<Duration>>mapToObj(i -> () -> throttle.ask("wren", HERE))
              .toList();
      long passed = 0;
      for (Future<Duration> ask : many.invokeAll(asks)) {
        passed += ask.get().isZero() ? 1 : 0;
      }
      assertThat(passed).isEqualTo(5);
    } finally {
      many.shutdownNow();
    }
  }

  /** Long names take no more room than short ones. */
  @Test
  void memoryIsBounded() {
    String endless = "x".repeat(1_900_000);
    assertThat(SignInThrottle.keys(endless, endless))
        .hasSize(3)
        .allSatisfy(key -> assertThat(key.digest()).hasSizeLessThanOrEqualTo(64));
  }
}
