package loosehip.core.measure;

import java.util.Optional;
import loosehip.core.named.Named;

/**
 * Kinds of angle that are read alike. A hand known from one kind says nothing about another
 * (domain/02).
 */
public enum AngleKind implements Named {
  HIP_TURN("hip-turn", "hip turns"),
  TRUNK_AND_TILT("trunk-and-tilt", "trunk and tilt"),
  PELVIC_DROP("pelvic-drop", "pelvic drop"),
  MUSCLE_LENGTH("muscle-length", "length and reach");

  private final String id;
  private final String words;

  AngleKind(String id, String words) {
    this.id = id;
    this.words = words;
  }

  @Override
  public String id() {
    return id;
  }

  /** The plain words shown. */
  public String words() {
    return words;
  }

  /** The kind of a test; empty when it is not an angle. */
  public static Optional<AngleKind> of(ScreenTest test) {
    if (test.unit() != Unit.DEGREES) {
      return Optional.empty();
    }
    return Optional.of(
        switch (test) {
          case STANDING_TURN, SEATED_ROTATION, PRONE_ROTATION -> HIP_TURN;
          case SIDE_HIP_HOLD -> PELVIC_DROP;
          case LEG_EXTENSION_SHORT, HIP_FLEXOR_LENGTH, OVERHEAD_REACH -> MUSCLE_LENGTH;
          default -> TRUNK_AND_TILT;
        });
  }
}
