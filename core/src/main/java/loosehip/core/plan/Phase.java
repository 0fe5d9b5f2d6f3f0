package loosehip.core.plan;

/** The parts of a session, in their order. */
public enum Phase {
  SETTLE("settle"),
  CONTROL("control"),
  LOOSEN("loosen"),
  /** Loosening under the body's own weight, after the free one. */
  LOADED("loosen"),
  SWITCH_ON("switch on"),
  STRENGTHEN("strengthen"),
  COMBINE("combine"),
  FAST("fast"),
  /** The set-up routine, before the drill. */
  SET_UP("groove"),
  GROOVE("groove");

  private final String word;

  Phase(String word) {
    this.word = word;
  }

  /** The word shown. */
  public String word() {
    return word;
  }
}
