package loosehip.core.measure;

import static loosehip.core.measure.BandScale.atLeast;
import static loosehip.core.measure.BandScale.atMost;
import static loosehip.core.measure.Position.FACE_DOWN;
import static loosehip.core.measure.Position.ON_BACK;
import static loosehip.core.measure.Position.SEATED;
import static loosehip.core.measure.Position.STANDING;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.named.Named;

/**
 * Every screen test: position, minutes, what is recorded, bands, accepted and usual numbers. Bands,
 * minutes and ranges are ours, from practice; {@link #EDITION} rises whenever one of them changes.
 */
public enum ScreenTest implements Named {
  STANDING_TURN(
      "standing-turn",
      "Standing turn",
      STANDING,
      2,
      Unit.DEGREES,
      true,
      new FieldRange(0, 110, 25, 85),
      atLeast(60, 45),
      false,
      Part.INTERNAL,
      Part.EXTERNAL),
  KNEE_TRACK(
      "knee-track",
      "Knee track through impact",
      STANDING,
      1,
      Unit.WORD,
      true,
      new FieldRange(0, 0, 0, 0),
      atLeast(1, 0),
      true),
  TILT_CONTROL(
      "tilt-control",
      "Pelvic tilt control",
      STANDING,
      1,
      Unit.DEGREES,
      false,
      new FieldRange(0, 60, 0, 30),
      atLeast(15, 8),
      false,
      Part.ARCH,
      Part.FLATTEN,
      Part.QUALITY),
  HINGE_CONTACT(
      "hinge-contact",
      "Hinge with three contacts",
      STANDING,
      1,
      Unit.DEGREES,
      false,
      new FieldRange(0, 120, 10, 80),
      atLeast(40, 30),
      true,
      Part.LOST),
  PELVIS_UNDER_CHEST(
      "pelvis-under-chest",
      "Pelvis under a quiet chest",
      STANDING,
      1.5,
      Unit.DEGREES,
      false,
      new FieldRange(0, 120, 5, 60),
      atLeast(30, 18),
      false,
      Part.TOTAL,
      Part.HELD,
      Part.QUALITY),
  GLUTE_SWITCH(
      "glute-switch",
      "Seat muscles switch on",
      STANDING,
      1,
      Unit.WORD,
      true,
      new FieldRange(0, 0, 0, 0),
      atLeast(2, 1),
      false,
      Part.TALL,
      Part.HINGED),
  SIDE_HIP_HOLD(
      "side-hip-hold",
      "Level pelvis on one leg",
      STANDING,
      1,
      Unit.DEGREES,
      true,
      new FieldRange(0, 45, 0, 20),
      atMost(3, 7),
      true),
  ONE_LEG_STAND(
      "one-leg-stand",
      "One-leg stand",
      STANDING,
      2,
      Unit.SECONDS,
      true,
      new FieldRange(0, 30, 0, 30),
      atLeast(20, 10),
      false,
      Part.EYES_OPEN,
      Part.EYES_CLOSED),
  REACH_DOWN(
      "reach-down",
      "One-leg reach down",
      STANDING,
      1,
      Unit.WORD,
      true,
      new FieldRange(0, 0, 0, 0),
      atLeast(2, 1),
      true,
      Part.DRIFT),
  SQUAT_DEPTH(
      "squat-depth",
      "Squat depth",
      STANDING,
      0.5,
      Unit.WORD,
      false,
      new FieldRange(0, 0, 0, 0),
      atLeast(2, 1),
      true,
      Part.HEELS,
      Part.KNEES),
  ANKLE_WALL(
      "ankle-wall",
      "Knee to wall",
      STANDING,
      1,
      Unit.CENTIMETRES,
      true,
      new FieldRange(0, 30, 2, 18),
      atLeast(10, 7),
      true),
  OVERHEAD_REACH(
      "overhead-reach",
      "Overhead reach",
      STANDING,
      0.5,
      Unit.DEGREES,
      false,
      new FieldRange(0, 180, 120, 180),
      atLeast(175, 160),
      true),
  HOP_HOLD(
      "hop-hold",
      "Hop and hold",
      STANDING,
      1,
      Unit.LANDINGS,
      true,
      new FieldRange(0, 3, 0, 3),
      atLeast(3, 2),
      true),
  SEATED_ROTATION(
      "seated-rotation",
      "Seated hip turn",
      SEATED,
      3,
      Unit.DEGREES,
      true,
      new FieldRange(0, 90, 10, 60),
      atLeast(40, 30),
      false,
      Part.INTERNAL,
      Part.EXTERNAL),
  TRUNK_TURN(
      "trunk-turn",
      "Seated trunk turn",
      SEATED,
      1,
      Unit.DEGREES,
      true,
      new FieldRange(0, 180, 15, 80),
      atLeast(45, 35),
      true),
  PRONE_ROTATION(
      "prone-rotation",
      "Face-down hip turn",
      FACE_DOWN,
      3,
      Unit.DEGREES,
      true,
      new FieldRange(0, 90, 10, 65),
      atLeast(40, 30),
      false,
      Part.INTERNAL,
      Part.EXTERNAL),
  FRONT_HOLD(
      "front-hold",
      "Straight-body hold",
      FACE_DOWN,
      1,
      Unit.SECONDS,
      false,
      new FieldRange(0, 600, 0, 240),
      atLeast(45, 20),
      true,
      Part.LIMIT),
  BRIDGE_HOLD(
      "bridge-hold",
      "One-leg bridge",
      ON_BACK,
      2,
      Unit.SECONDS,
      true,
      new FieldRange(0, 600, 0, 120),
      atLeast(20, 10),
      true,
      Part.CRAMP,
      Part.LIMIT),
  LEG_EXTENSION_SHORT(
      "leg-extension-short",
      "Knee short of straight",
      ON_BACK,
      1.5,
      Unit.DEGREES,
      true,
      new FieldRange(0, 90, 0, 70),
      atMost(20, 35),
      true),
  HIP_FLEXOR_LENGTH(
      "hip-flexor-length",
      "Front of the hip",
      ON_BACK,
      1.5,
      Unit.DEGREES,
      true,
      new FieldRange(-45, 60, -20, 30),
      atMost(0, 10),
      true);

