package loosehip.core.plan;

import loosehip.core.named.Named;

/** Where an exercise is done. Sitting on a chair counts as standing: nobody gets down for it. */
public enum Position implements Named {
  STANDING("standing"),
  KNEELING("kneeling"),
  FLOOR("floor");

  private final String id;

  Position(String id) {
    this.id = id;
  }

  @Override
  public String id() {
    return id;
  }

  /** Whether the golfer is down on the floor in it. */
  public boolean down() {
    return this != STANDING;
  }
}
