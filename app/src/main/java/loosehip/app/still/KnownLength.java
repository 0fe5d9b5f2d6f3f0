package loosehip.app.still;

import java.util.Optional;
import loosehip.core.named.Named;
import loosehip.core.still.Scale;

/** Something of known length that is in the picture. Lengths of clubs are the usual ones (ours). */
enum KnownLength implements Named {
  DRIVER("driver", "driver", 114.3),
  FAIRWAY("fairway", "3-wood", 109),
  IRON_5("iron-5", "5-iron", 96.5),
  IRON_7("iron-7", "7-iron", 94),
  WEDGE("wedge", "wedge", 90),
  PUTTER("putter", "putter", 86.4),
  HEIGHT("height", "standing height", 0),
  BALL("ball", "ball, last resort", Scale.BALL_CM);

  private final String id;
  private final String title;
  private final double cm;

  KnownLength(String id, String title, double cm) {
    this.id = id;
    this.title = title;
    this.cm = cm;
  }

  @Override
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** Its length in centimetres; empty for a height nobody noted. */
  Optional<Double> cm(Optional<Double> heightCm) {
    return this == HEIGHT ? heightCm : Optional.of(cm);
  }
}
