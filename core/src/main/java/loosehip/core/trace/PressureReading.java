package loosehip.core.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.core.pivot.School;

/**
 * What a pressure trace says.
 *
 * @param trace what was read
 * @param checks every figure whose moment is marked
 * @param towardsToes how far the weight fell towards the toes between the top and impact; empty
 *     when neither start down nor impact is marked
 */
public record PressureReading(PressureTrace trace, List<Check> checks, Optional<Toes> towardsToes) {
  /** Weight beyond this falls on the toes (domain: traces). */
  public static final double TOE_FALL = 0.65;

  /** What drills aim at on the lead foot (domain: traces). */
  public static final List<Double> DRILL_TARGETS = List.of(0.80, 0.90);

  /** Copies the list. */
  public PressureReading {
    checks = List.copyOf(checks);
  }

  /** A figure, its value and where it is right. */
  public record Check(PressureFigure figure, double value, PressureFigure.Window window) {
    /** Whether it is right. */
    public boolean inside() {
      return window.holds(value);
    }
  }

  /**
   * The weight at its furthest towards the toes.
   *
   * @param share 0 heel to 1 toe, of the foot that is further
   * @param leadFoot which foot that is
   * @param at when, seconds
   */
  public record Toes(double share, boolean leadFoot, double at) {
    /** Whether it falls on the toes. */
    public boolean falls() {
      return share > TOE_FALL + 1e-9;
    }
  }

  /** Reads a trace without problems, for a golfer's school. */
  public static PressureReading of(PressureTrace trace, School school) {
    List<Check> checks = new ArrayList<>();
    for (PressureFigure figure : PressureFigure.values()) {
      trace
          .at(figure.moment())
          .ifPresent(
              weight ->
                  checks.add(
                      new Check(
                          figure,
                          figure.of(weight),
                          figure.window(school == School.SETTLED_BASE))));
    }
    return new PressureReading(trace, checks, toes(trace));
  }

  /** From after the top to impact, as far as they are marked. */
  private static Optional<Toes> toes(PressureTrace trace) {
    Integer down = trace.moments().get(PressureMoment.ARM_LEVEL);
    Integer impact = trace.moments().get(PressureMoment.IMPACT);
    if (down == null && impact == null) {
      return Optional.empty();
    }
    int last = impact == null ? down : impact;
    Integer top = trace.moments().get(PressureMoment.TOP);
    int first = top != null ? Math.min(top + 1, last) : down == null ? impact : down;
    Toes most = new Toes(-1, true, 0);
    for (int row = first; row <= last; row++) {
      boolean lead = trace.leadToe()[row] >= trace.trailToe()[row];
      double share = lead ? trace.leadToe()[row] : trace.trailToe()[row];
      if (share > most.share()) {
        most = new Toes(share, lead, trace.seconds()[row]);
      }
    }
    return Optional.of(most);
  }

  /** A check by its figure, where its moment is marked. */
  public Optional<Check> check(PressureFigure figure) {
    return checks.stream().filter(c -> c.figure() == figure).findFirst();
  }
}
