package loosehip.core.safety;

import loosehip.core.named.Named;

/**
 * What a movement asks of the body. Cautions block or change demands, never named exercises, so
 * that a new exercise is safe as soon as its demands are ticked. Source: domain/05, Demands.
 */
public enum Demand implements Named {
  IR_END("ir-end", "a hip turned in to its end"),
  ER_END("er-end", "a hip turned out to its end"),
  HIP_DEEP("hip-deep", "a hip bent past a right angle"),
  HIP_CROSS("hip-cross", "a thigh across the midline"),
  HIP_OPEN("hip-open", "the front of a hip opened to its end"),
  KNEE_DEEP("knee-deep", "a loaded knee bent past a right angle"),
  KNEE_BEND("knee-bend", "a half squat"),
  KNEE_TWIST("knee-twist", "turning stress inside a knee"),
  KNEEL("kneel", "kneeling"),
  STANCE_TWIST("stance-twist", "the pelvis turning on a loaded leg"),
  ONE_LEG("one-leg", "standing free on one leg"),
  ONE_LEG_HELD("one-leg-held", "standing on one leg with a hand on something"),
  EYES_CLOSED("eyes-closed", "closed eyes"),
  BEND_LOAD("bend-load", "the trunk bent forward under load"),
  BEND_END("bend-end", "the trunk folded to its end"),
  TWIST_LOAD("twist-load", "the trunk turned under load"),
  TWIST_END("twist-end", "the trunk turned to its end"),
  ARCH_END("arch-end", "the lower back hollowed to its end"),
  ON_BACK("on-back", "lying on the back"),
  ON_FRONT("on-front", "lying on the front"),
  HANDS_DOWN("hands-down", "weight on the wrists"),
  ARM_UP("arm-up", "an arm overhead"),
  ARM_LOAD("arm-load", "a loaded shoulder"),
  IMPACT("impact", "a landing"),
  FAST("fast", "speed"),
  HEAVY("heavy", "a weight"),
  STRAIN("strain", "a hold over 10 s"),
  NERVE("nerve", "a straight-knee stretch behind the leg"),
  GROIN("groin", "a wide straddle under load");

  private final String id;
  private final String words;

  Demand(String id, String words) {
    this.id = id;
    this.words = words;
  }

  @Override
  public String id() {
    return id;
  }

  /** It in words, as an exercise asks it: {@code a hip turned in to its end}. */
  public String words() {
    return words;
  }
}
