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
import loosehip.core.named.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnRepeatabilityTest {
  private static final OwnRepeatability.Of HIP =
      new OwnRepeatability.Of(Method.INCLINOMETER, AngleKind.HIP_TURN);
  private static final OwnRepeatability.Of CLUB =
      new OwnRepeatability.Of(Method.CLUB_ANGLE, AngleKind.HIP_TURN);

  /** 24 26 25: squares 2, freedom 2; 30 34: squares 8, freedom 1; together √(10/3). */
  @Test
  void setsArePooledByTheirFreedom() {
    Map<OwnRepeatability.Of, OwnRepeatability> own =
        OwnRepeatability.pooled(
            List.of(
                seen(HIP, 24.0, 26.0, 25.0),
                seen(HIP, 30.0, 34.0),
                seen(HIP, 50.0),
                seen(CLUB, 60.0, 64.0)));
    assertThat(own.get(HIP).deviation()).isCloseTo(1.826, within(0.001));
    assertThat(own.get(HIP).freedom()).isEqualTo(3);
    assertThat(own.get(CLUB).deviation()).isCloseTo(2.828, within(0.001));
    assertThat(own).hasSize(2);
  }

  /** Hip turns say nothing about a trunk: 24 26 25 has the deviation 1, 40 46 has √18. */
  @Test
  void aHandIsNeverKnownAcrossKindsOfTest() {
    OwnRepeatability.Of trunk =
        new OwnRepeatability.Of(Method.INCLINOMETER, AngleKind.TRUNK_AND_TILT);
    Map<OwnRepeatability.Of, OwnRepeatability> own =
        OwnRepeatability.pooled(List.of(seen(HIP, 24.0, 26.0, 25.0), seen(trunk, 40.0, 46.0)));
    assertThat(own.get(HIP).deviation()).isCloseTo(1, within(1e-9));
    assertThat(own.get(trunk).deviation()).isCloseTo(4.243, within(0.001));
  }

  /** Ten blind sets of three make 20 degrees of freedom, nine do not. */
  @ParameterizedTest
  @CsvSource({"9, false, 1.27", "10, true, 2.00"})
  void onlyBlindSetsCountOnceThereAreEnough(int blind, boolean alone, double deviation) {
    List<TrySet> sets = new ArrayList<>(Collections.nCopies(30, seen(HIP, 24.0, 26.0, 25.0)));
    sets.addAll(Collections.nCopies(blind, new TrySet(HIP, List.of(28.0, 30.0, 32.0), true)));
    OwnRepeatability own = OwnRepeatability.pooled(sets).get(HIP);
    assertThat(own.blind()).isEqualTo(alone);
    assertThat(own.deviation()).isCloseTo(deviation, within(0.05));
    assertThat(own.freedom()).isEqualTo(alone ? 20 : 60 + 2 * blind);
  }

  @ParameterizedTest
  @CsvSource({
    "standing-turn, hip-turn",
    "prone-rotation, hip-turn",
    "trunk-turn, trunk-and-tilt",
    "tilt-control, trunk-and-tilt",
    "pelvis-under-chest, trunk-and-tilt",
    "side-hip-hold, pelvic-drop",
    "hip-flexor-length, muscle-length",
    "bridge-hold, ",
    "ankle-wall, "
  })
  void everyAngleIsOfOneKind(String test, String kind) {
    ScreenTest of = Named.parse(ScreenTest.class, test).orElseThrow();
    assertThat(AngleKind.of(of).map(AngleKind::id)).isEqualTo(Optional.ofNullable(kind));
  }

  private static TrySet seen(OwnRepeatability.Of of, Double... values) {
    return new TrySet(of, List.of(values), false);
  }

  @Test
  void itTakesOverAtTwentyDegreesOfFreedom() {
    assertThat(new OwnRepeatability(1.8, 19, false).inUse(3)).isEqualTo(3);
    assertThat(new OwnRepeatability(1.8, 20, false).inUse(3)).isEqualTo(1.8);
  }

  @Test
  void itIsNeverTakenBelowHalfTheDefault() {
    assertThat(new OwnRepeatability(1.4, 20, false).inUse(3)).isEqualTo(1.5);
    assertThat(new OwnRepeatability(2.4, 90, true).inUse(5)).isEqualTo(2.5);
    assertThat(new OwnRepeatability(0, 90, true).inUse(4)).isEqualTo(2);
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
    return OwnRepeatability.pooled(List.of(new TrySet(HIP, values, false))).get(HIP).deviation();
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
