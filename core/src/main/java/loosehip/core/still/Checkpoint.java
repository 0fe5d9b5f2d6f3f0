package loosehip.core.still;

import loosehip.core.named.Named;

/** The moment a still shows. */
public enum Checkpoint implements Named {
  /** Standing tall before the set-up: gives the neutral belt line and the height in the picture. */
  TALL("tall", "Standing tall"),
  ADDRESS("address", "Address"),
  TOP("top", "Top"),
  IMPACT("impact", "Impact"),
  FINISH("finish", "Finish");

  private final String id;
  private final String title;

  Checkpoint(String id, String title) {
    this.id = id;
    this.title = title;
  }

  @Override
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** Whether it is read against the address of the same camera. */
  public boolean pairs() {
    return this == TOP || this == IMPACT || this == FINISH;
  }
}
