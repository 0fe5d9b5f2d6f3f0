package loosehip.core.body;

import loosehip.core.named.Named;

/** A leg by its place in the swing: nearer the target (lead) or farther from it (trail). */
public enum Leg implements Named {
  TRAIL("trail"),
  LEAD("lead");

  private final String id;

  Leg(String id) {
    this.id = id;
  }

  @Override
  public String id() {
    return id;
  }

  /** The other leg. */
  public Leg other() {
    return this == TRAIL ? LEAD : TRAIL;
  }
}
