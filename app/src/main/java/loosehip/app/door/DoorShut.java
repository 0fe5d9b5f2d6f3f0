package loosehip.app.door;

import loosehip.core.safety.Refusal;

/** A door stays shut for a golfer. */
class DoorShut extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final String golfer;
  private final transient Refusal refusal;

  DoorShut(String golfer, Refusal refusal) {
    super("A door stays shut");
    this.golfer = golfer;
    this.refusal = refusal;
  }

  String golfer() {
    return golfer;
  }

  Refusal refusal() {
    return refusal;
  }
}
