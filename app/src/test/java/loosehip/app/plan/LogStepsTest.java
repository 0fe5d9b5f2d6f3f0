package loosehip.app.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.golfer.GolferText;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Homework;
import loosehip.app.store.PlanVersions;
import loosehip.core.follow.Done;
import loosehip.core.follow.ItemLog;
import loosehip.core.follow.RungRule;
import loosehip.core.plan.Block;
import loosehip.core.plan.Dose;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Planner;
import org.junit.jupiter.api.Test;

/** What the log asks, over the versions of a plan. */
class LogStepsTest {
  private static final ItemId DROPS = ItemId.of("seated-knee-drops");
  private static final Workup STIFF =
      GolferText.workup(
          """
          consent=1
          try seated-rotation.right.internal 22
          try seated-rotation.left.internal 36
          try seated-rotation.left.external 42
          try trunk-turn.right 38
          fault.sway=clear
          wish.minutes=25
          wish.days=5
          """);

  private final LogSteps steps = new LogSteps(mock(), mock());

  private static Plans.Plan version(int number, PlanEdits edits) {
    Block block =
        Planner.plan(STIFF.judgement().request(STIFF.golfer().wishes().orElseThrow(), edits));
    return new Plans.Plan(
        Optional.of(new PlanVersions.Version(number, "", "", "", Instant.EPOCH, "Wren")),
        edits,
        block,
        25,
        Map.of());
  }

  private static Homework.Said said(int plan, int day, int pain) {
    return new Homework.Said(
        plan,
        DROPS,
        new ItemLog(
            LocalDate.of(2026, 11, day),
            Done.TOP,
            Optional.of(4),
            Optional.of(pain),
            true,
            false,
            false),
        Homework.Words.NONE,
        "Wren");
  }

  private Optional<RungRule.Step> step(List<Plans.Plan> versions, List<Homework.Said> log) {
    return Optional.ofNullable(steps.of(versions, log, 1).get(DROPS)).map(RungRule.Verdict::step);
  }

  @Test
  void aStepBackStaysInForceOverANewVersionThatAsksForTheSame() {
    Plans.Plan first = version(1, PlanEdits.NONE);
    Plans.Plan moved = version(2, PlanEdits.NONE.leave(ItemId.of("wall-slides")));
    List<Homework.Said> sore = List.of(said(1, 2, 4));
    assertThat(step(List.of(first), sore)).contains(RungRule.Step.STEP_BACK);
    assertThat(step(List.of(moved, first), sore)).contains(RungRule.Step.STEP_BACK);
  }

  @Test
  void sessionsOnBothSidesOfANewVersionCountTogether() {
    List<Plans.Plan> versions = List.of(version(2, PlanEdits.NONE), version(1, PlanEdits.NONE));
    List<Homework.Said> log = new ArrayList<>(List.of(said(1, 2, 0), said(1, 3, 0)));
    assertThat(step(versions, log)).contains(RungRule.Step.HOLD);
    log.add(said(2, 5, 0));
    assertThat(step(versions, log)).contains(RungRule.Step.MOVE_UP);
  }

  @Test
  void aVersionThatGivesLessOfItHasActedUponTheLog() {
    Plans.Plan first = version(1, PlanEdits.NONE);
    PlanItem drops =
        first.block().items().stream().filter(i -> i.id().equals(DROPS)).findFirst().orElseThrow();
    Dose.Prescribed more = drops.dose().step(drops.much(), 1).orElseThrow();
    Plans.Plan changed = version(2, PlanEdits.NONE.dose(DROPS, more));
    assertThat(step(List.of(changed, first), List.of(said(1, 2, 4)))).isEmpty();
  }
}
