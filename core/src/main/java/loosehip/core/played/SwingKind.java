package loosehip.core.played;

import loosehip.core.named.Named;

/** A swing that can be played. */
public enum SwingKind implements Named {
  GOOD_ORDER("good-order", "Good order"),
  EARLY_STOP("early-stop", "Pelvis stops early"),
  ARMS_FIRST("arms-first", "Arms first"),
  TOE_FALL("toe-fall", "Weight on the toes");

  private final String id;
  private final String title;

  SwingKind(String id, String title) {
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
