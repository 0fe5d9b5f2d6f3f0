package loosehip.app.unit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lengths as people type them. */
class LengthTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "INCHES      | 4        | 10.16",
        "INCHES      | 4.5      | 11.43",
        "INCHES      | 4,5      | 11.43",
        "INCHES      | 4 1/2    | 11.43",
        "INCHES      | 4 1/2\"  | 11.43",
        "INCHES      | 5'11\"   | 180.34",
        "INCHES      | 5' 11    | 180.34",
        "INCHES      | 5’11”    | 180.34",
        "INCHES      | 5 ft 11 in | 180.34",
        "INCHES      | 6ft      | 182.88",
        "INCHES      | 12 cm    | 12",
        "CENTIMETRES | 5'11\"   | 180.34",
        "CENTIMETRES | 12       | 12",
        "CENTIMETRES | 12,5     | 12.5",
        "CENTIMETRES | 4 in     | 10.16",
        "CENTIMETRES | 1.71 m   | 171",
        "CENTIMETRES | 95 mm    | 9.5",
        "CENTIMETRES | −3       | -3",
      })
  void whatIsTypedIsKeptInCentimetres(Length unit, String typed, double cm) {
    assertThat(unit.typed(typed).orElseThrow()).isCloseTo(cm, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "five", "5'12\"", "5''11", "4 3/2", "4 1/0", "12 kg", "1e3", "NaN"})
  void whatIsNoLengthIsNone(String typed) {
    assertThat(Length.INCHES.typed(typed)).isEqualTo(Optional.empty());
  }

  @Test
  void whatIsShownInAUnitAndTypedInItIsTheSameLength() {
    Random random = new Random(19);
    for (int i = 0; i < 500; i++) {
      double cm = random.nextDouble() * 300;
      for (Length unit : Length.values()) {
        String shown = String.format(Locale.ROOT, "%.4f", unit.of(cm));
        assertThat(unit.typed(shown).orElseThrow()).isCloseTo(cm, within(2e-4));
      }
    }
  }
}
