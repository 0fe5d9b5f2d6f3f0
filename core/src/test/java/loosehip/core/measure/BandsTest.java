package loosehip.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Optional;
import loosehip.core.Screens;
import loosehip.core.body.Side;
import loosehip.core.named.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BandsTest {

  @ParameterizedTest(name = "{0} is {1}")
  @CsvSource({
    "seated-rotation.left.internal 40, ENOUGH",
    "seated-rotation.left.internal 39.9, CLOSE",
    "seated-rotation.left.internal 30, CLOSE",
    "seated-rotation.left.internal 29.9, SHORT",
    "prone-rotation.left.external 40, ENOUGH",
    "prone-rotation.left.external 29.9, SHORT",
    "standing-turn.left.internal 60, ENOUGH",
    "standing-turn.left.internal 59.9, CLOSE",
    "standing-turn.left.internal 45, CLOSE",
    "standing-turn.left.internal 44.9, SHORT",
    "hinge-contact 40, ENOUGH",
    "hinge-contact 39.9, CLOSE",
    "hinge-contact 30, CLOSE",
    "hinge-contact 29.9, SHORT",
    "trunk-turn.left 45, ENOUGH",
    "trunk-turn.left 44.9, CLOSE",
    "trunk-turn.left 35, CLOSE",
    "trunk-turn.left 34.9, SHORT",
    "bridge-hold.left 20, ENOUGH",
    "bridge-hold.left 19, CLOSE",
    "bridge-hold.left 10, CLOSE",
    "bridge-hold.left 9, SHORT",
    "bridge-hold.left 10; bridge-hold.left.limit yes, NOT_MEASURED",
    "bridge-hold.left 20; bridge-hold.left.limit yes, ENOUGH",
    "bridge-hold.left 9; bridge-hold.left.limit no, SHORT",
    "front-hold 10; front-hold.limit yes, NOT_MEASURED",
    "side-hip-hold.left 3, ENOUGH",
    "side-hip-hold.left 3.1, CLOSE",
    "side-hip-hold.left 7, CLOSE",
    "side-hip-hold.left 7.1, SHORT",
    "leg-extension-short.left 20, ENOUGH",
    "leg-extension-short.left 35, CLOSE",
    "leg-extension-short.left 35.1, SHORT",
    "hip-flexor-length.left 0, ENOUGH",
    "hip-flexor-length.left -5, ENOUGH",
    "hip-flexor-length.left 0.1, CLOSE",
    "hip-flexor-length.left 10.1, SHORT",
    "overhead-reach 175, ENOUGH",
    "overhead-reach 160, CLOSE",
    "overhead-reach 159.9, SHORT",
    "ankle-wall.left 10, ENOUGH",
    "ankle-wall.left 7, CLOSE",
    "ankle-wall.left 6.9, SHORT",
    "front-hold 45, ENOUGH",
    "front-hold 20, CLOSE",
    "front-hold 19, SHORT",
    "hop-hold.left 3, ENOUGH",
    "hop-hold.left 2, CLOSE",
    "hop-hold.left 1, SHORT",
    "one-leg-stand.left.open 20, ENOUGH",
    "one-leg-stand.left.open 10, CLOSE",
    "one-leg-stand.left.open 9, SHORT",
    "one-leg-stand.left.closed 8, ENOUGH",
    "one-leg-stand.left.closed 4, CLOSE",
    "one-leg-stand.left.closed 3, SHORT",
    "one-leg-stand.left.open 25; one-leg-stand.left.closed 3, SHORT",
    "glute-switch.left.tall yes; glute-switch.left.hinged yes, ENOUGH",
    "glute-switch.left.tall yes; glute-switch.left.hinged no, CLOSE",
    "glute-switch.left.tall no; glute-switch.left.hinged no, SHORT",
    "glute-switch.left.tall yes, NOT_MEASURED",
    "tilt-control.arch 8; tilt-control.flatten 7; tilt-control.quality smooth, ENOUGH",
    "tilt-control.arch 8; tilt-control.flatten 7; tilt-control.quality juddering, CLOSE",
    "tilt-control.arch 4; tilt-control.flatten 4; tilt-control.quality smooth, CLOSE",
    "tilt-control.arch 4; tilt-control.flatten 3.9; tilt-control.quality smooth, SHORT",
    "tilt-control.arch 9; tilt-control.flatten 9; tilt-control.quality none, SHORT",
    "pelvis-under-chest.total 30; pelvis-under-chest.quality smooth, ENOUGH",
    "pelvis-under-chest.total 18, CLOSE",
    "pelvis-under-chest.total 17.9, SHORT",
    "squat-depth parallel, ENOUGH",
    "squat-depth partial, CLOSE",
    "squat-depth not, SHORT",
    "reach-down.left foot, ENOUGH",
    "reach-down.left foot; reach-down.left.drift yes, CLOSE",
    "reach-down.left shin, CLOSE",
    "reach-down.left knee, SHORT",
    "knee-track.left yes, ENOUGH",
    "knee-track.left no, SHORT",
    "seated-rotation.left.internal 20 p4, NOT_MEASURED",
    "seated-rotation.left.internal 20 p3, SHORT",
  })
  void bandAtJustBelowAndJustAboveEachEdge(String sheet, Band band) {
    ScreenTest test = Named.parse(ScreenTest.class, sheet.split("[. ]")[0]).orElseThrow();
    Optional<Side> side = test.sided() ? Optional.of(Side.LEFT) : Optional.empty();
    assertThat(Screens.of(sheet).band(test, side)).isEqualTo(band);
  }

  @ParameterizedTest(name = "in {0}, out {1}: {2}")
  @CsvSource({
    "30, 34.9, SMALL",
    "30, 35, BALANCED",
    "25, 45, OUT_SHIFTED",
    "25.1, 45, BALANCED",
    "45, 25, IN_SHIFTED",
    "24, 45, BALANCED",
    "40, 44, BALANCED",
  })
  void arcPatterns(double in, double out, ArcPattern pattern) {
    assertThat(ArcPattern.of(in, out)).isEqualTo(pattern);
  }

  @Test
  void arcPatternPrefersFaceDown() {
    Screen screen =
        Screens.of(
            """
            prone-rotation.left.internal 20
            prone-rotation.left.external 55
            seated-rotation.left.internal 40
            seated-rotation.left.external 40
            """);
    assertThat(screen.arcPattern(Side.LEFT)).contains(ArcPattern.OUT_SHIFTED);
    assertThat(screen.arcPattern(Side.RIGHT)).isEmpty();
  }

  @Test
  void everySlotKeyReadsBackAndNothingElseDoes() {
    for (ScreenTest test : ScreenTest.values()) {
      Optional<Side> side = test.sided() ? Optional.of(Side.RIGHT) : Optional.empty();
      for (Part part : test.parts()) {
        Slot slot = new Slot(test, side, Optional.of(part));
        assertThat(Slot.parse(slot.key())).contains(slot);
      }
    }
    assertThat(
            Arrays.asList(
                "seated-rotation.left",
                "seated-rotation.internal",
                "sit-ups",
                "trunk-turn.left.internal",
                "hinge-contact.left",
                "",
                "seated-rotation.left.internal.x"))
        .allSatisfy(key -> assertThat(Slot.parse(key)).isEmpty());
  }
}
