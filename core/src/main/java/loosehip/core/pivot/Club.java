package loosehip.core.pivot;

import java.util.Arrays;
import java.util.Optional;

/** The club the budget is for; shorter clubs ask for less shoulder turn (ours). */
public enum Club {
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

  /** The id used in files. */
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

  /** The club with this id, or empty. */
  public static Optional<Club> parse(String id) {
    return Arrays.stream(values()).filter(c -> c.id.equals(id)).findFirst();
  }
}
