package loosehip.core.link;

import java.util.Arrays;
import java.util.Optional;

/** A learnt way of moving, as golfer or trainer names it. */
public enum Habit {
  HELD_STILL("held-still", "Holds still", "told to keep hips, knee or head still"),
  ARM_LIFT("arm-lift", "Lifts the arms", "finishes the backswing with the arms"),
  UPPER_FIRST("upper-first", "Shoulders first", "shoulders start down"),
  SPIN_HIPS("spin-hips", "Spins the hips", "opens hips before pressure moves"),
  GROUND_PUSH("ground-push", "Pushes off the ground", "straightens with the front of the thigh"),
  HURRY("hurry", "Hurries", "rushes the change of direction"),
  GUARDED("guarded", "Guards", "protects a sore or feared place");

  private final String id;
  private final String title;
  private final String seen;

  Habit(String id, String title, String seen) {
    this.id = id;
    this.title = title;
    this.seen = seen;
  }

  /** The id used in files and addresses. */
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** How it looks. */
  public String seen() {
    return seen;
  }

  /** The one with this id, or empty. */
  public static Optional<Habit> parse(String id) {
    return Arrays.stream(values()).filter(v -> v.id.equals(id)).findFirst();
  }
}
