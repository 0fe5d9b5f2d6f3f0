package loosehip.core.follow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.named.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RungRuleTest {
  private static final LocalDate FIRST = LocalDate.of(2026, 11, 2);

  /** Reads {@code top e5 p1 / under p3 lean}: one session a slash, the oldest first. */
  private static List<ItemLog> log(String text) {
    List<ItemLog> log = new ArrayList<>();
    for (String session : text.split("/")) {
      List<String> words = List.of(session.strip().split(" "));
      log.add(
          new ItemLog(
              FIRST.plusDays(log.size()),
              Named.parse(Done.class, words.get(0)).orElseThrow(),
              number(words, "e"),
              number(words, "p"),
              !words.contains("poor"),
              words.contains("lean"),
              words.contains("worse")));
    }
    return log;
  }

  private static Optional<Integer> number(List<String> words, String letter) {
    return words.stream()
        .filter(w -> w.matches(letter + "\\d+"))
        .map(w -> Integer.parseInt(w.substring(1)))
        .findFirst();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "top e5 p0 / top e6 p2 / top e4 p1 | move up",
        "top e5 p0 / top e6 p2 | hold",
        "top e5 p0 / top e7 p0 / top e5 p0 | hold",
        "top e5 p0 / top e5 p3 / top e5 p0 | step back",
        "top e5 p0 / top e5 p0 poor / top e5 p0 | hold",
        "top e5 p0 / between e5 p0 / top e5 p0 | hold",
        "under / top e5 p0 / top e5 p0 / top e5 p0 | move up",
        "top / top / top | hold",
        "top e5 p0 / top e5 p0 / top e5 p3 | step back",
        "top e5 p4 | step back",
        "top e5 p4 / top e5 p1 | step back",
        "top e5 p4 / top e5 p1 / top e5 p1 | step back",
        "top e5 p4 / top e7 p1 / top e7 p1 / top e7 p1 | hold",
        "top e5 p4 / top e5 p1 / top e5 p1 / top e5 p1 | move up",
        "top e5 p4 / top e5 p1 poor / top e5 p1 / top e5 p1 | step back",
        "top e5 p0 lean / between e5 p0 / between e5 p0 | step back",
        "top e5 p0 lean / between e5 p0 / between e5 p0 / between e5 p0 | hold",
        "under / under / top e7 p0 / top e7 p0 | step back",
        "under / under / top e7 p0 / top e7 p0 / top e7 p0 | hold",
        "top e5 p0 lean | step back",
        "under / under | step back",
        "under / top e5 p0 / under | hold",
        "top e5 p5 | stop",
        "top e5 p5 / top e5 p0 / top e5 p0 / top e5 p0 | stop",
        "top e5 p1 worse | stop",
        "under / under p6 | stop",
      })
  void whatFollowsFromALog(String text, String word) {
    assertThat(RungRule.of(log(text)).step().word()).isEqualTo(word);
  }

  @Test
  void nothingSaidHoldsAndSaysSo() {
    assertThat(RungRule.of(List.of()))
        .isEqualTo(new RungRule.Verdict(RungRule.Step.HOLD, new RungRule.Because.NothingSaid()));
  }

  @Test
  void theReasonNamesWhatDecided() {
    assertThat(RungRule.of(log("top e5 p6")).because()).isEqualTo(new RungRule.Because.PainInIt(6));
    assertThat(RungRule.of(log("top e5 p3")).because()).isEqualTo(new RungRule.Because.Pain(3));
    assertThat(RungRule.of(log("top e5 p5 worse")).because())
        .isEqualTo(new RungRule.Because.PainInIt(5));
    assertThat(RungRule.of(log("top e5 p4 worse")).because())
        .isEqualTo(new RungRule.Because.WorseNextDay());
    assertThat(RungRule.of(log("top e5 p0 / top e5 p0")).because())
        .isEqualTo(new RungRule.Because.Easy(2, 3));
  }

  @Test
  void effortAndPainGoFromNoughtToTen() {
    assertThatThrownBy(() -> log("top e11 p0")).hasMessageContaining("Effort");
    assertThatThrownBy(() -> log("top e5 p12")).hasMessageContaining("Pain");
  }

  /** A week is seven days from the first good session to the last, whatever their number. */
  @ParameterizedTest(name = "days {0}: {1} of 7")
  @CsvSource(
      delimiter = '|',
      value = {
        "0 1 2 | 3 | hold",
        "0 2 5 | 6 | hold",
        "0 3 6 | 7 | move up",
        "0 1 2 3 4 5 6 | 7 | move up",
        "0 4 21 | 7 | move up",
      })
  void aDrillMovesOnOnceItHeldForAWeek(String days, int held, String word) {
    List<ItemLog> log = Arrays.stream(days.split(" ")).map(d -> easy(Integer.parseInt(d))).toList();
    RungRule.Verdict verdict = RungRule.ofDrill(log);
    assertThat(verdict.step().word()).isEqualTo(word);
    assertThat(verdict.because()).isEqualTo(new RungRule.Because.Held(held, 7));
  }

  @Test
  void aDrillIsSteppedBackAndStoppedAsAnExerciseIs() {
    for (String text : List.of("top e5 p4", "top e5 p6", "top e5 p0", "under / under")) {
      assertThat(RungRule.ofDrill(log(text))).as(text).isEqualTo(RungRule.of(log(text)));
    }
  }

  /** Three words about one day are one day. */
  @Test
  void theSameDayCountsOnce() {
    assertThat(RungRule.of(List.of(easy(0), easy(0), easy(1))).because())
        .isEqualTo(new RungRule.Because.Easy(2, 3));
    assertThat(RungRule.of(List.of(easy(0), easy(1), easy(1), easy(2))).step())
        .isEqualTo(RungRule.Step.MOVE_UP);
  }

  private static ItemLog easy(int day) {
    return new ItemLog(
        FIRST.plusDays(day), Done.TOP, Optional.of(4), Optional.of(0), true, false, false);
  }

  private static List<ItemLog> logs(Chance chance) {
    return IntStream.range(0, chance.whole(0, 8))
        .mapToObj(
            day ->
                new ItemLog(
                    FIRST.plusDays(day),
                    chance.one(List.of(Done.values())),
                    chance.perhaps(() -> chance.whole(0, 10)),
                    chance.perhaps(() -> chance.whole(0, 10)),
                    chance.yes(),
                    chance.yes(),
                    chance.yes()))
        .toList();
  }

  @Law
  void orderOfSayingDoesNotMatter(Chance chance) {
    List<ItemLog> log = logs(chance);
    List<ItemLog> shuffled = new ArrayList<>(log);
    Collections.reverse(shuffled);
    assertThat(RungRule.of(shuffled)).isEqualTo(RungRule.of(log));
  }

  @Law
  void stoppingPainAlwaysStopsAndNothingElseDoes(Chance chance) {
    List<ItemLog> log = logs(chance);
    boolean stops = log.stream().anyMatch(ItemLog::stops);
    assertThat(RungRule.of(log).step() == RungRule.Step.STOP).isEqualTo(stops);
  }

  @Law
  void morePainNeverMovesUp(Chance chance) {
    List<ItemLog> log = logs(chance);
    List<ItemLog> sore =
        log.stream()
            .map(
                l ->
                    new ItemLog(
                        l.on(),
                        l.done(),
                        l.effort(),
                        Optional.of(Math.min(10, l.pain().orElse(0) + 3)),
                        l.goodForm(),
                        l.leaned(),
                        l.worseNextDay()))
            .toList();
    assertThat(RungRule.of(sore).step()).isNotEqualTo(RungRule.Step.MOVE_UP);
    assertThat(RungRule.of(sore).step().ordinal())
        .isLessThanOrEqualTo(RungRule.of(log).step().ordinal());
  }
}
