package loosehip.core.link;

import loosehip.core.measure.Band;

/** Where a part of a need comes from. It is put into words where it is shown. */
public sealed interface NeedReason {

  /**
   * A fault the limit stands behind.
   *
   * @param fault which
   * @param likelihood how likely the limit is its cause
   * @param servesComplaint whether the fault serves a named complaint
   */
  record Behind(Fault fault, Likelihood likelihood, boolean servesComplaint)
      implements NeedReason {}

  /** Measured less than enough though no fault asks for it: worth spare minutes, and no more. */
  record Groundwork(Band band) implements NeedReason {}

  /** The turn budget is short going back, and this range limits it. */
  record LimitsGoingBack() implements NeedReason {}

  /** The turn budget is short coming through. */
  record LimitsComingThrough() implements NeedReason {}

  /** The shoulders fall short while the hips have turn to spare. */
  record ShouldersShort() implements NeedReason {}

  /** This hip turns in notably less than the other one. */
  record LessThanOtherHip() implements NeedReason {}
}
