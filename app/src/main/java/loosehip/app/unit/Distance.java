package loosehip.app.unit;

import loosehip.core.named.Named;

/** What a ball's flight is told in. Kept are metres. */
public enum Distance implements Named {
  METRES("m", 1),
  /** 0.9144 m by definition. */
  YARDS("yd", 0.9144);

  private final String id;
  private final double metres;

  Distance(String id, double metres) {
    this.id = id;
    this.metres = metres;
  }

  @Override
  public String id() {
    return id;
  }

  double metres() {
    return metres;
  }
}
