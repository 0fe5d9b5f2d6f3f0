package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.RandomGolfers;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import org.junit.jupiter.api.Test;

/** Whether there is something to give is known without the block, and said alike. */
class AnythingPlannedTest {
  @Law(tries = 200)
  void whetherAnythingIsPlannedIsKnownSooner(Chance chance) {
    CaseFile golfer = RandomGolfers.of(chance.whole(0, 100_000_000));
    Judgement judgement = Judgement.of(golfer);
    Wishes all = golfer.wishes().orElseThrow();
    same(judgement.request(all, PlanEdits.NONE));
    LocalDate from = all.start();
    Set<LocalDate> blackout =
        from.datesUntil(from.plusWeeks(chance.whole(0, all.weeks()))).collect(Collectors.toSet());
    Wishes hardlyAny =
        new Wishes(
            chance.whole(1, 3),
            all.daysPerWeek(),
            all.weeks(),
            from,
            all.tools(),
            blackout,
            all.downswing(),
            all.baseWork(),
            all.bodyKg());
    same(judgement.request(hardlyAny, PlanEdits.NONE));
  }

  /**
   * Neither answer comes by itself: half an hour gives nearly everybody something, a minute few.
   */
  @Test
  void timeEnoughGivesSomethingAndAMinuteSeldom() {
    int inHalfAnHour = 0;
    int inAMinute = 0;
    for (int seed = 0; seed < 40; seed++) {
      CaseFile golfer = RandomGolfers.of(seed);
      Judgement judgement = Judgement.of(golfer);
      Wishes all = golfer.wishes().orElseThrow();
      PlanRequest half = judgement.request(minutes(all, 30), PlanEdits.NONE);
      PlanRequest minute = judgement.request(minutes(all, 1), PlanEdits.NONE);
      same(minute);
      inHalfAnHour += Planner.anything(half) ? 1 : 0;
      inAMinute += Planner.anything(minute) ? 1 : 0;
    }
    assertThat(inHalfAnHour).isGreaterThan(30);
    assertThat(inAMinute).isLessThan(20);
  }

  private static Wishes minutes(Wishes as, int minutes) {
    return new Wishes(minutes, as.daysPerWeek(), as.weeks(), as.start(), as.tools());
  }

  private static void same(PlanRequest request) {
    assertThat(Planner.anything(request)).isEqualTo(!Planner.plan(request).empty());
  }
}
