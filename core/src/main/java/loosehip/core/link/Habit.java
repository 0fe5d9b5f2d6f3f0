package loosehip.core.link;

import loosehip.core.named.Named;

/** A learnt way of moving, as golfer or trainer names it. */
public enum Habit implements Named, Source {
  HELD_STILL("held-still", "Holds still", "told to keep hips, knee or head still"),
  ARM_LIFT("arm-lift", "Lifts the arms", "finishes the backswing with the arms"),
  UPPER_FIRST("upper-first", "Shoulders first", "shoulders start down"),
  SPIN_HIPS("spin-hips", "Spins the hips", "opens hips before pressure moves"),
  GROUND_PUSH("ground-push", "Pushes off the ground", "straightens with the front of the thigh"),
  HURRY("hurry", "Hurries", "rushes the change of direction"),
  GUARDED("guarded", "Guards", "protects a sore or feared place"),
  REACH("reach", "Reaches", "reaches for the ball at address"),
  COPIED("copied", "Stands as told", "stands as once told or copied");

  private final String id;
  private final String title;
  private final String seen;

  Habit(String id, String title, String seen) {
    this.id = id;
    this.title = title;
    this.seen = seen;
  }

  @Override
  public String id() {
    return id;
  }

  @Override
  public String title() {
    return title;
  }

  @Override
  public Family family() {
    return Family.HABIT;
  }

  /** How it looks. */
  public String seen() {
    return seen;
  }
}
