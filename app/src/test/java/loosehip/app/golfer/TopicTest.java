package loosehip.app.golfer;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TopicTest {
  private static final int YEAR = 2026;

  @ParameterizedTest(name = "{0} = {1} can be kept")
  @CsvSource({
    "who.birth-year, 1961",
    "who.birth-year, ''",
    "who.height, '171,5'",
    "who.handed, left",
    "wish.minutes, 120",
    "wish.tool-club, yes",
    "wish.start, 2027-01-11",
    "setup.pelvicTilt, -8",
    "setup.pelvicTilt, −8",
    "setup.hipFlexion, 40°",
    "caution.inner-knee, both",
    "warning.night-pain, yes",
    "fault.sway, clear",
    "rehearsal.sway, cannot",
    "school, free-turn",
    "order, quick",
    "pain.seated-rotation.left.internal, 5 front of hip",
  })
  void whatCanBeKept(String key, String value) {
    assertThat(Topic.of(key).orElseThrow().problem(key, value, YEAR)).isEmpty();
  }

  @ParameterizedTest(name = "{0} = {1}: {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "who.birth-year | 2400 | A birth year goes from 1921 to 2021",
        "who.birth-year | nineteen | A birth year is a whole number",
        "who.birth-year | 61 | goes from 1921",
        "who.height | tall | Height is a number from 100 to 230 cm",
        "wish.minutes | 0 | Minutes a day goes from 1 to 120",
        "wish.days | 8 | Days a week goes from 1 to 7",
        "wish.start | soon | A date looks like",
        "setup.trailFlare | 999999999999 | is a number from -20 to 60",
        "setup.trailFlare | 99 | goes from -20 to 60°; you typed 99",
        "setup.trailFlare | NaN | is a number from",
        "warning.night-pain | maybe | Reload it",
        "warning.bad-day | yes | Reload it",
        "fault.wobble | clear | Reload it",
        "school | my-own | Reload it",
        "order | longest | Reload it",
        "pain.seated-rotation.left.internal | 11 | Pain is a whole number from 0 to 10",
        "pain.seated-rotation | 3 | Reload it",
      })
  void whatIsRefusedAndHowItIsSaid(String key, String value, String words) {
    assertThat(Topic.of(key).orElseThrow().problem(key, value, YEAR).orElse("")).contains(words);
  }

  @ParameterizedTest
  @CsvSource({"nonsense.x", "''", "WHO.handed"})
  void anUnknownTopicIsNone(String key) {
    assertThat(Topic.of(key)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"who.history, 401, true", "who.history, 400, false"})
  void longTextsAreRefused(String key, int length, boolean refused) {
    assertThat(Topic.of(key).orElseThrow().problem(key, "x".repeat(length), YEAR).isPresent())
        .isEqualTo(refused);
  }
}
