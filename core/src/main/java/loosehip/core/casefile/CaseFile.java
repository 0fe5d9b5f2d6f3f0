package loosehip.core.casefile;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.limit.Body;
import loosehip.core.link.Complaint;
import loosehip.core.link.Overrule;
import loosehip.core.link.Seen;
import loosehip.core.link.SpineShape;
import loosehip.core.measure.Screen;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.plan.Wishes;
import loosehip.core.safety.Health;

/**
 * Everything the judgement needs to know about one golfer. Missing parts mean "not measured".
 *
 * @param who who it is, without a name
 * @param complaints what the golfer says goes wrong
 * @param health open warning signs and cautions
 * @param screen the newest reading of every test, held against the band edges in force
 * @param setup set-up figures and leg release
 * @param seen faults and habits looked at
 * @param school the school chosen for this golfer
 * @param spineShape the shape of the back the trainer chose; the school's usual one while empty
 * @param wishes what can be given to the work; empty means no plan is wanted yet
 * @param arcsOverruled hips whose shifted arc the trainer does not believe in
 * @param overrules what the trainer decided about single links
 * @param practice what the practice judges by
 */
public record CaseFile(
    Who who,
    Set<Complaint> complaints,
    Health health,
    Screen screen,
    Setup setup,
    Seen seen,
    School school,
    Optional<SpineShape> spineShape,
    Optional<Wishes> wishes,
    Set<Leg> arcsOverruled,
    List<Overrule> overrules,
    Practice practice) {

  /** Copies the collections. */
  public CaseFile {
    complaints = Set.copyOf(complaints);
    arcsOverruled = Set.copyOf(arcsOverruled);
    overrules = List.copyOf(overrules);
  }

  /** A case judged by everything as shipped, with nothing overruled. */
  public CaseFile(
      Handed handed,
      Set<Complaint> complaints,
      Health health,
      Screen screen,
      Setup setup,
      Seen seen,
      School school,
      Optional<Wishes> wishes) {
    this(
        Who.of(handed),
        complaints,
        health,
        screen,
        setup,
        seen,
        school,
        Optional.empty(),
        wishes,
        Set.of(),
        List.of(),
        Practice.SHIPPED);
  }

  /**
   * Which way the golfer stands; the right-hander's way where nobody said. Nothing sided is judged
   * then, see {@link #handSaid}.
   */
  public Handed handed() {
    return who.handed().orElse(Handed.RIGHT);
  }

  /** Whether anybody said which way the golfer stands. */
  public boolean handSaid() {
    return who.handed().isPresent();
  }

  /** The body as it was screened. */
  public Body body() {
    return new Body(screen, handed());
  }

  /**
   * The same golfer mirrored: the other hand, every side exchanged. The judgement must not change.
   */
  public CaseFile mirrored() {
    return new CaseFile(
        who.mirrored(),
        complaints,
        health.mirrored(),
        screen.mirrored(),
        setup,
        seen,
        school,
        spineShape,
        wishes,
        arcsOverruled,
        overrules,
        practice);
  }

  /** The shape of the back in force. */
  public SpineShape shape() {
    return SpineShape.inForce(school, spineShape);
  }

  /** The same golfer with other wishes. */
  public CaseFile with(Wishes wanted) {
    return new CaseFile(
        who,
        complaints,
        health,
        screen,
        setup,
        seen,
        school,
        spineShape,
        Optional.of(wanted),
        arcsOverruled,
        overrules,
        practice);
  }
}
