package loosehip.core.pivot;

import loosehip.core.named.Named;

/** A way to start down; it chooses drills and checks, the budget does not change. */
public enum Downswing implements Named {
  SIT_THEN_TURN(
      "sit-then-turn",
      "Sit, then turn",
      "the belt lowers before it opens",
      "behind: belt lower than at the top, chest still back, before the belt opens"),
  LEAD_HIP_BACK(
      "lead-hip-back",
      "Lead hip back",
      "the lead seat goes back and round first",
      "behind: the lead seat reaches the wall line before the arms drop"),
  LATE_POST(
      "late-post",
      "Late post",
      "the lead leg straightens late, thigh drawn back",
      "face on: head level as the lead knee straightens, and not before the hands pass hip height"),
  SLOW_HIPS(
      "slow-hips",
      "Slow hips",
      "the arms drop while the pelvis waits",
      "face on: hands at hip height while the belt is still near square");

  /** What is checked in every style (domain/03 §5): the pelvis keeps its depth. */
  public static final String SHARED_CHECK =
      "from behind, the pelvis comes no nearer the ball until the ball has gone";

  private final String id;
  private final String title;
  private final String idea;
  private final String check;

  Downswing(String id, String title, String idea, String check) {
    this.id = id;
    this.title = title;
    this.idea = idea;
    this.check = check;
  }

  @Override
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

  /** From where to look, and what shows that it is done so (ours, from practice). */
  public String check() {
    return check;
  }
}
