package loosehip.core.plan;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import loosehip.core.pivot.Downswing;

/**
 * What the golfer can give to the work.
 *
 * @param minutesPerDay 1 to 120
 * @param daysPerWeek 1 to 7
 * @param weeks 4 to 8
 * @param start first day of the block
 * @param tools what is at hand
 * @param blackout days on which nothing can be done
 * @param downswing the way to start down that is worked towards; empty for none in particular
 * @param baseWork whether minutes that stay free are filled with base work
 * @param bodyKg the golfer's weight in kilograms; empty when nobody said
 */
public record Wishes(
    int minutesPerDay,
    int daysPerWeek,
    int weeks,
    LocalDate start,
    Set<Tool> tools,
    Set<LocalDate> blackout,
    Optional<Downswing> downswing,
    boolean baseWork,
    Optional<Double> bodyKg) {
  /** Weeks of a block when nobody says otherwise. */
  public static final int USUAL_WEEKS = 6;

  /**
   * @throws IllegalArgumentException when a number is outside its range
   */
  public Wishes {
    if (minutesPerDay < 1 || minutesPerDay > 120) {
      throw new IllegalArgumentException("Minutes a day go from 1 to 120: " + minutesPerDay);
    }
    if (daysPerWeek < 1 || daysPerWeek > 7) {
      throw new IllegalArgumentException("Days a week go from 1 to 7: " + daysPerWeek);
    }
    if (weeks < 4 || weeks > 8) {
      throw new IllegalArgumentException("A block lasts 4 to 8 weeks: " + weeks);
    }
    tools = Set.copyOf(tools);
    blackout = Set.copyOf(blackout);
  }

  /** Wishes without a blacked-out day. */
  public Wishes(int minutesPerDay, int daysPerWeek, int weeks, LocalDate start, Set<Tool> tools) {
    this(
        minutesPerDay,
        daysPerWeek,
        weeks,
        start,
        tools,
        Set.of(),
        Optional.empty(),
        true,
        Optional.empty());
  }

  /** The date of the retest, at the end of the block. */
  public LocalDate retest() {
    return start.plusWeeks(weeks);
  }

  /** The half-way check for tilt and hinge, after three weeks. */
  public LocalDate halfWay() {
    return start.plusWeeks(3);
  }

  /** The same from another first day. */
  public Wishes from(LocalDate first) {
    return new Wishes(
        minutesPerDay, daysPerWeek, weeks, first, tools, blackout, downswing, baseWork, bodyKg);
  }
}
