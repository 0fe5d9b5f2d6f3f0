package loosehip.core.trace;

import loosehip.core.named.Named;

/** A part of the body whose turn a movement trace follows, in the order in which they return. */
public enum SwingSegment implements Named {
  PELVIS("pelvis", "pelvis"),
  TORSO("torso", "torso"),
  ARM("arm", "lead arm");

  private final String id;
  private final String title;

  SwingSegment(String id, String title) {
    this.id = id;
    this.title = title;
  }

  @Override
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }
}
