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

class DaySolverTest {
  private static final List<Exercise> ALL = Catalogue.standard().exercises();

  /** Every choice, weighed in the plainest way on whole sessions; nothing is shared. */
  private static double best(DaySolver.Task task) {
    double best = -1;
    for (int bits = 0; bits < 1 << task.pieces().size(); bits++) {
      List<Piece> in = new ArrayList<>();
      boolean must = true;
      for (int p = 0; p < task.pieces().size(); p++) {
        if ((bits & 1 << p) != 0) {
          in.add(task.pieces().get(p));
        } else {
          must &= !task.pieces().get(p).must();
        }
      }
      if (must && allowed(task, in)) {
        best = Math.max(best, served(task.needs(), in));
      }
    }
    return best;
  }

  /** The session as it would be done: what settles, the exercises in order, the tail. */
  private static List<PlanItem> session(DayShape.Frame frame, List<Piece> in) {
    List<PlanItem> items = new ArrayList<>(in.stream().map(Piece::item).toList());
    items.sort(Session.order());
    boolean down = !items.isEmpty() && items.get(0).position().down();
    Optional<PlanItem> settle = down ? frame.down().or(frame::up) : frame.up().or(frame::down);
    settle.ifPresent(s -> items.add(0, s));
    items.addAll(frame.tail());
    return items;
  }

  private static boolean allowed(DaySolver.Task task, List<Piece> in) {
    List<PlanItem> items = session(task.frame(), in);
    int downs = 0;
    for (int i = 0; i < items.size(); i++) {
      boolean before = i > 0 && items.get(i - 1).position().down();
      downs += items.get(i).position().down() && !before ? 1 : 0;
      boolean deep =
          items.get(i).role() == PlanItem.Role.EXERCISE
              && items.get(i).exercise().orElseThrow().deep();
      if (deep && i < 2) {
        return false;
      }
    }
    boolean together =
        task.together().isEmpty()
            || in.stream().anyMatch(p -> p.item().id().equals(task.together().get().first()))
            || in.stream().noneMatch(p -> task.together().get().then().contains(p.item().id()));
    return together
        && Session.length(items) <= task.frame().most()
        && downs <= 1
        && in.stream().filter(Piece::counts).count() <= 7
        && firstFirst(task, in);
  }

  private static boolean firstFirst(DaySolver.Task task, List<Piece> in) {
    if (task.first().isEmpty()) {
      return true;
    }
    long[] each = new long[task.needs().length];
    in.stream()
        .filter(p -> p.purpose(task.needs()) >= 0)
        .forEach(p -> each[p.purpose(task.needs())] += p.seconds());
    for (int n = 1; n < each.length; n++) {
      if (each[n] > each[0] + task.first().get().over()[n]) {
        return false;
      }
    }
    return true;
  }

  private static double served(double[] needs, List<Piece> in) {
    double sum = 0;
    for (int n = 0; n < needs.length; n++) {
      int need = n;
      List<Double> services =
          new ArrayList<>(in.stream().map(p -> p.service()[need]).filter(s -> s > 0).toList());
      services.sort(Comparator.reverseOrder());
      double share = 1;
      for (double service : services) {
        sum += needs[n] * service * share;
        share /= 2;
      }
    }
    return sum;
  }

  @Law(tries = 600)
  void theSolverServesAsMuchAsTheBestOfEveryChoice(Chance chance) {
    DaySolver.Task task = task(new Random(chance.whole(0, 100_000_000)));
    double every = best(task);
    Optional<DaySolver.Day> day = DaySolver.solve(task);
    assertThat(day.isPresent()).isEqualTo(every >= 0);
    day.ifPresent(
        d -> {
          assertThat(d.served()).isCloseTo(every, within(1e-6));
          List<Piece> in = new ArrayList<>();
          for (int p = 0; p < d.in().length; p++) {
            if (d.in()[p]) {
              in.add(task.pieces().get(p));
            }
          }
          assertThat(allowed(task, in)).isTrue();
        });
  }

