package loosehip.core.still;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.body.Handed;
import loosehip.core.still.StillProblem.Kind;
import org.junit.jupiter.api.Test;

class StillProblemTest {
  private final PosedGolfer golfer = PosedGolfer.random(new Random(2));

  private static Still with(Still still, Map<Landmark, Spot> points) {
    return Still.of(still.view(), still.checkpoint(), still.handed(), points);
  }

  private static Still swapped(Still still, Landmark a, Landmark b) {
    Map<Landmark, Spot> points = new EnumMap<>(still.points());
    points.put(a, still.points().get(b));
    points.put(b, still.points().get(a));
    return with(still, points);
  }

  @Law(tries = 60)
  void aPoseHasNone(Chance chance) {
    PosedGolfer any = PosedGolfer.random(chance.random());
    assertThat(StillProblem.of(any.still())).isEmpty();
    Still address = any.faceOn(Checkpoint.ADDRESS, 0, 0, 5, 0);
    Still top = any.faceOn(Checkpoint.TOP, 4, -1, 5, 30);
    assertThat(StillProblem.of(top)).isEmpty();
    assertThat(StillProblem.ofPair(top, address)).isEmpty();
  }

  @Test
  void aKneeBetweenTheWrongAnkleIsNoticed() {
    Still swapped =
        swapped(
            golfer.faceOn(Checkpoint.ADDRESS, 0, 0, 5, 0), Landmark.LEAD_KNEE, Landmark.TRAIL_KNEE);
    assertThat(StillProblem.of(swapped)).extracting(StillProblem::kind).contains(Kind.OTHER_LEG);
  }

  @Test
  void theOtherHandAndSwappedHeelAndToeAreNoticed() {
    Handed other = golfer.handed == Handed.RIGHT ? Handed.LEFT : Handed.RIGHT;
    Still wrongHand =
        Still.of(StillView.DOWN_THE_LINE, Checkpoint.ADDRESS, other, golfer.downTheLine());
    assertThat(StillProblem.of(wrongHand))
        .extracting(StillProblem::kind)
        .contains(Kind.FACES_OTHER_WAY);
    assertThat(StillProblem.of(swapped(golfer.still(), Landmark.HEEL, Landmark.TOE)))
        .extracting(StillProblem::kind)
        .contains(Kind.FACES_OTHER_WAY);
  }

  @Test
  void twoOnOneSpotOneBelowAnotherAndABeltTurnedRound() {
    Map<Landmark, Spot> one = new EnumMap<>(golfer.downTheLine());
    one.put(Landmark.KNEE, one.get(Landmark.HIP));
    assertThat(StillProblem.of(with(golfer.still(), one)))
        .extracting(StillProblem::kind)
        .contains(Kind.ONE_SPOT);
    assertThat(StillProblem.of(swapped(golfer.still(), Landmark.KNEE, Landmark.ANKLE)))
        .extracting(StillProblem::kind)
        .contains(Kind.UPSIDE_DOWN);
    assertThat(StillProblem.of(swapped(golfer.still(), Landmark.BELT_BACK, Landmark.BELT_FRONT)))
        .extracting(StillProblem::kind)
        .contains(Kind.BELT_TURNED);
  }

  @Test
  void aScaleOfNoLengthAndTwoCamerasAreNoticed() {
    Spot spot = new Spot(40, 40);
    Still none = golfer.still().with(new Scale(new Segment(spot, spot), 114.3));
    assertThat(StillProblem.of(none)).extracting(StillProblem::kind).containsExactly(Kind.NO_SCALE);
    Still address = golfer.faceOn(Checkpoint.ADDRESS, 0, 0, 5, 0);
    Still top = golfer.faceOn(Checkpoint.TOP, 0, 0, 5, 30);
    Scale known = top.scale().orElseThrow();
    Still nearer = top.with(new Scale(known.ends(), known.cm() / 1.2));
    assertThat(StillProblem.ofPair(nearer, address))
        .map(StillProblem::kind)
        .contains(Kind.TWO_CAMERAS);
    assertThat(StillProblem.ofPair(golfer.still(), address))
        .map(StillProblem::kind)
        .contains(Kind.TWO_VIEWS);
  }

  /** A camera at hip height that looks so many degrees past the line, worked out by projection. */
  @Law(tries = 60)
  void theCamerasDirectionIsReadFromTheTargetLine(Chance chance) {
    double yaw = chance.number(-25, 25);
    for (StillView view : StillView.values()) {
      Camera camera = new Camera(view, yaw);
      Map<Landmark, Spot> hips =
          view == StillView.FACE_ON
              ? Map.of(
                  Landmark.LEAD_HIP,
                  camera.at(0.18, 0, 0),
                  Landmark.TRAIL_HIP,
                  camera.at(-0.18, 0, 0))
              : Map.of(Landmark.HIP, camera.at(0, 0, 0));
      Still still = Still.of(view, Checkpoint.ADDRESS, Handed.RIGHT, hips);
      CameraCheck check =
          CameraCheck.of(
                  still,
                  new Segment(camera.at(-0.4, -0.95, 0.5), camera.at(0.6, -0.95, 0.5)),
                  1500,
                  2000)
              .orElseThrow();
      assertThat(check.degrees())
          .isCloseTo(Math.abs(yaw), org.assertj.core.api.Assertions.within(0.5));
    }
    assertThat(CameraCheck.of(golfer.still(), new Segment(new Spot(1, 1), new Spot(9, 90)), 99, 99))
        .isPresent();
    assertThat(
            CameraCheck.of(
                Still.of(StillView.FACE_ON, Checkpoint.ADDRESS, Handed.RIGHT, Map.of()),
                new Segment(new Spot(1, 1), new Spot(9, 90)),
                99,
                99))
        .isEqualTo(Optional.empty());
  }

  /**
   * A pinhole at hip height, four metres off, turned by an angle; x along the target, z to ball.
   */
  private record Camera(StillView view, double yaw) {
    Spot at(double x, double y, double z) {
      double across = view == StillView.FACE_ON ? x : z;
      double deep = 4 + (view == StillView.FACE_ON ? -z : x);
      double r = Math.toRadians(yaw);
      double turned = across * Math.cos(r) - deep * Math.sin(r);
      double depth = across * Math.sin(r) + deep * Math.cos(r);
      double focal = 0.75 * 2000;
      return new Spot(750 + focal * turned / depth, 1000 - focal * y / depth);
    }
  }
}
