package loosehip.app.store;

import loosehip.core.named.Named;

/** What somebody may do in a practice; each may do what the ones after it may. */
public enum Position implements Named {
  OWNER("owner", "everything, people and backups too"),
  TRAINER("trainer", "everything but people and backups"),
  HELPER("helper", "measures and logs; erases, exports and sets nothing for the practice");

  private final String id;
  private final String may;

  Position(String id, String may) {
    this.id = id;
    this.may = may;
  }

  @Override
  public String id() {
    return id;
  }

  /** What they may do, in a phrase. */
  public String may() {
    return may;
  }

  /** The two together. */
  public String said() {
    return id + ": " + may;
  }

  /** Whether this one may do what that one may. */
  public boolean atLeast(Position that) {
    return compareTo(that) <= 0;
  }
}
