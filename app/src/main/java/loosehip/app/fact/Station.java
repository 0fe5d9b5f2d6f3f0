package loosehip.app.fact;

import loosehip.core.named.Named;

/** The seven stations, in working order. */
public enum Station implements Named {
  TALK("talk", "Talk"),
  MEASURE("measure", "Measure"),
  SET_UP("set-up", "Set-up"),
  SWING("swing", "Swing"),
  LINKS("links", "Links"),
  PLAN("plan", "Plan"),
  FOLLOW("follow", "Follow");

  private final String id;
  private final String title;

  Station(String id, String title) {
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
