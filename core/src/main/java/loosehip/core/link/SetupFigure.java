package loosehip.core.link;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import loosehip.core.named.Named;
import loosehip.core.pivot.BudgetFigure;
import org.jspecify.annotations.Nullable;

/**
 * A figure of the stance that can be measured, with the window in which it is right for each spine
 * shape, and the fault that stands beyond either edge. Windows are those of stills; outside one the
 * fault is slight, and clear from a quarter of the window beyond it (ours).
 */
public enum SetupFigure implements Named {
  TRAIL_FLARE(BudgetFigure.TRAIL_FLARE, "toes out", window(0, 30)),
  LEAD_FLARE(BudgetFigure.LEAD_FLARE, "toes out", window(0, 40)),
  TRAIL_PINCH(BudgetFigure.TRAIL_PINCH, "knee inside mid-foot", window(-3, 3), SetupFault.PINCHED),
  LEAD_PINCH(BudgetFigure.LEAD_PINCH, "knee inside mid-foot", window(-3, 3), SetupFault.PINCHED),
  HIP_BEND(BudgetFigure.HIP_FLEXION, "trunk from upright", window(30, 45)),
  PELVIC_TILT(BudgetFigure.PELVIC_TILT, "+ arched, − tucked, from neutral", window(-10, 5)),
  ROUNDING(BudgetFigure.ROUNDING, "lower to upper half", window(0, 15)),
  HIP_OVER_FOOT(
      "hipOverFoot",
      "Hip over the foot",
      "share of the foot from the heel",
      "",
      -0.5,
      1.5,
      window(0.25, 0.55),
      window(0.25, 0.55),
      SetupFault.HEEL_WEIGHTED,
      SetupFault.TOE_WEIGHTED),
  KNEE_PLUMB(
      "kneePlumb",
      "Front of knee plumb on the foot",
      "share of the foot from the heel",
      "",
      0,
      1.5,
      window(0.60, 0.78),
      window(0.60, 0.78),
      SetupFault.UPRIGHT_SHINS,
      SetupFault.TOE_WEIGHTED),
  SHIN_LEAN(
      "shinLean",
      "Shin lean",
      "forward from upright",
      "°",
      -20,
      60,
      window(5, 20),
      window(5, 20),
      SetupFault.UPRIGHT_SHINS,
      SetupFault.DEEP_KNEES),
  KNEE_FLEX(
      "kneeFlex",
      "Knee bend",
      "from straight",
      "°",
      -10,
      90,
      window(15, 30),
      window(5, 18),
      SetupFault.STIFF_KNEES,
      SetupFault.DEEP_KNEES),
  BELT_TILT(
      "beltTilt",
      "Belt tilt",
      "down at the front",
      "°",
      -30,
      60,
      window(10, 25),
      window(0, 12),
      SetupFault.TUCKED,
      SetupFault.ARCHED),
  UPPER_CURVE(
      "upperCurve",
      "Upper curve of the back",
      "sagitta over chord, lower back to neck",
      "",
      -0.3,
      0.5,
      window(0, 0.06),
      window(0.06, 0.12),
      null,
      SetupFault.HUNCHED),
  LOWER_ARCH(
      "lowerArch",
      "Hollow of the lower back",
      "sagitta over chord, belt to upper back",
      "",
      -0.3,
      0.3,
      window(-0.04, 0.04),
      window(-0.04, 0.04),
      null,
      SetupFault.ARCHED),
  STANCE_RATIO(
      "stanceRatio",
      "Stance ratio",
      "ankle gap over hip-joint gap",
      "",
      0.2,
      3,
      window(1.0, 1.35),
      window(1.0, 1.35),
      SetupFault.NARROW_STANCE,
      SetupFault.WIDE_STANCE),
  SIDE_TILT(
      "sideTilt",
      "Side tilt of the spine",
      "away from the target",
      "°",
      -20,
      30,
      window(3, 8),
      window(3, 8),
      SetupFault.NO_SIDE_TILT,
      null),
  WEIGHT_ALONG_FEET(
      "weightAlongFeet",
      "Weight along the feet",
      "0 heel to 1 toe, the foot further from the middle",
      "",
      0,
      1,
      window(0.40, 0.60),
      window(0.40, 0.60),
      SetupFault.HEEL_WEIGHTED,
      SetupFault.TOE_WEIGHTED);

  /** A belt beyond this is arched clearly, in any shape; degrees. */
  private static final double ARCHED_FROM = 30;

  /** An upper back bowed further than this is hunched, in any shape; share of its chord. */
  private static final double HUNCHED_FROM = 0.12;

  /** A belt closer to level than this, under a hunched upper back, makes it clear; degrees. */
  private static final double LEVEL_BELT = 5;

  private final Optional<BudgetFigure> ofBudget;
  private final String id;
  private final String title;
  private final String hint;
  private final String unit;
  private final double least;
  private final double most;
  private final Window flat;
  private final Window rounded;
  private final Optional<SetupFault> below;
  private final Optional<SetupFault> above;

