package loosehip.core.link;

import loosehip.core.named.Named;

/** Whether the right movement can be done slowly without a ball after being shown. */
public enum Rehearsal implements Named {
  NOT_TRIED("not-tried", "not tried"),
  CAN("can", "can"),
  CANNOT("cannot", "cannot yet");

  private final String id;
  private final String word;

  Rehearsal(String id, String word) {
    this.id = id;
    this.word = word;
  }

  @Override
  public String id() {
    return id;
  }

  /** The words shown. */
  public String word() {
    return word;
  }

  /** Factor on the odds of a body cause. */
  double bodyFactor() {
    return switch (this) {
      case CAN -> 0.5;
      case CANNOT -> 2;
      case NOT_TRIED -> 1;
    };
  }

  /** Factor on the odds of a habit. */
  double habitFactor() {
    return switch (this) {
      case CAN -> 3;
      case CANNOT -> 0.3;
      case NOT_TRIED -> 1;
    };
  }
}
