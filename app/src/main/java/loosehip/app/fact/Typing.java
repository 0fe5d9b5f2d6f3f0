package loosehip.app.fact;

/** How the value of a fact is typed. */
public enum Typing {
  /** Words. */
  WORDS("text", "text", Fact.TYPED_MOST),
  /** A number that may have a fraction. */
  DECIMAL("text", "decimal", 12),
  /** A whole number. */
  WHOLE("text", "numeric", 6),
  /** A day. */
  DAY("date", "none", 10);

  private final String type;
  private final String keyboard;
  private final int most;

  Typing(String type, String keyboard, int most) {
    this.type = type;
    this.keyboard = keyboard;
    this.most = most;
  }

  /** The type of the input element. */
  public String type() {
    return type;
  }

  /** The keyboard a telephone shows. */
  public String keyboard() {
    return keyboard;
  }

  /** So many letters fit. */
  public int most() {
    return most;
  }
}
