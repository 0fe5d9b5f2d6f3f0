package loosehip.core.incline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.measure.ScreenTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class InclineAxisTest {
  /** The three angles a browser tells of a phone turned by a rotation matrix. */
  private static Orientation told(double[][] r) {
    double beta = Math.asin(Math.max(-1, Math.min(1, r[2][1])));
    double gamma = Math.atan2(-r[2][0], r[2][2]);
    double alpha = Math.atan2(-r[0][1], r[1][1]);
    if (r[2][2] < 0) {
      // Face down: browsers keep gamma within ±90 and turn beta over.
      gamma = Math.atan2(r[2][0], -r[2][2]);
      beta = (beta >= 0 ? Math.PI : -Math.PI) - beta;
      alpha = Math.atan2(r[0][1], -r[1][1]);
    }
    return new Orientation(Math.toDegrees(alpha), Math.toDegrees(beta), Math.toDegrees(gamma));
  }

  private static double[][] times(double[][] a, double[][] b) {
    double[][] c = new double[3][3];
    for (int i = 0; i < 3; i++) {
      for (int j = 0; j < 3; j++) {
        for (int k = 0; k < 3; k++) {
          c[i][j] += a[i][k] * b[k][j];
        }
      }
    }
    return c;
  }

  private static double[][] aboutX(double degrees) {
    double c = Math.cos(Math.toRadians(degrees));
    double s = Math.sin(Math.toRadians(degrees));
    return new double[][] {{1, 0, 0}, {0, c, -s}, {0, s, c}};
  }

  private static double[][] aboutY(double degrees) {
    double c = Math.cos(Math.toRadians(degrees));
    double s = Math.sin(Math.toRadians(degrees));
    return new double[][] {{c, 0, s}, {0, 1, 0}, {-s, 0, c}};
  }

  private static double[][] aboutZ(double degrees) {
    double c = Math.cos(Math.toRadians(degrees));
    double s = Math.sin(Math.toRadians(degrees));
    return new double[][] {{c, -s, 0}, {s, c, 0}, {0, 0, 1}};
  }

  /** Upright, screen to the trainer, swung in the plane of the screen, whichever way it faces. */
  @Law(tries = 60)
  void aShankThatSwingsByAnAngleReadsThatAngle(Chance chance) {
    double[][] facing = aboutZ(chance.number(-180, 180));
    double swing = chance.number(-60, 60);
    double[][] plumb = times(facing, aboutX(90));
    double[][] swung = times(times(facing, aboutY(swing)), aboutX(90));
    double zero = InclineAxis.SHANK.of(told(plumb));
    assertThat(InclineAxis.apart(InclineAxis.SHANK.of(told(swung)), zero))
        .isCloseTo(Math.abs(swing), within(1e-6));
  }

  /** Bent forward about the phone's short side: a trunk that inclines. */
  @Law(tries = 60)
  void aTrunkThatBendsByAnAngleReadsThatAngle(Chance chance) {
    double[][] facing = aboutZ(chance.number(-180, 180));
    double bend = chance.number(-80, 80);
    double zero = InclineAxis.TRUNK.of(told(times(facing, aboutX(90))));
    double bent = InclineAxis.TRUNK.of(told(times(facing, aboutX(90 + bend))));
    assertThat(InclineAxis.apart(bent, zero)).isCloseTo(Math.abs(bend), within(1e-6));
  }

  /** Flat, or tilted by less than 70°, and turned about the vertical: a shaft across the hips. */
  @Law(tries = 60)
  void aShaftThatTurnsByAnAngleReadsThatAngle(Chance chance) {
    double[][] lies = times(aboutX(chance.number(-60, 60)), aboutY(chance.number(-40, 40)));
    double from = chance.number(-180, 180);
    double turn = chance.number(-170, 170);
    double zero = InclineAxis.SHAFT.of(told(times(aboutZ(from), lies)));
    double turned = InclineAxis.SHAFT.of(told(times(aboutZ(from + turn), lies)));
    assertThat(InclineAxis.apart(turned, zero)).isCloseTo(Math.abs(turn), within(1e-6));
  }

  @ParameterizedTest
  @CsvSource({"10, 350, 20", "-170, 170, 20", "90, -90, 180", "400, 40, 0", "5, 5, 0"})
  void whatLiesApartGoesTheShorterWay(double angle, double zero, double apart) {
    assertThat(InclineAxis.apart(angle, zero)).isCloseTo(apart, within(1e-9));
  }

  @Test
  void everyAngleHasAnAxisAndNothingElseHas() {
    assertThat(InclineAxis.of(ScreenTest.SEATED_ROTATION)).contains(InclineAxis.SHANK);
    assertThat(InclineAxis.of(ScreenTest.TRUNK_TURN)).contains(InclineAxis.SHAFT);
    assertThat(InclineAxis.of(ScreenTest.STANDING_TURN)).contains(InclineAxis.SHAFT);
    assertThat(InclineAxis.of(ScreenTest.HINGE_CONTACT)).contains(InclineAxis.TRUNK);
    assertThat(InclineAxis.of(ScreenTest.ONE_LEG_STAND)).isEmpty();
    assertThat(InclineAxis.SHAFT.drifts()).isTrue();
    assertThat(InclineAxis.SHANK.drifts()).isFalse();
  }
}
