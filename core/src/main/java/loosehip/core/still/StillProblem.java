package loosehip.core.still;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.core.body.Handed;

/**
 * What makes a still unreadable as it was marked. Worded where it is shown.
 *
 * @param kind what is wrong
 * @param landmarks which ones it is about, the one to look at first; empty for scale and camera
 * @param times how many times larger one still of a pair is; 1 for every other kind
 */
public record StillProblem(Kind kind, List<Landmark> landmarks, double times) {
  /** What can be wrong. */
  public enum Kind {
    /** The two ends of the known length lie on one spot, or nearly. */
    NO_SCALE,
    /** Two landmarks lie on one spot. */
    ONE_SPOT,
    /** Down the line, heel and toe say that the golfer faces the other way than the hand says. */
    FACES_OTHER_WAY,
    /** A landmark lies where that of the other leg belongs. */
    OTHER_LEG,
    /** A landmark that belongs above another lies below it. */
    UPSIDE_DOWN,
    /** The belt's back and front are swapped. */
    BELT_TURNED,
    /** Scale or marks say that the two stills of a pair come from different cameras. */
    TWO_CAMERAS,
    /** The two stills of a pair are not of one view. */
    TWO_VIEWS
  }

  private StillProblem(Kind kind, Landmark... landmarks) {
    this(kind, List.of(landmarks), 1);
  }

  /** Beyond this the sizes of two stills of one camera do not differ by placing alone (ours). */
  private static final double SAME_CAMERA = 0.08;

  /** Two landmarks closer than this are on one spot; pixels. */
  private static final double ONE_SPOT_PX = 0.75;

  /** What is wrong with a still, the gravest first; empty when it can be read. */
  public static List<StillProblem> of(Still still) {
    List<StillProblem> problems = new ArrayList<>();
    if (still.scale().filter(s -> s.ends().length() < Scale.LEAST_PIXELS).isPresent()) {
      problems.add(new StillProblem(Kind.NO_SCALE));
    }
    oneSpot(still, problems);
    if (still.view() == StillView.DOWN_THE_LINE) {
      downTheLine(still, problems);
    } else {
      faceOn(still, problems);
    }
    return problems;
  }

  /** What is wrong with a pair beyond what is wrong with each. */
  public static Optional<StillProblem> ofPair(Still still, Still address) {
    if (still.view() != address.view()) {
      return Optional.of(new StillProblem(Kind.TWO_VIEWS));
    }
    double growth = Placement.tie(address, still).growth();
    double scales =
        still
            .scale()
            .flatMap(a -> address.scale().map(b -> a.pixelsPerCm() / b.pixelsPerCm()))
            .orElse(growth);
    double times = Math.abs(Math.log(scales)) >= Math.abs(Math.log(growth)) ? scales : growth;
    return Math.abs(Math.log(times)) > Math.log1p(SAME_CAMERA)
        ? Optional.of(new StillProblem(Kind.TWO_CAMERAS, List.of(), times))
        : Optional.empty();
  }

  private static void oneSpot(Still still, List<StillProblem> problems) {
    List<Landmark> placed = new ArrayList<>(still.points().keySet());
    for (int i = 0; i < placed.size(); i++) {
      for (int j = i + 1; j < placed.size(); j++) {
        Spot a = still.points().get(placed.get(i));
        if (a.to(still.points().get(placed.get(j))) < ONE_SPOT_PX) {
          problems.add(new StillProblem(Kind.ONE_SPOT, placed.get(i), placed.get(j)));
        }
      }
    }
  }

  private static void downTheLine(Still still, List<StillProblem> problems) {
    int expected = still.handed() == Handed.RIGHT ? 1 : -1;
    if (still.ahead() != expected) {
      problems.add(new StillProblem(Kind.FACES_OTHER_WAY));
    }
    above(still, Landmark.NECK_BASE, Landmark.BELT_BACK, problems);
    above(still, Landmark.HIP, Landmark.KNEE, problems);
    above(still, Landmark.KNEE, Landmark.ANKLE, problems);
    still
        .at(Landmark.BELT_BACK)
        .flatMap(back -> still.at(Landmark.BELT_FRONT).map(front -> front.x() - back.x()))
        .filter(across -> across * still.ahead() < 0 && still.checkpoint() == Checkpoint.ADDRESS)
        .ifPresent(
            wrong ->
                problems.add(
                    new StillProblem(Kind.BELT_TURNED, Landmark.BELT_FRONT, Landmark.BELT_BACK)));
  }

  private static void faceOn(Still still, List<StillProblem> problems) {
    above(still, Landmark.NECK_BASE, Landmark.BELT_BUCKLE, problems);
    above(still, Landmark.LEAD_HIP, Landmark.LEAD_KNEE, problems);
    above(still, Landmark.LEAD_KNEE, Landmark.LEAD_ANKLE, problems);
    above(still, Landmark.TRAIL_HIP, Landmark.TRAIL_KNEE, problems);
    above(still, Landmark.TRAIL_KNEE, Landmark.TRAIL_ANKLE, problems);
    sameLegs(still, Landmark.LEAD_KNEE, Landmark.TRAIL_KNEE, problems);
    sameLegs(still, Landmark.LEAD_HIP, Landmark.TRAIL_HIP, problems);
  }

  private static void above(
      Still still, Landmark above, Landmark below, List<StillProblem> problems) {
    boolean upsideDown =
        still.at(above).flatMap(a -> still.at(below).map(b -> a.y() > b.y())).orElse(false);
    if (upsideDown) {
      problems.add(new StillProblem(Kind.UPSIDE_DOWN, above, below));
    }
  }

  /** Knees and hips lie in the order of the ankles. */
  private static void sameLegs(
      Still still, Landmark lead, Landmark trail, List<StillProblem> problems) {
    Optional<Spot> a = still.at(lead);
    Optional<Spot> b = still.at(trail);
    if (a.isPresent() && b.isPresent() && (a.get().x() - b.get().x()) * still.ahead() < 0) {
      problems.add(new StillProblem(Kind.OTHER_LEG, lead, trail));
    }
  }
}
