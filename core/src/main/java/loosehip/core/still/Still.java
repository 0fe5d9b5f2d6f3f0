package loosehip.core.still;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import loosehip.core.body.Handed;

/**
 * A picture with what was marked on it.
 *
 * @param view from where
 * @param checkpoint when
 * @param handed which way the golfer stands to the ball
 * @param points landmarks that were placed; one that is absent was not seen
 * @param scale a known length; empty when none was marked
 * @param heightPx the golfer's standing height in pixels of this picture; empty when not known
 * @param marks two fixed places of the scene that tie this still to others of the same camera
 * @param plumb a vertical of the scene, a plumb line or the edge of a wall; levels the picture
 */
public record Still(
    StillView view,
    Checkpoint checkpoint,
    Handed handed,
    Map<Landmark, Spot> points,
    Optional<Scale> scale,
    Optional<Double> heightPx,
    Optional<Segment> marks,
    Optional<Segment> plumb) {

  /** Copies the points. */
  public Still {
    Map<Landmark, Spot> copy = new EnumMap<>(Landmark.class);
    copy.putAll(points);
    points = copy;
  }

  /** A still with landmarks and nothing else. */
  public static Still of(
      StillView view, Checkpoint checkpoint, Handed handed, Map<Landmark, Spot> points) {
    return new Still(
        view,
        checkpoint,
        handed,
        points,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  /** The same with a known length. */
  public Still with(Scale known) {
    return new Still(view, checkpoint, handed, points, Optional.of(known), heightPx, marks, plumb);
  }

  /** A landmark, where it was placed. */
  public Optional<Spot> at(Landmark landmark) {
    return Optional.ofNullable(points.get(landmark));
  }

  /**
   * Which way is ahead in the picture: down the line where the toes point, face on where the target
   * lies. +1 to the right, −1 to the left. Where the points do not say (toe or heel not seen; no
   * two of a pair of sides) it follows from the hand: down the line a right-hander faces right,
   * face on a right-hander's target lies to the right.
   */
  public int ahead() {
    double across = view == StillView.DOWN_THE_LINE ? toesAhead() : leadAhead();
    if (across != 0) {
      return across > 0 ? 1 : -1;
    }
    return handed == Handed.RIGHT ? 1 : -1;
  }

  private double toesAhead() {
    return across(Landmark.HEEL, Landmark.TOE);
  }

  private double leadAhead() {
    double across = across(Landmark.TRAIL_ANKLE, Landmark.LEAD_ANKLE);
    return across != 0 ? across : across(Landmark.TRAIL_HIP, Landmark.LEAD_HIP);
  }

  private double across(Landmark from, Landmark to) {
    Spot a = points.get(from);
    Spot b = points.get(to);
    return a == null || b == null ? 0 : b.x() - a.x();
  }
}
