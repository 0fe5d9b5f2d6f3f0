package loosehip.core.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.link.Level;
import loosehip.core.link.SwingFigure;
import loosehip.core.pivot.School;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PressureReadingTest {
  /** Five rows, a tenth of a second apart, one a moment; all of them right. */
  private static final class Weighed {
    final double[] lead = {0.50, 0.30, 0.60, 0.75, 0.95};
    final double[] leadToe = {0.50, 0.60, 0.50, 0.40, 0.30};
    final double[] trailToe = {0.50, 0.30, 0.45, 0.60, 0.90};
    final double[] seconds = {0, 0.8, 0.95, 1.1, 1.6};
    final Map<PressureMoment, Integer> moments = new EnumMap<>(PressureMoment.class);

    Weighed() {
      for (PressureMoment moment : PressureMoment.values()) {
        moments.put(moment, moment.ordinal());
      }
    }

    PressureTrace trace() {
      return new PressureTrace(seconds, lead, leadToe, trailToe, moments);
    }

    PressureReading read() {
      assertThat(trace().problem()).isEmpty();
      return PressureReading.of(trace(), School.ROTATION_FIRST);
    }

    Map<String, Level> found() {
      return TraceFindings.of(read()).stream()
          .collect(Collectors.toMap(f -> f.what().id(), TraceFinding::level));
    }
  }

  private static boolean inside(Weighed weighed, PressureFigure figure) {
    return weighed.read().check(figure).orElseThrow().inside();
  }

  @Test
  void whatIsRightSuggestsNothing() {
    Weighed right = new Weighed();
    assertThat(right.read().checks()).allMatch(PressureReading.Check::inside).hasSize(7);
    assertThat(right.found()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "0.40, true, ",
    "0.60, true, ",
    "0.39, false, heel-weighted",
    "0.61, false, toe-weighted"
  })
  void addressStandsMidFoot(double toe, boolean inside, String fault) {
    Weighed weighed = new Weighed();
    weighed.leadToe[0] = toe;
    assertThat(inside(weighed, PressureFigure.ADDRESS_LEAD_TOE)).isEqualTo(inside);
    assertThat(weighed.found().keySet())
        .isEqualTo(fault == null ? java.util.Set.of() : java.util.Set.of(fault));
    Weighed other = new Weighed();
    other.trailToe[0] = toe;
    assertThat(inside(other, PressureFigure.ADDRESS_TRAIL_TOE)).isEqualTo(inside);
    assertThat(other.found()).isEqualTo(weighed.found());
  }

  @ParameterizedTest
  @CsvSource({
    "0.55, true, true", "0.54, false, true", "0.45, false, true", "0.44, false, false",
    "0.75, true, true", "0.76, true, false", "0.85, true, false", "0.86, false, false"
  })
  void theTopHasAWindowOfItsOwnInASettledBase(double trail, boolean usual, boolean settled) {
    Weighed weighed = new Weighed();
    weighed.lead[1] = 1 - trail;
    assertThat(inside(weighed, PressureFigure.TOP_TRAIL_SHARE)).isEqualTo(usual);
    assertThat(
            PressureReading.of(weighed.trace(), School.SETTLED_BASE)
                .check(PressureFigure.TOP_TRAIL_SHARE)
                .orElseThrow()
                .inside())
        .isEqualTo(settled);
  }

  @ParameterizedTest
  @CsvSource({"0.49, true", "0.50, false", "0.51, false"})
  void atTheTopTheTrailFootIsOnItsHeel(double toe, boolean inside) {
    Weighed weighed = new Weighed();
    weighed.trailToe[1] = toe;
    assertThat(inside(weighed, PressureFigure.TOP_TRAIL_TOE)).isEqualTo(inside);
  }

  @ParameterizedTest
  @CsvSource({"0.51, true", "0.50, false", "0.49, false"})
  void atTheTopTheLeadFootIsOnItsToes(double toe, boolean inside) {
    Weighed weighed = new Weighed();
    weighed.leadToe[1] = toe;
    assertThat(inside(weighed, PressureFigure.TOP_LEAD_TOE)).isEqualTo(inside);
  }

  @ParameterizedTest
  @CsvSource({"0.55, ", "0.54, slight"})
  void withTheArmLevelTheLeadFootHasMore(double lead, String hangs) {
    Weighed weighed = new Weighed();
    weighed.lead[2] = lead;
    assertThat(weighed.found().get("hang-back")).isEqualTo(hangs == null ? null : Level.SLIGHT);
  }

  @ParameterizedTest
  @CsvSource({"0.90, ", "0.89, slight", "0.80, slight", "0.79, clear"})
  void theFinishStandsOnTheLeadFoot(double lead, String hangs) {
    Weighed weighed = new Weighed();
    weighed.lead[4] = lead;
    Level found = weighed.found().get("hang-back");
    assertThat(found == null ? null : found.id()).isEqualTo(hangs);
    assertThat(TraceFigures.of(weighed.read()).get(SwingFigure.LEAD_AT_FINISH))
        .isEqualTo(lead * 100);
  }

  @ParameterizedTest
  @CsvSource({
    "1, lead, 0.70, false",
    "2, lead, 0.65, false",
    "2, lead, 0.66, true",
    "2, trail, 0.66, true",
    "3, trail, 0.66, true",
    "3, lead, 0.66, true",
    "4, lead, 0.95, false"
  })
  void weightOnAnyToesInStartDownOrImpactFalls(int row, String foot, double toe, boolean falls) {
    Weighed weighed = new Weighed();
    (foot.equals("lead") ? weighed.leadToe : weighed.trailToe)[row] = toe;
    assertThat(weighed.found().containsKey("toe-fall")).isEqualTo(falls);
    if (falls) {
      PressureReading.Toes toes = weighed.read().towardsToes().orElseThrow();
      assertThat(toes.leadFoot()).isEqualTo(foot.equals("lead"));
      assertThat(toes.at()).isEqualTo(weighed.seconds[row]);
    }
  }

  /** Between the marked rows of start down and impact the toes are watched too. */
  @Test
  void theToesAreWatchedFromTheTopToImpact() {
    double[] seconds = {0, 1, 1.1, 1.2, 1.3, 2};
    double[] toe = {0.5, 0.55, 0.5, 0.8, 0.5, 0.5};
    double[] heel = {0.5, 0.3, 0.3, 0.3, 0.3, 0.3};
    double[] lead = {0.5, 0.3, 0.6, 0.7, 0.8, 0.95};
    PressureTrace trace =
        new PressureTrace(
            seconds,
            lead,
            toe,
            heel,
            Map.of(PressureMoment.TOP, 1, PressureMoment.ARM_LEVEL, 2, PressureMoment.IMPACT, 4));
    PressureReading read = PressureReading.of(trace, School.FREE_TURN);
    assertThat(read.towardsToes().orElseThrow().share()).isEqualTo(0.8);
    assertThat(read.checks()).hasSize(4);
  }

  @Test
  void whatIsNotMarkedIsNotChecked() {
    Weighed weighed = new Weighed();
    weighed.moments.keySet().removeAll(List.of(PressureMoment.ARM_LEVEL, PressureMoment.IMPACT));
    assertThat(weighed.read().towardsToes()).isEmpty();
    assertThat(weighed.read().check(PressureFigure.ARM_LEVEL_LEAD_SHARE)).isEmpty();
    weighed.moments.clear();
    assertThat(weighed.trace().problem()).contains(new TraceProblem.NothingMarked());
  }

  @Test
  void whatCannotBeReadIsSaid() {
    Weighed order = new Weighed();
    order.moments.put(PressureMoment.TOP, 3);
    order.moments.put(PressureMoment.IMPACT, 1);
    assertThat(order.trace().problem())
        .contains(
            new TraceProblem.MomentsOutOfOrder(2, PressureMoment.ARM_LEVEL, PressureMoment.TOP));
    Weighed back = new Weighed();
    back.seconds[3] = 0.9;
    assertThat(back.trace().problem()).contains(new TraceProblem.TimeBack(3, 0.95, 0.9));
    Weighed long_ = new Weighed();
    long_.seconds[4] = 120.5;
    assertThat(long_.trace().problem()).contains(new TraceProblem.Length(4, 120.5));
  }

  /** When the clock began changes nothing. */
  @Law(tries = 50)
  void theClockDoesNotMatter(Chance chance) {
    Weighed weighed = new Weighed();
    for (double[] values : List.of(weighed.lead, weighed.leadToe, weighed.trailToe)) {
      Arrays.setAll(values, i -> chance.number(0, 1));
    }
    Map<String, Level> before = weighed.found();
    Arrays.setAll(weighed.seconds, i -> weighed.seconds[i] + 1000);
    assertThat(weighed.found()).isEqualTo(before);
  }
}
