package loosehip.core.measure;

/** What a difference between two readings amounts to, given their errors. */
public enum Change {
  REAL("real"),
  LIKELY("likely"),
  WITHIN_THE_RULER("within the ruler");

  private final String word;

  Change(String word) {
    this.word = word;
  }

  /** The words shown. */
  public String word() {
    return word;
  }
}
