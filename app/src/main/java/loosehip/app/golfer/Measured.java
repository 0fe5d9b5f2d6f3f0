package loosehip.app.golfer;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import loosehip.app.store.GolferFile;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SpineShape;
import loosehip.core.link.SwingFigure;
import loosehip.core.pivot.Demands;
import loosehip.core.pivot.School;

/** The figures of stance and swing that were measured, and what they set. */
public final class Measured {
  private Measured() {}

  /** The topic a figure of the stance is kept under. */
  public static String topic(SetupFigure figure) {
    return (figure.ofBudget() ? Topic.SETUP : Topic.STANCE).about(figure.id());
  }

  /** The figures of the stance. */
  public static Map<SetupFigure, Double> stance(GolferFile file) {
    Map<SetupFigure, Double> values = new EnumMap<>(SetupFigure.class);
    for (SetupFigure figure : SetupFigure.values()) {
      file.value(topic(figure)).flatMap(Typed::number).ifPresent(v -> values.put(figure, v));
    }
    return values;
  }

  /** The figures of the swing. */
  public static Map<SwingFigure, Double> swing(GolferFile file) {
    Map<SwingFigure, Double> values = new EnumMap<>(SwingFigure.class);
    for (SwingFigure figure : SwingFigure.values()) {
      file.value(Topic.SWING_FIGURE.about(figure.id()))
          .flatMap(Typed::number)
          .ifPresent(v -> values.put(figure, v));
    }
    return values;
  }

  /** The shape of the back this golfer is judged by. */
  public static SpineShape shape(GolferFile file, School school) {
    return SpineShape.inForce(school, file.value("shape").flatMap(SpineShape::parse));
  }

  /**
   * Levels of set-up faults: measured ones, else by eye; what does not count in the shape is out.
   */
  static Map<SetupFault, Level> setupLevels(GolferFile file, School school) {
    SpineShape shape = shape(file, school);
    Map<SetupFault, Level> levels = new EnumMap<>(SetupFault.class);
    for (SetupFault fault : SetupFault.values()) {
      file.value(Topic.SETUP_FAULT.about(fault.id()))
          .flatMap(Level::parse)
          .ifPresent(level -> levels.put(fault, level));
    }
    levels.putAll(SetupFigure.levels(stance(file), shape));
    levels.keySet().removeIf(fault -> !shape.counts(fault));
    return levels;
  }

  /** Levels of pivot faults: measured ones by the school's thresholds, else by eye. */
  static Map<PivotFault, Level> pivotLevels(GolferFile file, Demands asks, boolean arched) {
    Map<PivotFault, Level> levels = new EnumMap<>(PivotFault.class);
    for (PivotFault fault : PivotFault.values()) {
      file.value(Topic.FAULT.about(fault.id()))
          .flatMap(Level::parse)
          .ifPresent(level -> levels.put(fault, level));
    }
    levels.putAll(SwingFigure.levels(swing(file), asks, arched));
    return levels;
  }

  /** What is measured of one fault in the swing. */
  public static Optional<Level> level(
      GolferFile file, PivotFault fault, Demands asks, boolean arched) {
    return Optional.ofNullable(SwingFigure.levels(swing(file), asks, arched).get(fault));
  }
}
