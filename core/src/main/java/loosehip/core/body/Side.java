package loosehip.core.body;

import java.util.Optional;

/** An anatomical side of the body. Stored everywhere; never mixed with {@link Leg}. */
public enum Side {
  LEFT("left", "L"),
  RIGHT("right", "R");

  private final String id;
  private final String letter;

  Side(String id, String letter) {
    this.id = id;
    this.letter = letter;
  }

  /** The id used in files and addresses: {@code left} or {@code right}. */
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

  /** The side with this id, or empty when the text is neither {@code left} nor {@code right}. */
  public static Optional<Side> parse(String id) {
    return switch (id) {
      case "left" -> Optional.of(LEFT);
      case "right" -> Optional.of(RIGHT);
      default -> Optional.empty();
    };
  }
}
