package loosehip.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.core.body.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class SlotTest {

  /** Every slot a test can have, tried by brute force over sides and parts. */
  private static List<Slot> slots(ScreenTest test) {
    List<Slot> slots = new ArrayList<>();
    List<Optional<Side>> sides =
        List.of(Optional.empty(), Optional.of(Side.LEFT), Optional.of(Side.RIGHT));
    for (Optional<Side> side : sides) {
      List<Optional<Part>> parts = new ArrayList<>(List.of(Optional.empty()));
      for (Part part : Part.values()) {
        parts.add(Optional.of(part));
      }
      for (Optional<Part> part : parts) {
        try {
          slots.add(new Slot(test, side, part));
        } catch (IllegalArgumentException notASlot) {
          // most are none
        }
      }
    }
    return slots;
  }

  @ParameterizedTest
  @EnumSource(ScreenTest.class)
  void everySlotIsReadBackFromItsKeyAndMirroredTwiceIsItself(ScreenTest test) {
    List<Slot> slots = slots(test);
    assertThat(slots).isNotEmpty();
    for (Slot slot : slots) {
      assertThat(Slot.parse(slot.key())).contains(slot);
      assertThat(slot.mirrored().mirrored()).isEqualTo(slot);
      assertThat(slot.mirrored().equals(slot)).isEqualTo(slot.side().isEmpty());
      assertThat(slot.side().isPresent()).isEqualTo(test.sided());
    }
    assertThat(slots.stream().map(Slot::key)).doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @CsvSource({
    "seated-rotation.left.internal, INTERNAL",
    "standing-turn.right.external, EXTERNAL",
  })
  void aRotationKnowsItsDirection(String key, Direction direction) {
    assertThat(Slot.parse(key).orElseThrow().direction()).contains(direction);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "nothing",
        "seated-rotation",
        "seated-rotation.left",
        "seated-rotation.middle.internal",
        "seated-rotation.left.sideways",
        "seated-rotation.left.internal.",
        "seated-rotation.left.internal.extra",
        "hinge-contact.left",
        "bridge-hold",
        "glute-switch.left",
      })
  void aKeyThatNamesNoSlotIsNone(String key) {
    assertThat(Slot.parse(key)).isEmpty();
  }

  @Test
  void aSlotThatCannotBeIsRefusedByName() {
    assertThatThrownBy(() -> Slot.of(ScreenTest.HINGE_CONTACT, Side.LEFT))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("hinge-contact");
    assertThatThrownBy(() -> Slot.of(ScreenTest.SEATED_ROTATION, Side.LEFT))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
