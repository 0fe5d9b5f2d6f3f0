package loosehip.core.pivot;

import loosehip.core.named.Named;

/** What the lead leg allows going back. What it buys stands in {@link Coefficients}. */
public enum LeadRelease implements Named {
  HELD("held", "lead foot and knee held"),
  KNEE("knee", "lead knee comes in and behind the ball"),
  HEEL("heel", "lead heel rises too");

  private final String id;
  private final String word;

  LeadRelease(String id, String word) {
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
}
