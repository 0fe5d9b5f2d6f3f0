package loosehip.core.link;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import loosehip.core.measure.Band;

/** How much a finding on a cause's own test says about it (ours, from practice). */
public enum Strength {
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

  /** The id used in files; also the word shown. */
  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The strength with this id, or empty. */
  public static Optional<Strength> parse(String id) {
    return Arrays.stream(values()).filter(s -> s.id().equals(id)).findFirst();
  }
}
