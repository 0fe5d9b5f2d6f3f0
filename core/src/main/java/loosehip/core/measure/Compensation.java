package loosehip.core.measure;

import loosehip.core.named.Named;

/** A way a golfer cheats a test without knowing; voids the try or lowers confidence in the set. */
public enum Compensation implements Named {
  SHAFT_LEFT_PELVIS("shaft-left-pelvis", "shaft left the hip bones", true),
  CHEST_ONLY("chest-only", "chest turned, pelvis did not", true),
  FOOT_ROLLED("foot-rolled", "foot rolled", false),
  KNEE_TURNED("knee-turned", "knee turned", false),
  PELVIS_LIFTED("pelvis-lifted", "pelvis lifted", true),
  TRUNK_LEAN("trunk-lean", "trunk leaned", false);

  private final String id;
  private final String word;
  private final boolean voids;

  Compensation(String id, String word, boolean voids) {
    this.id = id;
    this.word = word;
    this.voids = voids;
  }

  @Override
  public String id() {
    return id;
  }

  /** The words shown. */
  public String word() {
    return word;
  }

  /** Whether a try with this is dropped; otherwise it discounts the set. */
  public boolean voids() {
    return voids;
  }
}
