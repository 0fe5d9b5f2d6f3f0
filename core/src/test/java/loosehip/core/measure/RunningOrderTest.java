package loosehip.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RunningOrderTest {
  private static final List<TestCard> CARDS = RunningOrder.HIPS.cards(Handed.RIGHT);

  @Test
  void nobodyGetsUpAndDownTwice() {
    List<Position> positions = CARDS.stream().map(c -> c.test().position()).distinct().toList();
    assertThat(positions)
        .containsExactly(Position.STANDING, Position.SEATED, Position.FACE_DOWN, Position.ON_BACK);
    assertThat(CARDS.stream().map(c -> c.test().position())).isSorted();
  }

  @Test
  void theTrailSideComesFirst() {
    assertThat(CARDS.get(0).key()).isEqualTo("standing-turn.right.internal");
    assertThat(RunningOrder.HIPS.cards(Handed.LEFT).get(0).key())
        .isEqualTo("standing-turn.left.internal");
    assertThat(CARDS).hasSize(21).doesNotHaveDuplicates();
  }

  @ParameterizedTest(name = "{1}: {2} taken, {3} minutes left")
  @CsvSource(
      delimiter = '|',
      value = {
        "nothing | | 0 | 14",
        "one of four | standing-turn.left.internal 50 | 1 | 14",
        "all standing turns | standing-turn.left.internal 50; standing-turn.right.internal 50; standing-turn.left.external 50; standing-turn.right.external 50 | 4 | 12",
        "half of glute | glute-switch.left.tall yes | 0 | 14",
        "one side of glute | glute-switch.left.tall yes; glute-switch.left.hinged no | 1 | 14",
        "void only | hinge-contact (40) | 0 | 14",
      })
  void whatIsTakenAndWhatIsLeft(String name, String sheet, int taken, int minutes) {
    Screen screen = Screens.of(sheet == null ? "" : sheet);
    assertThat(RunningOrder.HIPS.taken(screen, Handed.RIGHT)).isEqualTo(taken);
    assertThat(RunningOrder.HIPS.minutesLeft(screen, Handed.RIGHT)).isEqualTo(minutes);
  }

  @Test
  void everyTestHasCardsWhoseSlotsExist() {
    for (ScreenTest test : ScreenTest.values()) {
      for (TestCard card : TestCard.of(test, Handed.RIGHT)) {
        assertThat(card.numbers().isPresent() || !card.words().isEmpty()).as(card.key()).isTrue();
        card.numbers().ifPresent(s -> assertThat(Slot.parse(s.key())).contains(s));
        card.words().forEach(s -> assertThat(test.words(s.part())).isNotEmpty());
        card.numbers().ifPresent(s -> assertThat(test.words(s.part())).isEmpty());
      }
    }
  }

  @Test
  void aSlotThatDoesNotFitItsTestCannotBe() {
    assertThatThrownBy(() -> Slot.of(ScreenTest.TRUNK_TURN)).hasMessageContaining("needs a side");
    assertThatThrownBy(() -> Slot.of(ScreenTest.HINGE_CONTACT, Side.LEFT))
        .hasMessageContaining("has no side");
    assertThatThrownBy(() -> Slot.of(ScreenTest.SEATED_ROTATION, Side.LEFT))
        .hasMessageContaining("recorded in parts");
    assertThatThrownBy(() -> Slot.of(ScreenTest.TRUNK_TURN, Side.LEFT, Part.QUALITY))
        .hasMessageContaining("has no part");
  }

  @Test
  void aSetHoldsFiveTriesAndPainGoesToTen() {
    Slot slot = Slot.of(ScreenTest.HINGE_CONTACT);
    List<Try> six = List.of(Try.of(1), Try.of(1), Try.of(1), Try.of(1), Try.of(1), Try.of(1));
    assertThatThrownBy(() -> new Reading(slot, Optional.empty(), six, Set.of(), Pain.NONE))
        .hasMessageContaining("at most five");
    assertThatThrownBy(() -> new Pain(11, "")).hasMessageContaining("0 to 10");
    assertThat(new Pain(4, "").stops()).isTrue();
    assertThat(new Pain(3, "").stops()).isFalse();
  }

  @ParameterizedTest(name = "{0}: accepts {1}, usual {2}")
  @CsvSource({
    "0, true, false", "90, true, false", "90.1, false, false", "-0.1, false, false",
    "10, true, true", "9.9, true, false", "60, true, true", "60.1, true, false",
  })
  void hardAndUsualRangeOfTheSeatedTurn(double value, boolean accepts, boolean usual) {
    assertThat(ScreenTest.SEATED_ROTATION.range().accepts(value)).isEqualTo(accepts);
    assertThat(ScreenTest.SEATED_ROTATION.range().usual(value)).isEqualTo(usual);
  }
}
