package loosehip.core.casefile;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Handed;
import loosehip.core.link.Complaint;
import loosehip.core.link.Overrule;
import loosehip.core.link.RuleBook;
import loosehip.core.link.Seen;
import loosehip.core.measure.Screen;
import loosehip.core.pivot.Body;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.Wishes;
import loosehip.core.safety.Health;

/**
 * Everything the judgement needs to know about one golfer. Missing parts mean "not measured".
 *
 * @param handed which way the golfer stands
 * @param complaints what the golfer says goes wrong
 * @param health open warning signs and cautions
 * @param screen the newest reading of every test
 * @param setup set-up figures and leg release
 * @param seen faults and habits looked at
 * @param school the school chosen for this golfer
 * @param wishes what can be given to the work; empty means no plan is wanted yet
 * @param coefficients the figures of the turn budget in force
 * @param overrules what the trainer decided about single links
 * @param rules the rule book in force
 * @param catalogue the exercises and drills to choose from
 * @param edits what the trainer decided about the plan
 */
public record CaseFile(
    Handed handed,
    Set<Complaint> complaints,
    Health health,
    Screen screen,
    Setup setup,
    Seen seen,
    School school,
    Optional<Wishes> wishes,
    Coefficients coefficients,
    List<Overrule> overrules,
    RuleBook rules,
    Catalogue catalogue,
    PlanEdits edits) {

  /** A case judged by the shipped figures of the turn budget. */
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
        handed,
        complaints,
        health,
        screen,
        setup,
        seen,
        school,
        wishes,
        Coefficients.SHIPPED,
        List.of(),
        RuleBook.standard(),
        Catalogue.standard(),
        PlanEdits.NONE);
  }

  /** The body a turn budget is worked out for. */
  public Body body() {
    return new Body(screen, handed, coefficients);
  }

  /**
   * The same golfer mirrored: the other hand, every side exchanged. The judgement must not change.
   */
  public CaseFile mirrored() {
    Handed other = handed == Handed.RIGHT ? Handed.LEFT : Handed.RIGHT;
    return remade(other, health.mirrored(), screen.mirrored(), wishes, edits);
  }

  /** The same golfer with other decisions about the plan. */
  public CaseFile with(PlanEdits decided) {
    return remade(handed, health, screen, wishes, decided);
  }

  /** The same golfer with other wishes. */
  public CaseFile with(Wishes wanted) {
    return remade(handed, health, screen, Optional.of(wanted), edits);
  }

  private CaseFile remade(
      Handed hand, Health cares, Screen measured, Optional<Wishes> wanted, PlanEdits decided) {
    return new CaseFile(
        hand,
        complaints,
        cares,
        measured,
        setup,
        seen,
        school,
        wanted,
        coefficients,
        overrules,
        rules,
        catalogue,
        decided);
  }
}
