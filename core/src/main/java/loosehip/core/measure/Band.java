package loosehip.core.measure;

import loosehip.core.named.Named;

/** How a result stands against what golf demands, not against an average person. */
public enum Band implements Named {
  ENOUGH("enough"),
  CLOSE("close"),
  SHORT("short"),
  NOT_MEASURED("not-measured");

  private final String id;

  Band(String id) {
    this.id = id;
  }

  @Override
  public String id() {
    return id;
  }

  /** The word shown: {@code not measured} rather than the id. */
  public String word() {
    return id.replace('-', ' ');
  }

  /** Whether a result stands behind this band. */
  public boolean measured() {
    return this != NOT_MEASURED;
  }

  /** The worse of the two; {@code NOT_MEASURED} yields to any measured band. */
  public Band worse(Band other) {
    if (!measured()) {
      return other;
    }
    return !other.measured() || ordinal() >= other.ordinal() ? this : other;
  }

  /** Whether this is at least {@code close}; {@code NOT_MEASURED} is not. */
  public boolean atLeastClose() {
    return this == ENOUGH || this == CLOSE;
  }
}
