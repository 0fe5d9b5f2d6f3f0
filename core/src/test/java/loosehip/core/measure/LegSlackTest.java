package loosehip.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import loosehip.core.Screens;
import loosehip.core.body.Side;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LegSlackTest {

  @ParameterizedTest(name = "standing {0}, {1}: {2} {3}")
  @CsvSource({
    "60, prone-rotation.left.internal 39, LARGE, 21",
    "60, prone-rotation.left.internal 40, USUAL, 20",
    "50, prone-rotation.left.internal 45, USUAL, 5",
    "50, prone-rotation.left.internal 45.1, SMALL, 4.9",
    "44, prone-rotation.left.internal 40, CONTROL, 4",
    "45, prone-rotation.left.internal 41, SMALL, 4",
    "55, seated-rotation.left.internal 42, USUAL, 13",
    "60, seated-rotation.left.internal 20; prone-rotation.left.internal 45, USUAL, 15",
  })
  void theWholeLegAgainstTheHip(double standing, String hip, LegSlack.Kind kind, double degrees) {
    LegSlack slack =
        LegSlack.of(
                Screens.of("standing-turn.left.internal " + standing + "; " + hip),
                Side.LEFT,
                Direction.INTERNAL)
            .orElseThrow();
    assertThat(slack.kind()).isEqualTo(kind);
    assertThat(slack.degrees()).isCloseTo(degrees, Assertions.within(1e-9));
  }

  @Test
  void withoutBothNothingIsSaid() {
    Screen screen =
        Screens.of("standing-turn.left.internal 60; seated-rotation.left.internal 20 p5");
    assertThat(LegSlack.of(screen, Side.LEFT, Direction.INTERNAL)).isEmpty();
  }

  @ParameterizedTest(name = "{0}: {1} first")
  @CsvSource({
    "trunk-turn.left 30; trunk-turn.right 50, LEFT",
    "trunk-turn.left 47; trunk-turn.right 46, RIGHT",
    "side-hip-hold.left 1; side-hip-hold.right 3, RIGHT",
    "glute-switch.left.tall yes; glute-switch.left.hinged no; glute-switch.right.tall yes;"
        + " glute-switch.right.hinged yes, LEFT",
    "trunk-turn.left 46; trunk-turn.right 46, ",
    "trunk-turn.left 46, ",
  })
  void theWeakerSuspectByEarlierResults(String sheet, Side side) {
    Screen screen = Screens.of(sheet);
    Map<ScreenTest, Side> weaker = WeakerSide.of(screen);
    ScreenTest test = Slot.parse(sheet.split(" ")[0]).orElseThrow().test();
    assertThat(Optional.ofNullable(weaker.get(test))).isEqualTo(Optional.ofNullable(side));
    assertThat(Optional.ofNullable(WeakerSide.of(screen.mirrored()).get(test)))
        .isEqualTo(Optional.ofNullable(side).map(Side::other));
  }

  @Test
  void aPracticesOwnEdgesReplaceTheShippedOnes() {
    Slot slot = Slot.parse("seated-rotation.left.internal").orElseThrow();
    Screen shipped = Screens.of("seated-rotation.left.internal 36; one-leg-stand.left.closed 9");
    Screen own =
        Screen.of(
            shipped.readings(),
            Map.of(),
            new BandScales(
                Map.of(
                    "seated-rotation", BandScale.atLeast(35, 25),
                    "one-leg-stand.closed", BandScale.atLeast(12, 9))));
    assertThat(shipped.measurement(slot).orElseThrow().band()).isEqualTo(Band.CLOSE);
    assertThat(own.measurement(slot).orElseThrow().band()).isEqualTo(Band.ENOUGH);
    assertThat(own.band(ScreenTest.ONE_LEG_STAND, Optional.of(Side.LEFT))).isEqualTo(Band.CLOSE);
    assertThat(own.mirrored().measurement(slot.mirrored()).orElseThrow().band())
        .isEqualTo(Band.ENOUGH);
  }
}
