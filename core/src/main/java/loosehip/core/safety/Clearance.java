package loosehip.core.safety;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Side;
import loosehip.core.measure.Direction;

/**
 * What a clinician allowed. It lifts nothing but the demands named in it, and what it forbids stays
 * forbidden until another takes its place.
 *
 * @param by who gave it
 * @param profession what they are; empty in records made before it was asked
 * @param on the day it was given; empty in records made before days were kept as data
 * @param limits what was said about limits, in the clinician's words; empty when "no limits" was
 *     said outright
 * @param lookAgainBy the day it is to be looked at again, when one was named
 * @param lifts the demands that are allowed although the caution blocks them
 * @param blocks the demands it forbids
 * @param degrees how far a hip may be turned
 */
public record Clearance(
    String by,
    String profession,
    Optional<LocalDate> on,
    String limits,
    Optional<LocalDate> lookAgainBy,
    Set<Demand> lifts,
    Set<Demand> blocks,
    List<Degrees> degrees) {

  /**
   * How far a hip may be turned one way.
   *
   * @param most degrees not to pass, 0 to 90
   */
  public record Degrees(Side side, Direction direction, double most) {}

  /** Copies the collections. */
  public Clearance {
    lifts = Set.copyOf(lifts);
    blocks = Set.copyOf(blocks);
    degrees = List.copyOf(degrees);
  }

  /** One without limits in degrees, lifting nothing, as they were kept in earlier editions. */
  public static Clearance of(
      String by, Optional<LocalDate> on, String limits, Optional<LocalDate> lookAgainBy) {
    return new Clearance(by, "", on, limits, lookAgainBy, Set.of(), Set.of(), List.of());
  }

  /** Whether the day to look at it again has passed, so that it is in force no more. */
  public boolean lapsed(LocalDate today) {
    return lookAgainBy.filter(today::isAfter).isPresent();
  }

  /** The same of a mirrored body. */
  Clearance mirrored() {
    return new Clearance(
        by,
        profession,
        on,
        limits,
        lookAgainBy,
        lifts,
        blocks,
        degrees.stream().map(d -> new Degrees(d.side().other(), d.direction(), d.most())).toList());
  }
}
