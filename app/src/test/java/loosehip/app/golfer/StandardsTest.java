package loosehip.app.golfer;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import loosehip.core.measure.AngleKind;
import loosehip.core.measure.BandScale;
import loosehip.core.measure.Method;
import loosehip.core.measure.OwnRepeatability;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import loosehip.core.named.Named;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StandardsTest {
  private static final Map<OwnRepeatability.Of, OwnRepeatability> WREN =
      Map.of(
          new OwnRepeatability.Of(Method.INCLINOMETER, AngleKind.HIP_TURN),
          new OwnRepeatability(1.8, 24, false),
          new OwnRepeatability.Of(Method.STILL, AngleKind.HIP_TURN),
          new OwnRepeatability(9, 19, false));

  @ParameterizedTest(name = "{0} “{1}”: {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "seated-rotation | 42 32 | ",
        "seated-rotation | 32 42 | enough must lie above close",
        "seated-rotation | 42 | Two numbers",
        "seated-rotation | x y | Two numbers",
        "seated-rotation | 95 32 | takes 0 to 90°",
        "side-hip-hold | 2 6 | ",
        "side-hip-hold | 6 2 | enough must lie below close",
      })
  void edgesAreCheckedAsTyped(String test, String typed, String problem) {
    Standards.Edges edges =
        Standards.edges(Named.parse(ScreenTest.class, test).orElseThrow(), Optional.empty(), typed);
    assertThat(edges.problem()).contains(problem == null ? "" : problem);
    assertThat(edges.scale().isPresent()).isEqualTo(problem == null);
  }

  @Test
  void thePracticesValuesReplaceTheShippedOnesAndNonsenseDoesNot() {
    Standards standards =
        Standards.of(
            Map.of(
                "bands.seated-rotation", "42 32",
                "bands.one-leg-stand.closed", "10 5",
                "bands.trunk-turn", "10 50",
                "deviation.inclinometer", "2.5",
                "deviation.still", "99"),
            Map.of());
    assertThat(standards.scales().of(ScreenTest.SEATED_ROTATION, Optional.of(Part.INTERNAL)))
        .isEqualTo(BandScale.atLeast(42, 32));
    assertThat(standards.scales().of(ScreenTest.ONE_LEG_STAND, Optional.of(Part.EYES_CLOSED)))
        .isEqualTo(BandScale.atLeast(10, 5));
    assertThat(standards.scales().of(ScreenTest.ONE_LEG_STAND, Optional.of(Part.EYES_OPEN)))
        .isEqualTo(BandScale.atLeast(20, 10));
    assertThat(standards.scales().of(ScreenTest.TRUNK_TURN, Optional.empty()))
        .isEqualTo(BandScale.atLeast(45, 35));
    assertThat(standards.defaultDeviation(Method.INCLINOMETER)).isEqualTo(2.5);
    assertThat(standards.defaultDeviation(Method.STILL)).isEqualTo(4);
  }

  @Test
  void theOneWhoTookTheTriesLendsTheirOwnScatter() {
    Standards standards = Standards.of(Map.of(), Map.of("wren-id", WREN));
    AngleKind hips = AngleKind.HIP_TURN;
    assertThat(standards.deviation("wren-id", Method.INCLINOMETER, hips)).isEqualTo(1.8);
    assertThat(standards.deviation("wren-id", Method.INCLINOMETER, AngleKind.PELVIC_DROP))
        .isEqualTo(3);
    assertThat(standards.deviation("wren-id", Method.STILL, hips)).isEqualTo(4);
    assertThat(standards.deviation("moss-id", Method.INCLINOMETER, hips)).isEqualTo(3);
    assertThat(standards.deviation("", Method.INCLINOMETER, hips)).isEqualTo(3);
  }

  /** Three tries by a hand of 1.8: √(3.24/3 + 4) = 2.25; by the default 3 it would be 2.65. */
  @Test
  void aSetTakenByWrenCarriesWrensError() {
    Workup workup =
        Workup.of(
            GolferText.of("try seated-rotation.right.internal 24 26 25"),
            Standards.of(Map.of(), Map.of("wren-id", WREN)),
            Examiner.ANYBODY,
            GolferText.TODAY);
    assertThat(workup.judgement().measurements().get(0).standardError())
        .isCloseTo(2.254, Assertions.within(0.001));
  }

  @Test
  void aMinorNeedsAGuardianBesideTheConsent() {
    assertThat(GolferText.workup("consent=1; who.birth-year=2010").consented()).isFalse();
    assertThat(GolferText.workup("consent=1; who.birth-year=2010").guardianMissing()).isTrue();
    assertThat(GolferText.workup("consent=1; who.birth-year=2010; who.guardian=Ann").consented())
        .isTrue();
    assertThat(GolferText.workup("consent=1; who.birth-year=1990").consented()).isTrue();
  }
}
