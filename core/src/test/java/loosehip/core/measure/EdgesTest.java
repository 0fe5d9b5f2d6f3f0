package loosehip.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Optional;
import loosehip.core.Screens;
import loosehip.core.body.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every numeric band at its two edges, just below and just above each. */
class EdgesTest {

  @ParameterizedTest(name = "{0}: enough {1}, close {2}, more is better {3}")
  @CsvSource({
    "standing-turn.right.internal, 60, 45, true, 0.1",
    "standing-turn.right.external, 60, 45, true, 0.1",
    "seated-rotation.right.internal, 40, 30, true, 0.1",
    "seated-rotation.right.external, 40, 30, true, 0.1",
    "prone-rotation.right.internal, 40, 30, true, 0.1",
    "prone-rotation.right.external, 40, 30, true, 0.1",
    "hinge-contact, 40, 30, true, 0.1",
    "pelvis-under-chest.total, 30, 18, true, 0.1",
    "side-hip-hold.right, 3, 7, false, 0.1",
    "one-leg-stand.right.open, 20, 10, true, 1",
    "one-leg-stand.right.closed, 8, 4, true, 1",
    "ankle-wall.right, 10, 7, true, 0.1",
    "overhead-reach, 175, 160, true, 0.1",
    "hop-hold.right, 3, 2, true, 1",
    "trunk-turn.right, 45, 35, true, 0.1",
    "front-hold, 45, 20, true, 1",
    "bridge-hold.right, 20, 10, true, 1",
    "leg-extension-short.right, 20, 35, false, 0.1",
    "hip-flexor-length.right, 0, 10, false, 0.1",
  })
  void atJustBelowAndJustAbove(
      String slot, double enough, double close, boolean more, double step) {
    double worse = more ? -step : step;
    assertThat(band(slot, enough)).isEqualTo(Band.ENOUGH);
    assertThat(band(slot, enough - worse)).isEqualTo(Band.ENOUGH);
    assertThat(band(slot, enough + worse)).isEqualTo(Band.CLOSE);
    assertThat(band(slot, close)).isEqualTo(Band.CLOSE);
    assertThat(band(slot, close + worse)).isEqualTo(Band.SHORT);
    boolean between = Math.abs(enough - close) > 1.5 * step;
    assertThat(band(slot, close - worse)).isEqualTo(between ? Band.CLOSE : Band.ENOUGH);
  }

  /** Total of arch and flatten: 15 enough, 8 close. */
  @ParameterizedTest(name = "arch {0}, flatten {1}: {2}")
  @CsvSource({
    "8, 7, ENOUGH",
    "8, 7.1, ENOUGH",
    "8, 6.9, CLOSE",
    "4, 4, CLOSE",
    "4, 4.1, CLOSE",
    "4, 3.9, SHORT",
  })
  void theTwoWaysOfTheTilt(double arch, double flatten, Band band) {
    Screen screen =
        Screens.of(
            "tilt-control.arch "
                + arch
                + "; tilt-control.flatten "
                + flatten
                + "; tilt-control.quality smooth");
    assertThat(screen.band(ScreenTest.TILT_CONTROL, Optional.empty())).isEqualTo(band);
  }

  @Test
  void everyNumericSlotIsInTheTableAbove() {
    long slots =
        Arrays.stream(ScreenTest.values())
            .flatMap(t -> TestCard.of(t, Side.RIGHT).stream())
            .filter(c -> c.numbers().isPresent())
            .filter(c -> c.side().filter(s -> s == Side.LEFT).isEmpty())
            .count();
    // 19 rows, tilt control's two parts, and the chest-held repeat that has no band of its own
    assertThat(slots).isEqualTo(19 + 2 + 1);
  }

  private static Band band(String key, double value) {
    Slot slot = Slot.parse(key).orElseThrow();
    return Screens.of(key + " " + value).measurement(slot).orElseThrow().band();
  }
}
