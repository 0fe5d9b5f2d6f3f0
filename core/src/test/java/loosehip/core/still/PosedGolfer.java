package loosehip.core.still;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import loosehip.core.body.Handed;

/**
 * A golfer posed by joint angles, so that what a still must give is known without reading one.
 * Lengths in centimetres, angles in degrees; the picture is worked out by plain trigonometry from
 * the feet up.
 */
final class PosedGolfer {
  private static final double SHIN = 42;
  private static final double THIGH = 43;
  private static final double FOOT = 29;
  private static final double HEIGHT = 176;

  final double shin;
  final double knee;
  final double trunk;
  final double belt;
  final double pixels;
  final Handed handed;
  private final Spot ankle;

  private PosedGolfer(
      double shin, double knee, double trunk, double belt, double pixels, Handed handed, Spot at) {
    this.shin = shin;
    this.knee = knee;
    this.trunk = trunk;
    this.belt = belt;
    this.pixels = pixels;
    this.handed = handed;
    this.ankle = at;
  }

  static PosedGolfer random(Random random) {
    return new PosedGolfer(
        2 + 20 * random.nextDouble(),
        8 + 27 * random.nextDouble(),
        25 + 25 * random.nextDouble(),
        -2 + 35 * random.nextDouble(),
        4 + 5 * random.nextDouble(),
        random.nextBoolean() ? Handed.RIGHT : Handed.LEFT,
        new Spot(500 + 300 * random.nextDouble(), 1300 + 100 * random.nextDouble()));
  }

  /** One who fills the picture, so that a pair shows less than a centimetre. */
  static PosedGolfer near(Random random) {
    PosedGolfer golfer = random(random);
    return golfer.pixels > 8.5 ? golfer : near(random);
  }

  private Spot from(Spot spot, double forwardCm, double upCm) {
    int ahead = handed == Handed.RIGHT ? 1 : -1;
    return new Spot(spot.x() + ahead * forwardCm * pixels, spot.y() - upCm * pixels);
  }

  private Spot leaning(Spot spot, double degrees, double cm) {
    double r = Math.toRadians(degrees);
    return from(spot, cm * Math.sin(r), cm * Math.cos(r));
  }

  /** Down the line at address. */
  Map<Landmark, Spot> downTheLine() {
    Map<Landmark, Spot> points = new EnumMap<>(Landmark.class);
    Spot heel = from(ankle, -5, -8);
    Spot toe = from(heel, FOOT, 0);
    Spot kneeAt = leaning(ankle, shin, SHIN);
    Spot hip = leaning(kneeAt, shin - knee, THIGH);
    Spot beltBack = leaning(from(hip, -11, 9), 0, 0);
    Spot neck = leaning(hip, trunk, 58);
    double r = Math.toRadians(belt);
    points.put(Landmark.HEEL, heel);
    points.put(Landmark.TOE, toe);
    points.put(Landmark.ANKLE, ankle);
    points.put(Landmark.KNEE, kneeAt);
    points.put(Landmark.KNEE_FRONT, from(kneeAt, 6, 0));
    points.put(Landmark.HIP, hip);
    points.put(Landmark.BELT_BACK, beltBack);
    points.put(Landmark.BELT_FRONT, from(beltBack, 23 * Math.cos(r), -23 * Math.sin(r)));
    points.put(Landmark.LOWER_BACK, leaning(beltBack, trunk - 12, 10));
    points.put(Landmark.UPPER_BACK, leaning(beltBack, trunk + 2, 32));
    points.put(Landmark.NECK_BASE, neck);
    points.put(Landmark.SHOULDER_BACK, from(neck, -2, -9));
    points.put(Landmark.HEAD, leaning(neck, trunk + 10, 18));
    points.put(Landmark.BALL, from(heel, 75, 0));
    return points;
  }

  Still still() {
    return new Still(
        StillView.DOWN_THE_LINE,
        Checkpoint.ADDRESS,
        handed,
        downTheLine(),
        Optional.of(new Scale(new Segment(ankle, from(ankle, 0, 114.3)), 114.3)),
        Optional.of(HEIGHT * pixels),
        Optional.empty(),
        Optional.empty());
  }

  /** Face on, with legs, pelvis and shoulders moved away from the target, up and round. */
  Still faceOn(Checkpoint at, double shiftCm, double riseCm, double tilt, double shoulders) {
    Map<Landmark, Spot> points = new EnumMap<>(Landmark.class);
    Spot lead = from(ankle, 22, 0);
    Spot trail = from(ankle, -22, 0);
    Spot pelvis = from(ankle, -shiftCm, 84 + riseCm);
    Spot buckle = from(pelvis, 0, 8);
    Spot neck = leaning(buckle, -tilt, 48);
    double r = Math.toRadians(shoulders);
    points.put(Landmark.LEAD_SHOE, from(lead, 0, -8));
    points.put(Landmark.TRAIL_SHOE, from(trail, 0, -8));
    points.put(Landmark.LEAD_TOE, from(lead, 6, -10));
    points.put(Landmark.TRAIL_TOE, from(trail, -2, -10));
    points.put(Landmark.LEAD_ANKLE, lead);
    points.put(Landmark.TRAIL_ANKLE, trail);
    points.put(Landmark.LEAD_KNEE, leaning(lead, -knee / 5, SHIN));
    points.put(Landmark.TRAIL_KNEE, leaning(trail, shin / 3, SHIN));
    points.put(Landmark.LEAD_HIP, from(pelvis, 18, 0));
    points.put(Landmark.TRAIL_HIP, from(pelvis, -18, 0));
    points.put(Landmark.BELT_BUCKLE, buckle);
    points.put(Landmark.NECK_BASE, neck);
    points.put(Landmark.LEAD_SHOULDER, from(neck, 19 * Math.cos(r), -5 - 19 * Math.sin(r)));
    points.put(Landmark.TRAIL_SHOULDER, from(neck, -19 * Math.cos(r), -5 + 19 * Math.sin(r)));
    points.put(Landmark.HEAD, leaning(neck, -tilt, 20));
    points.put(Landmark.BALL, from(ankle, 10, -9));
    return new Still(
        StillView.FACE_ON,
        at,
        handed,
        points,
        Optional.of(new Scale(new Segment(ankle, from(ankle, 0, 114.3)), 114.3)),
        Optional.of(HEIGHT * pixels),
        Optional.empty(),
        Optional.empty());
  }

  /** A thigh against the shin, a trunk against upright: what must be read, by hand. */
  double hipOverFoot() {
    double r = Math.toRadians(shin);
    double back = Math.toRadians(shin - knee);
    return (5 + SHIN * Math.sin(r) + THIGH * Math.sin(back)) / FOOT;
  }

  double kneePlumb() {
    return (5 + SHIN * Math.sin(Math.toRadians(shin)) + 6) / FOOT;
  }
}
