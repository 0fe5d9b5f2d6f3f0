package loosehip.core.casefile;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.core.plan.Block;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.Planner;

/**
 * The judgement of one case with the block it calls for: what {@code assess} answers.
 *
 * @param judgement what is made of the case
 * @param plan the block; empty on refer, without wishes, and while the hand is unknown
 */
public record Assessment(Judgement judgement, Optional<Block> plan) {

  /** Assesses a case. Pure: the same case gives the same assessment. */
  public static Assessment of(CaseFile golfer) {
    Judgement judgement = Judgement.of(golfer);
    Optional<Block> plan =
        judgement.status() == Judgement.Status.REFER || !golfer.handSaid()
            ? Optional.empty()
            : golfer
                .wishes()
                .map(wishes -> Planner.plan(judgement.request(wishes, PlanEdits.NONE)));
    return new Assessment(judgement, plan);
  }

  /** What the reader must know, the gravest first. */
  public List<Notice> notices() {
    List<Notice> notices = new ArrayList<>(judgement.noticesBefore());
    plan.ifPresent(block -> block.notes().forEach(n -> notices.add(new Notice.OfPlan(n))));
    notices.addAll(judgement.noticesAfter());
    return List.copyOf(notices);
  }
}
