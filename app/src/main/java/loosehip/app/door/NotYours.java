package loosehip.app.door;

import loosehip.app.store.Position;

/** Something asked for by somebody who may not do it. */
public final class NotYours extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final Position needs;

  NotYours(Position needs) {
    super("needs " + needs.id(), null, false, false);
    this.needs = needs;
  }

  /** What is to be said. */
  public String words() {
    return needs == Position.OWNER
        ? "Only the owner of the practice may do this. Nothing was changed."
        : "A helper measures and logs; this is for a trainer. Nothing was changed.";
  }
}
