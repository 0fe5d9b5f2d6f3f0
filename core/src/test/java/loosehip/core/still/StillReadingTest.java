package loosehip.core.still;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.body.Handed;
import loosehip.core.link.SpineShape;
import loosehip.core.pivot.Demands;
import loosehip.core.pivot.School;
import org.junit.jupiter.api.Test;

class StillReadingTest {
  private static final Demands ASKS = School.ROTATION_FIRST.shipped();

  private static StillReading read(Still still, Optional<Still> address) {
    return StillReading.of(still, address, SpineShape.FLAT, ASKS);
  }

  private static double value(StillReading reading, StillFigure figure) {
    return reading.value(figure).orElseThrow().value();
  }

  @Law(tries = 60)
  void aPoseGivesBackTheAnglesItWasPosedBy(Chance chance) {
    PosedGolfer golfer = PosedGolfer.random(chance.random());
    StillReading reading = read(golfer.still(), Optional.empty());
    assertThat(value(reading, StillFigure.SHIN_LEAN)).isCloseTo(golfer.shin, within(1e-6));
    assertThat(value(reading, StillFigure.KNEE_FLEX)).isCloseTo(golfer.knee, within(1e-6));
    assertThat(value(reading, StillFigure.TRUNK_INCLINE)).isCloseTo(golfer.trunk, within(1e-6));
    assertThat(value(reading, StillFigure.BELT_TILT)).isCloseTo(golfer.belt, within(1e-6));
    assertThat(value(reading, StillFigure.HIP_OVER_FOOT))
        .isCloseTo(golfer.hipOverFoot(), within(1e-6));
    assertThat(value(reading, StillFigure.KNEE_PLUMB)).isCloseTo(golfer.kneePlumb(), within(1e-6));
    assertThat(reading.notSeen()).isEmpty();
  }

  @Law(tries = 60)
  void faceOnWhatMovedSinceAddressIsGivenInCentimetres(Chance chance) {
    PosedGolfer golfer = PosedGolfer.random(chance.random());
    double shift = chance.number(-4, 10);
    double rise = chance.number(-6, 3);
    double tilt = chance.number(-5, 12);
    double shoulders = chance.number(5, 50);
    Still address = golfer.faceOn(Checkpoint.ADDRESS, 0, 0, 5, 0);
    StillReading reading =
        read(golfer.faceOn(Checkpoint.TOP, shift, rise, tilt, shoulders), Optional.of(address));
    assertThat(value(reading, StillFigure.PELVIS_SHIFT)).isCloseTo(shift, within(1e-6));
    assertThat(value(reading, StillFigure.SPINE_TILT)).isCloseTo(tilt, within(1e-6));
    assertThat(value(reading, StillFigure.SHOULDER_LINE)).isCloseTo(shoulders, within(1e-6));
    assertThat(value(reading, StillFigure.PELVIS_LINE)).isCloseTo(0, within(1e-6));
    assertThat(value(reading, StillFigure.STANCE_RATIO)).isCloseTo(44 / 36.0, within(1e-6));
    assertThat(value(reading, StillFigure.LEAD_PINCH)).isCloseTo(golfer.knee / 5, within(1e-6));
    assertThat(value(reading, StillFigure.TRAIL_PINCH)).isCloseTo(golfer.shin / 3, within(1e-6));
  }

  /** The bar of the stills: 95 of 100 within their own ±, and the ± no more than three scatters. */
  @Test
  void aThousandPlacingsOfEachViewStayWithinTheirOwnError() {
    Random random = new Random(7);
    Placing placing = new Placing(random, StillReading.PLACING_PX);
    Map<StillFigure, int[]> within = new EnumMap<>(StillFigure.class);
    Map<StillFigure, List<Double>> ratios = new EnumMap<>(StillFigure.class);
    for (int view = 0; view < 2000; view++) {
      PosedGolfer golfer = PosedGolfer.random(random);
      boolean faceOn = view % 2 == 0;
      Still still = faceOn ? golfer.faceOn(Checkpoint.TOP, 4, -2, 5, 30) : golfer.still();
      Optional<Still> address =
          faceOn ? Optional.of(golfer.faceOn(Checkpoint.ADDRESS, 0, 0, 5, 0)) : Optional.empty();
      Map<StillFigure, Double> truth = StillReading.values(still, address);
      StillReading placed = read(placing.anew(still), address.map(placing::anew));
      for (StillValue value : placed.values()) {
        double off = value.value() - truth.get(value.figure());
        int[] counts = within.computeIfAbsent(value.figure(), f -> new int[2]);
        counts[0] += Math.abs(off) <= value.plusMinus() ? 1 : 0;
        counts[1]++;
        ratios
            .computeIfAbsent(value.figure(), f -> new ArrayList<>())
            .add(off * off / (value.plusMinus() * value.plusMinus()));
      }
    }
    assertThat(within).hasSizeGreaterThan(20);
    within.forEach(
        (figure, counts) -> {
          assertThat((double) counts[0] / counts[1]).as(figure.id()).isGreaterThanOrEqualTo(0.95);
          double scatter =
              Math.sqrt(ratios.get(figure).stream().mapToDouble(r -> r).average().orElseThrow());
          assertThat(1 / scatter).as("± over scatter of " + figure.id()).isLessThan(3);
        });
  }

