package loosehip.core.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Intervals against closed forms, and how often they hold the truth in simulated practices. */
class IntervalsTest {
  private static final int PRACTICES = 2_000;

  private static double[] upTo(int n) {
    return IntStream.rangeClosed(1, n).mapToDouble(i -> i).toArray();
  }

  @Test
  void fewerThanEightAreTooFewToSay() {
    assertThat(MedianInterval.of(upTo(7))).isEmpty();
    assertThat(MedianInterval.of(upTo(8))).isPresent();
    assertThat(new Share(3, 7).tooFew()).isTrue();
    assertThat(new Share(3, 8).tooFew()).isFalse();
  }

  /**
   * Ten in order: between the third and the eighth lie 1 − 2·56/1024 = 0.8906, between the fourth
   * and the seventh 1 − 2·176/1024 = 0.65625; 0.8 lies 0.3867 of the way in, and by the formula a
   * weight of 7·0.3867/(3 + 4·0.3867) = 0.5952.
   */
  @Test
  void tenInOrderGiveWhatTheFormulaSays() {
    MedianInterval interval = MedianInterval.of(upTo(10)).orElseThrow();
    double share = (0.890625 - 0.8) / (0.890625 - 0.65625);
    double weight = 7 * share / (3 + 4 * share);
    assertThat(interval.median()).isEqualTo(5.5);
    assertThat(interval.low()).isCloseTo(3 + weight, within(1e-9));
    assertThat(interval.high()).isCloseTo(8 - weight, within(1e-9));
  }

  @Test
  void orderSaysNothingAndMovingAllMovesTheInterval() {
    double[] one = {3, 9, 1, 7, 2, 8, 5, 4, 6, 0};
    double[] sorted = one.clone();
    Arrays.sort(sorted);
    MedianInterval a = MedianInterval.of(one).orElseThrow();
    assertThat(MedianInterval.of(sorted).orElseThrow()).isEqualTo(a);
    MedianInterval moved =
        MedianInterval.of(Arrays.stream(one).map(x -> -2 * x + 1).toArray()).orElseThrow();
    assertThat(moved.low()).isCloseTo(-2 * a.high() + 1, within(1e-9));
    assertThat(moved.high()).isCloseTo(-2 * a.low() + 1, within(1e-9));
  }

  private static double coverage(int n, double truth, ToDoubleFunction<Random> draw) {
    Random random = new Random(1986);
    int held = 0;
    for (int practice = 0; practice < PRACTICES; practice++) {
      double[] sample =
          IntStream.range(0, n).mapToDouble(i -> draw.applyAsDouble(random)).toArray();
      MedianInterval interval = MedianInterval.of(sample).orElseThrow();
      held += interval.low() <= truth && truth <= interval.high() ? 1 : 0;
    }
    return held / (double) PRACTICES;
  }

  /** Gains as practices have them: even about the middle, and with a long tail of great ones. */
  @ParameterizedTest
  @CsvSource({"8", "11", "20", "34", "75"})
  void theIntervalHoldsTheMedianFourTimesInFive(int n) {
    assertThat(coverage(n, 6, r -> 6 + 4 * r.nextGaussian())).isCloseTo(0.8, within(0.02));
    assertThat(coverage(n, Math.log(2) * 5, r -> -5 * Math.log(1 - r.nextDouble())))
        .isCloseTo(0.8, within(0.02));
  }

  /** Over practices whose true share may be anything, the interval of a share holds it as often. */
  @ParameterizedTest
  @CsvSource({"8", "15", "34", "80"})
  void theIntervalOfAShareHoldsItFourTimesInFive(int n) {
    Random random = new Random(20);
    int held = 0;
    for (int practice = 0; practice < 4 * PRACTICES; practice++) {
      double truth = random.nextDouble();
      int were = (int) IntStream.range(0, n).filter(i -> random.nextDouble() < truth).count();
      Share share = new Share(were, n);
      held += share.low() <= truth && truth <= share.high() ? 1 : 0;
    }
    assertThat(held / (4.0 * PRACTICES)).isCloseTo(0.8, within(0.02));
  }

  @Test
  void aShareStaysWithinNothingAndAll() {
    assertThat(new Share(0, 12).low()).isZero();
    assertThat(new Share(12, 12).high()).isEqualTo(1);
    assertThat(new Share(6, 12).low()).isBetween(0.25, 0.5);
    assertThat(new Share(6, 12).low()).isCloseTo(1 - new Share(6, 12).high(), within(1e-9));
    assertThatThrownBy(() -> new Share(3, 2)).isInstanceOf(IllegalArgumentException.class);
  }
}
