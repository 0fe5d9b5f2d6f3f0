package loosehip.app.still;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import loosehip.core.body.Handed;
import loosehip.core.still.Landmark;
import loosehip.core.still.Spot;

/**
 * Our line figure posed by joint angles: where its landmarks are, and the thick strokes it is drawn
 * by. Lengths in centimetres, angles in degrees; made-up people only.
 */
public final class PosedFigure {
  private static final double SHIN = 42;
  private static final double THIGH = 43;
  private static final double FOOT = 29;

  private final Map<Landmark, Spot> points = new EnumMap<>(Landmark.class);
  private final List<Stroke> strokes = new ArrayList<>();
  private final int ahead;
  private final double pixels;

  /** A limb: a round-ended stroke along some places. */
  public record Stroke(List<Spot> along, double width) {
    /** Copies the places. */
    public Stroke {
      along = List.copyOf(along);
    }
  }

  /**
   * How a golfer stands, seen down the line.
   *
   * @param shin shin forward from upright
   * @param knee knee bend
   * @param trunk trunk forward from upright
   * @param belt belt down at the front
   * @param round how far the upper back bows out, share of its chord
   * @param forward pelvis moved towards the ball
   * @param lower head lower than at address
   * @param arms 0 hanging, 1 at the top, 2 through
   */
  public record Behind(
      double shin,
      double knee,
      double trunk,
      double belt,
      double round,
      double forward,
      double lower,
      int arms) {}

  /**
   * How a golfer stands, seen face on.
   *
   * @param stance half the gap of the ankles
   * @param leadPinch lead knee inwards
   * @param trailPinch trail knee inwards
   * @param shift pelvis away from the target
   * @param tilt spine away from the target
   * @param shoulders lead shoulder lower
   * @param hips lead hip lower
   * @param lower head lower than at address
   * @param arms 0 hanging, 1 at the top, 2 through
   */
  public record Front(
      double stance,
      double leadPinch,
      double trailPinch,
      double shift,
      double tilt,
      double shoulders,
      double hips,
      double lower,
      int arms) {}

  private PosedFigure(Handed handed, double pixels) {
    this.ahead = handed == Handed.RIGHT ? 1 : -1;
    this.pixels = pixels;
  }

  /** Seen down the line; the ankle stands at this place of the picture. */
  public static PosedFigure of(Behind b, Handed handed, Spot ankle, double pixelsPerCm) {
    PosedFigure figure = new PosedFigure(handed, pixelsPerCm);
    figure.behind(b, ankle);
    return figure;
  }

  /** Seen face on; the middle between the ankles stands at this place of the picture. */
  public static PosedFigure of(Front f, Handed handed, Spot between, double pixelsPerCm) {
    PosedFigure figure = new PosedFigure(handed, pixelsPerCm);
    figure.front(f, between);
    return figure;
  }

  /** Where each landmark is, in pixels. */
  public Map<Landmark, Spot> points() {
    return Map.copyOf(points);
  }

  /** The strokes it is drawn by, the hindmost first; in pixels. */
  public List<Stroke> strokes() {
    return List.copyOf(strokes);
  }

  private Spot from(Spot spot, double forward, double up) {
    return new Spot(spot.x() + ahead * forward * pixels, spot.y() - up * pixels);
  }

  private Spot leaning(Spot spot, double degrees, double cm) {
    double r = Math.toRadians(degrees);
    return from(spot, cm * Math.sin(r), cm * Math.cos(r));
  }

  private void stroke(double cm, Spot... along) {
    strokes.add(new Stroke(List.of(along), cm * pixels));
  }

  private void behind(Behind b, Spot ankle) {
    Spot heel = from(ankle, -6, -8);
    Spot toe = from(heel, FOOT, 0);
    Spot knee = leaning(ankle, b.shin(), SHIN);
    Spot hip = from(leaning(knee, b.shin() - b.knee(), THIGH), b.forward(), 0);
    Spot neck = from(leaning(hip, b.trunk(), 57), 0, -b.lower());
    double chordUp = hip.y() - neck.y();
    double chordAcross = (neck.x() - hip.x()) * ahead;
    double lean = Math.toDegrees(Math.atan2(chordAcross, chordUp));
    Spot beltBack = from(leaning(hip, lean - 50, 15), 0, 0);
    double tilt = Math.toRadians(b.belt());
    Spot beltFront = from(beltBack, 24 * Math.cos(tilt), -24 * Math.sin(tilt));
    Spot lower = leaning(beltBack, lean - 4, 10);
    Spot nape = leaning(neck, lean - 90, 3);
    double chord = lower.to(nape);
    Spot middle = lower.middle(nape);
    double outX = (nape.y() - lower.y()) / chord;
    double outY = (lower.x() - nape.x()) / chord;
    double out = ahead * b.round() * chord;
    Spot upper = new Spot(middle.x() + outX * out, middle.y() + outY * out);
    Spot head = leaning(neck, b.trunk() + 6, 19);
    Spot shoulder = leaning(neck, b.trunk() + 168, 9);
    points.put(Landmark.HEEL, heel);
    points.put(Landmark.TOE, toe);
    points.put(Landmark.ANKLE, ankle);
    points.put(Landmark.KNEE, knee);
    points.put(Landmark.KNEE_FRONT, from(knee, 6.5, 0));
    points.put(Landmark.HIP, hip);
    points.put(Landmark.BELT_BACK, beltBack);
    points.put(Landmark.BELT_FRONT, beltFront);
    points.put(Landmark.LOWER_BACK, lower);
    points.put(Landmark.UPPER_BACK, upper);
    points.put(Landmark.NECK_BASE, nape);
    points.put(Landmark.SHOULDER_BACK, from(shoulder, -5, 0));
    points.put(Landmark.HEAD, head);
    points.put(Landmark.BALL, from(heel, 84, -1));
    stroke(8, from(heel, 3, 4), from(toe, -3, 3.5));
    stroke(12, ankle, knee);
    stroke(16, knee, hip);
    Spot core = hip.middle(beltFront);
    stroke(21, from(hip, 1, 3), core.middle(lower));
    stroke(22, inward(lower, lean), inward(upper, lean), inward(nape, lean));
    stroke(18, head, head);
    arms(b.arms(), shoulder);
  }