  @Law(tries = 60)
  void aMirroredGolferReadsTheSame(Chance chance) {
    PosedGolfer golfer = PosedGolfer.random(chance.random());
    for (Still still : List.of(golfer.still(), golfer.faceOn(Checkpoint.ADDRESS, 1, 0, 6, 3))) {
      Map<Landmark, Spot> turned = new EnumMap<>(Landmark.class);
      still.points().forEach((l, s) -> turned.put(l, new Spot(2000 - s.x(), s.y())));
      Handed other = still.handed() == Handed.RIGHT ? Handed.LEFT : Handed.RIGHT;
      Still mirrored =
          new Still(
              still.view(),
              still.checkpoint(),
              other,
              turned,
              still.scale(),
              still.heightPx(),
              still.marks(),
              still.plumb());
      StillReading one = read(still, Optional.empty());
      StillReading two = read(mirrored, Optional.empty());
      assertThat(two.values()).hasSameSizeAs(one.values());
      one.values()
          .forEach(v -> assertThat(value(two, v.figure())).isCloseTo(v.value(), within(1e-9)));
      assertThat(StillProblem.of(mirrored)).isEmpty();
    }
  }

  @Law(tries = 30)
  void aTiltedCameraIsLevelledByItsPlumbLine(Chance chance) {
    PosedGolfer golfer = PosedGolfer.random(chance.random());
    Still straight = golfer.still();
    double roll = Math.toRadians(chance.number(-12, 12));
    Map<Landmark, Spot> turned = new EnumMap<>(Landmark.class);
    straight.points().forEach((l, s) -> turned.put(l, rolled(s, roll)));
    Segment wall = new Segment(rolled(new Spot(100, 1200), roll), rolled(new Spot(100, 200), roll));
    Still rolled =
        new Still(
            straight.view(),
            straight.checkpoint(),
            straight.handed(),
            turned,
            straight.scale(),
            straight.heightPx(),
            Optional.empty(),
            Optional.of(wall));
    StillReading one = read(straight, Optional.empty());
    StillReading two = read(rolled, Optional.empty());
    one.values()
        .forEach(
            v ->
                assertThat(value(two, v.figure()))
                    .as(v.figure().id())
                    .isCloseTo(v.value(), within(1e-6)));
  }

  private static Spot rolled(Spot s, double by) {
    return new Spot(
        Math.cos(by) * s.x() - Math.sin(by) * s.y(), Math.sin(by) * s.x() + Math.cos(by) * s.y());
  }

  @Law(tries = 30)
  void aMovedAndZoomedCameraIsTiedByTwoMarks(Chance chance) {
    PosedGolfer golfer = PosedGolfer.random(chance.random());
    double by = chance.number(0.95, 1.05);
    double dx = chance.number(-80, 80);
    Still top = golfer.faceOn(Checkpoint.TOP, 4, -2, 5, 30);
    Still address = golfer.faceOn(Checkpoint.ADDRESS, 0, 0, 5, 0);
    Map<Landmark, Spot> moved = new EnumMap<>(Landmark.class);
    address
        .points()
        .forEach((l, s) -> moved.put(l, new Spot(by * s.x() + dx, by * s.y() - dx / 2)));
    Segment here = new Segment(new Spot(200, 1350), new Spot(1100, 1340));
    Segment there =
        new Segment(
            new Spot(by * 200 + dx, by * 1350 - dx / 2),
            new Spot(by * 1100 + dx, by * 1340 - dx / 2));
    StillReading reading =
        read(marked(top, top.points(), here), Optional.of(marked(address, moved, there)));
    assertThat(value(reading, StillFigure.PELVIS_SHIFT)).isCloseTo(4, within(1e-6));
    assertThat(value(reading, StillFigure.HEAD_HEIGHT)).isCloseTo(-2, within(0.1));
  }

  private static Still marked(Still of, Map<Landmark, Spot> points, Segment marks) {
    return new Still(
        of.view(),
        of.checkpoint(),
        of.handed(),
        points,
        of.scale(),
        of.heightPx(),
        Optional.of(marks),
        Optional.empty());
  }

  @Test
  void theTieOfAPairCountsInWhatMoved() {
    PosedGolfer golfer = PosedGolfer.random(new Random(3));
    Still top = golfer.faceOn(Checkpoint.TOP, 4, -2, 5, 30);
    Still address = golfer.faceOn(Checkpoint.ADDRESS, 0, 0, 5, 0);
    Segment near = new Segment(new Spot(500, 1350), new Spot(560, 1350));
    Segment far = new Segment(new Spot(100, 1350), new Spot(1300, 1350));
    double loose =
        shiftError(marked(top, top.points(), near), marked(address, address.points(), near));
    double tight =
        shiftError(marked(top, top.points(), far), marked(address, address.points(), far));
    assertThat(loose).isGreaterThan(3 * tight);
  }

  private static double shiftError(Still top, Still address) {
    return read(top, Optional.of(address))
        .value(StillFigure.PELVIS_SHIFT)
        .orElseThrow()
        .plusMinus();
  }

  @Test
  void whatIsHiddenIsSaidAndTheRestIsRead() {
    PosedGolfer golfer = PosedGolfer.random(new Random(5));
    Map<Landmark, Spot> points = new EnumMap<>(golfer.downTheLine());
    points.remove(Landmark.BELT_FRONT);
    Still still = Still.of(StillView.DOWN_THE_LINE, Checkpoint.ADDRESS, golfer.handed, points);
    StillReading reading = read(still, Optional.empty());
    assertThat(reading.notSeen()).containsExactly(StillFigure.BELT_TILT, StillFigure.STACK);
    assertThat(value(reading, StillFigure.KNEE_FLEX)).isCloseTo(golfer.knee, within(1e-6));
  }

  @Test
  void theSameStillReadsTheSameTwice() {
    Still still = PosedGolfer.random(new Random(9)).still();
    assertThat(read(still, Optional.empty())).isEqualTo(read(still, Optional.empty()));
  }
}
