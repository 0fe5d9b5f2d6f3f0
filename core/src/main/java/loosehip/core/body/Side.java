package loosehip.core.body;

import loosehip.core.named.Named;

/** An anatomical side of the body. Stored everywhere; never mixed with {@link Leg}. */
public enum Side implements Named {
  LEFT("left", "L"),
  RIGHT("right", "R");

  private final String id;
  private final String letter;

  Side(String id, String letter) {
    this.id = id;
    this.letter = letter;
  }

  @Override
  public String id() {
    return id;
  }

  /** One letter for labels: {@code L} or {@code R}. */
  public String letter() {
    return letter;
  }

  /** The other side of the same body. */
  public Side other() {
    return this == LEFT ? RIGHT : LEFT;
  }
}
