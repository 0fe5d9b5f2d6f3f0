package loosehip.core.limit;

import loosehip.core.named.Named;

/** A physical restriction that tests can find; per side where the rule book names one. */
public enum LimitKind implements Named {
  TRAIL_IR("trail-ir", "Trail hip, inward", false),
  LEAD_IR("lead-ir", "Lead hip, inward", false),
  TRAIL_ER("trail-er", "Trail hip, outward", false),
  LEAD_ER("lead-er", "Lead hip, outward", false),
  TILT_CONTROL("tilt-control", "Tilt control", false),
  HINGE("hinge", "Hinge", false),
  DISSOCIATION("dissociation", "Pelvis under the chest", false),
  GLUTE_SWITCH("glute-switch", "Seat muscles, switching on", true),
  GLUTE_STRENGTH("glute-strength", "Seat strength", true),
  SIDE_HIP("side-hip", "Side of the hip", true),
  SINGLE_LEG("single-leg", "One-leg control", true),
  HAMSTRING("hamstring", "Back of the thigh", true),
  HIP_FLEXOR("hip-flexor", "Front of the hip", true),
  TRUNK_TURN("trunk-turn", "Trunk turn", true),
  OVERHEAD("overhead", "Overhead reach", false),
  SQUAT("squat", "Squat", false),
  ANKLE("ankle", "Ankle", true),
  FRONT("front", "Front hold", false),
  LANDING("landing", "Landing", true),
  KNEE_TRACK("knee-track", "Knee tracking", true);

  private final String id;
  private final String title;
  private final boolean sided;

  LimitKind(String id, String title, boolean sided) {
    this.id = id;
    this.title = title;
    this.sided = sided;
  }

  @Override
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** Whether it is looked at on each side. */
  public boolean sided() {
    return sided;
  }

  /** Whether this is one of the four hip ranges. */
  public boolean hipRange() {
    return ordinal() <= LEAD_ER.ordinal();
  }
}
