package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Chance;
import loosehip.core.Law;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TrainingDaysTest {
  private static final LocalDate MONDAY = LocalDate.of(2027, 1, 11);

  private static Wishes wishes(int days, Set<LocalDate> blackout) {
    return new Wishes(
        15, days, 6, MONDAY, Set.of(), blackout, Optional.empty(), true, Optional.empty());
  }

  private static Set<LocalDate> days(String text) {
    Set<LocalDate> days = new HashSet<>();
    for (String day : text.split(" ")) {
      days.add(MONDAY.plusDays(Integer.parseInt(day) - 1L));
    }
    return days;
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1 | 1",
        "2 | 1 4",
        "3 | 1 3 5",
        "4 | 1 2 4 6",
        "5 | 1 2 3 5 6",
        "7 | 1 2 3 4 5 6 7",
      })
  void spreadOverTheWeek(int perWeek, String days) {
    assertThat(text(TrainingDays.of(wishes(perWeek, Set.of()), 1))).isEqualTo(days);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // the next free day takes what a blacked-out one had
        "3 | 3 | 1 4 5",
        "3 | 1 | 2 3 5",
        // the day before, when the days after are taken or gone
        "3 | 5 6 7 | 1 3 4",
        // fewer days when no free one is left
        "5 | 1 2 3 4 5 | 6 7",
        "3 | 1 2 3 4 5 6 7 | ''",
      })
  void aBlackedOutDayGivesWayToTheNearestFreeOne(int perWeek, String gone, String left) {
    assertThat(text(TrainingDays.of(wishes(perWeek, days(gone)), 1))).isEqualTo(left);
    assertThat(text(TrainingDays.of(wishes(perWeek, days(gone)), 2)))
        .as("the week after is not touched")
        .isEqualTo(text(Days.spread(perWeek)));
  }

  @Law
  void neverOnABlackedOutDayAndNeverMoreThanWished(Chance chance) {
    int perWeek = chance.whole(1, 7);
    Set<Integer> gone = chance.some(List.of(1, 2, 3, 4, 5, 6, 7));
    Set<LocalDate> blackout = new HashSet<>();
    gone.forEach(d -> blackout.add(MONDAY.plusDays(d - 1L)));
    List<Integer> days = TrainingDays.of(wishes(perWeek, blackout), 1).list();
    assertThat(days).noneMatch(gone::contains).isSorted().doesNotHaveDuplicates();
    assertThat(days).hasSize(Math.min(perWeek, 7 - gone.size()));
  }

  @Law
  void hardWorkKeeps48HoursEvenIntoTheNextWeek(Chance chance) {
    int perWeek = chance.whole(1, 7);
    int most = chance.whole(1, 3);
    Days days = Days.spread(perWeek);
    List<Days> choices = TrainingDays.hard(days, most);
    assertThat(choices).isNotEmpty();
    for (Days choice : choices) {
      for (int day = 1; day <= 7; day++) {
        boolean next = choice.has(day % 7 + 1);
        assertThat(choice.has(day) && next).as("day %s and the next of %s", day, choice).isFalse();
        assertThat(choice.has(day) && !days.has(day)).isFalse();
      }
      assertThat(choice.count()).isBetween(1, most);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1 3 5 | 3 | 4",
        "1 2 | 3 | 2",
        "1 2 3 4 5 6 7 | 3 | 21",
        "4 | 2 | 1",
        "1 7 | 3 | 2"
      })
  void howManyWaysThereAre(String days, int most, int ways) {
    List<Integer> list = Arrays.stream(days.split(" ")).map(Integer::valueOf).toList();
    assertThat(TrainingDays.hard(Days.of(list), most)).hasSize(ways);
  }

  private static String text(Days days) {
    return String.join(" ", days.list().stream().map(String::valueOf).toList());
  }
}
