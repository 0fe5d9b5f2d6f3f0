package loosehip.core.still;

import static loosehip.core.still.Formula.Sense.AHEAD;
import static loosehip.core.still.Formula.Sense.BACK;
import static loosehip.core.still.Landmark.ANKLE;
import static loosehip.core.still.Landmark.BELT_BACK;
import static loosehip.core.still.Landmark.BELT_BUCKLE;
import static loosehip.core.still.Landmark.BELT_FRONT;
import static loosehip.core.still.Landmark.HEAD;
import static loosehip.core.still.Landmark.HEEL;
import static loosehip.core.still.Landmark.HIP;
import static loosehip.core.still.Landmark.KNEE;
import static loosehip.core.still.Landmark.KNEE_FRONT;
import static loosehip.core.still.Landmark.LEAD_ANKLE;
import static loosehip.core.still.Landmark.LEAD_HIP;
import static loosehip.core.still.Landmark.LEAD_KNEE;
import static loosehip.core.still.Landmark.LEAD_SHOULDER;
import static loosehip.core.still.Landmark.LOWER_BACK;
import static loosehip.core.still.Landmark.NECK_BASE;
import static loosehip.core.still.Landmark.SHOULDER_BACK;
import static loosehip.core.still.Landmark.TOE;
import static loosehip.core.still.Landmark.TRAIL_ANKLE;
import static loosehip.core.still.Landmark.TRAIL_HIP;
import static loosehip.core.still.Landmark.TRAIL_KNEE;
import static loosehip.core.still.Landmark.TRAIL_SHOE;
import static loosehip.core.still.Landmark.TRAIL_SHOULDER;
import static loosehip.core.still.Landmark.UPPER_BACK;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SpineShape;
import loosehip.core.named.Named;
import loosehip.core.pivot.Demands;

/**
 * A figure that a still gives. Windows are those in which it is right: of the shape of the back at
 * address, of the school at the top (practice).
 */
public enum StillFigure implements Named {
  HIP_OVER_FOOT("hipOverFoot", "Hip over the foot", "", new Formula.Share(HEEL, TOE, HIP)),
  KNEE_PLUMB("kneePlumb", "Knee plumb", "", new Formula.Share(HEEL, TOE, KNEE_FRONT)),
  SHIN_LEAN("shinLean", "Shin lean", "°", new Formula.Lean(ANKLE, KNEE, AHEAD)),
  KNEE_FLEX("kneeFlex", "Knee bend", "°", new Formula.Bend(HIP, KNEE, ANKLE)),
  TRUNK_INCLINE("trunkIncline", "Trunk incline", "°", new Formula.Lean(HIP, NECK_BASE, AHEAD)),
  BELT_TILT("beltTilt", "Belt tilt", "°", new Formula.Fall(BELT_BACK, BELT_FRONT)),
  UPPER_CURVE(
      "upperCurve", "Upper curve", "", new Formula.Bow(LOWER_BACK, UPPER_BACK, NECK_BASE, BACK)),
  LOWER_ARCH(
      "lowerArch", "Lower arch", "", new Formula.Bow(BELT_BACK, LOWER_BACK, UPPER_BACK, AHEAD)),
  STACK("stack", "Stack", "", new Formula.Stack(SHOULDER_BACK, KNEE_FRONT, HEEL, TOE)),
  ROUNDING(
      "rounding", "Back rounding", "°", new Formula.Turn(LOWER_BACK, UPPER_BACK, NECK_BASE, AHEAD)),
  PELVIS_DEPTH(
      "pelvisDepth",
      "Pelvis depth",
      "cm",
      new Formula.Across(List.of(BELT_BACK, BELT_FRONT), BACK)),
  HEAD_HEIGHT("headHeight", "Head height", "cm", new Formula.Higher(List.of(HEAD))),
  KNEE_FLEX_CHANGE(
      "kneeFlexChange",
      "Knee bend since address",
      "°",
      new Formula.MoreBent(new Formula.Bend(HIP, KNEE, ANKLE))),
  STANCE_RATIO(
      "stanceRatio",
      "Stance ratio",
      "",
      new Formula.Gaps(LEAD_ANKLE, TRAIL_ANKLE, LEAD_HIP, TRAIL_HIP)),
  LEAD_PINCH("leadPinch", "Lead knee pinch", "°", new Formula.Lean(LEAD_ANKLE, LEAD_KNEE, BACK)),
  TRAIL_PINCH(
      "trailPinch", "Trail knee pinch", "°", new Formula.Lean(TRAIL_ANKLE, TRAIL_KNEE, AHEAD)),
  SIDE_TILT("sideTilt", "Side tilt", "°", new Formula.Lean(BELT_BUCKLE, NECK_BASE, BACK)),
  KNEE_GAP_RATIO(
      "kneeGapRatio",
      "Knee gap ratio",
      "",
      new Formula.Gaps(LEAD_KNEE, TRAIL_KNEE, LEAD_ANKLE, TRAIL_ANKLE)),
  SHOULDER_LINE(
      "shoulderLine", "Shoulder line", "°", new Formula.Fall(TRAIL_SHOULDER, LEAD_SHOULDER)),
  PELVIS_LINE("pelvisLine", "Pelvis line", "°", new Formula.Fall(TRAIL_HIP, LEAD_HIP)),
  PELVIS_SHIFT(
      "pelvisShift", "Pelvis shift", "cm", new Formula.Across(List.of(LEAD_HIP, TRAIL_HIP), BACK)),
  HEAD_SHIFT("headShift", "Head shift", "cm", new Formula.Across(List.of(HEAD), BACK)),
  SPINE_TILT("spineTilt", "Spine tilt", "°", new Formula.Lean(BELT_BUCKLE, NECK_BASE, BACK)),
  KNEE_OUTSIDE(
      "kneeOutside",
      "Trail knee past the foot",
      "cm",
      new Formula.Beyond(List.of(TRAIL_KNEE), TRAIL_SHOE, BACK, Halves.SHOE_CM)),
  PAST_ANKLE(
      "pastAnkle",
      "Pelvis past the lead ankle",
      "cm",
      new Formula.Beyond(List.of(LEAD_HIP, TRAIL_HIP), LEAD_ANKLE, AHEAD, 0));

