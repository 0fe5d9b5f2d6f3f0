package loosehip.app.fact;

import java.util.Optional;
import loosehip.core.body.Side;
import loosehip.core.named.Named;

/** Which side a caution concerns, as it is noted. */
public enum CautionSide implements Named {
  LEFT("left"),
  RIGHT("right"),
  BOTH("both"),
  /** The caution has no side. */
  YES("yes");

  private final String id;

  CautionSide(String id) {
    this.id = id;
  }

  @Override
  public String id() {
    return id;
  }

  /** The one side; empty for both, and for a caution without sides. */
  public Optional<Side> side() {
    return Named.parse(Side.class, id);
  }
}
