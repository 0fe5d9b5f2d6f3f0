package loosehip.core.follow;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.core.named.Named;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Dose;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DoneTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1 x 15-20, 3 | 1 | BETWEEN",
        "1 x 15-20, 3 | 6 | TOP",
        "1 x 10, 3 | 1 | TOP",
        "2-3 x 10, 3 | 1 | BETWEEN",
        "2-3 x 10, 3 | 6 | TOP",
      })
  void doingWhatWasAskedIsTheTopDoseOnlyWhenThatWasAsked(String dose, int week, Done done) {
    Dose of = Dose.parse(dose);
    assertThat(Done.asked(of, of.in(week, 6))).isEqualTo(done);
  }

  @Test
  void doingWhatAnyShippedDoseAsksCounts() {
    Catalogue.standard()
        .exercises()
        .forEach(
            e -> {
              for (int week = 1; week <= 6; week++) {
                Done asked = Done.asked(e.dose(), e.dose().in(week, 6));
                assertThat(asked.counts()).as(e.id().id()).isTrue();
              }
            });
  }

  @Test
  void onlyAtLeastTheLowDoseCountsAsDone() {
    assertThat(Done.TOP.counts()).isTrue();
    assertThat(Done.BETWEEN.counts()).isTrue();
    assertThat(Done.UNDER.counts()).isFalse();
    assertThat(Named.parse(Done.class, "between")).contains(Done.BETWEEN);
    assertThat(Named.parse(Done.class, "most")).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"4, 2, 0.5", "0, 0, 0", "2, 2, 1", "1, 2, 1"})
  void adherenceIsDoneOverAskedAndNeverMoreThanAll(int asked, int done, double share) {
    List<ItemLog> said = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      Done amount = i < done ? (i == 0 ? Done.TOP : Done.BETWEEN) : Done.UNDER;
      said.add(
          new ItemLog(
              LocalDate.of(2026, 11, 2 + i),
              amount,
              Optional.empty(),
              Optional.empty(),
              true,
              false,
              false));
    }
    Adherence kept = Adherence.of(asked, said);
    assertThat(kept.done()).isEqualTo(done);
    assertThat(kept.share()).isEqualTo(share);
  }
}
