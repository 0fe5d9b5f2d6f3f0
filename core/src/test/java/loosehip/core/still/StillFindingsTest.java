package loosehip.core.still;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.body.Handed;
import loosehip.core.link.Level;
import loosehip.core.link.SpineShape;
import loosehip.core.pivot.Demands;
import loosehip.core.pivot.School;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StillFindingsTest {
  private static final Demands ASKS = School.ROTATION_FIRST.shipped();

  /** A back drawn from numbers, large enough that placing errors do not matter. */
  private static Still back(double belt, double curve, double arch) {
    Map<Landmark, Spot> points = new EnumMap<>(Landmark.class);
    points.put(Landmark.HEEL, new Spot(0, 9000));
    points.put(Landmark.TOE, new Spot(3000, 9000));
    Spot beltBack = new Spot(0, 4000);
    double r = Math.toRadians(belt);
    points.put(Landmark.BELT_BACK, beltBack);
    points.put(Landmark.BELT_FRONT, new Spot(2400 * Math.cos(r), 4000 + 2400 * Math.sin(r)));
    // Upright back: lower back, upper back and neck on one vertical, bowed by the curves asked for.
    Spot lower = new Spot(0, 3000);
    Spot neck = new Spot(0, -1000);
    Spot upper = new Spot(-curve * 4000, 1000);
    double across = upper.x();
    double chord = beltBack.to(upper);
    points.put(Landmark.LOWER_BACK, lower);
    points.put(Landmark.UPPER_BACK, upper);
    points.put(Landmark.NECK_BASE, neck);
    // The lower back moves forward until its hollow is the one asked for.
    double atLower = across * (4000 - 3000) / (4000 - upper.y());
    double move = arch * chord * chord / (4000 - upper.y());
    Spot hollow = new Spot(atLower + move, 3000);
    points.put(Landmark.LOWER_BACK, hollow);
    return Still.of(StillView.DOWN_THE_LINE, Checkpoint.ADDRESS, Handed.RIGHT, points);
  }

  private static Map<String, Level> found(Still still, SpineShape shape) {
    StillReading reading = StillReading.of(still, Optional.empty(), shape, ASKS);
    return StillFindings.of(reading, shape, ASKS, false).stream()
        .filter(f -> f.level().present())
        .collect(Collectors.toMap(f -> f.fault().id(), StillFinding::level));
  }

  @ParameterizedTest
  @CsvSource({
    // belt, hollow, shape → faults and levels
    "15, 0.02, FLAT, ''",
    "15, 0.06, FLAT, arched=CLEAR",
    "32, 0.02, FLAT, arched=CLEAR",
    "28, 0.02, FLAT, arched=SLIGHT",
    "8, 0.02, FLAT, tucked=SLIGHT",
    "3, 0.02, FLAT, tucked=CLEAR",
    "3, 0.02, ROUNDED, ''",
  })
  void beltAndHollowSayTheirFaults(double belt, double arch, SpineShape shape, String expected) {
    assertThat(said(found(back(belt, 0.03, arch), shape))).isEqualTo(expected);
  }

  /** The bow is measured over the hollowed lower back, so what is drawn is a little more. */
  @Test
  void aBowedUpperBackOverALevelBeltIsHunchedAndNotTucked() {
    assertThat(said(found(back(3, 0.2, 0), SpineShape.FLAT))).isEqualTo("hunched=CLEAR");
    assertThat(said(found(back(15, 0.2, 0), SpineShape.FLAT))).isEqualTo("hunched=SLIGHT");
    assertThat(said(found(back(3, 0.2, 0), SpineShape.ROUNDED))).isEqualTo("hunched=CLEAR");
    assertThat(said(found(back(8, 0.09, 0), SpineShape.ROUNDED))).isEmpty();
  }

  private static String said(Map<String, Level> levels) {
    return levels.entrySet().stream()
        .map(e -> e.getKey() + "=" + e.getValue())
        .sorted()
        .collect(Collectors.joining(" "));
  }

  @Law(tries = 40)
  void aFigureThatIsTooUnsureSuggestsNothing(Chance chance) {
    PosedGolfer golfer = PosedGolfer.random(chance.random());
    Map<Landmark, Spot> small = new EnumMap<>(Landmark.class);
    golfer.downTheLine().forEach((l, s) -> small.put(l, new Spot(s.x() / 12, s.y() / 12)));
    Still tiny = Still.of(StillView.DOWN_THE_LINE, Checkpoint.ADDRESS, golfer.handed, small);
    StillReading reading = StillReading.of(tiny, Optional.empty(), SpineShape.FLAT, ASKS);
    assertThat(reading.values()).anyMatch(v -> !v.speaks());
    List<StillFinding> findings = StillFindings.of(reading, SpineShape.FLAT, ASKS, false);
    assertThat(findings).allSatisfy(f -> assertThat(f.because()).allMatch(StillValue::speaks));
  }

  @ParameterizedTest
  @CsvSource({
    // pelvis away cm, spine away, shoulders lower → level of sway, reverse tilt, flat shoulders
    "2, 5, 30, NONE, NONE, NONE",
    "4, 5, 30, SLIGHT, NONE, NONE",
    "6, 2, 20, CLEAR, SLIGHT, SLIGHT",
    "0, -3, 10, NONE, CLEAR, CLEAR",
  })
  void theTopIsHeldAgainstTheSchool(
      double shift, double tilt, double shoulders, Level sway, Level reverse, Level flat) {
    PosedGolfer golfer = PosedGolfer.near(new Random(11));
    StillReading reading =
        StillReading.of(
            golfer.faceOn(Checkpoint.TOP, shift, 0, tilt, shoulders),
            Optional.of(golfer.faceOn(Checkpoint.ADDRESS, 0, 0, 5, 0)),
            SpineShape.FLAT,
            School.ROTATION_FIRST.shipped());
    Map<String, Level> levels =
        StillFindings.of(reading, SpineShape.FLAT, ASKS, false).stream()
            .collect(Collectors.toMap(f -> f.fault().id(), StillFinding::level));
    assertThat(levels)
        .containsEntry("sway", sway)
        .containsEntry("reverse-tilt", reverse)
        .containsEntry("flat-shoulders", flat);
  }

  @Test
  void aTrailKneeThatLengthensAsFarAsTheSchoolLetsItSaysNothing() {
    assertThat(trailLock(School.FREE_TURN, 20, 4)).isEmpty();
    assertThat(trailLock(School.SETTLED_BASE, 20, 4)).contains(Level.SLIGHT);
  }

  private static Optional<Level> trailLock(School school, double before, double at) {
    Still address = leg(Checkpoint.ADDRESS, before);
    StillReading reading =
        StillReading.of(
            leg(Checkpoint.TOP, at), Optional.of(address), SpineShape.FLAT, school.shipped());
    return StillFindings.of(reading, SpineShape.FLAT, school.shipped(), false).stream()
        .filter(f -> f.fault().id().equals("trail-lock"))
        .map(StillFinding::level)
        .findFirst();
  }

  private static Still leg(Checkpoint at, double bend) {
    double r = Math.toRadians(bend);
    return Still.of(
        StillView.DOWN_THE_LINE,
        at,
        Handed.RIGHT,
        Map.of(
            Landmark.ANKLE, new Spot(500, 1500),
            Landmark.KNEE, new Spot(500, 1100),
            Landmark.HIP, new Spot(500 - 400 * Math.sin(r), 1100 - 400 * Math.cos(r))));
  }
}
