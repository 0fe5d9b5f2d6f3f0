package loosehip.core.pivot;

import loosehip.core.named.Named;

/** The club the budget is for; shorter clubs ask for less shoulder turn (ours). */
public enum Club implements Named {
  DRIVER("driver", "driver", 0),
  IRON("iron", "mid-iron", 5),
  WEDGE("wedge", "wedge", 15);

  private final String id;
  private final String word;
  private final double lessTurn;

  Club(String id, String word, double lessTurn) {
    this.id = id;
    this.word = word;
    this.lessTurn = lessTurn;
  }

  @Override
  public String id() {
    return id;
  }

  /** The word shown. */
  public String word() {
    return word;
  }

  /** Degrees taken off the school's shoulder target. */
  public double lessTurn() {
    return lessTurn;
  }
}
