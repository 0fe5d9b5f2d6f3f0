package loosehip.core.plan;

import java.util.List;
import java.util.Set;
import loosehip.core.body.Leg;
import loosehip.core.limit.Body;
import loosehip.core.link.Link;
import loosehip.core.link.Need;
import loosehip.core.link.Seen;
import loosehip.core.pivot.School;
import loosehip.core.safety.Health;

/**
 * What a block is planned from: a golfer already judged, and what is wished and decided.
 *
 * @param body the body as screened
 * @param health what must be respected
 * @param school the pivot worked towards; some drills belong to one
 * @param catalogue the exercises and drills to choose from
 * @param needs ranked needs; those measured enough or not at all are passed over
 * @param links the pivot faults seen, the first to be worked on first
 * @param seen what was seen at address and in the swing
 * @param wishes what the golfer can give to the work
 * @param held rungs that were held, by the log
 * @param arcsOverruled hips whose shifted arc the trainer does not believe in
 * @param edits what the trainer decided; what cannot be held is said in the block's notes
 */
public record PlanRequest(
    Body body,
    Health health,
    School school,
    Catalogue catalogue,
    List<Need> needs,
    List<Link> links,
    Seen seen,
    Wishes wishes,
    Set<ItemId> held,
    Set<Leg> arcsOverruled,
    PlanEdits edits) {

  /** The same with other decisions. */
  public PlanRequest with(PlanEdits decided) {
    return new PlanRequest(
        body, health, school, catalogue, needs, links, seen, wishes, held, arcsOverruled, decided);
  }

  /** The same with other wishes. */
  public PlanRequest with(Wishes wanted) {
    return new PlanRequest(
        body, health, school, catalogue, needs, links, seen, wanted, held, arcsOverruled, edits);
  }

  /** The same with these rungs held. */
  public PlanRequest holding(Set<ItemId> rungs) {
    return new PlanRequest(
        body, health, school, catalogue, needs, links, seen, wishes, rungs, arcsOverruled, edits);
  }
}
