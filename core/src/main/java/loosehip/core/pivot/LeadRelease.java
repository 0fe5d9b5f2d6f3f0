package loosehip.core.pivot;

import java.util.Arrays;
import java.util.Optional;

/** What the lead leg allows going back. What it buys stands in {@link Coefficients}. */
public enum LeadRelease {
  HELD("held", "lead foot and knee held"),
  KNEE("knee", "lead knee comes in and behind the ball"),
  HEEL("heel", "lead heel rises too");

  private final String id;
  private final String word;

  LeadRelease(String id, String word) {
    this.id = id;
    this.word = word;
  }

  /** The id used in files. */
  public String id() {
    return id;
  }

  /** The words shown. */
  public String word() {
    return word;
  }

  /** The release with this id, or empty. */
  public static Optional<LeadRelease> parse(String id) {
    return Arrays.stream(values()).filter(r -> r.id.equals(id)).findFirst();
  }
}
