package loosehip.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LowPassTest {
  /** A sine in the middle of a long recording keeps what the closed form says, without delay. */
  @ParameterizedTest
  @CsvSource({
    "100, 10, 2",
    "100, 10, 10",
    "100, 10, 25",
    "50, 10, 5",
    "1000, 10, 10",
    "240, 10, 3"
  })
  void keepsOfASineWhatItsResponseSays(double hz, double cutOff, double frequency) {
    int n = (int) (8 * hz);
    double[] sine = new double[n];
    for (int i = 0; i < n; i++) {
      sine[i] = Math.sin(2 * Math.PI * frequency * i / hz + 0.3);
    }
    double[] smooth = new LowPass(hz, cutOff).smooth(sine);
    double ratio = Math.tan(Math.PI * frequency / hz) / Math.tan(Math.PI * cutOff / hz);
    double keeps = 1 / (1 + Math.pow(ratio, 4));
    for (int i = n / 4; i < 3 * n / 4; i++) {
      assertThat(smooth[i]).isCloseTo(keeps * sine[i], within(1e-6));
    }
  }

  /** What is straight stays straight to its very ends: that is what odd reflection is for. */
  @Test
  void leavesALineAlone() {
    double[] line = new double[60];
    for (int i = 0; i < line.length; i++) {
      line[i] = 7 - 0.4 * i;
    }
    double[] smooth = new LowPass(100, 10).smooth(line);
    for (int i = 0; i < line.length; i++) {
      assertThat(smooth[i]).isCloseTo(line[i], within(1e-3));
    }
    assertThat(new LowPass(100, 10).smooth(new double[] {3})).containsExactly(3);
  }

  @Test
  void readBackwardsItSaysTheSameBackwards() {
    double[] bump = new double[400];
    for (int i = 150; i < 190; i++) {
      bump[i] = i % 7;
    }
    double[] back = new double[400];
    for (int i = 0; i < 400; i++) {
      back[i] = bump[399 - i];
    }
    double[] one = new LowPass(200, 10).smooth(bump);
    double[] other = new LowPass(200, 10).smooth(back);
    for (int i = 0; i < 400; i++) {
      assertThat(other[i]).isCloseTo(one[399 - i], within(1e-6));
    }
  }
}
