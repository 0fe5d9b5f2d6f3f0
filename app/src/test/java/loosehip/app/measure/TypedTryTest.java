package loosehip.app.measure;

import static org.assertj.core.api.Assertions.assertThat;

import loosehip.core.measure.ScreenTest;
import loosehip.core.named.Named;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TypedTryTest {

  @ParameterizedTest(name = "{0} “{1}” is {2}")
  @CsvSource({
    "seated-rotation, 24, 24",
    "seated-rotation, '24,5', 24.5",
    "seated-rotation, ' 24.56° ', 24.6",
    "bridge-hold, 12.6, 13",
    "hip-flexor-length, -5, -5",
    "hip-flexor-length, −5, -5",
  })
  void whatIsTaken(String test, String typed, double value) {
    TypedTry taken = TypedTry.of(Named.parse(ScreenTest.class, test).orElseThrow(), typed, "");
    assertThat(taken.problem()).isEmpty();
    assertThat(taken.value()).contains(value);
  }

  @ParameterizedTest(name = "{0} “{1}”: {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "seated-rotation | ''  | Type a number from 0 to 90°",
        "seated-rotation | abc | is not a number",
        "seated-rotation | 1e5 | is not a number",
        "seated-rotation | -3  | -3 cannot be",
        "seated-rotation | 91  | 91 cannot be: this test takes 0 to 90°",
        "seated-rotation | 99999999999999999999 | is not a number",
        "seated-rotation | Infinity | is not a number",
      })
  void whatIsRefused(String test, String typed, String words) {
    TypedTry refused = TypedTry.of(Named.parse(ScreenTest.class, test).orElseThrow(), typed, "");
    assertThat(refused.value()).isEmpty();
    assertThat(refused.problem()).contains(words);
    assertThat(refused.unusual()).isFalse();
  }

  @ParameterizedTest(name = "{0} confirmed with “{1}”: asked {2}")
  @CsvSource({
    "70, '', true",
    "70, 70, false",
    "70, 71, true",
    "60, '', false",
    "10, '', false",
    "9.9, '', true"
  })
  void theUnusualIsAskedAbout(String typed, String confirmed, boolean asked) {
    assertThat(TypedTry.of(ScreenTest.SEATED_ROTATION, typed, confirmed).unusual())
        .isEqualTo(asked);
  }
}
