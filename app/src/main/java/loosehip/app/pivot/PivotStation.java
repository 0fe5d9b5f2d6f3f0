package loosehip.app.pivot;

import java.util.List;
import java.util.Optional;

/**
 * The page of the pivot, ready to be shown.
 *
 * @param golfer the golfer's id
 * @param instrument what is tried; empty while a warning sign waits for a clinician
 * @param today what to do with the set-up today
 * @param schools the four schools, each with its best set-up
 * @param agreements the forecast beside what was seen
 * @param arcs hips whose arc is shifted, which stretching is not likely to help
 * @param lookedAt whether the stance was looked at
 * @param chosenBy who chose the school and when; empty when nobody did
 * @param why why it was chosen; empty when nothing was said
 */
public record PivotStation(
    String golfer,
    Optional<PivotPage> instrument,
    PivotPage.Today today,
    List<PivotPage.SchoolCard> schools,
    List<PivotPage.Agreement> agreements,
    List<ShiftedArcs.Line> arcs,
    boolean lookedAt,
    String chosenBy,
    String why) {}