  /** The part of a scale in which a figure is right. */
  public record Window(double low, double high) {
    /** How far beyond an edge a fault is clear. */
    double clearBeyond() {
      return (high - low) / 4;
    }
  }

  /** A figure the turn budget works with, that no fault stands beyond. */
  SetupFigure(BudgetFigure figure, String hint, Window free) {
    this(figure, hint, free, null);
  }

  /** A figure the turn budget works with, the same in both shapes. */
  SetupFigure(BudgetFigure figure, String hint, Window both, @Nullable SetupFault above) {
    this(
        figure,
        figure.id(),
        figure.title(),
        hint,
        "°",
        figure.least(),
        figure.most(),
        both,
        both,
        null,
        above);
  }

  private static Window window(double low, double high) {
    return new Window(low, high);
  }

  SetupFigure(
      String id,
      String title,
      String hint,
      String unit,
      double least,
      double most,
      Window flat,
      Window rounded,
      @Nullable SetupFault below,
      @Nullable SetupFault above) {
    this(null, id, title, hint, unit, least, most, flat, rounded, below, above);
  }

  SetupFigure(
      @Nullable BudgetFigure ofBudget,
      String id,
      String title,
      String hint,
      String unit,
      double least,
      double most,
      Window flat,
      Window rounded,
      @Nullable SetupFault below,
      @Nullable SetupFault above) {
    this.ofBudget = Optional.ofNullable(ofBudget);
    this.id = id;
    this.title = title;
    this.hint = hint;
    this.unit = unit;
    this.least = least;
    this.most = most;
    this.flat = flat;
    this.rounded = rounded;
    this.below = Optional.ofNullable(below);
    this.above = Optional.ofNullable(above);
  }

  @Override
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** How it is measured, in a phrase. */
  public String hint() {
    return hint;
  }

  /** Its unit; empty for shares and ratios. */
  public String unit() {
    return unit;
  }

  /** Least it can be. */
  public double least() {
    return least;
  }

  /** Most it can be. */
  public double most() {
    return most;
  }

  /** Where it is right in this shape. */
  public Window window(SpineShape shape) {
    return shape == SpineShape.FLAT ? flat : rounded;
  }

  /** The figure of the turn budget that it is; empty when the budget does not work with it. */
  public Optional<BudgetFigure> ofBudget() {
    return ofBudget;
  }

  /** The fault below the window, if there is one. */
  public Optional<SetupFault> below() {
    return below;
  }

  /** The fault above the window, if there is one. */
  public Optional<SetupFault> above() {
    return above;
  }

  /** What one measured figure says of each fault it speaks of. */
  public Map<SetupFault, Level> says(double value, SpineShape shape) {
    Map<SetupFault, Level> says = new EnumMap<>(SetupFault.class);
    Window window = window(shape);
    below.ifPresent(f -> says.put(f, level(window.low() - value, window.clearBeyond())));
    above.ifPresent(f -> says.put(f, level(value - window.high(), window.clearBeyond())));
    if (this == UPPER_CURVE) {
      says.put(SetupFault.HUNCHED, value > HUNCHED_FROM ? Level.SLIGHT : Level.NONE);
    }
    if (this == LOWER_ARCH) {
      says.put(SetupFault.ARCHED, value > window.high() ? Level.CLEAR : Level.NONE);
    }
    if (this == BELT_TILT && value > window.high()) {
      says.put(SetupFault.ARCHED, value > ARCHED_FROM ? Level.CLEAR : Level.SLIGHT);
    }
    return says;
  }

  private static Level level(double beyond, double clear) {
    if (beyond <= 1e-9) {
      return Level.NONE;
    }
    return beyond >= clear ? Level.CLEAR : Level.SLIGHT;
  }

  /** What all measured figures say together: of each fault the strongest level. */
  public static Map<SetupFault, Level> levels(Map<SetupFigure, Double> values, SpineShape shape) {
    Map<SetupFault, Level> levels = new EnumMap<>(SetupFault.class);
    values.forEach(
        (figure, value) ->
            figure
                .says(value, shape)
                .forEach(
                    (fault, level) ->
                        levels.merge(fault, level, (a, b) -> a.compareTo(b) >= 0 ? a : b)));
    hunched(values, levels);
    return levels;
  }

  /**
   * A hunched upper back over a belt near level is clear; that belt belongs to the hunch, and says
   * nothing of a pelvis tucked under.
   */
  private static void hunched(Map<SetupFigure, Double> values, Map<SetupFault, Level> levels) {
    if (levels.getOrDefault(SetupFault.HUNCHED, Level.NONE).present()
        && values.containsKey(BELT_TILT)) {
      levels.remove(SetupFault.TUCKED);
      if (values.get(BELT_TILT) < LEVEL_BELT) {
        levels.put(SetupFault.HUNCHED, Level.CLEAR);
      }
    }
  }
}
