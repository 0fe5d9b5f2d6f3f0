package loosehip.core.link;

/** A visible departure in the pivot. */
public enum PivotFault implements Fault {
  SWAY("sway", "Sway", "top, face on", "pelvis drifts away from the target"),
  EARLY_STOP(
      "early-stop",
      "Early stop",
      "backswing, from behind",
      "pelvis stops turning before the arms do"),
  ARM_WRAP("arm-wrap", "Arm wrap", "top", "arms carry on after the chest stops"),
  SHORT_TURN("short-turn", "Short turn", "top", "shoulders turn too little"),
  REVERSE_TILT("reverse-tilt", "Reverse tilt", "top, face on", "spine leans towards the target"),
  TRAIL_LOCK("trail-lock", "Trail knee locks", "top", "trail knee straight and heel light"),
  KNEE_DRIFT("knee-drift", "Knee drift", "backswing, face on", "trail knee moves outside the foot"),
  DIP("dip", "Dip", "top", "head or belt drops"),
  PUSH_IN(
      "push-in", "Push in", "takeaway, from behind", "pelvis moves towards the ball going back"),
  SLIDE("slide", "Slide", "impact, face on", "pelvis passes the lead ankle"),
  HANG_BACK(
      "hang-back", "Hang back", "impact and finish", "pelvis or pressure stays on the trail side"),
  HIP_THRUST("hip-thrust", "Hip thrust", "impact, from behind", "pelvis moves towards the ball"),
  OVER_TOP("over-top", "Over the top", "start down", "shoulders start, path out to in"),
  SPIN_OUT("spin-out", "Spin out", "start down", "pelvis opens before pressure moves"),
  STALL_FLIP("stall-flip", "Stall and flip", "impact", "pelvis stops, hands overtake"),
  KNEE_DIVE("knee-dive", "Knee dive", "start down, face on", "trail knee collapses in"),
  TOE_FALL("toe-fall", "Toe fall", "any", "pressure runs to the toes"),
  STEEP_BEND("steep-bend", "Steep side bend", "impact, face on", "side bend beyond 40"),
  LEAD_RISE(
      "lead-rise", "Lead side rises", "start down, face on", "lead side of the pelvis rises early"),
  FINISH_SHORT("finish-short", "Finish short", "finish", "belt buckle short of the target"),
  OVER_TURN("over-turn", "Over-turn", "top", "pelvis turns more than the school holds"),
  LEAD_KNEE_DIVE(
      "lead-knee-dive",
      "Lead knee dives",
      "top, face on",
      "lead knee falls inside its toes, or a held heel leaves"),
  LEAD_KNEE_STUCK(
      "lead-knee-stuck",
      "Lead knee stuck",
      "top, face on",
      "lead knee stays where the school frees it"),
  TRAIL_KNEE_STUCK(
      "trail-knee-stuck",
      "Trail knee stuck",
      "top",
      "trail knee as bent as at address where it may lengthen"),
  STAYS_FOLDED(
      "stays-folded", "Stays folded", "top", "chest as bent over as at address, turn short"),
  FLAT_SHOULDERS(
      "flat-shoulders", "Flat shoulders", "top, face on", "shoulder line within 15 of level"),
  HEAD_DRIFT(
      "head-drift", "Head drifts", "takeaway, face on", "head leaves its window going back early");

  private final String id;
  private final String title;
  private final String phase;
  private final String seen;

  PivotFault(String id, String title, String phase, String seen) {
    this.id = id;
    this.title = title;
    this.phase = phase;
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
    return Family.FOLLOWS;
  }

  /** When and from where it is seen. */
  public String phase() {
    return phase;
  }

  @Override
  public double weight() {
    return 1;
  }

  @Override
  public String seen() {
    return seen;
  }
}
