package loosehip.core.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.named.Named;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class AngleTest {
  @ParameterizedTest(name = "{0} is shown as {1}")
  @CsvSource({"3.14, 3.1", "3.15, 3.2", "-3.15, -3.2", "-0.04, 0.0", "0.05, 0.1", "45, 45.0"})
  void oneDecimalHalvesAwayFromZero(double degrees, double shown) {
    double one = Angle.of(degrees).toOneDecimal();
    assertThat(one).isEqualTo(shown);
    assertThat(1 / one).as("never minus zero").isNotEqualTo(Double.NEGATIVE_INFINITY);
  }

  @ParameterizedTest
  @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY})
  void anAngleIsFinite(double degrees) {
    assertThatThrownBy(() -> Angle.of(degrees)).isInstanceOf(IllegalArgumentException.class);
  }

  @Law
  void clampingHoldsBothEnds(Chance chance) {
    double degrees = chance.number(-400, 400);
    Angle held = Angle.of(degrees).clamp(Angle.of(25), Angle.of(35));
    assertThat(held.degrees()).isBetween(25.0, 35.0);
  }

  @Law
  void whatIsAddedCanBeTakenAway(Chance chance) {
    double a = chance.number(-90, 90);
    double b = chance.number(-90, 90);
    double back = Angle.of(a).plus(Angle.of(b)).minus(Angle.of(b)).degrees();
    assertThat(back).isCloseTo(a, Assertions.within(1e-9));
    assertThat(Angle.of(a).min(Angle.of(b)).degrees()).isEqualTo(Math.min(a, b));
  }

  @ParameterizedTest
  @EnumSource(Handed.class)
  void sidesAndLegsMapBothWays(Handed handed) {
    for (Leg leg : Leg.values()) {
      assertThat(handed.leg(handed.side(leg))).isEqualTo(leg);
      assertThat(handed.side(leg.other())).isEqualTo(handed.side(leg).other());
    }
    assertThat(Named.parse(Handed.class, handed.id())).contains(handed);
  }

  @Test
  void aRightHandersLeadSideIsTheLeft() {
    assertThat(Handed.RIGHT.side(Leg.LEAD)).isEqualTo(Side.LEFT);
    assertThat(Handed.LEFT.side(Leg.LEAD)).isEqualTo(Side.RIGHT);
    assertThat(Named.parse(Side.class, "middle")).isEmpty();
    assertThat(Named.parse(Handed.class, "both")).isEmpty();
  }
}
