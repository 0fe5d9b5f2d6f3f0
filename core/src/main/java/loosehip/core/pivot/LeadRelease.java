package loosehip.core.pivot;

import java.util.Arrays;
import java.util.Optional;

/** What the lead leg allows going back. The degrees it buys are ours, from practice. */
public enum LeadRelease {
  HELD("held", "lead foot and knee held", 0),
  KNEE("knee", "lead knee comes in and behind the ball", 12),
  HEEL("heel", "lead heel rises too", 25);

  private final String id;
  private final String word;
  private final double buys;

  LeadRelease(String id, String word, double buys) {
    this.id = id;
    this.word = word;
    this.buys = buys;
  }

  /** The id used in files. */
  public String id() {
    return id;
  }

  /** The words shown. */
  public String word() {
    return word;
  }

  /** Degrees of pelvis turn it adds to the lead side going back. */
  public double buys() {
    return buys;
  }

  /** The release with this id, or empty. */
  public static Optional<LeadRelease> parse(String id) {
    return Arrays.stream(values()).filter(r -> r.id.equals(id)).findFirst();
  }
}
