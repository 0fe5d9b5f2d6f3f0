package loosehip.core.link;

import java.util.Locale;
import loosehip.core.measure.Band;
import loosehip.core.named.Named;

/** How much a finding on a cause's own test says about it (ours, from practice). */
public enum Strength implements Named {
  STRONG(4, 2, 0.35),
  MODERATE(2.5, 1.6, 0.6),
  WEAK(1.5, 1.2, 0.85);

  private final double whenShort;
  private final double whenClose;
  private final double whenEnough;

  Strength(double whenShort, double whenClose, double whenEnough) {
    this.whenShort = whenShort;
    this.whenClose = whenClose;
    this.whenEnough = whenEnough;
  }

  /** Factor on the odds for this finding; 1 when not measured. */
  public double factor(Band finding) {
    return switch (finding) {
      case SHORT -> whenShort;
      case CLOSE -> whenClose;
      case ENOUGH -> whenEnough;
      case NOT_MEASURED -> 1;
    };
  }

  @Override
  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }
}
