package loosehip.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.measure.OwnRepeatability.TrySet;
import org.junit.jupiter.api.Test;

class OwnRepeatabilityTest {

  /** 24 26 25: squares 2, freedom 2; 30 34: squares 8, freedom 1; together √(10/3). */
  @Test
  void setsArePooledByTheirFreedom() {
    Map<Method, OwnRepeatability> own =
        OwnRepeatability.pooled(
            List.of(
                new TrySet(Method.INCLINOMETER, List.of(24.0, 26.0, 25.0)),
                new TrySet(Method.INCLINOMETER, List.of(30.0, 34.0)),
                new TrySet(Method.INCLINOMETER, List.of(50.0)),
                new TrySet(Method.CLUB_ANGLE, List.of(60.0, 64.0))));
    assertThat(own.get(Method.INCLINOMETER).deviation()).isCloseTo(1.826, within(0.001));
    assertThat(own.get(Method.INCLINOMETER).freedom()).isEqualTo(3);
    assertThat(own.get(Method.CLUB_ANGLE).deviation()).isCloseTo(2.828, within(0.001));
    assertThat(own).doesNotContainKey(Method.STILL);
  }

  @Test
  void itTakesOverAtTwentyDegreesOfFreedom() {
    assertThat(new OwnRepeatability(1.8, 19).inUse(3)).isEqualTo(3);
    assertThat(new OwnRepeatability(1.8, 20).inUse(3)).isEqualTo(1.8);
    assertThat(new OwnRepeatability(0.1, 20).inUse(3)).isEqualTo(OwnRepeatability.LEAST);
  }

  /** Own 1.8 instead of 3: SEM of three tries √(3.24/3 + 4) = 2.254 instead of 2.646. */
  @Test
  void theOwnDeviationNarrowsTheError() {
    Reading own = set(List.of(24.0, 26.0, 25.0), 1.8);
    assertThat(ErrorModel.standardError(own).orElseThrow()).isCloseTo(2.254, within(0.001));
    assertThat(ErrorModel.standardError(set(List.of(24.0, 26.0, 25.0), 3)).orElseThrow())
        .isCloseTo(2.646, within(0.001));
  }

  @Test
  void theChanceOfMoreThanFiveDegrees() {
    assertThat(ErrorModel.chanceBeyond(25, 2.65, 32, 2.65, 5)).isCloseTo(0.704, within(0.002));
    assertThat(ErrorModel.chanceBeyond(32, 2.65, 25, 2.65, 5)).isCloseTo(0.704, within(0.002));
    assertThat(ErrorModel.chanceBeyond(25, 2.65, 25, 2.65, 5)).isCloseTo(0.182, within(0.002));
    assertThat(ErrorModel.chanceBeyond(25, 0, 31, 0, 5)).isEqualTo(1);
  }

  @Law
  void shiftingASetDoesNotChangeItsScatter(Chance chance) {
    List<Double> values = chance.list(2, 5, () -> chance.number(0, 90));
    double by = chance.number(-20, 20);
    List<Double> moved = new ArrayList<>(values.stream().map(v -> v + by).toList());
    Collections.reverse(moved);
    assertThat(deviation(moved)).isCloseTo(deviation(values), within(1e-6));
  }

  private static double deviation(List<Double> values) {
    return OwnRepeatability.pooled(List.of(new TrySet(Method.STILL, values)))
        .get(Method.STILL)
        .deviation();
  }

  private static Reading set(List<Double> values, double deviation) {
    return new Reading(
        Slot.parse("seated-rotation.left.internal").orElseThrow(),
        Optional.of(Method.INCLINOMETER),
        values.stream().map(Try::of).toList(),
        Set.of(),
        Pain.NONE,
        deviation);
  }
}
