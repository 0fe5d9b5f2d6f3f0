package loosehip.core.incline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class HoldDetectorTest {
  private final HoldDetector holds = new HoldDetector();
  private final List<Double> readings = new ArrayList<>();
  private double second;
  private double held;

  /** Feeds angles at ten a second. */
  private void feed(double... angles) {
    for (double angle : angles) {
      HoldDetector.State state = holds.add(second, angle);
      second += 0.1;
      held = state.held();
      Optional<Double> reading = state.reading();
      reading.ifPresent(readings::add);
    }
  }

  private void hold(double angle, int samples) {
    for (int i = 0; i < samples; i++) {
      feed(angle + (i % 2 == 0 ? 0.3 : -0.3));
    }
  }

  @Test
  void oneSecondStillMakesTheMeanAReading() {
    feed(0, 10, 20, 28, 30);
    hold(31, 11);
    assertThat(readings).hasSize(1);
    assertThat(readings.get(0)).isCloseTo(31, within(0.35));
  }

  @Test
  void nineTenthsAreNotEnoughAndAMovementStartsAnew() {
    hold(31, 10);
    assertThat(readings).isEmpty();
    assertThat(held).isCloseTo(0.9, within(0.01));
    feed(34);
    assertThat(held).isZero();
    hold(34, 9);
    assertThat(readings).isEmpty();
    hold(34, 2);
    assertThat(readings).hasSize(1);
  }

  @Test
  void holdingOnTakesNoSecondReadingUntilItMoved() {
    hold(31, 60);
    assertThat(readings).hasSize(1);
    hold(33, 20);
    assertThat(readings).hasSize(1);
    hold(40, 20);
    assertThat(readings).hasSize(2);
    assertThat(readings.get(1)).isCloseTo(40, within(0.35));
  }

  /** Half a degree from the middle is not steady; a little less is. */
  @Test
  void steadyIsLessThanHalfADegreeFromTheMiddle() {
    for (int i = 0; i < 30; i++) {
      feed(31 + (i % 2 == 0 ? 0.5 : -0.5));
    }
    assertThat(readings).isEmpty();
    for (int i = 0; i < 30; i++) {
      feed(31 + (i % 2 == 0 ? 0.49 : -0.49));
    }
    assertThat(readings).hasSize(1);
  }

  /** A phone that slept in between was not held. */
  @Test
  void aGapIsNoHold() {
    hold(31, 6);
    second += 5;
    hold(31, 9);
    assertThat(readings).isEmpty();
    hold(31, 3);
    assertThat(readings).hasSize(1);
  }

  @Test
  void aTapTakesWhatStandsAndTheNextNeedsAMove() {
    feed(10, 20);
    assertThat(holds.takeNow(22.4)).isEqualTo(22.4);
    hold(22.4, 30);
    assertThat(readings).isEmpty();
    hold(27, 20);
    assertThat(readings).hasSize(1);
  }

  @Test
  void aSlowDriftIsNoHold() {
    for (int i = 0; i < 100; i++) {
      feed(i * 0.2);
    }
    assertThat(readings).isEmpty();
  }
}