  /** Rises whenever a band, a range or a minute in this table changes. */
  public static final int EDITION = 3;

  private final String id;
  private final String title;
  private final Position position;
  private final double minutes;
  private final Unit unit;
  private final boolean sided;
  private final FieldRange range;
  private final BandScale scale;
  private final boolean wholeNumber;
  private final List<Part> parts;

  ScreenTest(
      String id,
      String title,
      Position position,
      double minutes,
      Unit unit,
      boolean sided,
      FieldRange range,
      BandScale scale,
      boolean wholeNumber,
      Part... parts) {
    this.id = id;
    this.title = title;
    this.position = position;
    this.minutes = minutes;
    this.unit = unit;
    this.sided = sided;
    this.range = range;
    this.scale = scale;
    this.wholeNumber = wholeNumber;
    this.parts = List.of(parts);
  }

  @Override
  public String id() {
    return id;
  }

  /** The name shown to a trainer. */
  public String title() {
    return title;
  }

  /** How the golfer is placed. */
  public Position position() {
    return position;
  }

  /** Minutes the test takes, both sides, with three tries where angles are read. */
  public double minutes() {
    return minutes;
  }

  /** What its numbers count. */
  public Unit unit() {
    return unit;
  }

  /** Whether it is taken on each side of the body. */
  public boolean sided() {
    return sided;
  }

  /** What its number fields accept. */
  public FieldRange range() {
    return range;
  }

  /** Where its bands are cut. */
  public BandScale scale() {
    return scale;
  }

  /** Where the bands of a part are cut; one leg with closed eyes has edges of its own. */
  public BandScale scale(Optional<Part> part) {
    return part.filter(this::hasOwnScale).isPresent() ? EYES_CLOSED_SCALE : scale;
  }

  /** Whether this part is cut at edges of its own. */
  public boolean hasOwnScale(Part part) {
    return this == ONE_LEG_STAND && part == Part.EYES_CLOSED;
  }

  /** The separately recorded parts; empty for most tests. */
  public List<Part> parts() {
    return parts;
  }

  /** Whether the test has a main result beside its parts. */
  public boolean hasWholeNumber() {
    return wholeNumber;
  }

  /** Whether this part belongs to the test. */
  public boolean hasPart(Part part) {
    return parts.contains(part);
  }

  /** Whether this is one of the three tests that measure hip rotation. */
  public boolean measuresHipTurn() {
    return this == STANDING_TURN || this == SEATED_ROTATION || this == PRONE_ROTATION;
  }

  /** Whether a number (true) or a word is recorded in this part; empty means the main result. */
  public boolean numeric(Optional<Part> part) {
    return part.map(p -> !WORD_PARTS.contains(p) && unit != Unit.WORD).orElse(unit != Unit.WORD);
  }

  /** The words a part accepts, best first; empty for a number. */
  public List<String> words(Optional<Part> part) {
    if (numeric(part)) {
      return List.of();
    }
    if (part.isPresent()) {
      return switch (part.get()) {
        case QUALITY -> List.of("smooth", "juddering", "none");
        case LOST -> List.of("head", "mid-back", "sacrum");
        default -> List.of("yes", "no");
      };
    }
    return switch (this) {
      case SQUAT_DEPTH -> List.of("parallel", "partial", "not");
      case REACH_DOWN -> List.of("foot", "shin", "knee");
      default -> List.of("yes", "no");
    };
  }

  /** The ways of reading this test, the usual one first; empty when it is not an angle. */
  public List<Method> methods() {
    if (unit != Unit.DEGREES) {
      return List.of();
    }
    return switch (this) {
      case STANDING_TURN, TRUNK_TURN ->
          List.of(Method.CLUB_ANGLE, Method.INCLINOMETER, Method.GONIOMETER, Method.STILL);
      default -> List.of(Method.INCLINOMETER, Method.GONIOMETER, Method.STILL);
    };
  }

  /** Tries that make a result worth trusting: three where angles are read (domain/02). */
  public int tries() {
    return unit == Unit.DEGREES ? TRIES_OF_AN_ANGLE : 1;
  }

  /** The compensations worth watching for in this test. */
  public List<Compensation> compensations() {
    return switch (this) {
      case STANDING_TURN ->
          List.of(
              Compensation.SHAFT_LEFT_PELVIS,
              Compensation.CHEST_ONLY,
              Compensation.FOOT_ROLLED,
              Compensation.KNEE_TURNED,
              Compensation.TRUNK_LEAN);
      case SEATED_ROTATION, PRONE_ROTATION ->
          List.of(Compensation.PELVIS_LIFTED, Compensation.TRUNK_LEAN);
      case TRUNK_TURN, SIDE_HIP_HOLD, HINGE_CONTACT -> List.of(Compensation.TRUNK_LEAN);
      default -> List.of();
    };
  }

  private static final int TRIES_OF_AN_ANGLE = 3;

  private static final BandScale EYES_CLOSED_SCALE = atLeast(8, 4);

  private static final Set<Part> WORD_PARTS =
      Set.of(
          Part.QUALITY,
          Part.LOST,
          Part.CRAMP,
          Part.LIMIT,
          Part.DRIFT,
          Part.HEELS,
          Part.KNEES,
          Part.TALL,
          Part.HINGED);
}
