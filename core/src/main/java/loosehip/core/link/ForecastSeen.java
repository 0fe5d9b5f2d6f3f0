package loosehip.core.link;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.measure.Band;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.TurnBudget;

/**
 * The forecast of the turn budget held against what was seen: agreement is evidence for the body; a
 * fault seen with room to spare points to habit.
 *
 * @param fault which
 * @param kind how forecast and sight agree
 */
public record ForecastSeen(PivotFault fault, Kind kind) {

  /** How forecast and sight agree. */
  public enum Kind {
    AGREES("forecast and seen: the body pays for it"),
    NOT_SEEN("forecast, looked for, not there: this golfer pays in another way"),
    LOOK("forecast, not looked at yet"),
    UNDECIDED("seen while the margin is close: body or habit, the next test will tell"),
    SURPRISE("seen with room to spare: a habit more than a limit");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    /** What it means, in words. */
    public String words() {
      return words;
    }
  }

  /**
   * Holds a forecast against what was seen.
   *
   * @param expected the forecast, empty when no margin is short
   * @param budget the budget it comes from; where a fault's own margin is not known, the fault is
   *     not called a surprise
   */
  public static List<ForecastSeen> of(
      List<Forecast.Expected> expected, TurnBudget budget, Seen seen) {
    Map<PivotFault, Kind> kinds = new LinkedHashMap<>();
    for (Forecast.Expected e : expected) {
      Level level = seen.level(e.fault());
      kinds.putIfAbsent(
          e.fault(),
          level.present() ? Kind.AGREES : level == Level.NONE ? Kind.NOT_SEEN : Kind.LOOK);
    }
    for (PivotFault fault : Forecast.POSSIBLE) {
      if (!kinds.containsKey(fault) && seen.level(fault).present()) {
        own(fault, budget)
            .map(Margin::band)
            .filter(band -> band != Band.SHORT)
            .ifPresent(
                band -> kinds.put(fault, band == Band.ENOUGH ? Kind.SURPRISE : Kind.UNDECIDED));
      }
    }
    List<ForecastSeen> all = new ArrayList<>();
    kinds.forEach((fault, kind) -> all.add(new ForecastSeen(fault, kind)));
    return all;
  }

  /** The margin a fault would have to pay for: going back, or coming through. */
  static Optional<Margin> own(PivotFault fault, TurnBudget budget) {
    return Forecast.COMING_THROUGH.contains(fault) ? budget.impactMargin() : budget.backMargin();
  }

  /**
   * The faults that were seen though none of them was forecast: how this body pays instead, when
   * something forecast is not there.
   */
  public static List<PivotFault> instead(List<Forecast.Expected> expected, Seen seen) {
    return Arrays.stream(PivotFault.values())
        .filter(f -> seen.level(f).present())
        .filter(f -> expected.stream().noneMatch(e -> e.fault() == f))
        .toList();
  }
}
