package loosehip.core.still;

import java.util.List;
import java.util.Optional;

/**
 * How far a camera stood off its line. Lines along the target line meet, in a picture, where the
 * camera would look if it looked along them; on a camera at the height of the hips that place lies
 * as high as the hips. So one line along the target line (the two feet, or the mark on the ground)
 * and the hips tell the camera's direction.
 *
 * @param degrees how far the camera's direction was off, 0 to 90
 * @param plusMinus how far that may be off
 */
public record CameraCheck(double degrees, double plusMinus) {
  /** From here on a camera is warned of (practice). */
  public static final double WARN_FROM = 10;

  /** Focal length over the longer side of the picture: the main lens of a phone (ours). */
  private static final double FOCAL = 0.75;

  /**
   * Reads the camera's direction.
   *
   * @param still with hips
   * @param alongTarget two places on one line along the target line, on the ground
   * @param width of the picture, pixels
   * @param height of the picture, pixels
   * @return empty when the hips were not seen
   */
  public static Optional<CameraCheck> of(
      Still still, Segment alongTarget, double width, double height) {
    Placement level = Placement.levelled(still.plumb());
    List<Landmark> hips =
        still.view() == StillView.DOWN_THE_LINE
            ? List.of(Landmark.HIP)
            : List.of(Landmark.LEAD_HIP, Landmark.TRAIL_HIP);
    Pose pose = Pose.of(still, Optional.empty());
    if (!pose.sees(hips)) {
      return Optional.empty();
    }
    double horizon = pose.middle(hips).y();
    Spot centre = level.of(new Spot(width / 2, height / 2));
    double focal = FOCAL * Math.max(width, height);
    Spot a = level.of(alongTarget.a());
    Spot b = level.of(alongTarget.b());
    double off = off(still.view(), a, b, horizon, centre.x(), focal);
    double spread = 0;
    for (double[] by : NUDGES) {
      Spot nudged = new Spot(b.x() + by[0], b.y() + by[1]);
      spread =
          Math.max(
              spread, Math.abs(off(still.view(), a, nudged, horizon, centre.x(), focal) - off));
    }
    return Optional.of(new CameraCheck(Math.abs(off), spread));
  }

  /** One end of a line off by the placing of both, each way. */
  private static final double[][] NUDGES = {
    {0, 2 * Math.sqrt(2) * StillReading.PLACING_PX},
    {0, -2 * Math.sqrt(2) * StillReading.PLACING_PX},
    {2 * Math.sqrt(2) * StillReading.PLACING_PX, 0},
    {-2 * Math.sqrt(2) * StillReading.PLACING_PX, 0}
  };

  private static double off(
      StillView view, Spot a, Spot b, double horizon, double middle, double focal) {
    double rise = b.y() - a.y();
    double across = b.x() - a.x();
    if (view == StillView.DOWN_THE_LINE) {
      double meets = a.x() + across / rise * (horizon - a.y());
      return Math.toDegrees(Math.atan2(meets - middle, focal));
    }
    // Face on: the nearer to level the line is, the farther off it meets the height of the hips.
    double reciprocal = rise / (across * (horizon - a.y()) + (a.x() - middle) * rise);
    return Math.toDegrees(Math.atan(focal * reciprocal));
  }

  /** Whether the camera stood so far off that the figures bend. */
  public boolean warns() {
    return degrees - plusMinus / 2 > WARN_FROM;
  }
}
