package loosehip.app.store;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.follow.AtHome;
import loosehip.core.follow.ItemLog;
import loosehip.core.measure.Slot;
import loosehip.core.plan.BlockSpan;
import loosehip.core.plan.ItemId;

/**
 * Everything kept about one golfer at one visit, as it stands now.
 *
 * @param id the golfer
 * @param name the golfer's name
 * @param visitId the visit looked at
 * @param visitNumber which visit it is by date, 1 for the first
 * @param visitOn its date
 * @param closed who closed the visit; empty while it is open
 * @param facts noted facts by topic: the golfer's own and this visit's
 * @param signs warning signs answered yes and clearances of them at whatever visit, each the newest
 * @param tries tries of this visit, in order within each slot
 * @param earlier the latest earlier visits, the newest first, at most {@link #EARLIER_AT_HAND}, and
 *     the one chosen to be compared with
 * @param given the plan in the golfer's hand; empty while none was given
 */
public record GolferFile(
    String id,
    String name,
    String visitId,
    int visitNumber,
    LocalDate visitOn,
    Optional<Visits.Closed> closed,
    Map<String, Noted> facts,
    Map<String, Noted> signs,
    List<TakenTry> tries,
    List<EarlierVisit> earlier,
    Optional<PlanGiven> given) {
  /** So many earlier visits are kept at hand; older ones are read when they are compared. */
  public static final int EARLIER_AT_HAND = 4;

  /** A visit before this one, with the facts noted at it. */
  public record EarlierVisit(
      String visitId, LocalDate on, Map<String, Noted> facts, List<TakenTry> tries) {}

  /**
   * The newest version of the plan given.
   *
   * @param number of the version
   * @param span the days it runs over
   * @param items the ids of everything in it, without repeats
   * @param stopped what its log has stopped, with what stopped it; also what is in no session of
   *     it, such as a part of the reset
   * @param logged the last day the log says something about; empty when it says nothing yet
   * @param home how the golfer gets on with it at home
   */
  public record PlanGiven(
      int number,
      BlockSpan span,
      List<ItemId> items,
      Map<ItemId, ItemLog> stopped,
      Optional<LocalDate> logged,
      AtHome home) {}

  /** The earlier visit chosen to be compared with; empty when the latest one serves. */
  public Optional<EarlierVisit> baseline() {
    return Optional.ofNullable(facts.get(GolferFiles.BASELINE))
        .map(Noted::value)
        .flatMap(id -> earlier.stream().filter(v -> v.visitId().equals(id)).findFirst());
  }

  /** The tries in one slot, in order. */
  public List<TakenTry> tries(Slot slot) {
    return tries.stream().filter(t -> t.slot().equals(slot)).toList();
  }
}
