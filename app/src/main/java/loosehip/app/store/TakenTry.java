package loosehip.app.store;

import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Slot;

/**
 * One try as it stands now.
 *
 * @param rowId the row that holds it; a correction names it
 * @param slot where it belongs
 * @param ordinal 1 to 5 within its slot
 * @param value the number, for numeric slots
 * @param word the word, for the others
 * @param method how it was read
 * @param compensations seen in this try
 * @param voided whether it is dropped from the mean
 * @param blind whether the earlier tries of the set were out of sight
 * @param laidOut the floor angle that was reached, with the shafts that made it
 * @param scatter the deviation of one try it is judged by; empty: as the practice knows it
 * @param at when it was taken
 * @param byId account of whoever took it; empty when it came in a file
 * @param by who took it
 */
public record TakenTry(
    String rowId,
    Slot slot,
    int ordinal,
    Optional<Double> value,
    Optional<String> word,
    Optional<Method> method,
    Set<Compensation> compensations,
    boolean voided,
    boolean blind,
    Optional<String> laidOut,
    Optional<Double> scatter,
    Instant at,
    String byId,
    String by) {}
