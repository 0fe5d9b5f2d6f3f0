package loosehip.core.link;

import loosehip.core.named.Named;

/** How strongly a fault is seen. */
public enum Level implements Named {
  NOT_LOOKED_AT("not-looked-at", "not looked at"),
  NONE("none", "none"),
  SLIGHT("slight", "slight"),
  CLEAR("clear", "clear");

  private final String id;
  private final String word;

  Level(String id, String word) {
    this.id = id;
    this.word = word;
  }

  @Override
  public String id() {
    return id;
  }

  /** The word shown. */
  public String word() {
    return word;
  }

  /** Whether the fault is there at all. */
  public boolean present() {
    return this == SLIGHT || this == CLEAR;
  }

  /** Weight of the fault in sums: clear 1, slight 0.5, otherwise 0. */
  public double severity() {
    return this == CLEAR ? 1 : this == SLIGHT ? 0.5 : 0;
  }

  /** Factor on the odds of a set-up cause or of a fault that another follows. */
  double factor() {
    return switch (this) {
      case CLEAR -> 4;
      case SLIGHT -> 2;
      case NONE -> 0.3;
      case NOT_LOOKED_AT -> 1;
    };
  }
}
