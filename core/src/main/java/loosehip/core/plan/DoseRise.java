package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

/** How doses rise over a stage, once it is settled what is done on which day. */
final class DoseRise {
  private final double[] worths;
  private final int needs;
  private final BiFunction<Exercise, Dose.Prescribed, PlanItem> item;

  /**
   * @param worths how large each need is, the largest first, then what base work is worth
   * @param needs how many of these are needs
   * @param item an exercise with so much of it
   */
  DoseRise(double[] worths, int needs, BiFunction<Exercise, Dose.Prescribed, PlanItem> item) {
    this.worths = worths;
    this.needs = needs;
    this.item = item;
  }

  /** Raises doses to what is planned for the week, the largest need first, as far as it fits. */
  WeekFit.Chosen raised(WeekFit.Chosen chosen, int stageWeek) {
    List<Piece> pieces = new ArrayList<>(chosen.pieces());
    List<Integer> order = new ArrayList<>();
    for (int p = 0; p < pieces.size(); p++) {
      order.add(p);
    }
    order.sort(
        Comparator.comparingInt((Integer p) -> pieces.get(p).purpose(worths) == 0 ? 0 : 1)
            .thenComparingDouble(p -> -worth(pieces.get(p), worths))
            .thenComparingInt(p -> p));
    for (int p : order) {
      Piece piece = pieces.get(p);
      if (!chosen.days().get(p).none() && piece.counts()) {
        raise(chosen, pieces, p, stageWeek);
      }
    }
    return new WeekFit.Chosen(
        pieces, chosen.days(), chosen.tail(), chosen.frames(), chosen.firstFirst());
  }

  private void raise(WeekFit.Chosen chosen, List<Piece> pieces, int p, int stageWeek) {
    Piece before = pieces.get(p);
    Exercise exercise = before.item().exercise().orElseThrow();
    Dose.Prescribed planned = exercise.dose().in(stageWeek, Block.STAGE_WEEKS);
    for (Dose.Prescribed much = planned; ; ) {
      pieces.set(p, before.with(item.apply(exercise, much)));
      if (good(chosen, pieces)) {
        return;
      }
      Optional<Dose.Prescribed> less = exercise.dose().step(much, -1);
      if (less.isEmpty()) {
        break;
      }
      much = less.get();
    }
    pieces.set(p, before);
  }

  /** Whether every day fits, no exercise takes too much of one, and the first need stays first. */
  private boolean good(WeekFit.Chosen chosen, List<Piece> pieces) {
    for (int d = 0; d < Days.IN_A_WEEK; d++) {
      DayShape shape = new DayShape(chosen.frames().get(d));
      int longest = 0;
      for (int p = 0; p < pieces.size(); p++) {
        if (chosen.days().get(p).has(d + 1)) {
          shape.add(pieces.get(p), 1);
          longest = Math.max(longest, pieces.get(p).seconds());
        }
      }
      boolean tooLong = shape.length() >= Session.LONG && longest * 3 > shape.length();
      if (chosen.frames().get(d).most() >= 0 && (!shape.fits() || tooLong)) {
        return false;
      }
    }
    return !chosen.firstFirst() || firstFirst(chosen.days(), pieces);
  }

  private boolean firstFirst(List<Days> days, List<Piece> pieces) {
    long[] each = new long[worths.length];
    for (int p = 0; p < pieces.size(); p++) {
      int purpose = pieces.get(p).purpose(worths);
      if (purpose >= 0) {
        each[purpose] += (long) days.get(p).count() * pieces.get(p).seconds();
      }
    }
    return Arrays.stream(each).limit(needs).allMatch(t -> t <= each[0]);
  }

  private static double worth(Piece piece, double[] needs) {
    double sum = 0;
    for (int n = 0; n < needs.length; n++) {
      sum += needs[n] * piece.service()[n];
    }
    return sum;
  }
}
