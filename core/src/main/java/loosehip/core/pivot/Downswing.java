package loosehip.core.pivot;

import java.util.Arrays;
import java.util.Optional;

/** A way to start down; it chooses drills and checks, the budget does not change. */
public enum Downswing {
  SIT_THEN_TURN("sit-then-turn", "Sit, then turn", "the belt lowers before it opens"),
  LEAD_HIP_BACK("lead-hip-back", "Lead hip back", "the lead seat goes back and round first"),
  LATE_POST("late-post", "Late post", "the lead leg straightens late, thigh drawn back"),
  SLOW_HIPS("slow-hips", "Slow hips", "the arms drop while the pelvis waits");

  private final String id;
  private final String title;
  private final String idea;

  Downswing(String id, String title, String idea) {
    this.id = id;
    this.title = title;
    this.idea = idea;
  }

  /** The id used in files. */
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** Its idea in a phrase. */
  public String idea() {
    return idea;
  }

  /** The style with this id, or empty. */
  public static Optional<Downswing> parse(String id) {
    return Arrays.stream(values()).filter(d -> d.id.equals(id)).findFirst();
  }
}
