package loosehip.core.trace;

import loosehip.core.named.Named;

/** A moment marked in a pressure trace, in the order of the swing. */
public enum PressureMoment implements Named {
  ADDRESS("address", "address"),
  TOP("top", "top"),
  ARM_LEVEL("arm-level", "arm level coming down"),
  IMPACT("impact", "impact"),
  FINISH("finish", "finish");

  private final String id;
  private final String title;

  PressureMoment(String id, String title) {
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
