package loosehip.core.plan;

import loosehip.core.named.Named;

/** Where a drill stands for a golfer, once it is no longer given as it would be at first. */
public enum DrillStep implements Named {
  /** Given in its reduced form, whatever the body could do. */
  EASIER("easier"),
  /** Held for a week, so that the next of its line follows. */
  LEARNT("learnt");

  private final String id;

  DrillStep(String id) {
    this.id = id;
  }

  @Override
  public String id() {
    return id;
  }
}
