package loosehip.core.casefile;

import loosehip.core.link.BackLoad;
import loosehip.core.measure.Slot;
import loosehip.core.pivot.Hips;
import loosehip.core.plan.PlanNote;

/** Something the reader of an assessment must know, as data. */
public sealed interface Notice {

  /** What every reader is told: a decision aid, local rules first. */
  record DecisionAid() implements Notice {}

  /** A warning sign waits for a clinician: no movement test, no plan. */
  record Refer() implements Notice {}

  /** Something loads a lower back that hurts. */
  record LoadsTheBack(BackLoad by) implements Notice {}

  /** Something had to go from the plan, or stays open in it. */
  record OfPlan(PlanNote note) implements Notice {}

  /** Pain ended a test, so that its result is no evidence of stiffness. */
  record StoppedByPain(Slot slot) implements Notice {}

  /** Every try of a set is void, so that it counts as not measured. */
  record AllVoid(Slot slot) implements Notice {}

  /** Nobody said which way the golfer stands, so that no side is trail or lead. */
  record HandUnknown() implements Notice {}

  /** A part of the turn budget that no test gives. */
  record NotMeasured(Hips.Part part) implements Notice {}
}
