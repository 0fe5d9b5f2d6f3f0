package loosehip.app.setup;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.field.NotedField;
import loosehip.app.figure.Drawing;
import loosehip.app.figure.Figures;
import loosehip.app.golfer.Measured;
import loosehip.app.golfer.Workup;
import loosehip.app.words.Numbers;
import loosehip.core.body.Handed;
import loosehip.core.link.Level;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SpineShape;
import org.springframework.stereotype.Component;

/** Lays out the figures of the stance with their windows, and the set-up faults in pairs. */
@Component
class StanceViews {
  private static final List<SetupFault> FROM_THE_FRONT =
      List.of(
          SetupFault.PINCHED,
          SetupFault.WIDE_STANCE,
          SetupFault.NARROW_STANCE,
          SetupFault.NO_SIDE_TILT);

  private final Figures figures;

  StanceViews(Figures figures) {
    this.figures = figures;
  }

  /**
   * A figure to type.
   *
   * @param usual what counts while it is empty; blank when nothing does
   * @param from where its window begins on a bar of 100
   * @param to where it ends
   * @param at where the value lies; empty while none is typed
   * @param window the window in words
   * @param says what the value says, in words; empty when it says nothing
   */
  public record FigureView(
      SetupFigure figure,
      NotedField field,
      String usual,
      double from,
      double to,
      Optional<Double> at,
      String window,
      String says) {}

  /**
   * A set-up fault as a pair.
   *
   * @param right how it looks right
   * @param wrong how it looks when clear
   * @param level the level in force
   * @param field how strongly it is seen by eye
   * @param measured by which figure it was set; empty when by eye
   * @param counts whether it counts in this shape
   */
  public record FaultView(
      SetupFault fault,
      Optional<Drawing> right,
      Optional<Drawing> wrong,
      Level level,
      NotedField field,
      String measured,
      boolean counts) {
    /** Whether it waits to be looked at by eye. */
    boolean open() {
      return counts && measured.isEmpty() && level == Level.NOT_LOOKED_AT;
    }
  }

  /** The faults seen from one side. */
  public record Group(String id, String title, boolean mirrored, List<FaultView> faults) {
    /** How many were not looked at yet. */
    public long open() {
      return faults.stream().filter(FaultView::open).count();
    }
  }

  List<FigureView> figures(Workup workup) {
    Map<SetupFigure, Double> values = Measured.stance(workup.file());
    SpineShape shape = Measured.shape(workup.file(), workup.golfer().school());
    return Arrays.stream(SetupFigure.values())
        .map(f -> figure(workup, f, Optional.ofNullable(values.get(f)), shape))
        .toList();
  }

  private static FigureView figure(
      Workup workup, SetupFigure figure, Optional<Double> value, SpineShape shape) {
    SetupFigure.Window window = figure.window(shape);
    double span = window.high() - window.low();
    double low = window.low() - span;
    Fact<Double> fact = Measured.fact(figure);
    return new FigureView(
        figure,
        NotedField.typed(workup.file(), fact),
        figure.ofBudget().map(b -> Numbers.plain(b.usual())).orElse(""),
        100.0 / 3,
        200.0 / 3,
        value.map(v -> Math.max(1, Math.min(99, 100 * (v - low) / (3 * span)))),
        "right: "
            + plain(window.low())
            + " to "
            + plain(window.high())
            + figure.unit()
            + value.map(v -> Measured.origin(workup.file(), figure.id(), v)).orElse(""),
        value
            .map(v -> says(figure, v, shape))
            .filter(says -> !says.isEmpty())
            .map(says -> says + Measured.origin(workup.file(), figure.id(), value.orElseThrow()))
            .orElse(""));
  }

  private static String says(SetupFigure figure, double value, SpineShape shape) {
    return figure.says(value, shape).entrySet().stream()
        .filter(e -> e.getValue().present() && shape.counts(e.getKey()))
        .map(e -> e.getKey().title().toLowerCase(Locale.ROOT) + ", " + e.getValue().word())
        .findFirst()
        .orElse("");
  }

  private static String plain(double number) {
    return Numbers.shown(number);
  }

  List<Group> groups(Workup workup) {
    List<FaultView> side = new ArrayList<>();
    List<FaultView> front = new ArrayList<>();
    for (SetupFault fault : SetupFault.values()) {
      (FROM_THE_FRONT.contains(fault) ? front : side).add(fault(workup, fault));
    }
    boolean left = workup.golfer().handed() == Handed.LEFT;
    return List.of(
        new Group("behind", "From behind the hands", left, side),
        new Group("front", "Face on", left, front));
  }

  private FaultView fault(Workup workup, SetupFault fault) {
    SpineShape shape = Measured.shape(workup.file(), workup.golfer().school());
    String view = FROM_THE_FRONT.contains(fault) ? "front" : shape.id();
    return new FaultView(
        fault,
        figures.find("setup." + view + ".right"),
        figures.find(fault.id() + "." + view + ".clear"),
        workup.golfer().seen().level(fault),
        NotedField.oneOrNone(
            workup.file(),
            Facts.SETUP_FAULT.about(fault),
            List.of(Level.NONE, Level.SLIGHT, Level.CLEAR),
            Level::word,
            workup.golfer().seen().level(fault).id()),
        measured(workup, fault, shape),
        shape.counts(fault));
  }

  private static String measured(Workup workup, SetupFault fault, SpineShape shape) {
    Map<SetupFigure, Double> values = Measured.stance(workup.file());
    return values.entrySet().stream()
        .filter(e -> e.getKey().says(e.getValue(), shape).containsKey(fault))
        .map(
            e ->
                e.getKey().title().toLowerCase(Locale.ROOT)
                    + " "
                    + plain(e.getValue())
                    + e.getKey().unit())
        .reduce((a, b) -> a + ", " + b)
        .orElse("");
  }
}
