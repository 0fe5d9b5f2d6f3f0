package loosehip.core.safety;

import loosehip.core.named.Named;

/**
 * Asked before anybody moves, at every visit. Any yes means: no movement test and no plan until a
 * clinician's clearance with name and date is on record. Nothing here names an illness.
 */
public enum WarningSign implements Named {
  SADDLE_OR_BLADDER(
      "saddle-or-bladder", "Numbness between the legs, or new loss of bladder or bowel control?"),
  LEG_WEAKNESS("leg-weakness", "Weakness in a leg, a dropping foot, or numbness that spreads?"),
  AFTER_FALL(
      "after-fall", "Back or hip pain after a fall or a blow, or with bones known to be brittle?"),
  NIGHT_PAIN(
      "night-pain",
      "Pain at night that no position eases, or pain with fever, weight loss you cannot explain, or a history of cancer?"),
  CHEST_OR_FAINT("chest-or-faint", "Chest pain, fainting or breathlessness on effort?"),
  HOT_JOINT("hot-joint", "A joint or calf that is hot and swollen?"),
  HIP_GIVES_WAY("hip-gives-way", "A hip that catches, gives way or will not bear weight?"),
  SUDDEN_NEURO(
      "sudden-neuro", "A new severe headache, or sudden numbness or weakness of face, arm or leg?");

  private final String id;
  private final String question;

  WarningSign(String id, String question) {
    this.id = id;
    this.question = question;
  }

  @Override
  public String id() {
    return id;
  }

  /** The question as it is read out. */
  public String question() {
    return question;
  }
}
