package loosehip.core.link;

import java.util.EnumMap;
import java.util.Map;
import loosehip.core.named.Named;
import loosehip.core.pivot.Demands;

/**
 * A figure of the swing that can be measured and sets the level of a fault by the school's
 * thresholds. "Clear" thresholds are those of the fault list; "slight" lies between the edge of
 * what is right and the clear one, and half-way where the list gives no edge (ours).
 */
public enum SwingFigure implements Named {
  PELVIS_SHIFT("pelvisShift", PivotFault.SWAY, "Pelvis shift at the top", "cm", -15, 25),
  STOP_SHARE("stopShare", PivotFault.EARLY_STOP, "Pelvis stops at", "% of the backswing", 0, 100),
  PELVIS_TURN("pelvisTurn", PivotFault.EARLY_STOP, "Pelvis turn at the top", "°", 0, 120),
  SHOULDER_TURN("shoulderTurn", PivotFault.SHORT_TURN, "Shoulder turn, driver", "°", 0, 160),
  SPINE_TILT("spineTilt", PivotFault.REVERSE_TILT, "Spine away from the target", "°", -40, 40),
  KNEE_AT_TOP("kneeAtTop", PivotFault.TRAIL_LOCK, "Trail knee bend at the top", "°", -15, 60),
  KNEE_OUTSIDE("kneeOutside", PivotFault.KNEE_DRIFT, "Trail knee outside the foot", "cm", -15, 20),
  DROP("drop", PivotFault.DIP, "Head or belt lower than at address", "cm", -15, 25),
  TILT_FOR_TURN("tiltForTurn", PivotFault.DIP, "Pelvis tilts once it stopped", "°", 0, 45),
  NEARER_EARLY("nearerEarly", PivotFault.PUSH_IN, "Seat nearer the ball, takeaway", "cm", -15, 20),
  PAST_ANKLE("pastAnkle", PivotFault.SLIDE, "Pelvis centre past the lead ankle", "cm", -30, 25),
  NEARER_IMPACT(
      "nearerImpact", PivotFault.HIP_THRUST, "Seat nearer the ball, impact", "cm", -15, 25),
  LEAD_PRESSURE("leadPressure", PivotFault.SPIN_OUT, "On the lead foot as it opens", "%", 0, 100),
  TOE_PRESSURE("toePressure", PivotFault.TOE_FALL, "Pressure towards the toes", "share", 0, 1),
  LEAD_AT_FINISH(
      "leadAtFinish", PivotFault.HANG_BACK, "On the lead foot at the finish", "%", 0, 100),
  SIDE_BEND("sideBend", PivotFault.STEEP_BEND, "Side bend at impact", "°", -20, 80),
  LEAD_HIGHER("leadHigher", PivotFault.LEAD_RISE, "Lead side higher, start down", "°", -30, 30),
  BUCKLE_SHORT("buckleShort", PivotFault.FINISH_SHORT, "Buckle short of the target", "°", -30, 120),
  SHOULDER_LINE(
      "shoulderLine", PivotFault.FLAT_SHOULDERS, "Lead shoulder lower, top", "°", -30, 70);

  private static final double SWAY_CLEAR = 2;
  private static final double TURN_CLEAR = 5;
  private static final double SHOULDER_CLEAR = 10;
  private static final double OVER_TURN_CLEAR = 8;

  private final String id;
  private final PivotFault fault;
  private final String title;
  private final String unit;
  private final double least;
  private final double most;

  SwingFigure(String id, PivotFault fault, String title, String unit, double least, double most) {
    this.id = id;
    this.fault = fault;
    this.title = title;
    this.unit = unit;
    this.least = least;
    this.most = most;
  }

  @Override
  public String id() {
    return id;
  }

