package loosehip.core.incline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class YawDriftTest {
  private final YawDrift drift = new YawDrift();

  @Test
  void theSlopeWhileItLiesStillIsTheDrift() {
    drift.zero(0);
    for (double t = 0; t <= 1.9; t += 0.05) {
      drift.add(t, 10 + 0.02 * t);
    }
    assertThat(drift.perMinute()).isEmpty();
    for (double t = 1.95; t <= 6.001; t += 0.05) {
      drift.add(t, 10 + 0.02 * t);
    }
    assertThat(drift.perMinute().orElseThrow()).isCloseTo(1.2, within(1e-6));
    assertThat(drift.off().orElseThrow()).isCloseTo(0.12, within(0.002));
  }

  @Test
  void aTurnIsNoDrift() {
    drift.zero(0);
    for (double t = 0; t <= 3; t += 0.05) {
      drift.add(t, 20 * t);
    }
    assertThat(drift.perMinute()).isEmpty();
  }

  /** Set anew, it is off by nothing, and how fast it runs is still known. */
  @Test
  void aNewZeroForgetsWhatRanAway() {
    drift.zero(0);
    for (double t = 0; t <= 60; t += 0.05) {
      drift.add(t, -0.01 * t);
    }
    assertThat(drift.off().orElseThrow()).isCloseTo(0.6, within(0.01));
    drift.zero(60);
    drift.add(60.05, 0);
    assertThat(drift.off().orElseThrow()).isLessThan(0.01);
    assertThat(drift.perMinute().orElseThrow()).isCloseTo(-0.6, within(0.01));
  }
}
