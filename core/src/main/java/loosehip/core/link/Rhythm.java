package loosehip.core.link;

import loosehip.core.named.Named;

/**
 * The right rhythm of pelvis and knees, moment by moment, for reference beside the faults. Source:
 * domain/04, practice.
 */
public enum Rhythm implements Named {
  /** Before it starts. */
  ADDRESS("address", "Address", "level", "both face front"),
  /** Lead arm level going back. */
  ARM_LEVEL("arm-level", "Arm level, back", "turns, still level", "trail knee opens a little"),
  /** The first of the downswing. */
  START_DOWN("start-down", "Start down", "lead side lowers a little", "trail knee comes back"),
  /** Hands at hip height coming down. */
  HIP_HEIGHT("hip-height", "Hands at hip height", "level again", "trail faces front, lead opens"),
  /** Impact and just after. */
  IMPACT("impact", "Impact and after", "lead side higher", "both straighten late"),
  /** The end. */
  FINISH("finish", "Finish", "level", "both long");

  private final String id;
  private final String title;
  private final String pelvis;
  private final String knees;

  Rhythm(String id, String title, String pelvis, String knees) {
    this.id = id;
    this.title = title;
    this.pelvis = pelvis;
    this.knees = knees;
  }

  @Override
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** What the line of the pelvis does. */
  public String pelvis() {
    return pelvis;
  }

  /** What the knees do. */
  public String knees() {
    return knees;
  }
}
