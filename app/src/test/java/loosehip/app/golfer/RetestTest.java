package loosehip.app.golfer;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import loosehip.app.store.GolferFile;
import loosehip.core.measure.Slot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When what was measured last time may be seen again. */
class RetestTest {
  private static final Slot TURN = Slot.parse("seated-rotation.right.internal").orElseThrow();

  private static GolferFile file(String slot, int tries) {
    String text = tries == 0 ? "consent=1" : "try " + slot + " 24".repeat(tries);
    return GolferText.of(text, LocalDate.of(2026, 11, 25), List.of());
  }

  @ParameterizedTest(name = "{0} tries then, {1} now: {2}")
  @CsvSource({
    "3, 0, false",
    "3, 2, false",
    "3, 3, true",
    "5, 3, true",
    "1, 1, true",
    "1, 0, false",
    "2, 1, false",
    "2, 2, true",
    "0, 1, true",
  })
  void aSetIsWholeAsLastTimesWasAndAtThreeAtTheLatest(int then, int now, boolean whole) {
    assertThat(Retest.whole(file(TURN.key(), now), file(TURN.key(), then).tries(), TURN))
        .isEqualTo(whole);
  }

  @Test
  void aTestTakenOnceIsWholeWithOne() {
    Slot hold = Slot.parse("bridge-hold.right").orElseThrow();
    assertThat(Retest.whole(file(hold.key(), 1), file(hold.key(), 3).tries(), hold)).isTrue();
  }
}
