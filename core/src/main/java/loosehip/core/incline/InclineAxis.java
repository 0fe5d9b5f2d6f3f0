package loosehip.core.incline;

import java.util.Optional;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Unit;
import loosehip.core.named.Named;

/** Which turn of the phone is the angle of a test, and how the phone is laid on. */
public enum InclineAxis implements Named {
  SHANK(
      "shank",
      "Shank",
      "Long side along the shank, screen to the front or back. Zero: hanging, or standing, plumb."),
  SHAFT(
      "shaft",
      "Shaft",
      "Flat on the shaft across the hips or chest. Zero: square, before the turn. It drifts: set it"
          + " anew for each side."),
  TRUNK(
      "trunk",
      "Trunk",
      "Long side along the spine or the limb, screen outwards. Zero: standing tall, or as the test"
          + " begins.");

  private final String id;
  private final String title;
  private final String laid;

  InclineAxis(String id, String title, String laid) {
    this.id = id;
    this.title = title;
    this.laid = laid;
  }

  @Override
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** How the phone is laid on, and where its zero is. */
  public String laid() {
    return laid;
  }

  /** Whether it is a turn about the vertical, which gravity does not tell and which drifts. */
  public boolean drifts() {
    return this == SHAFT;
  }

  /** The axis of a test; empty when it is no angle. */
  public static Optional<InclineAxis> of(ScreenTest test) {
    if (test.unit() != Unit.DEGREES) {
      return Optional.empty();
    }
    return Optional.of(
        switch (test) {
          case SEATED_ROTATION, PRONE_ROTATION, SIDE_HIP_HOLD -> SHANK;
          case STANDING_TURN, TRUNK_TURN -> SHAFT;
          default -> TRUNK;
        });
  }

  /** The angle of a phone about this axis, degrees, −180 to 180. */
  public double of(Orientation lies) {
    return switch (this) {
      case SHANK -> Math.toDegrees(Math.atan2(lies.upAcross(), lies.upAlong()));
      case SHAFT -> lies.heading();
      case TRUNK -> Math.toDegrees(Math.atan2(lies.upOut(), lies.upAlong()));
    };
  }

  /** How far one angle lies from another, degrees, 0 to 180, whichever way. */
  public static double apart(double angle, double zero) {
    double apart = Math.abs(angle - zero) % 360;
    return apart > 180 ? 360 - apart : apart;
  }
}
