package loosehip.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.Screens;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ErrorAndChangeTest {

  @Test
  void theWorkedRetestIsLikelyButNotReal() {
    Measurement first = hip("24 26 25");
    Measurement second = hip("31 33 32");
    assertThat(first.mean()).isEqualTo(25.0);
    assertThat(first.standardError()).isCloseTo(2.65, within(0.005));
    assertThat(second.mean()).isEqualTo(32.0);
    assertThat(ErrorModel.minimalDetectableChange(first.standardError(), second.standardError()))
        .isCloseTo(7.33, within(0.005));
    assertThat(
            ErrorModel.change(
                first.mean(), first.standardError(), second.mean(), second.standardError()))
        .isEqualTo(Change.LIKELY);
  }

  @ParameterizedTest(name = "{0}: mean {1}, error {2}")
  @CsvSource({
    "40, 40, 3.606",
    "40 @goniometer, 40, 4.472",
    "40 @club-angle, 40, 5.385",
    "40 44, 42, 2.915",
    "40 44 (90), 42, 2.915",
    "40 44 trunk-lean, 42, 4.690",
  })
  void meanAndErrorOfASet(String tries, double mean, double error) {
    Measurement m = hip(tries);
    assertThat(m.mean()).isCloseTo(mean, within(1e-9));
    assertThat(m.standardError()).isCloseTo(error, within(0.001));
  }

  @ParameterizedTest(name = "from 30 ± 3 to {0} ± 3 is {1}")
  @CsvSource({
    "38.4, REAL",
    "38.3, LIKELY",
    "35.5, LIKELY",
    "35.4, WITHIN_THE_RULER",
    "30, WITHIN_THE_RULER"
  })
  void changeVerdictsAtTheirEdges(double to, Change verdict) {
    assertThat(ErrorModel.change(30, 3, to, 3)).isEqualTo(verdict);
    assertThat(ErrorModel.change(to, 3, 30, 3)).isEqualTo(verdict);
  }

  @Test
  void aVoidingCompensationLeavesNothingMeasured() {
    Slot slot = Slot.parse("standing-turn.left.internal").orElseThrow();
    assertThat(Screens.of("standing-turn.left.internal 80 chest-only").measurement(slot)).isEmpty();
  }

  @Test
  void secondsCarryFifteenPercent() {
    Screen screen = Screens.of("bridge-hold.left 20");
    assertThat(
            screen
                .measurement(Slot.parse("bridge-hold.left").orElseThrow())
                .orElseThrow()
                .standardError())
        .isCloseTo(3.0, within(1e-9));
  }

  @ParameterizedTest(name = "{0}: ask for another {1}")
  @CsvSource({"24 30, false", "24 30.1, true", "24 (40) 26, false", "24, false"})
  void aSpreadOverSixAsksForAnother(String tries, boolean ask) {
    String key = "seated-rotation.left.internal";
    Reading reading =
        Screens.of(key + " " + tries).reading(Slot.parse(key).orElseThrow()).orElseThrow();
    assertThat(reading.askForAnother()).isEqualTo(ask);
  }

  @Law
  void moreTriesNeverWidenTheError(Chance chance) {
    List<Double> values = chance.list(1, 4, () -> chance.number(0, 90));
    double another = chance.number(0, 90);
    List<Double> more = new ArrayList<>(values);
    more.add(another);
    assertThat(error(more)).isLessThanOrEqualTo(error(values));
  }

  @Law
  void theOrderOfTriesAndVoidsDoesNotMatter(Chance chance) {
    List<Double> values = chance.list(2, 4, () -> chance.number(0, 90));
    List<Try> tries = new ArrayList<>(values.stream().map(Try::of).toList());
    tries.add(new Try(88, true));
    List<Try> turned = new ArrayList<>(tries);
    Collections.reverse(turned);
    assertThat(reading(tries).mean().orElseThrow())
        .isCloseTo(reading(turned).mean().orElseThrow(), within(1e-9));
  }

  private static double error(List<Double> values) {
    return ErrorModel.standardError(reading(values.stream().map(Try::of).toList())).orElseThrow();
  }

  private static Reading reading(List<Try> tries) {
    return new Reading(
        Slot.parse("seated-rotation.left.internal").orElseThrow(),
        Optional.of(Method.INCLINOMETER),
        tries,
        Set.of(),
        Pain.NONE);
  }

  private static Measurement hip(String tries) {
    String key = "seated-rotation.left.internal";
    return Screens.of(key + " " + tries).measurement(Slot.parse(key).orElseThrow()).orElseThrow();
  }
}
