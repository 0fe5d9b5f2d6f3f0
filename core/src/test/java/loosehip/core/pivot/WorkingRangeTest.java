package loosehip.core.pivot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import loosehip.core.Screens;
import loosehip.core.Setups;
import loosehip.core.body.Side;
import loosehip.core.measure.Band;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Normal;
import loosehip.core.named.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WorkingRangeTest {

  /** One try by inclinometer has variance 13; hip bend 45 weighs face-down and seated alike. */
  @ParameterizedTest(name = "{0} at bend {1}, tilt {2}: hip {3}, slack {4}, variance {5}")
  @CsvSource(
      delimiter = '|',
      value = {
        // both positions, slack assumed: 13 + 25
        "prone-rotation.right.internal 30; seated-rotation.right.internal 40 | 45 | 0 | 35 | 10 | 38",
        "prone-rotation.right.internal 30; seated-rotation.right.internal 40 | 0 | 0 | 30 | 10 | 38",
        "prone-rotation.right.internal 30; seated-rotation.right.internal 40 | 90 | 0 | 40 | 10 | 38",
        // one position: + 16
        "seated-rotation.right.internal 40 | 45 | 0 | 40 | 10 | 54",
        "prone-rotation.right.internal 30 | 45 | 0 | 30 | 10 | 54",
        // standing alone: less 15, + 36, slack assumed
        "standing-turn.right.internal 50 | 45 | 0 | 35 | 10 | 74",
        // slack measured against face-down: 9 instead of 25
        "prone-rotation.right.internal 30; standing-turn.right.internal 48 | 45 | 0 | 30 | 18 | 38",
        // slack against the working range when only seated
        "seated-rotation.right.internal 40; standing-turn.right.internal 48 | 45 | 0 | 40 | 8 | 38",
        // slack is never negative and never above 25
        "seated-rotation.right.internal 40; standing-turn.right.internal 30 | 45 | 0 | 40 | 0 | 38",
        "seated-rotation.right.internal 20; standing-turn.right.internal 70 | 45 | 0 | 20 | 25 | 38",
        // arching takes 0.6 a degree, tucking gives 0.5, both within 10
        "seated-rotation.right.internal 40 | 45 | 8 | 35.2 | 10 | 54",
        "seated-rotation.right.internal 40 | 45 | 30 | 30 | 10 | 54",
        "seated-rotation.right.internal 40 | 45 | -8 | 44 | 10 | 54",
        "seated-rotation.right.internal 40 | 45 | -30 | 50 | 10 | 54",
      })
  void whatTheHipGivesAtItsOwnBend(
      String sheet, double bend, double tilt, double hip, double slack, double variance) {
    WorkingRange range = range(sheet, bend, tilt, Direction.INTERNAL);
    assertThat(range.hip()).isCloseTo(hip, within(1e-9));
    assertThat(range.slack()).isCloseTo(slack, within(1e-9));
    assertThat(range.variance()).isCloseTo(variance, within(1e-9));
    assertThat(range.total()).isCloseTo(hip + slack, within(1e-9));
    assertThat(range.slackMeasured())
        .isEqualTo(sheet.contains("standing-turn") && sheet.contains("rotation"));
  }

  @Test
  void tiltLeavesOutwardTurnAlone() {
    assertThat(range("seated-rotation.right.external 40", 45, 20, Direction.EXTERNAL).hip())
        .isEqualTo(40);
  }

  @ParameterizedTest(name = "margin {0}: {1}, {2}, {3}")
  @CsvSource({
    "5, ENOUGH, likely enough",
    "4.99, CLOSE, likely enough",
    "0.2, CLOSE, could be either",
    "-4.99, CLOSE, likely short",
    "-5, SHORT, likely short",
    "-29, SHORT, almost surely short",
    "30, ENOUGH, almost surely enough",
  })
  void marginsInBandsAndChances(double degrees, Band band, String chance) {
    Margin margin = Margin.of(degrees, 38, 5);
    assertThat(margin.band()).isEqualTo(band);
    assertThat(margin.shortChance().words()).isEqualTo(chance);
  }

  @ParameterizedTest(name = "Φ({0}) = {1}")
  @CsvSource({"0, 0.5", "1, 0.8413447", "-1, 0.1586553", "1.96, 0.9750021", "-3, 0.0013499"})
  void theNormalDistribution(double z, double p) {
    assertThat(Normal.cumulative(z)).isCloseTo(p, within(1e-6));
  }

  @ParameterizedTest(name = "rounding {0}, tilt {1}: {2}")
  @CsvSource({
    "15, 5, 1",
    "28, 0, 0.844",
    "10, 8, 0.964",
    "0, -10, 1",
    "0, -20, 0.92",
    "60, 20, 0.6",
  })
  void postureTakesFromTheTrunk(double rounding, double tilt, double factor) {
    Setup setup = Setups.of(40, tilt, rounding, 0, 0, 0, 0, 0, LeadRelease.HELD, Club.DRIVER);
    assertThat(Coefficients.SHIPPED.posture(setup)).isCloseTo(factor, within(1e-9));
  }

  @ParameterizedTest(name = "{0} with a {1}: {2}")
  @CsvSource({"FREE_TURN, DRIVER, 95", "FREE_TURN, IRON, 90", "ROTATION_FIRST, WEDGE, 75"})
  void shorterClubsAskForLessTurn(School school, Club club, double target) {
    assertThat(school.shipped().shoulders(club)).isEqualTo(target);
    assertThat(Named.parse(School.class, school.id())).contains(school);
    assertThat(Named.parse(Club.class, club.id())).contains(club);
  }

  private static WorkingRange range(String sheet, double bend, double tilt, Direction direction) {
    Setup setup = Setups.of(bend, tilt, 0, 0, 0, 0, 0, 0, LeadRelease.HELD, Club.DRIVER);
    return WorkingRange.of(Screens.of(sheet), Side.RIGHT, direction, setup, Coefficients.SHIPPED)
        .orElseThrow();
  }
}
