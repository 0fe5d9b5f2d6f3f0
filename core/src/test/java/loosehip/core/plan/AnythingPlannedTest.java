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

  private static void same(PlanRequest request) {
    assertThat(Planner.anything(request)).isEqualTo(!Planner.plan(request).empty());
  }
}
