package loosehip.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.PivotFault;
import loosehip.core.pivot.School;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Demand;

/**
 * A practice drill for a fault.
 *
 * @param id the product's id
 * @param faults faults it works on
 * @param needs limits that must be at least close before it is given
 * @param dose how much
 * @param tools what must be at hand
 * @param demands what it asks of the body; cautions act on these
 * @param notWith cautions it is never given with, whatever it asks
 * @param school the one school it belongs to; empty when it serves any
 */
public record Drill(
    ItemId id,
    List<PivotFault> faults,
    List<LimitKind> needs,
    Dose dose,
    Set<Tool> tools,
    Set<Demand> demands,
    Set<Caution> notWith,
    Optional<School> school) {}
