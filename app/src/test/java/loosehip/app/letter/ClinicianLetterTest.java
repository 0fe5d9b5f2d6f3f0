package loosehip.app.letter;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.golfer.GolferText;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Account;
import loosehip.app.store.Position;
import org.junit.jupiter.api.Test;

/** What stands in a letter to a clinician, and what never does. */
class ClinicianLetterTest {
  private static final Account WREN =
      new Account(
          "a", "p", "The Shed", "wren", "Wren", "hash", Position.OWNER, false, Optional.empty());

  private static ClinicianLetter letter(String golfer) {
    return ClinicianLetter.of(
        Workup.of(GolferText.of(golfer), GolferText.TODAY), WREN, "", GolferText.TODAY);
  }

  @Test
  void whatWasMeasuredIsToldWithSideErrorTriesAndMethod() {
    ClinicianLetter letter =
        letter(
            "consent=1; asked; who.birth-year=1961;"
                + " try seated-rotation.left.internal 24 26 25; try squat-depth partial;"
                + " pain.seated-rotation.left.internal=3 front of the hip");
    assertThat(letter.born()).isEqualTo("born 1961");
    assertThat(letter.measured())
        .anySatisfy(
            l -> {
              assertThat(l.side()).isEqualTo("left");
              assertThat(l.value()).matches("25\\.0° ± \\d\\.\\d");
              assertThat(l.how()).isEqualTo("mean of 3 tries, inclinometer");
            })
        .anySatisfy(l -> assertThat(l.value()).isEqualTo("partial"));
    assertThat(letter.noticed())
        .singleElement()
        .asString()
        .contains("pain 3 of 10", "“front of the hip”");
  }

  @Test
  void painThatEndedATestIsSaidAndIsNoEndOfARange() {
    ClinicianLetter letter =
        letter(
            "consent=1; asked; try seated-rotation.left.internal 24 26 25;"
                + " pain.seated-rotation.left.internal=5 groin");
    assertThat(letter.measured().get(0).how())
        .contains("ended by pain, not by the end of the range");
  }

  @Test
  void openSignsAreToldAsTheyWereAskedAndNothingIsNamed() {
    ClinicianLetter letter =
        letter("consent=1; warning.night-pain=yes; caution.inner-knee=left; fault.sway=clear");
    assertThat(letter.signs()).hasSize(1);
    assertThat(letter.told()).singleElement().asString().contains("left");
    String all =
        (letter.signs() + " " + letter.told() + letter.noticed() + letter.asked() + letter.notice())
            .toLowerCase(Locale.ROOT);
    assertThat(List.of("arthritis", "impingement", "tear", "syndrome", "diagnos", "treat", "sway"))
        .noneMatch(all::contains);
  }

  @Test
  void withNothingMeasuredItSaysSo() {
    assertThat(letter("consent=1; warning.night-pain=yes").measured()).isEmpty();
  }
}