  /** Exercises of the catalogue with made-up needs, so that positions and depths are real ones. */
  private static DaySolver.Task task(Random random) {
    double[] needs = new double[1 + random.nextInt(4)];
    double need = 2.5;
    for (int n = 0; n < needs.length; n++) {
      need -= random.nextDouble() * 0.6;
      needs[n] = Math.max(0.05, need);
    }
    List<Piece> pieces = new ArrayList<>();
    int many = 1 + random.nextInt(9);
    for (int i = 0; i < many; i++) {
      Exercise exercise = ALL.get(random.nextInt(ALL.size()));
      boolean there = pieces.stream().anyMatch(p -> p.item().id().equals(exercise.id()));
      if (!there) {
        double[] service = new double[needs.length];
        for (int n = 0; n < needs.length; n++) {
          service[n] = random.nextInt(3) / 2.0;
        }
        PlanItem item =
            PlanItem.of(
                random.nextInt(9) == 0 ? PlanItem.Role.SETTLE : PlanItem.Role.EXERCISE,
                exercise,
                exercise.dose().low(),
                Why.of(new Why.ByHand()));
        pieces.add(new Piece(item, service, 0, Days.ALL, random.nextInt(14) == 0));
      }
    }
    List<PlanItem> tail =
        random.nextBoolean()
            ? List.of()
            : List.of(PlanItem.of(SetupRoutine.HAND_GAP, Why.of(new Why.ForSetup(List.of()))));
    DayShape.Frame frame =
        new DayShape.Frame(
            60 + random.nextInt(900),
            settle("standing-tilts", random),
            settle("lying-tilts", random),
            tail);
    Optional<DaySolver.Together> together =
        random.nextInt(3) > 0 || pieces.size() < 2
            ? Optional.empty()
            : Optional.of(
                new DaySolver.Together(
                    pieces.get(0).item().id(), List.of(pieces.get(1).item().id())));
    long[] over = new long[needs.length];
    over[needs.length - 1] = random.nextInt(200) - 100;
    return new DaySolver.Task(
        needs,
        pieces,
        frame,
        together,
        random.nextBoolean() ? Optional.empty() : Optional.of(new DaySolver.FirstNeed(over)));
  }

  private static Optional<PlanItem> settle(String id, Random random) {
    Exercise exercise = Catalogue.standard().find(ItemId.of(id)).orElseThrow();
    return random.nextInt(4) == 0
        ? Optional.empty()
        : Optional.of(
            PlanItem.of(
                PlanItem.Role.SETTLE, exercise, exercise.dose().top(), Why.of(new Why.Settles())));
  }

  @ParameterizedTest(name = "{0} whole and {1} half: {2}")
  @CsvSource({"0, 0, 0", "1, 0, 1", "2, 0, 1.5", "1, 1, 1.25", "0, 2, 0.75", "2, 1, 1.625"})
  void aSecondExerciseOnTheSameNeedCountsHalf(int whole, int half, double served) {
    assertThat(DaySolver.served(whole, half)).isEqualTo(served);
  }

  @Test
  void theNeedAnExerciseIsForIsTheLargestItServesBest() {
    double[] needs = {2, 1.5, 1};
    assertThat(piece(0.5, 1, 0).purpose(needs)).isEqualTo(1);
    assertThat(piece(0, 0.5, 0.5).purpose(needs)).isEqualTo(1);
    assertThat(piece(1, 1, 1).purpose(needs)).isZero();
    assertThat(piece(0, 0, 0).purpose(needs)).isEqualTo(-1);
  }

  private static Piece piece(double... service) {
    Exercise bridge = Catalogue.standard().find(ItemId.of("bridge")).orElseThrow();
    return new Piece(
        PlanItem.of(PlanItem.Role.EXERCISE, bridge, bridge.dose().low(), Why.of(new Why.ByHand())),
        service,
        0,
        Days.ALL,
        false);
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
