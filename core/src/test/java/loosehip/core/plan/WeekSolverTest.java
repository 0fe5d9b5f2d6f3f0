package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import loosehip.core.Chance;
import loosehip.core.Law;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WeekSolverTest {

  /** Every choice of patterns, weighed in the plainest way; nothing is shared with the solver. */
  private static final class EveryChoice {
    private final double[] needs;
    private final List<Piece> pieces;
    private final int[] left;
    private final int yesterday;
    private final int[] at;
    private double best = -1;

    EveryChoice(double[] needs, List<Piece> pieces, int[] left, int yesterday) {
      this.needs = needs;
      this.pieces = pieces;
      this.left = left;
      this.yesterday = yesterday;
      this.at = new int[pieces.size()];
      all(0);
    }

    private void all(int piece) {
      if (piece == pieces.size()) {
        if (allowed()) {
          best = Math.max(best, served());
        }
        return;
      }
      List<Days> choices = new ArrayList<>(pieces.get(piece).choices());
      if (!pieces.get(piece).must()) {
        choices.add(Days.NONE);
      }
      for (Days days : choices) {
        at[piece] = days.bits();
        all(piece + 1);
      }
    }

    private boolean on(int piece, int day) {
      return (at[piece] & 1 << day) != 0;
    }

    private boolean allowed() {
      for (int day = 0; day < 7; day++) {
        int seconds = 0;
        int count = 0;
        for (int p = 0; p < at.length; p++) {
          if (on(p, day)) {
            seconds += pieces.get(p).seconds() + 20;
            count++;
            for (int q = 0; q < at.length; q++) {
              boolean shares = (pieces.get(p).mains() & pieces.get(q).mains()) != 0;
              if (shares && on(q, (day + 1) % 7)) {
                return false;
              }
            }
            if (day == 0 && (pieces.get(p).mains() & yesterday) != 0) {
              return false;
            }
          }
        }
        if (count > 7 || count > 0 && seconds > left[day]) {
          return false;
        }
      }
      return true;
    }

    private double served() {
      double sum = 0;
      for (int day = 0; day < 7; day++) {
        for (int n = 0; n < needs.length; n++) {
          List<Double> services = new ArrayList<>();
          for (int p = 0; p < at.length; p++) {
            if (on(p, day)) {
              services.add(pieces.get(p).service()[n]);
            }
          }
          services.removeIf(s -> s == 0);
          services.sort(Comparator.reverseOrder());
          double share = 1;
          for (double service : services) {
            sum += needs[n] * service * share;
            share /= 2;
          }
        }
      }
      return sum;
    }
  }

  @Law(tries = 400)
  void theSolverServesAsMuchAsTheBestOfEveryChoice(Chance chance) {
    int seed = chance.whole(0, 1_000_000);
    Random random = new Random(seed);
    Days days = Days.spread(1 + random.nextInt(7));
    double[] needs = new double[1 + random.nextInt(3)];
    for (int n = 0; n < needs.length; n++) {
      needs[n] = 0.2 + random.nextInt(20) / 10.0;
    }
    List<Piece> pieces = new ArrayList<>();
    int many = 1 + random.nextInt(5);
    for (int i = 0; i < many; i++) {
      pieces.add(piece(random, i, needs.length, days));
    }
    int[] left = new int[7];
    for (int d = 0; d < 7; d++) {
      left[d] = days.has(d + 1) ? 60 + random.nextInt(500) : -1;
    }
    int yesterday = random.nextInt(8);
    double every = new EveryChoice(needs, pieces, left, yesterday).best;
    Optional<WeekSolver.Week> week =
        WeekSolver.solve(needs, pieces, left, yesterday, Optional.empty());
    assertThat(week.isPresent()).isEqualTo(every >= 0);
    week.ifPresent(w -> assertThat(w.served()).isCloseTo(every, within(1e-6)));
    assertThat(
            WeekSolver.solve(needs, pieces, left, yesterday, Optional.empty())
                .map(WeekSolver.Week::days))
        .isEqualTo(week.map(WeekSolver.Week::days));
  }

  private static Piece piece(Random random, int index, int needs, Days days) {
    boolean hard = random.nextBoolean();
    double[] service = new double[needs];
    for (int n = 0; n < needs; n++) {
      service[n] = random.nextInt(3) / 2.0;
    }
    Dose dose = Dose.parse("1 x " + (5 + random.nextInt(40)) + ", 3");
    Dose.Prescribed much = dose.in(1, 6);
    return new Piece(
        item("piece-" + index, dose, much, dose.seconds(much)),
        service,
        hard ? 1 << random.nextInt(3) : 0,
        hard ? TrainingDays.hard(days, 3) : List.of(days),
        random.nextInt(12) == 0);
  }

  @Test
  void whatHasToComeFirstIsInOrNeitherIs() {
    Days days = Days.of(1, 3, 5);
    Piece hip = plain("hip", 60, new double[] {0}, days);
    Piece seat = plain("seat", 60, new double[] {1}, days);
    Optional<WeekSolver.Together> together = Optional.of(new WeekSolver.Together(0, List.of(1)));
    int[] room = {200, -1, 200, -1, 200, -1, -1};
    int[] tight = {90, -1, 90, -1, 90, -1, -1};
    double[] needs = {1};
    assertThat(WeekSolver.solve(needs, List.of(hip, seat), room, 0, together).orElseThrow().days())
        .doesNotContain(Days.NONE);
    assertThat(WeekSolver.solve(needs, List.of(hip, seat), tight, 0, together).orElseThrow().days())
        .containsOnly(Days.NONE);
  }

  private static PlanItem item(String id, Dose dose, Dose.Prescribed much, int seconds) {
    return new PlanItem(
        ItemId.of(id), Optional.empty(), dose, much, seconds, Why.of(new Why.ByHand()));
  }

  private static Piece plain(String id, int seconds, double[] service, Days days) {
    Dose dose = Dose.parse("1 x " + seconds / 3 + ", 3");
    return new Piece(item(id, dose, dose.in(1, 6), seconds), service, 0, List.of(days), false);
  }

  @ParameterizedTest(name = "{0} whole and {1} half: {2}")
  @CsvSource({"0, 0, 0", "1, 0, 1", "2, 0, 1.5", "1, 1, 1.25", "0, 2, 0.75", "2, 1, 1.625"})
  void aSecondExerciseOnTheSameNeedCountsHalf(int whole, int half, double served) {
    assertThat(WeekSolver.served(whole, half)).isEqualTo(served);
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "5, true",
    "3, false",
    "65, false",
    "37, true",
    "67, false",
    "21, true",
    "0, true",
    "42, true"
  })
  void daysApart(int pattern, boolean apart) {
    assertThat(new Days(pattern).apart()).isEqualTo(apart);
  }
}
