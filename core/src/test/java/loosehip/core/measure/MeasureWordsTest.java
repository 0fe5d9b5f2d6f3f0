package loosehip.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.named.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Bands, arcs, cards, orders and screens by their ids and words, and which are the same. */
class MeasureWordsTest {

  @ParameterizedTest(name = "{0} and {1}: {2}")
  @CsvSource({
    "ENOUGH, CLOSE, CLOSE",
    "CLOSE, ENOUGH, CLOSE",
    "SHORT, CLOSE, SHORT",
    "SHORT, NOT_MEASURED, SHORT",
    "NOT_MEASURED, ENOUGH, ENOUGH",
    "NOT_MEASURED, NOT_MEASURED, NOT_MEASURED",
  })
  void theWorseOfTwoBands(Band one, Band other, Band worse) {
    assertThat(one.worse(other)).isEqualTo(worse);
  }

  @Test
  void aBandSaysItsWordAndWhetherItWillDo() {
    assertThat(Named.parse(Band.class, "not-measured")).contains(Band.NOT_MEASURED);
    assertThat(Band.NOT_MEASURED.word()).isEqualTo("not measured");
    assertThat(Stream.of(Band.values()).filter(Band::atLeastClose))
        .containsExactly(Band.ENOUGH, Band.CLOSE);
  }

  @ParameterizedTest
  @EnumSource(ArcPattern.class)
  void anArcIsNamedAndSaysWhatFollows(ArcPattern arc) {
    assertThat(Named.parse(ArcPattern.class, arc.id())).contains(arc);
    assertThat(arc.word()).isNotBlank();
    assertThat(arc.named()).startsWith("a ");
    assertThat(arc.follows()).isNotBlank();
    assertThat(arc.named().contains("shifted")).isEqualTo(arc.shifted());
  }

  @Test
  void everyCardAndSlotIsFoundByItsKeyAndNoOther() {
    for (ScreenTest test : ScreenTest.values()) {
      assertThat(test.title()).isNotBlank();
      for (TestCard card : TestCard.of(test, Handed.RIGHT)) {
        assertThat(TestCard.parse(card.key())).contains(card);
        card.numbers().ifPresent(slot -> assertThat(Slot.parse(slot.toString())).contains(slot));
      }
    }
    for (String none : new String[] {"", "nonsense", "trunk-turn", "trunk-turn.middle", "."}) {
      assertThat(TestCard.parse(none)).as(none).isEmpty();
    }
  }

  @Test
  void ordersAreKnownByTheirIds() {
    assertThat(RunningOrder.parse("quick")).contains(RunningOrder.QUICK);
    assertThat(RunningOrder.parse("full")).contains(RunningOrder.FULL);
    assertThat(RunningOrder.parse("nonsense")).isEmpty();
    assertThat(RunningOrder.known("quick")).isTrue();
    assertThat(RunningOrder.known(RunningOrder.BY_COMPLAINT)).isTrue();
    assertThat(RunningOrder.known(RunningOrder.OWN)).isTrue();
    assertThat(RunningOrder.known("nonsense")).isFalse();
  }

  @Test
  void threeTestsMeasureHipTurnAndOnlyAnglesHaveWaysOfReading() {
    Set<ScreenTest> turns =
        Stream.of(ScreenTest.values())
            .filter(ScreenTest::measuresHipTurn)
            .collect(Collectors.toSet());
    assertThat(turns)
        .containsExactlyInAnyOrder(
            ScreenTest.STANDING_TURN, ScreenTest.SEATED_ROTATION, ScreenTest.PRONE_ROTATION);
    for (ScreenTest test : ScreenTest.values()) {
      assertThat(test.methods().isEmpty()).as(test.id()).isEqualTo(test.unit() != Unit.DEGREES);
    }
    assertThat(ScreenTest.STANDING_TURN.methods()).first().isEqualTo(Method.CLUB_ANGLE);
  }

  @Test
  void screensAreTheSameByWhatWasRecorded() {
    String sheet = "trunk-turn.right 40; glute-switch.left.tall yes";
    Screen screen = Screens.of(sheet);
    assertThat(screen).isEqualTo(Screens.of(sheet)).hasSameHashCodeAs(Screens.of(sheet));
    assertThat(screen)
        .isNotEqualTo(Screens.of("trunk-turn.right 41; glute-switch.left.tall yes"))
        .isNotEqualTo(Screens.of("trunk-turn.right 40; glute-switch.left.tall no"))
        .isNotEqualTo(Screens.of("trunk-turn.right 40"))
        .isNotEqualTo(sheet);
    assertThat(screen.hashCode()).isNotZero();
    assertThat(screen.words())
        .isEqualTo(Map.of(Slot.of(ScreenTest.GLUTE_SWITCH, Side.LEFT, Part.TALL), "yes"));
    assertThat(screen.mirrored().mirrored()).isEqualTo(screen);
  }

  @Test
  void whatWasTakenIsTakenOnItsSideOnly() {
    Screen screen = Screens.of("trunk-turn.right 40; trunk-turn.left (40); squat-depth partial");
    assertThat(screen.taken(ScreenTest.TRUNK_TURN, Optional.of(Side.RIGHT))).isTrue();
    assertThat(screen.taken(ScreenTest.TRUNK_TURN, Optional.of(Side.LEFT))).isFalse();
    assertThat(screen.taken(ScreenTest.SQUAT_DEPTH, Optional.empty())).isTrue();
    assertThat(screen.taken(ScreenTest.SEATED_ROTATION, Optional.of(Side.RIGHT))).isFalse();
  }
}
