package loosehip.core.trace;

import loosehip.core.named.Named;

/** In what the angles of a recording are written, as far as somebody said. */
public enum AngleUnit implements Named {
  /** Nobody said: degrees, unless their size makes one ask. */
  NOT_SAID("not-said"),
  DEGREES("degrees"),
  RADIANS("radians");

  private final String id;

  AngleUnit(String id) {
    this.id = id;
  }

  @Override
  public String id() {
    return id;
  }
}
