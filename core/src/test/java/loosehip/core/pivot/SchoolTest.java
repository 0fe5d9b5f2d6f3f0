package loosehip.core.pivot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import loosehip.core.Setups;
import loosehip.core.named.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The schools and the figures of the model, held against domain/03. */
class SchoolTest {

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "settled-base | 25 35 90 5 35 85 0 2 0 2 | held knee | false",
        "rotation-first | 40 50 90 10 40 90 0 3 2 4 | held knee | false",
        "free-turn | 50 65 95 20 38 90 0 3 2 4 | held knee heel | true",
        "shift-and-turn | 35 45 90 10 35 90 3 8 0 2 | knee heel | false",
      })
  void theFourSchools(String id, String demands, String releases, boolean rounded) {
    School school = Named.parse(School.class, id).orElseThrow();
    double[] n = Arrays.stream(demands.split(" ")).mapToDouble(Double::parseDouble).toArray();
    assertThat(school.shipped())
        .isEqualTo(new Demands(n[0], n[1], n[2], n[3], n[4], n[5], n[6], n[7], n[8], n[9]));
    assertThat(school.releases().stream().map(LeadRelease::id).collect(Collectors.joining(" ")))
        .isEqualTo(releases);
    assertThat(school.usuallyRounded()).isEqualTo(rounded);
  }

  @ParameterizedTest
  @CsvSource({"10, 5", "20, 10", "30, 10", "0, 0"})
  void straighteningBuysHalfOfItAndTenAtMost(double degrees, double turn) {
    assertThat(Coefficients.SHIPPED.straightening(degrees)).isEqualTo(turn);
  }

  @ParameterizedTest
  @CsvSource({"5, -3", "-6, 3", "0, 0", "30, -10", "-40, 10"})
  void anArchTakesSixTenthsATuckGivesHalfTenAtMost(double tilt, double turn) {
    assertThat(Coefficients.SHIPPED.tilt(tilt)).isCloseTo(turn, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({
    "15, 0, 1",
    "28, 0, 0.844",
    "0, 8, 0.964",
    "0, -15, 0.96",
    "60, 20, 0.6",
    "10, 5, 1",
  })
  void whatABackLeavesOfTheTrunkTurn(double rounding, double tilt, double factor) {
    Setup setup = Setups.of(40, tilt, rounding, 0, 0, 0, 0, 0, LeadRelease.HELD, Club.DRIVER);
    assertThat(Coefficients.SHIPPED.posture(setup)).isCloseTo(factor, within(1e-9));
  }

  @ParameterizedTest
  @EnumSource(LeadRelease.class)
  void aReleaseGivesNothingTwelveOrTwentyFive(LeadRelease release) {
    double given = Map.of("held", 0.0, "knee", 12.0, "heel", 25.0).get(release.id());
    assertThat(Coefficients.SHIPPED.release(release)).isEqualTo(given);
  }

  @Test
  void aPracticesOwnFigureCountsAndTheShippedOneIsNoChange() {
    Coefficient heel = Coefficient.RELEASE_HEEL;
    Coefficients own = new Coefficients(Map.of(heel, 20.0));
    assertThat(own.release(LeadRelease.HEEL)).isEqualTo(20);
    assertThat(own.own()).containsOnlyKeys(heel);
    assertThat(new Coefficients(Map.of(heel, heel.shipped())).own()).isEmpty();
    assertThat(own.value(heel)).isEqualTo(20);
    assertThat(Coefficients.SHIPPED.value(heel)).isEqualTo(25);
  }

  @Test
  void aFigureOutsideItsBoundsOrAgainstAnotherIsRefused() {
    assertThatThrownBy(() -> new Coefficients(Map.of(Coefficient.RELEASE_HEEL, 1000.0)))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("lies between");
    assertThatThrownBy(() -> new Coefficients(Map.of(Coefficient.RELEASE_HEEL, Double.NaN)))
        .isInstanceOf(IllegalArgumentException.class);
    Map<ModelFigure, Double> crossed = new LinkedHashMap<>();
    crossed.put(new SchoolFigure(School.ROTATION_FIRST, SchoolFigure.Kind.PELVIS_LOW), 50.0);
    crossed.put(new SchoolFigure(School.ROTATION_FIRST, SchoolFigure.Kind.PELVIS_HIGH), 45.0);
    assertThatThrownBy(() -> new Coefficients(crossed))
        .hasMessageContaining("the least pelvis turn would be above the most");
  }

  @Test
  void everyFigureIsNamedOnceAndIsFoundAgainByItsName() {
    assertThat(ModelFigure.all().stream().map(ModelFigure::id)).doesNotHaveDuplicates();
    assertThat(ModelFigure.all())
        .allSatisfy(
            f -> {
              assertThat(ModelFigure.parse(f.id())).contains(f);
              assertThat(f.shipped()).isBetween(f.low(), f.high());
            });
  }

  /** Two figures that cross are refused; two that meet are not. */
  @ParameterizedTest(name = "{0} {1} and {2} {3}: {4}")
  @CsvSource({
    "PELVIS_LOW, 45.1, PELVIS_HIGH, 45, the least pelvis turn would be above the most",
    "PELVIS_LOW, 45, PELVIS_HIGH, 45,",
    "SHIFT_LOW, 3.1, SHIFT_HIGH, 3, the least shift would be above the most",
    "SHIFT_LOW, 3, SHIFT_HIGH, 3,",
    "HEAD_LOW, 4.1, HEAD_HIGH, 4, the least shift would be above the most",
    "HEAD_LOW, 4, HEAD_HIGH, 4,",
  })
  void demandsThatCross(
      SchoolFigure.Kind low, double least, SchoolFigure.Kind high, double most, String words) {
    refusedOr(
        Map.of(
            new SchoolFigure(School.ROTATION_FIRST, low), least,
            new SchoolFigure(School.ROTATION_FIRST, high), most),
        words);
  }

  @ParameterizedTest(name = "slow {0}, {1}, fast {2}: {3}")
  @CsvSource({
    "6.1, 6, 10, The gain must lie between",
    "6, 6, 10,",
    "3, 6, 6,",
    "3, 6, 5.9, The gain must lie between",
  })
  void gainsThatCross(double slow, double usual, double fast, String words) {
    refusedOr(
        Map.of(Coefficient.GAIN_SLOW, slow, Coefficient.GAIN, usual, Coefficient.GAIN_FAST, fast),
        words);
  }

  private static void refusedOr(Map<ModelFigure, Double> own, String words) {
    if (words == null) {
      Coefficients taken = new Coefficients(own);
      own.forEach((figure, value) -> assertThat(taken.value(figure)).isEqualTo(value));
    } else {
      assertThatThrownBy(() -> new Coefficients(own)).hasMessageContaining(words);
    }
  }

  @Test
  void bothEndsOfABoundCanBeSet() {
    for (ModelFigure figure : ModelFigure.all()) {
      if (figure == Coefficient.GAIN
          || figure == Coefficient.GAIN_SLOW
          || figure == Coefficient.GAIN_FAST
          || figure == Coefficient.TRUNK_GAIN
          || figure == Coefficient.TRUNK_GAIN_SLOW
          || figure == Coefficient.TRUNK_GAIN_FAST
          || figure instanceof SchoolFigure) {
        continue;
      }
      for (double end : new double[] {figure.low(), figure.high()}) {
        assertThat(new Coefficients(Map.of(figure, end)).value(figure)).isEqualTo(end);
      }
      assertThatThrownBy(() -> new Coefficients(Map.of(figure, figure.low() - 0.01)))
          .hasMessageContaining(figure.id() + " lies between");
    }
  }

  @Test
  void everyFigureAndChoiceIsNamed() {
    assertThat(ModelFigure.all())
        .allSatisfy(
            f -> {
              assertThat(f.title()).isNotBlank();
              assertThat(f.source()).isNotBlank();
            });
    assertThat(Coefficient.RELEASE_HEEL.unit()).isEqualTo("°");
    assertThat(new SchoolFigure(School.FREE_TURN, SchoolFigure.Kind.PELVIS_LOW).unit())
        .isEqualTo("°");
    assertThat(Downswing.values())
        .allSatisfy(
            d -> {
              assertThat(d.title()).isNotBlank();
              assertThat(d.idea()).isNotBlank();
              assertThat(d.check()).isNotBlank();
            });
    assertThat(School.values()).allSatisfy(s -> assertThat(s.idea()).isNotBlank());
    assertThat(Club.values()).allSatisfy(c -> assertThat(c.word()).isNotBlank());
    assertThat(LeadRelease.values()).allSatisfy(r -> assertThat(r.word()).isNotBlank());
  }
}
