package loosehip.app.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DecimalFieldTest {
  private static double read(String text) {
    char[] buffer = ("xx" + text + "9").toCharArray();
    return DecimalField.read(buffer, 2, text.length());
  }

  /** To the last bit as Java reads it. */
  @Test
  void readsAsJavaDoes() {
    Random random = new Random(11);
    for (int i = 0; i < 50_000; i++) {
      String text =
          String.format(
              Locale.ROOT,
              "%." + random.nextInt(9) + "f",
              random.nextGaussian() * Math.pow(10, random.nextInt(8) - 2));
      assertThat(read(text)).as(text).isEqualTo(Double.parseDouble(text));
    }
    for (String text :
        new String[] {"1e-3", "12345678901234567890.5", "-0.1", "+4", ".5", "5.", " 7 "}) {
      assertThat(read(text)).as(text).isEqualTo(Double.parseDouble(text));
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        " ",
        "-",
        ".",
        "NaN",
        "Infinity",
        "1,5",
        "0x1p3",
        "3f",
        "1e999",
        "1.2.3",
        "--1",
        "١"
      })
  void whatIsNoNumberIsNone(String text) {
    assertThat(read(text)).isNaN();
  }
}
