package loosehip.core.safety;

import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Side;

/**
 * A caution as noted for one golfer.
 *
 * @param caution which
 * @param side the side it concerns; empty means both, or that it has no side
 * @param note the golfer's own words; may be blank
 * @param detail what was asked further
 * @param clearance a clinician's clearance in force
 */
public record NotedCaution(
    Caution caution,
    Optional<Side> side,
    String note,
    Detail detail,
    Optional<Clearance> clearance) {

  /**
   * What is asked further about a caution. What is not known counts on the safe side.
   *
   * @param painNow back pain at this visit, 0 to 10
   * @param week week of pregnancy on the day
   * @param weeksAfter weeks since a birth on the day
   * @param replacement whether the knee is a new one
   * @param fresh whether it is new rather than long known
   * @param guarded whether a guardian's consent is on record
   */
  public record Detail(
      Optional<Integer> painNow,
      Optional<Integer> week,
      Optional<Integer> weeksAfter,
      boolean replacement,
      boolean fresh,
      boolean guarded) {
    /** Nothing further is known. */
    public static final Detail NONE =
        new Detail(Optional.empty(), Optional.empty(), Optional.empty(), false, false, false);
  }

  /** A caution on a side, with nothing further. */
  public static NotedCaution of(Caution caution, Side side) {
    return of(caution, Optional.of(side));
  }

  /** A caution without a side, with nothing further. */
  public static NotedCaution of(Caution caution) {
    return of(caution, Optional.empty());
  }

  /** A caution with nothing further. */
  public static NotedCaution of(Caution caution, Optional<Side> side) {
    return new NotedCaution(caution, side, "", Detail.NONE, Optional.empty());
  }

  /** Whether it concerns this side. */
  public boolean concerns(Side which) {
    return side.isEmpty() || side.get() == which;
  }

  /** The demands a clinician allowed although this caution blocks them. */
  public Set<Demand> lifted() {
    return clearance.map(Clearance::lifts).orElse(Set.of());
  }

  /** The same caution of a mirrored body. */
  public NotedCaution mirrored() {
    return new NotedCaution(
        caution, side.map(Side::other), note, detail, clearance.map(Clearance::mirrored));
  }
}
