package loosehip.core.measure;

/** Which way the thigh bone turns in the socket. */
public enum Direction {
  INTERNAL("internal", "inward"),
  EXTERNAL("external", "outward");

  private final String id;
  private final String word;

  Direction(String id, String word) {
    this.id = id;
    this.word = word;
  }

  /** The id used in files. */
  public String id() {
    return id;
  }

  /** The plain word spoken to a golfer. */
  public String word() {
    return word;
  }

  /** The part of a test that records this direction. */
  public Part part() {
    return this == INTERNAL ? Part.INTERNAL : Part.EXTERNAL;
  }
}
