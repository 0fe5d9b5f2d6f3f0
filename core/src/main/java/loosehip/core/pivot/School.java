package loosehip.core.pivot;

import java.util.EnumSet;
import java.util.Set;
import loosehip.core.named.Named;

/**
 * A coherent idea of the pivot (ours, from practice). Its numbers are what it demands; a practice
 * may set them for itself, see {@link Coefficients#demands}.
 */
public enum School implements Named {
  SETTLED_BASE(
      "settled-base",
      "Settled base",
      "quiet legs, coil above them",
      EnumSet.of(LeadRelease.HELD, LeadRelease.KNEE),
      false,
      new Demands(25, 35, 90, 5, 35, 85, 0, 2, 0, 2)),
  ROTATION_FIRST(
      "rotation-first",
      "Rotation first",
      "turn between the feet",
      EnumSet.of(LeadRelease.HELD, LeadRelease.KNEE),
      false,
      new Demands(40, 50, 90, 10, 40, 90, 0, 3, 2, 4)),
  FREE_TURN(
      "free-turn",
      "Free turn",
      "big turn, trail leg lengthens, heel free",
      EnumSet.allOf(LeadRelease.class),
      true,
      new Demands(50, 65, 95, 20, 38, 90, 0, 3, 2, 4)),
  SHIFT_AND_TURN(
      "shift-and-turn",
      "Shift and turn",
      "support moves over the trail leg, lead side travels round",
      EnumSet.of(LeadRelease.KNEE, LeadRelease.HEEL),
      false,
      new Demands(35, 45, 90, 10, 35, 90, 3, 8, 0, 2));

  private final String id;
  private final String title;
  private final String idea;
  private final Set<LeadRelease> releases;
  private final boolean usuallyRounded;
  private final Demands shipped;

  School(
      String id,
      String title,
      String idea,
      Set<LeadRelease> releases,
      boolean usuallyRounded,
      Demands shipped) {
    this.id = id;
    this.title = title;
    this.idea = idea;
    this.releases = releases;
    this.usuallyRounded = usuallyRounded;
    this.shipped = shipped;
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

  /** What it demands unless a practice has set its own. */
  public Demands shipped() {
    return shipped;
  }

  /** What the lead leg may do going back. */
  public Set<LeadRelease> releases() {
    return releases;
  }

  /** Whether its usual set-up has a gently rounded back; the trainer chooses. */
  public boolean usuallyRounded() {
    return usuallyRounded;
  }
}
