package loosehip.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NumbersTest {
  @ParameterizedTest
  @CsvSource({
    "12, 12, 12.0, 12.00, +12.0, 12",
    "12.25, 12.3, 12.3, 12.25, +12.3, 12.25",
    "0.05, 0.1, 0.1, 0.05, +0.1, 0.05",
    "-0.04, 0.0, 0.0, -0.04, +0.0, −0.04",
    "-29, -29, -29.0, -29.00, −29.0, −29",
    "0.285, 0.3, 0.3, 0.29, +0.3, 0.29",
    "1234567.8, 1234567.8, 1234567.8, 1234567.80, +1234567.8, 1234567.8",
    "0, 0, 0.0, 0.00, +0.0, 0",
  })
  void eachWayOfShowingANumber(
      double number, String plain, String tenth, String hundredth, String signed, String shown) {
    assertThat(Numbers.plain(number)).isEqualTo(plain);
    assertThat(Numbers.tenth(number)).isEqualTo(tenth);
    assertThat(Numbers.hundredth(number)).isEqualTo(hundredth);
    assertThat(Numbers.signed(number)).isEqualTo(signed);
    assertThat(Numbers.shown(number)).isEqualTo(shown);
  }

  /** Rounded as the formats of the language round, but for a zero, which has no sign. */
  @Test
  void roundsAsFormatsDo() {
    Random random = new Random(11);
    for (int i = 0; i < 5_000; i++) {
      double number = (random.nextInt(400_001) - 200_000) / 1000.0;
      String format = String.format(Locale.ROOT, "%.1f", number);
      assertThat(Numbers.tenth(number)).isEqualTo(format.equals("-0.0") ? "0.0" : format);
    }
  }
}
