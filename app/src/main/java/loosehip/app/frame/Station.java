package loosehip.app.frame;

/** The seven stations, in working order. */
public enum Station {
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

  /** The id used in addresses. */
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }
}
