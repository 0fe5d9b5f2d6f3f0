package loosehip.core.trace;

import loosehip.core.named.Named;

/** What a recording follows. */
public enum RecordingKind implements Named {
  MOVEMENT("movement", "Movement"),
  PRESSURE("pressure", "Pressure");

  private final String id;
  private final String title;

  RecordingKind(String id, String title) {
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