  /** A place under the skin of the back. */
  private Spot inward(Spot skin, double lean) {
    return leaning(skin, lean + 90, 11);
  }

  private void front(Front f, Spot between) {
    Spot lead = from(between, f.stance(), 0);
    Spot trail = from(between, -f.stance(), 0);
    Spot leadKnee = leaning(lead, -f.leadPinch(), SHIN);
    Spot trailKnee = leaning(trail, f.trailPinch(), SHIN);
    Spot pelvis = from(between, -f.shift(), 83);
    double drop = Math.toRadians(f.hips());
    Spot leadHip = from(pelvis, 17 * Math.cos(drop), -17 * Math.sin(drop));
    Spot trailHip = from(pelvis, -17 * Math.cos(drop), 17 * Math.sin(drop));
    Spot buckle = from(pelvis, 0, 8);
    Spot neck = from(leaning(buckle, -f.tilt(), 47), 0, -f.lower());
    double line = Math.toRadians(f.shoulders());
    double half = f.arms() == 0 ? 19 : 15;
    Spot leadShoulder = from(neck, half * Math.cos(line), -6 - half * Math.sin(line));
    Spot trailShoulder = from(neck, -half * Math.cos(line), -6 + half * Math.sin(line));
    Spot head = leaning(neck, -f.tilt(), 19);
    points.put(Landmark.LEAD_SHOE, from(lead, 1, -8));
    points.put(Landmark.TRAIL_SHOE, from(trail, -1, -8));
    points.put(Landmark.LEAD_TOE, from(lead, 6, -11));
    points.put(Landmark.TRAIL_TOE, from(trail, -3, -11));
    points.put(Landmark.LEAD_ANKLE, lead);
    points.put(Landmark.TRAIL_ANKLE, trail);
    points.put(Landmark.LEAD_KNEE, leadKnee);
    points.put(Landmark.TRAIL_KNEE, trailKnee);
    points.put(Landmark.LEAD_HIP, leadHip);
    points.put(Landmark.TRAIL_HIP, trailHip);
    points.put(Landmark.BELT_BUCKLE, buckle);
    points.put(Landmark.NECK_BASE, neck);
    points.put(Landmark.LEAD_SHOULDER, leadShoulder);
    points.put(Landmark.TRAIL_SHOULDER, trailShoulder);
    points.put(Landmark.HEAD, head);
    points.put(Landmark.BALL, from(between, 8, -16));
    stroke(9, from(lead, 0, -5), from(lead, 5, -9));
    stroke(9, from(trail, 0, -5), from(trail, -3, -9));
    stroke(12, lead, leadKnee);
    stroke(12, trail, trailKnee);
    stroke(16, leadKnee, from(leadHip, -4, 0));
    stroke(16, trailKnee, from(trailHip, 4, 0));
    stroke(22, from(leadHip, -5, 4), from(trailHip, 5, 4));
    stroke(27, buckle, from(neck, 0, -12));
    stroke(13, leadShoulder, trailShoulder);
    stroke(18, head, head);
    arms(f.arms(), leadShoulder.middle(trailShoulder));
  }

  private void arms(int kind, Spot shoulder) {
    Spot hands =
        switch (kind) {
          case 1 -> from(shoulder, -30, 34);
          case 2 -> from(shoulder, 26, 26);
          default -> from(shoulder, 11, -54);
        };
    stroke(8, shoulder, hands);
    Spot end =
        switch (kind) {
          case 1 -> from(hands, 76, 30);
          case 2 -> from(hands, -60, 40);
          default -> new Spot(hands.x() + ahead * 52 * pixels, hands.y() + 56 * pixels);
        };
    stroke(1.6, hands, end);
  }
}
