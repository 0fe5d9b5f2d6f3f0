package loosehip.core.body;

/** A leg by its place in the swing: nearer the target (lead) or farther from it (trail). */
public enum Leg {
  TRAIL("trail"),
  LEAD("lead");

  private final String id;

  Leg(String id) {
    this.id = id;
  }

  /** The id used in files and addresses: {@code trail} or {@code lead}. */
  public String id() {
    return id;
  }

  /** The other leg. */
  public Leg other() {
    return this == TRAIL ? LEAD : TRAIL;
  }
}
