package loosehip.core.follow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Who needs a person today, and what a second word about a session does to the first. */
class AtHomeTest {
  private static final LocalDate DAY0 = LocalDate.of(2026, 11, 2);

  private static LocalDate day(Integer n) {
    return DAY0.plusDays(n);
  }

  private static Optional<LocalDate> maybe(Integer n) {
    return Optional.ofNullable(n).map(AtHomeTest::day);
  }

  /** Sessions on these days, given on one, done and said last: from when somebody asks. */
  @ParameterizedTest(name = "sessions {0}, given {1}, done {2}, said {3}: missed {4}, silent {5}")
  @CsvSource({
    "0 2 4 7 9 11, 0, , , 5, 10",
    "0 2 4 7 9 11, 0, 4, 4, 12, 14",
    "0 2 4 7 9 11, 0, 0, 9, 8, 19",
    "0 2 4, 0, 0, 0, , 10",
    "0 2 4 7 9 11, 5, , , 12, 15",
    "6 8 10, 0, , , 11, 16",
    "0 2 4 7 9 11, 7, 2, 2, 12, 17",
  })
  void threeMissedSessionsAndTenSilentDaysAskForSomebody(
      String sessions,
      int given,
      Integer done,
      Integer said,
      Integer missedFrom,
      Integer silentFrom) {
    List<LocalDate> asked =
        Arrays.stream(sessions.split(" ")).map(Integer::valueOf).map(AtHomeTest::day).toList();
    AtHome home = AtHome.of(asked, day(given), maybe(done), maybe(said), Optional.empty());
    assertThat(home.missedFrom()).isEqualTo(maybe(missedFrom));
    assertThat(home.silentFrom()).isEqualTo(maybe(silentFrom));
  }

  @ParameterizedTest(name = "stopped {0}, waits {1}, missed from {2}, retest {3}, silent {4}: {5}")
  @CsvSource({
    "0, true, 0, 0, 0, STOPPED",
    ", true, 0, 0, 0, WARNING",
    ", false, 20, 30, 20, MISSED",
    ", false, 21, 30, 20, SILENT",
    ", false, 21, 20, 21, RETEST",
    ", false, 20, 20, 20, RETEST",
    ", false, , 30, , ",
    ", false, 21, 21, 21, ",
  })
  void theMostPressingReasonStands(
      Integer stopped,
      boolean waits,
      Integer missed,
      Integer retest,
      Integer silent,
      Attention why) {
    AtHome home = new AtHome(maybe(stopped), maybe(missed), maybe(silent));
    assertThat(Attention.of(waits, home, maybe(retest), day(20)))
        .isEqualTo(Optional.ofNullable(why));
  }

  /** A word more never makes somebody miss more, or be silent for longer. */
  @Test
  void aWordMoreNeverAsksForSomebodySooner() {
    Random random = new Random(16);
    for (int i = 0; i < 500; i++) {
      List<LocalDate> asked =
          IntStream.range(0, 42)
              .filter(d -> random.nextInt(3) > 0)
              .mapToObj(DAY0::plusDays)
              .toList();
      int done = random.nextInt(40);
      AtHome before = AtHome.of(asked, DAY0, maybe(done), maybe(done), Optional.empty());
      AtHome after = AtHome.of(asked, DAY0, maybe(done + 1), maybe(done + 1), Optional.empty());
      LocalDate never = LocalDate.MAX;
      assertThat(after.missedFrom().orElse(never))
          .isAfterOrEqualTo(before.missedFrom().orElse(never));
      assertThat(after.silentFrom().get()).isAfterOrEqualTo(before.silentFrom().get());
    }
  }

  private static ItemLog log(Done done, Integer effort, Integer pain, boolean leaned) {
    return new ItemLog(
        DAY0, done, Optional.ofNullable(effort), Optional.ofNullable(pain), true, leaned, false);
  }

  @Test
  void aLaterWordStandsButTakesNoPainAway() {
    ItemLog first = log(Done.BETWEEN, 6, 5, true);
    ItemLog second = log(Done.TOP, null, 0, false);
    ItemLog both = first.then(second);
    assertThat(both.done()).isEqualTo(Done.TOP);
    assertThat(both.effort()).contains(6);
    assertThat(both.pain()).contains(5);
    assertThat(both.leaned()).isTrue();
    assertThat(both.stops()).isTrue();
    assertThat(first.then(first)).isEqualTo(first);
    ItemLog other =
        new ItemLog(
            DAY0.plusDays(1), Done.TOP, Optional.empty(), Optional.empty(), true, false, false);
    assertThatThrownBy(() -> first.then(other)).isInstanceOf(IllegalArgumentException.class);
  }

  /** Three phones of one golfer, in whatever order: the worst that was said of a day stays. */
  @Test
  void theOrderOfPhonesChangesNoPain() {
    Random random = new Random(9);
    for (int i = 0; i < 300; i++) {
      List<ItemLog> sent =
          IntStream.range(0, 3)
              .mapToObj(
                  n ->
                      new ItemLog(
                          DAY0,
                          Done.values()[random.nextInt(3)],
                          Optional.empty(),
                          random.nextBoolean() ? Optional.of(random.nextInt(11)) : Optional.empty(),
                          random.nextBoolean(),
                          random.nextBoolean(),
                          random.nextInt(4) == 0))
              .toList();
      ItemLog one = sent.get(0).then(sent.get(1)).then(sent.get(2));
      ItemLog other = sent.get(2).then(sent.get(0)).then(sent.get(1));
      assertThat(other.pain()).isEqualTo(one.pain());
      assertThat(other.stops())
          .isEqualTo(one.stops())
          .isEqualTo(sent.stream().anyMatch(ItemLog::stops));
      assertThat(other.leaned()).isEqualTo(one.leaned());
      assertThat(other.goodForm()).isEqualTo(one.goodForm());
    }
  }

  @ParameterizedTest
  @CsvSource({"0, CARRY_ON", "2, CARRY_ON", "3, EASIER", "4, EASIER", "5, STOP", "10, STOP"})
  void whatFollowsFromPain(int pain, PainAnswer answer) {
    assertThat(PainAnswer.of(pain)).isEqualTo(answer);
  }

  @Test
  void onlyPainSaysThatSomethingPassedOverWasTooMuch() {
    assertThat(Arrays.stream(Skip.values()).filter(Skip::tooMuch)).containsExactly(Skip.PAIN);
  }
}
