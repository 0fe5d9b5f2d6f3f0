package loosehip.core.trace;

import java.util.function.ToDoubleFunction;
import loosehip.core.named.Named;

/** A figure of how the weight stands, with the window in which it is right at a moment. */
public enum PressureFigure implements Named {
  ADDRESS_LEAD_TOE(
      "address.leadToe",
      PressureMoment.ADDRESS,
      "Lead foot, heel to toe",
      PressureTrace.Weight::leadToe,
      0.40,
      0.60),
  ADDRESS_TRAIL_TOE(
      "address.trailToe",
      PressureMoment.ADDRESS,
      "Trail foot, heel to toe",
      PressureTrace.Weight::trailToe,
      0.40,
      0.60),
  TOP_TRAIL_SHARE(
      "top.trailShare",
      PressureMoment.TOP,
      "On the trail foot",
      PressureTrace.Weight::trail,
      0.55,
      0.85),
  TOP_TRAIL_TOE(
      "top.trailToe",
      PressureMoment.TOP,
      "Trail foot, heel to toe",
      PressureTrace.Weight::trailToe,
      0,
      0.50),
  TOP_LEAD_TOE(
      "top.leadToe",
      PressureMoment.TOP,
      "Lead foot, heel to toe",
      PressureTrace.Weight::leadToe,
      0.50,
      1),
  ARM_LEVEL_LEAD_SHARE(
      "arm-level.leadShare",
      PressureMoment.ARM_LEVEL,
      "On the lead foot",
      PressureTrace.Weight::lead,
      0.55,
      1),
  FINISH_LEAD_SHARE(
      "finish.leadShare",
      PressureMoment.FINISH,
      "On the lead foot",
      PressureTrace.Weight::lead,
      0.90,
      1);

  /** A settled base keeps more on the lead foot: its window at the top (domain: traces). */
  private static final double SETTLED_LOW = 0.45;

  private static final double SETTLED_HIGH = 0.75;

  private static final double TINY = 1e-9;

  private final String id;
  private final PressureMoment moment;
  private final String title;
  private final ToDoubleFunction<PressureTrace.Weight> of;
  private final double low;
  private final double high;

  PressureFigure(
      String id,
      PressureMoment moment,
      String title,
      ToDoubleFunction<PressureTrace.Weight> of,
      double low,
      double high) {
    this.id = id;
    this.moment = moment;
    this.title = title;
    this.of = of;
    this.low = low;
    this.high = high;
  }

  @Override
  public String id() {
    return id;
  }

  /** When it is looked at. */
  public PressureMoment moment() {
    return moment;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** Its value, 0 to 1. */
  public double of(PressureTrace.Weight weight) {
    return of.applyAsDouble(weight);
  }

  /**
   * Where it is right.
   *
   * @param low least
   * @param high most
   * @param open whether the edge itself is outside: towards heel or toe means not in the middle
   */
  public record Window(double low, double high, boolean open) {
    /** Whether a value is right. */
    public boolean holds(double value) {
      double slack = open ? -TINY : TINY;
      return (low == 0 || value >= low - slack) && (high == 1 || value <= high + slack);
    }
  }

  /**
   * The window in which it is right.
   *
   * @param settledBase whether the golfer's school is the one that keeps its base settled
   */
  public Window window(boolean settledBase) {
    return switch (this) {
      case TOP_TRAIL_SHARE ->
          settledBase ? new Window(SETTLED_LOW, SETTLED_HIGH, false) : new Window(low, high, false);
      case TOP_TRAIL_TOE, TOP_LEAD_TOE -> new Window(low, high, true);
      default -> new Window(low, high, false);
    };
  }
}
