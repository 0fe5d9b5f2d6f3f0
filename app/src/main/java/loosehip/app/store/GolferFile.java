package loosehip.app.store;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.measure.Slot;

/**
 * Everything kept about one golfer at one visit, as it stands now.
 *
 * @param id the golfer
 * @param name the golfer's name
 * @param visitId the visit looked at
 * @param visitNumber 1 for the first
 * @param visitOn its date
 * @param facts noted facts by topic: the golfer's own and this visit's
 * @param tries tries of this visit, in order within each slot
 * @param lastStep what undo would take back
 * @param earlier earlier visits, the newest first
 */
public record GolferFile(
    String id,
    String name,
    String visitId,
    int visitNumber,
    LocalDate visitOn,
    Map<String, Noted> facts,
    List<TakenTry> tries,
    Optional<String> lastStep,
    List<EarlierVisit> earlier) {

  /** A visit before this one. */
  public record EarlierVisit(String visitId, LocalDate on, List<TakenTry> tries) {}

  /** The value of a topic, if noted. */
  public Optional<String> value(String topic) {
    return Optional.ofNullable(facts.get(topic)).map(Noted::value);
  }

  /** The tries in one slot, in order. */
  public List<TakenTry> tries(Slot slot) {
    return tries.stream().filter(t -> t.slot().equals(slot)).toList();
  }
}
