package loosehip.core.follow;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import loosehip.core.named.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Under which heading of Today a golfer stands. */
class TodayGroupTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

  @ParameterizedTest(name = "waits {0}, retest in {1}, seen {2} days ago: {3}")
  @CsvSource({
    "true, 3, 0, WAITING",
    "true, , 0, WAITING",
    "false, 7, 0, DUE",
    "false, -20, 90, DUE",
    "false, 8, 0, BENCH",
    "false, , 1, BENCH",
    "false, , 2, QUIET",
    "false, 8, 30, QUIET",
  })
  void waitingGoesBeforeDueAndThatBeforeTheBench(
      boolean waits, Integer retestIn, int seenAgo, TodayGroup group) {
    Optional<LocalDate> retest = Optional.ofNullable(retestIn).map(TODAY::plusDays);
    assertThat(TodayGroup.of(waits, retest, TODAY.minusDays(seenAgo), TODAY)).isEqualTo(group);
  }

  @Test
  void aGroupIsFoundByItsId() {
    assertThat(Named.parse(TodayGroup.class, "due")).contains(TodayGroup.DUE);
    assertThat(Named.parse(Done.class, "under")).contains(Done.UNDER);
    assertThat(Named.parse(Done.class, "nothing")).isEmpty();
  }
}
