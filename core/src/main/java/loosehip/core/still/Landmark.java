package loosehip.core.still;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import loosehip.core.named.Named;

/** A point of the body, or the ball, that is placed on a still; in the order the eye goes up. */
public enum Landmark implements Named {
  HEEL("heel", "heel", "back edge of the shoe nearest the camera", StillView.DOWN_THE_LINE),
  TOE("toe", "toe", "front edge of the same shoe", StillView.DOWN_THE_LINE),
  ANKLE(
      "ankle", "ankle", "the bony knob, a hand's breadth above the sole", StillView.DOWN_THE_LINE),
  KNEE("knee", "knee", "middle of the joint, half-way front to back", StillView.DOWN_THE_LINE),
  KNEE_FRONT(
      "knee-front", "front of the knee", "foremost edge of the kneecap", StillView.DOWN_THE_LINE),
  HIP(
      "hip",
      "hip joint",
      "the bony point at the side where the thigh bends",
      StillView.DOWN_THE_LINE),
  BELT_BACK(
      "belt-back", "belt, back", "where the belt meets the back outline", StillView.DOWN_THE_LINE),
  BELT_FRONT(
      "belt-front",
      "belt, front",
      "where the belt meets the front outline",
      StillView.DOWN_THE_LINE),
  LOWER_BACK(
      "lower-back", "lower back", "back outline a hand above the belt", StillView.DOWN_THE_LINE),
  UPPER_BACK(
      "upper-back",
      "upper back",
      "back outline between the shoulder blades",
      StillView.DOWN_THE_LINE),
  NECK_BASE(
      "neck-base",
      "base of the neck",
      "where neck and shoulders meet",
      StillView.DOWN_THE_LINE,
      StillView.FACE_ON),
  SHOULDER_BACK(
      "shoulder-back",
      "back of the shoulder",
      "hindmost edge of the trail shoulder",
      StillView.DOWN_THE_LINE),
  LEAD_TOE("lead-toe", "lead toe", "tip of the lead shoe", StillView.FACE_ON),
  LEAD_SHOE("lead-shoe", "lead shoe", "middle of the lead shoe", StillView.FACE_ON),
  LEAD_ANKLE("lead-ankle", "lead ankle", "middle of the joint", StillView.FACE_ON),
  LEAD_KNEE("lead-knee", "lead knee", "middle of the kneecap", StillView.FACE_ON),
  LEAD_HIP(
      "lead-hip", "lead hip joint", "in the groin crease, below the front bone", StillView.FACE_ON),
  TRAIL_TOE("trail-toe", "trail toe", "tip of the trail shoe", StillView.FACE_ON),
  TRAIL_SHOE("trail-shoe", "trail shoe", "middle of the trail shoe", StillView.FACE_ON),
  TRAIL_ANKLE("trail-ankle", "trail ankle", "middle of the joint", StillView.FACE_ON),
  TRAIL_KNEE("trail-knee", "trail knee", "middle of the kneecap", StillView.FACE_ON),
  TRAIL_HIP(
      "trail-hip",
      "trail hip joint",
      "in the groin crease, below the front bone",
      StillView.FACE_ON),
  BELT_BUCKLE("belt-buckle", "belt buckle", "middle of the belt in front", StillView.FACE_ON),
  LEAD_SHOULDER("lead-shoulder", "lead shoulder", "top of the joint", StillView.FACE_ON),
  TRAIL_SHOULDER("trail-shoulder", "trail shoulder", "top of the joint", StillView.FACE_ON),
  HEAD("head", "head", "middle of the head", StillView.DOWN_THE_LINE, StillView.FACE_ON),
  BALL("ball", "ball", "middle of the golf ball", StillView.DOWN_THE_LINE, StillView.FACE_ON);

  private static final Map<StillView, List<Landmark>> BY_VIEW = new EnumMap<>(StillView.class);

  static {
    for (StillView view : StillView.values()) {
      BY_VIEW.put(view, Arrays.stream(values()).filter(l -> l.views.contains(view)).toList());
    }
  }

  private final String id;
  private final String title;
  private final String where;
  private final Set<StillView> views;

  Landmark(String id, String title, String where, StillView... views) {
    this.id = id;
    this.title = title;
    this.where = where;
    this.views = EnumSet.copyOf(List.of(views));
  }

  static List<Landmark> of(StillView view) {
    return BY_VIEW.get(view);
  }

  @Override
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** Where it sits, in a phrase. */
  public String where() {
    return where;
  }
}
