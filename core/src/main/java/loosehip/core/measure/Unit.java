package loosehip.core.measure;

/** What a number counts. */
public enum Unit {
  DEGREES("°", 1),
  SECONDS(" s", 0),
  CENTIMETRES(" cm", 1),
  LANDINGS(" of 3", 0),
  WORD("", 0);

  private final String sign;
  private final int decimals;

  Unit(String sign, int decimals) {
    this.sign = sign;
    this.decimals = decimals;
  }

  /** What is written after the number. */
  public String sign() {
    return sign;
  }

  /** How many decimals are kept when typed. */
  public int decimals() {
    return decimals;
  }
}
