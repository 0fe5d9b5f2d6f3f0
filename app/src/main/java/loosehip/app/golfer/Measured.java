package loosehip.app.golfer;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.fact.FromStill;
import loosehip.app.fact.FromTrace;
import loosehip.app.store.GolferFile;
import loosehip.app.words.Numbers;
import loosehip.app.words.TraceWords;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SpineShape;
import loosehip.core.link.SwingFigure;
import loosehip.core.pivot.Demands;
import loosehip.core.pivot.School;
import loosehip.core.pivot.SetupLook;

/** The figures of stance and swing that were measured, and what they set. */
public final class Measured {
  private Measured() {}

  /** The fact a figure of the stance is noted as. */
  public static Fact<Double> fact(SetupFigure figure) {
    return figure.ofBudget().map(Facts.SETUP::about).orElseGet(() -> Facts.STANCE.about(figure));
  }

  /** The figures of the stance. */
  public static Map<SetupFigure, Double> stance(GolferFile file) {
    Map<SetupFigure, Double> values = new EnumMap<>(SetupFigure.class);
    for (SetupFigure figure : SetupFigure.values()) {
      fact(figure).in(file).ifPresent(v -> values.put(figure, v));
    }
    return values;
  }

  /** The figures of the swing. */
  public static Map<SwingFigure, Double> swing(GolferFile file) {
    return Facts.SWING_FIGURE.in(file);
  }

  /**
   * How a figure was taken from a still; empty when it was typed, or changed by hand since.
   *
   * @param id of the figure
   * @param value as it stands
   */
  public static Optional<FromStill> fromStill(GolferFile file, String id, double value) {
    return Facts.FROM_STILL.about(id).in(file).filter(s -> s.value() == value);
  }

  /**
   * How a figure was taken from a recording; empty when it was typed, or changed by hand since.
   *
   * @param id of the figure
   * @param value as it stands
   */
  public static Optional<FromTrace> fromTrace(GolferFile file, String id, double value) {
    return FromTrace.ON.about(id).in(file).filter(t -> t.value() == value);
  }

  /** Where a figure comes from, as the end of a sentence; empty when it was typed. */
  public static String origin(GolferFile file, String id, double value) {
    return fromTrace(file, id, value)
        .map(t -> "; measured, " + TraceWords.kind(t.kind()))
        .or(
            () ->
                fromStill(file, id, value)
                    .map(s -> "; from a still, ± " + Numbers.shown(Math.abs(s.plusMinus()))))
        .orElse("");
  }

  /**
   * How the set-up is known: from a still once both knees were taken from one face on, which shows
   * each leg over its foot; else as told or by eye.
   */
  static SetupLook look(GolferFile file) {
    boolean bothKnees =
        Stream.of(SetupFigure.TRAIL_PINCH, SetupFigure.LEAD_PINCH)
            .allMatch(f -> fact(f).in(file).flatMap(v -> fromStill(file, f.id(), v)).isPresent());
    return bothKnees ? SetupLook.STILL : SetupLook.EYE;
  }

  /** The shape of the back this golfer is judged by. */
  public static SpineShape shape(GolferFile file, School school) {
    return SpineShape.inForce(school, Facts.SHAPE.in(file));
  }

  /**
   * Levels of set-up faults: measured ones, else by eye; what does not count in the shape is out.
   */
  static Map<SetupFault, Level> setupLevels(GolferFile file, School school) {
    SpineShape shape = shape(file, school);
    Map<SetupFault, Level> levels = new EnumMap<>(SetupFault.class);
    levels.putAll(Facts.SETUP_FAULT.in(file));
    levels.putAll(SetupFigure.levels(stance(file), shape));
    levels.keySet().removeIf(fault -> !shape.counts(fault));
    return levels;
  }

  /** Levels of pivot faults: measured ones by the school's thresholds, else by eye. */
  static Map<PivotFault, Level> pivotLevels(GolferFile file, Demands asks, boolean arched) {
    Map<PivotFault, Level> levels = new EnumMap<>(PivotFault.class);
    levels.putAll(Facts.FAULT.in(file));
    Map<PivotFault, Level> measured = SwingFigure.levels(swing(file), asks, arched);
    // Straightening that the school allows is no locked knee: the eye alone may say so.
    if (Facts.STRAIGHTENING.in(file).filter(s -> s <= asks.straightening()).isPresent()) {
      measured.remove(PivotFault.TRAIL_LOCK);
    }
    levels.putAll(measured);
    return levels;
  }
}