  /** Lengths that turn a middle into an edge. */
  private static final class Halves {
    /** Half the width of a golf shoe, centimetres (ours). */
    static final double SHOE_CM = 5;
  }

  private static final Set<StillFigure> FACE_ON = EnumSet.range(STANCE_RATIO, PAST_ANKLE);
  private static final Set<StillFigure> NEED_ADDRESS =
      EnumSet.of(PELVIS_DEPTH, HEAD_HEIGHT, KNEE_FLEX_CHANGE, PELVIS_SHIFT, HEAD_SHIFT, SPINE_TILT);
  private static final Set<StillFigure> AFTER_ADDRESS = EnumSet.of(KNEE_OUTSIDE, PAST_ANKLE);
  private static final Set<StillFigure> AT_ADDRESS =
      EnumSet.of(HIP_OVER_FOOT, KNEE_PLUMB, SHIN_LEAN, UPPER_CURVE, LOWER_ARCH, STACK, ROUNDING);
  private static final Set<StillFigure> FOR_THE_PRODUCT =
      EnumSet.of(ROUNDING, KNEE_OUTSIDE, PAST_ANKLE);

  private final String id;
  private final String title;
  private final String unit;
  private final Formula formula;

  StillFigure(String id, String title, String unit, Formula formula) {
    this.id = id;
    this.title = title;
    this.unit = unit;
    this.formula = formula;
  }

  @Override
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** Its unit: degrees, centimetres, or none for shares and ratios. */
  public String unit() {
    return unit;
  }

  /** How it is worked out. */
  public Formula formula() {
    return formula;
  }

  /** Digits after the point: two for shares and ratios, else one. */
  public int decimals() {
    return unit.isEmpty() ? 2 : 1;
  }

  /** Whether it belongs to the file of the {@code still} command. */
  public boolean inFile() {
    return !FOR_THE_PRODUCT.contains(this);
  }

  /** Whether it needs the address still of the same camera. */
  public boolean needsAddress() {
    return NEED_ADDRESS.contains(this);
  }

  /** The figures of a view: those of any still, and with an address beside it those of a pair. */
  public static List<StillFigure> of(StillView view, boolean withAddress) {
    return Stream.of(values())
        .filter(f -> f.seenFrom(view))
        .filter(f -> withAddress || !(f.needsAddress() || AFTER_ADDRESS.contains(f)))
        .toList();
  }

  /** Those of a view that a trainer reads at this moment. */
  public static List<StillFigure> shown(StillView view, Checkpoint at) {
    return switch (at) {
      case TALL -> view == StillView.DOWN_THE_LINE ? List.of(BELT_TILT) : List.of();
      case ADDRESS -> of(view, false);
      default ->
          of(view, true).stream()
              .filter(f -> !AT_ADDRESS.contains(f) && f != STANCE_RATIO && f != SIDE_TILT)
              .toList();
    };
  }

  private boolean seenFrom(StillView view) {
    return this == HEAD_HEIGHT || FACE_ON.contains(this) == (view == StillView.FACE_ON);
  }

  /** The figure of the set-up it is, where it is one. */
  public Optional<SetupFigure> ofSetup() {
    return Stream.of(SetupFigure.values()).filter(f -> f.id().equals(id)).findFirst();
  }

  /**
   * Where it is right.
   *
   * @param at the moment; windows of the set-up hold at address alone
   * @param shape the shape of the golfer's back
   * @param asks what the golfer's school demands
   * @return empty when nothing says where it is right
   */
  public Optional<Window> window(Checkpoint at, SpineShape shape, Demands asks) {
    return switch (at) {
      case ADDRESS -> atAddress(shape);
      case TOP -> atTop(asks);
      default -> Optional.empty();
    };
  }

  private Optional<Window> atAddress(SpineShape shape) {
    return switch (this) {
      case TRUNK_INCLINE -> Window.some(30, 45);
      case STACK -> Window.some(0, 0.04);
      default -> ofSetup().map(f -> new Window(f.window(shape).low(), f.window(shape).high()));
    };
  }

  private Optional<Window> atTop(Demands asks) {
    return switch (this) {
      case PELVIS_SHIFT -> Window.some(asks.shiftLow(), asks.shiftHigh());
      case HEAD_SHIFT -> Window.some(asks.headLow(), asks.headHigh());
      case SPINE_TILT, SIDE_TILT -> Window.some(3, 8);
      case SHOULDER_LINE -> Window.some(25, 40);
      default -> Optional.empty();
    };
  }

  /**
   * Where a figure is right, both ends included.
   *
   * @param low least
   * @param high most
   */
  public record Window(double low, double high) {
    static Optional<Window> some(double low, double high) {
      return Optional.of(new Window(low, high));
    }

    /** Whether a value lies in it. */
    public boolean holds(double value) {
      return value >= low && value <= high;
    }

    /** Half its width. */
    public double half() {
      return (high - low) / 2;
    }
  }
}