  /** The fault whose level it sets. */
  public PivotFault fault() {
    return fault;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** Its unit. */
  public String unit() {
    return unit;
  }

  /** What is written after a number: its unit where that is a sign or a short one. */
  public String sign() {
    if (unit.equals("°")) {
      return unit;
    }
    return unit.length() < 3 ? " " + unit : "";
  }

  /** What is written after a number that stands alone: its unit, whatever it is. */
  public String withUnit() {
    return unit.equals("share") ? "" : unit.equals("°") ? unit : " " + unit;
  }

  /** Least it can be. */
  public double least() {
    return least;
  }

  /** Most it can be. */
  public double most() {
    return most;
  }

  /**
   * From where a figure shows its fault.
   *
   * @param slight beyond this it is slight
   * @param clear beyond this it is clear; infinite when no figure alone makes it so
   * @param clearAtEdge whether it is clear at the value itself already
   * @param falling whether smaller values are worse
   */
  public record Edges(double slight, double clear, boolean clearAtEdge, boolean falling) {
    /** The level of a value. */
    public Level of(double value) {
      double at = falling ? -value : value;
      double clearFrom = falling ? -clear : clear;
      double slightFrom = falling ? -slight : slight;
      if (clearAtEdge ? at >= clearFrom : at > clearFrom) {
        return Level.CLEAR;
      }
      return at > slightFrom ? Level.SLIGHT : Level.NONE;
    }
  }

  private static Edges above(double slight, double clear) {
    return new Edges(slight, clear, false, false);
  }

  private static Edges from(double slight, double clear) {
    return new Edges(slight, clear, true, false);
  }

  private static Edges below(double slight, double clear) {
    return new Edges(slight, clear, false, true);
  }

  /**
   * From where the fault is slight and clear in a school.
   *
   * @param asks what the golfer's school demands
   * @param archedAtAddress whether an arched lower back is clear at address
   */
  public Edges edges(Demands asks, boolean archedAtAddress) {
    return switch (this) {
      case PELVIS_SHIFT -> above(asks.shiftHigh(), asks.shiftHigh() + SWAY_CLEAR);
      case STOP_SHARE -> below(70, 60);
      case PELVIS_TURN -> below(asks.pelvisLow(), asks.pelvisLow() - TURN_CLEAR);
      case SHOULDER_TURN ->
          below(asks.shoulders() - SHOULDER_CLEAR / 2, asks.shoulders() - SHOULDER_CLEAR);
      case SPINE_TILT -> below(3, 0);
      // Clear needs a light trail heel as well, which only the eye can tell.
      case KNEE_AT_TOP -> below(5.0001, Double.NEGATIVE_INFINITY);
      case KNEE_OUTSIDE -> above(-1, 0);
      case DROP -> from(2.5, 5);
      // How far it drops, in centimetres, makes it clear; that it tilts instead of turning, slight.
      case TILT_FOR_TURN -> above(3, Double.POSITIVE_INFINITY);
      case LEAD_AT_FINISH -> below(90, 80);
      case NEARER_EARLY, NEARER_IMPACT -> from(1.5, 3);
      case PAST_ANKLE -> above(-2, 0);
      case LEAD_PRESSURE -> below(60, 50);
      case TOE_PRESSURE -> above(0.6, 0.65);
      case SIDE_BEND -> archedAtAddress ? above(25, 30) : above(35, 40);
      case LEAD_HIGHER -> above(-2, 0);
      case BUCKLE_SHORT -> above(7.5, 15);
      case SHOULDER_LINE -> below(25, 15);
    };
  }

  /**
   * The level one measured value sets.
   *
   * @param asks what the golfer's school demands
   * @param archedAtAddress whether an arched lower back is clear at address
   */
  public Level level(double value, Demands asks, boolean archedAtAddress) {
    return edges(asks, archedAtAddress).of(value);
  }

  /**
   * What all measured figures set: of each fault the strongest level. A turn of the pelvis speaks
   * of too little of it and of too much.
   */
  public static Map<PivotFault, Level> levels(
      Map<SwingFigure, Double> values, Demands asks, boolean archedAtAddress) {
    Map<PivotFault, Level> levels = new EnumMap<>(PivotFault.class);
    values.forEach(
        (figure, value) ->
            levels.merge(
                figure.fault,
                figure.level(value, asks, archedAtAddress),
                (a, b) -> a.compareTo(b) >= 0 ? a : b));
    if (values.containsKey(PELVIS_TURN)) {
      levels.put(
          PivotFault.OVER_TURN,
          above(asks.pelvisHigh(), asks.pelvisHigh() + OVER_TURN_CLEAR)
              .of(values.get(PELVIS_TURN)));
    }
    return levels;
  }
}
