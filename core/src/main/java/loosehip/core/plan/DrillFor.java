package loosehip.core.plan;

import java.util.Optional;
import loosehip.core.link.PivotFault;

/**
 * The drill chosen for a fault.
 *
 * @param drill the drill
 * @param fault the fault it is for
 * @param form in which form
 * @param notFull why not in full; empty for the full form
 * @param now whether it is done in this stage, rather than after what is done now has held
 */
public record DrillFor(
    ItemId drill, PivotFault fault, Drill.Form form, Optional<Reason> notFull, boolean now) {}
