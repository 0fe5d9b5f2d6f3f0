package loosehip.core.pivot;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * A coherent idea of the pivot, as numbers (ours, from practice). Turns in degrees, positive away
 * from the target; shifts in centimetres away from the target.
 */
public enum School {
  SETTLED_BASE(
      "settled-base",
      "Settled base",
      "quiet legs, coil above them",
      25,
      35,
      90,
      5,
      EnumSet.of(LeadRelease.HELD, LeadRelease.KNEE),
      35,
      85,
      0,
      2,
      false),
  ROTATION_FIRST(
      "rotation-first",
      "Rotation first",
      "turn between the feet",
      40,
      50,
      90,
      10,
      EnumSet.of(LeadRelease.HELD, LeadRelease.KNEE),
      40,
      90,
      0,
      3,
      false),
  FREE_TURN(
      "free-turn",
      "Free turn",
      "big turn, trail leg lengthens, heel free",
      50,
      65,
      95,
      20,
      EnumSet.allOf(LeadRelease.class),
      38,
      90,
      0,
      3,
      true),
  SHIFT_AND_TURN(
      "shift-and-turn",
      "Shift and turn",
      "support moves over the trail leg, lead side travels round",
      35,
      45,
      90,
      10,
      EnumSet.of(LeadRelease.KNEE, LeadRelease.HEEL),
      35,
      90,
      3,
      8,
      false);

  private final String id;
  private final String title;
  private final String idea;
  private final double pelvisLow;
  private final double pelvisHigh;
  private final double shoulderTarget;
  private final double straighteningLimit;
  private final Set<LeadRelease> releases;
  private final double openAtImpact;
  private final double finish;
  private final double shiftLow;
  private final double shiftHigh;
  private final boolean roundedSpineAllowed;

  School(
      String id,
      String title,
      String idea,
      double pelvisLow,
      double pelvisHigh,
      double shoulderTarget,
      double straighteningLimit,
      Set<LeadRelease> releases,
      double openAtImpact,
      double finish,
      double shiftLow,
      double shiftHigh,
      boolean roundedSpineAllowed) {
    this.id = id;
    this.title = title;
    this.idea = idea;
    this.pelvisLow = pelvisLow;
    this.pelvisHigh = pelvisHigh;
    this.shoulderTarget = shoulderTarget;
    this.straighteningLimit = straighteningLimit;
    this.releases = releases;
    this.openAtImpact = openAtImpact;
    this.finish = finish;
    this.shiftLow = shiftLow;
    this.shiftHigh = shiftHigh;
    this.roundedSpineAllowed = roundedSpineAllowed;
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

  /** Least pelvis turn at the top. */
  public double pelvisLow() {
    return pelvisLow;
  }

  /** Most pelvis turn at the top. */
  public double pelvisHigh() {
    return pelvisHigh;
  }

  /** Shoulder turn wanted at the top with this club. */
  public double shoulderTarget(Club club) {
    return shoulderTarget - club.lessTurn();
  }

  /** How far the trail knee may straighten going back. */
  public double straighteningLimit() {
    return straighteningLimit;
  }

  /** What the lead leg may do going back. */
  public Set<LeadRelease> releases() {
    return releases;
  }

  /** How far the pelvis is open at impact. */
  public double openAtImpact() {
    return openAtImpact;
  }

  /** How far the pelvis has turned through at the finish. */
  public double finish() {
    return finish;
  }

  /** Least pelvis shift at the top, cm. */
  public double shiftLow() {
    return shiftLow;
  }

  /** Most pelvis shift at the top, cm; 2 cm more is a clear sway. */
  public double shiftHigh() {
    return shiftHigh;
  }

  /** Whether a gently rounded back is one of its set-up shapes. */
  public boolean roundedSpineAllowed() {
    return roundedSpineAllowed;
  }

  /** The school with this id, or empty. */
  public static Optional<School> parse(String id) {
    return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst();
  }
}
