package loosehip.app.exercise;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.PivotFault;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.School;
import loosehip.core.plan.Dose;
import loosehip.core.plan.Drill;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.Tool;
import loosehip.core.plan.Tools;
import loosehip.core.safety.Demand;

/**
 * A practice drill of a practice's own, with the fields of the shipped ones. Its easier form is
 * told by the text.
 *
 * @param id as the practice names it: small letters, digits, hyphens
 * @param text how it is told
 * @param faults faults it works on, at least one
 * @param schools the schools it belongs to; empty when it serves all
 * @param style the way to start down it belongs to; empty when it serves all
 * @param needs limits that must be at least close before the full form is given
 * @param dose how much, in either form
 * @param doseText the dose as it was written
 * @param full what the full form asks for
 * @param easier what the easier form asks for
 * @param last whether it is learnt after the shipped drills of its faults, rather than before them
 */
public record OwnDrill(
    String id,
    ExerciseText text,
    List<PivotFault> faults,
    Set<School> schools,
    Optional<Downswing> style,
    List<LimitKind> needs,
    Dose dose,
    String doseText,
    Form full,
    Form easier,
    boolean last)
    implements OwnItem {

  /**
   * One of its forms.
   *
   * @param tools what must be at hand
   * @param demands what it asks of the body; cautions act on these
   */
  public record Form(Set<Tool> tools, Set<Demand> demands) {
    private Drill.Asks asks() {
      return new Drill.Asks(Tools.each(tools), demands);
    }
  }

  /** The drill as it is planned, under its id in plans. */
  Drill planned(ItemId planId) {
    return new Drill(
        planId,
        faults,
        schools,
        style,
        needs,
        dose,
        full.asks(),
        easier.asks(),
        Set.of(),
        Set.of(),
        Set.of(),
        1);
  }
}
