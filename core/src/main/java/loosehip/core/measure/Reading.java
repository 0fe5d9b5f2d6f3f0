package loosehip.core.measure;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Up to five tries in one slot at one visit, by one method.
 *
 * @param slot where the numbers belong
 * @param method how they were read; empty when they are not angles
 * @param tries in the order taken, voided ones included
 * @param compensations seen in tries that count
 * @param pain named during the test
 * @param tryDeviation standard deviation of one try by whoever took it, in degrees; used for angles
 */
public record Reading(
    Slot slot,
    Optional<Method> method,
    List<Try> tries,
    Set<Compensation> compensations,
    Pain pain,
    double tryDeviation) {

  /** The most tries kept in one set. */
  public static final int MOST_TRIES = 5;

  /** Tries farther apart than this ask for another one, in degrees. */
  public static final double WIDE_SPREAD = 6;

  /** A set whose tries scatter as the method's default says. */
  public Reading(
      Slot slot,
      Optional<Method> method,
      List<Try> tries,
      Set<Compensation> compensations,
      Pain pain) {
    this(
        slot,
        method,
        tries,
        compensations,
        pain,
        method.orElse(Method.INCLINOMETER).tryDeviation());
  }

  /**
   * @throws IllegalArgumentException when there are more than five tries, or the deviation is not
   *     positive
   */
  public Reading {
    if (!(tryDeviation > 0)) {
      throw new IllegalArgumentException("A deviation is above 0: " + tryDeviation);
    }
    if (tries.size() > MOST_TRIES) {
      throw new IllegalArgumentException("A set holds at most five tries: " + tries.size());
    }
    tries = List.copyOf(tries);
    compensations = Set.copyOf(compensations);
  }

  /** The values that count, in order. */
  public List<Double> counted() {
    if (compensations.stream().anyMatch(Compensation::voids)) {
      return List.of();
    }
    return tries.stream().filter(t -> !t.voided()).map(Try::value).toList();
  }

  /** Mean of the tries that count, or empty when none does. */
  public Optional<Double> mean() {
    List<Double> values = counted();
    return values.isEmpty()
        ? Optional.empty()
        : Optional.of(values.stream().mapToDouble(Double::doubleValue).average().orElseThrow());
  }

  /** Largest less smallest of the tries that count; 0 for fewer than two. */
  public double spread() {
    var range = counted().stream().mapToDouble(Double::doubleValue).summaryStatistics();
    return range.getCount() < 2 ? 0 : range.getMax() - range.getMin();
  }

  /** Whether the tries of an angle lie too far apart to trust their mean. */
  public boolean askForAnother() {
    return slot.test().unit() == Unit.DEGREES && spread() > WIDE_SPREAD;
  }

  /** The same set taken on the other side of a mirrored body. */
  public Reading mirrored() {
    return new Reading(slot.mirrored(), method, tries, compensations, pain, tryDeviation);
  }
}
