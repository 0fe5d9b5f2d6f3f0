package loosehip.app.exercise;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.limit.LimitKind;
import loosehip.core.plan.Dose;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.LadderId;
import loosehip.core.plan.Position;
import loosehip.core.plan.Tool;
import loosehip.core.plan.Tools;
import loosehip.core.safety.Demand;

/**
 * An exercise of a practice's own, with the fields of the shipped ones.
 *
 * @param id as the practice names it: small letters, digits, hyphens
 * @param text how it is told
 * @param kind what sort of work it is
 * @param serves limits it serves fully, at least one
 * @param also limits it serves by half
 * @param dose how much
 * @param doseText the dose as it was written
 * @param position where it is done
 * @param tools what must be at hand
 * @param demands what it asks of the body; cautions act on these
 * @param above the own exercise it is a harder rung of; empty when it begins a ladder
 */
public record OwnExercise(
    String id,
    ExerciseText text,
    Exercise.Kind kind,
    List<LimitKind> serves,
    List<LimitKind> also,
    Dose dose,
    String doseText,
    Position position,
    Set<Tool> tools,
    Set<Demand> demands,
    Optional<String> above)
    implements OwnItem {

  /** The exercise as it is planned, under its id in plans, on a rung of a ladder. */
  Exercise planned(ItemId planId, LadderId ladder, int rung) {
    return new Exercise(
        planId,
        ladder,
        rung,
        kind,
        serves,
        also,
        dose,
        position,
        Tools.each(tools),
        demands,
        Set.of());
  }
}
