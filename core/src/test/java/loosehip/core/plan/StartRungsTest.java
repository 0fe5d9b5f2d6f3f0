package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Screens;
import loosehip.core.body.Side;
import loosehip.core.measure.ScreenTest;
import loosehip.core.named.Named;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.WarningSign;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StartRungsTest {

  @ParameterizedTest(name = "{0} with {1}: rung {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "hip-turn-floor | seated-rotation.left.internal 19.9 | 1",
        "hip-turn-floor | seated-rotation.left.internal 20 | 2",
        "hip-turn-floor | seated-rotation.left.internal 29.9 | 2",
        "hip-turn-floor | seated-rotation.left.internal 30 | 3",
        "hip-turn-floor | seated-rotation.left.internal 45; prone-rotation.right.internal 15 | 1",
        "hip-turn-floor | trunk-turn.left 40 | 1",
        "hip-turn-standing | one-leg-stand.left.open 25; one-leg-stand.right.open 25 | 3",
        "hip-turn-standing | one-leg-stand.left.open 12 | 1",
        "hip-turn-standing | one-leg-stand.left.open 4; one-leg-stand.right.open 25 | 1",
        "hip-turn-standing | one-leg-stand.left.open 5; one-leg-stand.right.open 25 | 2",
        "hip-turn-standing | one-leg-stand.left.open 10; one-leg-stand.right.open 10 | 3",
        "leg-control | one-leg-stand.left.open 9; one-leg-stand.right.open 10 | 2",
        "leg-control | one-leg-stand.left.open 10; one-leg-stand.right.open 10 | 3",
        "hip-out | seated-rotation.left.external 19; seated-rotation.right.external 40 | 1",
        "hip-out | seated-rotation.left.external 25; seated-rotation.right.external 40 | 2",
        "hip-out | seated-rotation.left.external 30; seated-rotation.right.external 40 | 3",
        "hip-turn-standing | trunk-turn.left 40 | 1",
        "tilt | tilt-control.arch 2; tilt-control.flatten 2; tilt-control.quality smooth | 1",
        "tilt | tilt-control.arch 5; tilt-control.flatten 5; tilt-control.quality smooth | 2",
        "hinge | hinge-contact 25 | 1",
        "hinge | hinge-contact 35 | 2",
        "hinge | hinge-contact 45 | 3",
        "glute-wake | glute-switch.left.tall yes; glute-switch.right.tall yes | 2",
        "glute-wake | glute-switch.left.tall yes; glute-switch.right.tall no | 1",
        "glute-wake | glute-switch.left.tall yes | 1",
        "glute | bridge-hold.left 25; bridge-hold.right 8 | 1",
        "glute | bridge-hold.left 25; bridge-hold.right 25 | 3",
        "side-hip | side-hip-hold.left 5 | 2",
      })
  void theScreenSaysWhereALadderStarts(String ladder, String sheet, int rung) {
    assertThat(StartRungs.of(LadderId.of(ladder), Screens.of(sheet))).isEqualTo(rung);
  }

  @Test
  void laddersHaveNoGapAndKnowTheirRungs() {
    Catalogue.standard()
        .ladders()
        .forEach(
            (ladder, rungs) -> {
              int highest = rungs.get(rungs.size() - 1).rung();
              for (int rung = 1; rung <= highest; rung++) {
                assertThat(Catalogue.standard().exercises(ladder, rung))
                    .as(ladder.id())
                    .isNotEmpty()
                    .hasSizeLessThanOrEqualTo(2);
              }
            });
    assertThat(Catalogue.standard().exercises(LadderId.of("hip-turn-floor"), 9)).isEmpty();
    assertThat(Catalogue.standard().exercises(LadderId.of("no-ladder"), 1)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"three times", "1 x", "x 10, 3", "1 x 10", "1 x 10, 3 each"})
  void aDoseThatCannotBeReadSaysSo(String text) {
    assertThatThrownBy(() -> Dose.parse(text)).hasMessageContaining("Not a dose");
  }

  @ParameterizedTest(name = "{0} minutes, {1} days, {2} weeks")
  @CsvSource({"0, 5, 6", "121, 5, 6", "15, 0, 6", "15, 8, 6", "15, 5, 3", "15, 5, 9"})
  void wishesStayInTheirRange(int minutes, int days, int weeks) {
    assertThatThrownBy(() -> new Wishes(minutes, days, weeks, LocalDate.EPOCH, Set.of()))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void retestAndHalfWayFollowTheStart() {
    Wishes wishes = new Wishes(15, 5, 8, LocalDate.of(2027, 1, 11), Set.of());
    assertThat(wishes.retest()).isEqualTo(LocalDate.of(2027, 3, 8));
    assertThat(wishes.halfWay()).isEqualTo(LocalDate.of(2027, 2, 1));
  }

  @Test
  void hopsNeedAGolferWithoutAnyCaution() {
    Optional<Side> left = Optional.of(Side.LEFT);
    Health careful = Health.of(Set.of(), List.of(NotedCaution.of(Caution.WRIST, Side.RIGHT)));
    assertThat(Health.CLEAR.blocks(ScreenTest.HOP_HOLD, left, Optional.empty())).isEmpty();
    assertThat(careful.blocks(ScreenTest.HOP_HOLD, left, Optional.empty())).isPresent();
    assertThat(careful.blocks(ScreenTest.TRUNK_TURN, left, Optional.empty())).isEmpty();
  }

  @Test
  void cautionsKnowTheirSideAndSurviveMirroring() {
    NotedCaution noted = NotedCaution.of(Caution.INNER_KNEE, Side.LEFT);
    Health health = Health.of(Set.of(WarningSign.HOT_JOINT), List.of(noted));
    assertThat(health.refer()).isTrue();
    assertThat(noted.concerns(Side.LEFT)).isTrue();
    assertThat(noted.concerns(Side.RIGHT)).isFalse();
    assertThat(health.mirrored().cautions().get(0).concerns(Side.RIGHT)).isTrue();
    assertThat(health.mirrored().mirrored()).isEqualTo(health);
    assertThat(health.active(Caution.BACK)).isFalse();
    for (Caution caution : Caution.values()) {
      assertThat(Named.parse(Caution.class, caution.id())).contains(caution);
      assertThat(caution.consequence()).isNotBlank();
    }
    for (WarningSign sign : WarningSign.values()) {
      assertThat(Named.parse(WarningSign.class, sign.id())).contains(sign);
      assertThat(sign.question()).endsWith("?");
    }
  }
}
