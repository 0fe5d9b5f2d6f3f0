package loosehip.app.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import loosehip.app.exercise.ExerciseText;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Dose;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExerciseTextsTest {
  private final ExerciseTexts texts = new ExerciseTexts();

  @Test
  void everyExerciseAndDrillIsWrittenOutWhole() {
    Catalogue.standard().exercises().forEach(e -> whole(texts.of(e.id())));
    Catalogue.standard().drills().forEach(d -> whole(texts.of(d.id())));
    assertThatThrownBy(() -> texts.of("sit-ups")).hasMessageContaining("sit-ups");
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
    assertThat(PlanPages.dose(parsed, parsed.in(1, 6))).isEqualTo(words);
  }

  @Test
  void lengthsAreMinutesAndSeconds() {
    assertThat(PlanPages.length(529)).isEqualTo("8:49");
    assertThat(PlanPages.length(60)).isEqualTo("1:00");
  }
}
