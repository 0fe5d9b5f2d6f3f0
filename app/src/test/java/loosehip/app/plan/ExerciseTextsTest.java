package loosehip.app.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import loosehip.app.exercise.ExerciseText;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.words.PlanWords;
import loosehip.core.follow.Done;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Dose;
import loosehip.core.plan.ItemId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExerciseTextsTest {
  private final ExerciseTexts texts = new ExerciseTexts();

  @Test
  void everyExerciseAndDrillIsWrittenOutWhole() {
    Catalogue.standard().exercises().forEach(e -> whole(texts.of(e.id())));
    Catalogue.standard().drills().forEach(d -> whole(texts.of(d.id())));
    assertThatThrownBy(() -> texts.of(ItemId.of("sit-ups"))).hasMessageContaining("sit-ups");
  }

  private static void whole(ExerciseText text) {
    assertThat(text.steps()).as(text.id()).isNotEmpty().allMatch(s -> s.endsWith("."));
    for (String part :
        new String[] {
          text.name(),
          text.purpose(),
          text.start(),
          text.feel(),
          text.spoils(),
          text.harder(),
          text.easier(),
          text.stop()
        }) {
      assertThat(part).as(text.id()).isNotBlank();
    }
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "1 x 15-20, 3 + 3 ps | 15 times, each side, hold 3 s",
        "2-3 x 1, 0 + 10-15 ps ways 2 | 2 sets of 10 s in each position, each side",
        "1 x 6-8, 3 ps ways 2 | 6 times each way, each side",
        "1 x 12-20, 7 | 12 times",
        "3 x 1, 0 + 10-20 ps | 3 sets of 10 s, each side",
      })
  void dosesInWords(String dose, String words) {
    Dose parsed = Dose.parse(dose);
    assertThat(PlanWords.dose(parsed, parsed.in(1, 6))).isEqualTo(words);
  }

  @Test
  void lengthsAreMinutesAndSeconds() {
    assertThat(PlanWords.length(529)).isEqualTo("8:49");
    assertThat(PlanWords.length(60)).isEqualTo("1:00");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1 x 15-20, 3 + 3 ps | 20 | 15–19 | under 15",
        "1 x 8-9, 3 | 9 | 8 | under 8",
        "3 x 1, 0 + 15-40 | 40 s | 15–39 s | under 15 s",
        "2-3 x 5, 3 | 3 sets | 2 sets | under 2 sets",
      })
  void amountsAreToldByWhatTheDoseVaries(String dose, String top, String between, String under) {
    assertThat(PlanWords.amounts(Dose.parse(dose)))
        .isEqualTo(Map.of(Done.TOP, top, Done.BETWEEN, between, Done.UNDER, under));
  }

  @Test
  void aFixedDoseTellsAllFromLess() {
    assertThat(PlanWords.amounts(Dose.parse("1 x 10, 3")))
        .isEqualTo(Map.of(Done.TOP, "all of it", Done.UNDER, "less"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1 x 15-20, 3 + 3 ps | 15–20, hold 3 s, each side",
        "2-3 x 1, 0 + 10-15 ps ways 2 | 2–3 sets of 1, hold 10–15 s, 2 ways, each side",
        "1 x 10, 3 | 10",
        "3 x 5, 6 | 3 sets of 5",
      })
  void wholeDosesInWords(String text, String words) {
    assertThat(PlanWords.dose(Dose.parse(text))).isEqualTo(words);
  }
}
