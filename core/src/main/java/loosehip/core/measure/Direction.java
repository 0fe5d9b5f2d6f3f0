package loosehip.core.measure;

import loosehip.core.named.Named;

/** Which way the thigh bone turns in the socket. */
public enum Direction implements Named {
  INTERNAL("internal", "inward"),
  EXTERNAL("external", "outward");

  private final String id;
  private final String word;

  Direction(String id, String word) {
    this.id = id;
    this.word = word;
  }

  @Override
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
