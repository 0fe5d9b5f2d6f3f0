package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import loosehip.core.Chance;
import loosehip.core.Law;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DoseTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // sets x reps x tempo, both sides, 5 to change them
        "1 x 10, 3 ps | 1, 10, 0 | 65",
        // two sets of it, and one pause of 15 between them
        "2 x 10, 3 | 2, 10, 0 | 75",
        // tempo and hold in every repetition
        "1 x 8, 3 + 2 ps | 1, 8, 2 | 85",
        // a hold without tempo, three times, two pauses
        "3 x 1, 0 + 15-40 | 3, 1, 40 | 150",
        // each way is a repetition more
        "1 x 6-8, 3 ps ways 2 | 1, 6, 0 | 77",
        // out, hold and back make up a repetition
        "1 x 12-20, 1/2/4 | 1, 12, 0 | 84",
        // both positions held, each side, three changes of side, two pauses
        "2-3 x 1, 0 + 10-15 ps ways 2 | 3, 1, 15 | 225",
      })
  void secondsByHand(String text, String much, int seconds) {
    String[] n = much.split(", ");
    Dose.Prescribed given =
        new Dose.Prescribed(Integer.parseInt(n[0]), Integer.parseInt(n[1]), Integer.parseInt(n[2]));
    assertThat(Dose.parse(text).seconds(given)).isEqualTo(seconds);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "10",
        "x 10, 3",
        "1 x 10",
        "1 x ten, 3",
        "1 x 10, 3 sides",
        "-1 x 2, 3",
        "1 x 10, 1/2",
        "1 x 1000, 3",
        "1 x 10, 99999999999"
      })
  void whatIsNoDoseIsRefused(String text) {
    assertThatThrownBy(() -> Dose.parse(text))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("Not a dose");
  }

  @Test
  void aTempoIsReadOutHoldBackAndMakesUpTheRepetition() {
    Dose dose = Dose.parse("1 x 8-12, 4/2/1 ps");
    assertThat(dose.tempo()).contains(new Dose.Tempo(4, 2, 1));
    assertThat(dose.secondsPerRep()).isEqualTo(7);
    assertThat(Dose.parse("1 x 8, 3").tempo()).isEmpty();
    assertThatThrownBy(
            () -> new Dose(1, 1, 8, 8, 5, 0, 0, false, 1, Optional.of(new Dose.Tempo(1, 1, 1))))
        .hasMessageContaining("does not make up");
  }

  private static Dose doses(Chance chance) {
    int sets = chance.whole(1, 3);
    int reps = chance.whole(1, 15);
    int more = chance.whole(0, 8);
    int hold = chance.whole(0, 30);
    int longer = chance.whole(0, 8);
    return new Dose(
        sets, sets + more % 2, reps, reps + more, 3, hold, hold + longer, chance.yes(), 1);
  }

  @Law
  void aWeekLiesWithinTheDoseAndNeverFallsBack(Chance chance) {
    Dose dose = doses(chance);
    int weeks = chance.whole(1, 8);
    Dose.Prescribed before = dose.in(1, weeks);
    assertThat(before)
        .isEqualTo(new Dose.Prescribed(dose.setsLow(), dose.repsLow(), dose.holdLow()));
    for (int week = 2; week <= weeks; week++) {
      Dose.Prescribed now = dose.in(week, weeks);
      assertThat(now.sets()).isBetween(before.sets(), dose.setsTop());
      assertThat(now.reps()).isBetween(before.reps(), dose.repsTop());
      assertThat(now.holdSeconds()).isBetween(before.holdSeconds(), dose.holdTop());
      before = now;
    }
  }

  @Law
  void bothSidesTakeTwiceTheWorkOfOne(Chance chance) {
    Dose dose = doses(chance);
    Dose one =
        new Dose(
            dose.setsLow(),
            dose.setsTop(),
            dose.repsLow(),
            dose.repsTop(),
            dose.secondsPerRep(),
            dose.holdLow(),
            dose.holdTop(),
            false,
            1);
    Dose.Prescribed much = dose.in(1, 6);
    int pauses = (much.sets() - 1) * 15;
    int sides = dose.sides();
    int changes = (sides - 1) * 5 * much.sets();
    int ways = dose.ways();
    assertThat(dose.seconds(much) - pauses - changes)
        .isEqualTo(ways * sides * (one.seconds(much) - pauses));
    assertThat(dose.seconds(much, 1) - pauses).isEqualTo(ways * (one.seconds(much) - pauses));
  }
}
