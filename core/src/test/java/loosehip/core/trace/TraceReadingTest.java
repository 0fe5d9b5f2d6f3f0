package loosehip.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.link.Level;
import loosehip.core.link.SwingFigure;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Demands;
import loosehip.core.pivot.School;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Moments and checks against closed forms, and each check on both sides of its edge. */
class TraceReadingTest {
  private static final Demands ASKS = School.ROTATION_FIRST.shipped();

  private static Map<String, Level> found(TraceReading reading) {
    return TraceFindings.of(reading, ASKS, Club.DRIVER).stream()
        .collect(Collectors.toMap(f -> f.what().id(), TraceFinding::level));
  }

  /** The pelvis stands still from {@code stands} on, until it falls. */
  private static DrawnSwing standing(double stands) {
    DrawnSwing swing = new DrawnSwing();
    swing.pelvis = new DrawnSwing.Wave(0.5, stands, 1.25, 1.60, 45, 90);
    return swing;
  }

  @Test
  void momentsOfAGoodSwingAreThoseOfItsClosedForm() {
    TraceReading r = new DrawnSwing().read();
    assertThat(r.events().start()).isCloseTo(DrawnSwing.ARM.up(2), within(0.006));
    Map<SwingSegment, SwingEvents.Top> tops = r.events().tops();
    assertThat(tops.get(SwingSegment.PELVIS).at()).isCloseTo(1.25, within(0.012));
    assertThat(tops.get(SwingSegment.TORSO).at()).isCloseTo(1.31, within(0.012));
    assertThat(tops.get(SwingSegment.ARM).at()).isCloseTo(1.37, within(0.012));
    assertThat(tops.get(SwingSegment.PELVIS).turn()).isCloseTo(45, within(0.6));
    assertThat(tops.get(SwingSegment.TORSO).turn()).isCloseTo(90, within(0.9));
    assertThat(r.events().impact()).isCloseTo(DrawnSwing.ARM.down(0), within(0.004));
    assertThat(r.openAtImpact())
        .isCloseTo(-DrawnSwing.PELVIS.at(DrawnSwing.ARM.down(0)), within(1.0));
    assertThat(r.separation().orElseThrow().atPelvisTop())
        .isCloseTo(DrawnSwing.TORSO.at(1.25) - 45, within(1.0));
    // A half cosine is fastest half-way, at drop · π / (2 · time).
    assertThat(r.peaks().get(SwingSegment.ARM).degreesPerSecond())
        .isCloseTo(200 * Math.PI / (2 * 0.38), within(15.0));
    assertThat(r.peaks().get(SwingSegment.ARM).at()).isCloseTo(1.56, within(0.01));
    assertThat(r.peakOrder())
        .containsExactly(SwingSegment.PELVIS, SwingSegment.TORSO, SwingSegment.ARM);
    assertThat(r.ratio().orElseThrow())
        .isCloseTo((1.37 - DrawnSwing.ARM.up(2)) / (DrawnSwing.ARM.down(0) - 1.37), within(0.25));
    assertThat(r.returnOrder())
        .containsExactly(SwingSegment.PELVIS, SwingSegment.TORSO, SwingSegment.ARM);
    assertThat(r.outOfOrder()).isEmpty();
    assertThat(found(r)).isEmpty();
  }

  /** The largest separation by looking at every row of the closed form. */
  @Test
  void largestSeparationIsFoundAndSaidWhen() {
    TraceReading r = new DrawnSwing().read();
    double best = 0;
    double when = 0;
    for (double t = 0.5; t < DrawnSwing.ARM.down(0); t += 0.0005) {
      double apart = DrawnSwing.TORSO.at(t) - DrawnSwing.PELVIS.at(t);
      if (apart > best) {
        best = apart;
        when = t;
      }
    }
    assertThat(r.separation().orElseThrow().largest()).isCloseTo(best, within(0.5));
    assertThat(r.separation().orElseThrow().at()).isCloseTo(when, within(0.02));
  }

  @ParameterizedTest
  @CsvSource({"0.90, true", "1.00, true", "1.13, false", "1.20, false"})
  void aPelvisThatStopsBeforeThreeFifthsStopsEarly(double stands, boolean early) {
    DrawnSwing swing = standing(stands);
    TraceReading r = swing.read();
    double start = DrawnSwing.ARM.up(2);
    double expected = (swing.pelvis.up(43) - start) / (1.37 - start);
    assertThat(r.stop().orElseThrow().share()).isCloseTo(expected, within(0.022));
    assertThat(r.stop().orElseThrow().at()).isCloseTo(swing.pelvis.up(43), within(0.018));
    assertThat(found(r).get("early-stop")).isEqualTo(early ? Level.CLEAR : null);
  }

  /** The edge itself, as near as smoothing lets corners stand. */
  @ParameterizedTest
  @CsvSource({"0.57, true", "0.62, false"})
  void theEdgeOfEarlyIsAtThreeFifths(double share, boolean early) {
    double start = DrawnSwing.ARM.up(2);
    double stop = start + share * (1.37 - start);
    double stands = 0.5 + (stop - 0.5) * Math.PI / Math.acos(1 - 2 * 43 / 45.0);
    assertThat(found(standing(stands).read()).containsKey("early-stop")).isEqualTo(early);
  }

  /** A pelvis that has turned back before the arm is at its top did not stop there. */
  @Test
  void aPelvisThatReturnsInGoodTimeDidNotStopEarly() {
    DrawnSwing swing = new DrawnSwing();
    swing.pelvis = new DrawnSwing.Wave(0.5, 1.19, 1.19, 1.55, 45, 90);
    TraceReading r = swing.read();
    assertThat(DrawnSwing.PELVIS.top() - swing.pelvis.at(1.37)).isGreaterThan(2);
    assertThat(r.stop().orElseThrow().share()).isBetween(0.65, 0.8);
  }

  @ParameterizedTest
  @CsvSource({"2.7, false", "3.4, true", "-3.4, true"})
  void tiltThatChangesByMoreThanThreeStandsInForTurn(double change, boolean dips) {
    DrawnSwing swing = standing(0.90);
    double stop = swing.pelvis.up(43);
    swing.tilt = t -> change * Math.max(0, Math.min(1, (t - stop - 0.02) / 0.15));
    TraceReading r = swing.read();
    assertThat(r.dip().orElseThrow().change()).isCloseTo(change, within(0.15));
    assertThat(r.dip().orElseThrow().within()).isBetween(0.14, 0.25);
    assertThat(found(r).get("dip")).isEqualTo(dips ? Level.SLIGHT : null);
  }

  @ParameterizedTest
  @CsvSource({"0.20, true", "0.30, false"})
  void onlyTheQuarterSecondAfterTheStopCounts(double later, boolean dips) {
    DrawnSwing swing = standing(0.90);
    double stop = swing.pelvis.up(43);
    swing.tilt = t -> t < stop + later ? 0 : 8;
    assertThat(found(swing.read()).containsKey("dip")).isEqualTo(dips);
  }

  /** Tilt in the downswing of a pelvis that turned on is no dip. */
  @Test
  void aPelvisThatTurnedOnDoesNotDipInsteadOfTurning() {
    DrawnSwing swing = new DrawnSwing();
    swing.tilt = t -> t < 1.2 ? 0 : Math.min(15, 60 * (t - 1.2));
    assertThat(found(swing.read())).isEmpty();
  }

  /** Both tops move together, so that only the lag changes. */
  @ParameterizedTest
  @CsvSource({
    "-60, pelvis torso, true",
    "5, pelvis torso, true",
    "13, '', false",
    "60, '', false",
    "116, '', false",
    "125, pelvis torso, false"
  })
  void aLagFrom10To120MillisecondsIsInOrder(int lag, String pair, boolean upperFirst) {
    DrawnSwing swing = new DrawnSwing();
    double torso = 1.20 + lag / 1000.0;
    swing.hz = 1000;
    swing.pelvis = new DrawnSwing.Wave(0.4, 1.20, 1.20, 1.60, 45, 90);
    swing.torso = new DrawnSwing.Wave(torso - 0.8, torso, torso, torso + 0.4, 45, 90);
    swing.arm = new DrawnSwing.Wave(0.3, torso + 0.06, torso + 0.06, torso + 0.5, 130, 200);
    TraceReading r = swing.read();
    assertThat(r.lags().get(0).milliseconds()).isCloseTo(lag, within(2L));
    assertThat(
            r.outOfOrder().stream()
                .map(l -> l.first().id() + " " + l.second().id())
                .collect(Collectors.joining()))
        .isEqualTo(pair);
    assertThat(found(r).containsKey("upper-first")).isEqualTo(upperFirst);
  }

  @Test
  void theArmThatReturnsBeforeTheTorsoIsNamed() {
    DrawnSwing swing = new DrawnSwing();
    swing.arm = new DrawnSwing.Wave(0.5, 1.28, 1.28, 1.75, 130, 200);
    TraceReading r = swing.read();
    assertThat(r.returnOrder())
        .containsExactly(SwingSegment.PELVIS, SwingSegment.ARM, SwingSegment.TORSO);
    assertThat(r.outOfOrder()).hasSize(1);
    assertThat(r.outOfOrder().get(0).second()).isEqualTo(SwingSegment.ARM);
    assertThat(found(r)).containsKey("upper-first");
  }

  @ParameterizedTest
  @CsvSource({
    // pelvis turn → early-stop, over-turn; rotation first asks 40 to 50
    "33.5, clear, ",
    "37, slight, ",
    "45, , ",
    "52, , slight",
    "60, , clear"
  })
  void theTurnAtTheTopIsHeldAgainstTheSchool(double turn, String early, String over) {
    DrawnSwing swing = new DrawnSwing();
    swing.pelvis = DrawnSwing.PELVIS.to(turn);
    Map<String, Level> found = found(swing.read());
    assertThat(Optional.ofNullable(found.get("early-stop")).map(Level::id))
        .isEqualTo(Optional.ofNullable(early));
    assertThat(Optional.ofNullable(found.get("over-turn")).map(Level::id))
        .isEqualTo(Optional.ofNullable(over));
  }

  @Test
  void anIronSaysNothingOfTheDriversShoulders() {
    DrawnSwing swing = new DrawnSwing();
    swing.torso = DrawnSwing.TORSO.to(76);
    TraceReading r = swing.read();
    assertThat(found(r)).containsEntry("short-turn", Level.CLEAR);
    assertThat(TraceFindings.of(r, ASKS, Club.IRON)).isEmpty();
    assertThat(TraceFigures.of(r, Club.IRON)).doesNotContainKey(SwingFigure.SHOULDER_TURN);
    assertThat(TraceFigures.of(r, Club.DRIVER)).containsKey(SwingFigure.SHOULDER_TURN);
  }

  @Test
  void aMarkedImpactIsBelievedAndOneInTheBackswingRefused() {
    DrawnSwing swing = new DrawnSwing();
    swing.marked = Optional.of(1.60);
    assertThat(swing.read().events().impact()).isCloseTo(1.60, within(1e-9));
    swing.marked = Optional.of(0.4);
    assertThat(swing.refused()).isInstanceOf(TraceProblem.ImpactTooEarly.class);
  }

  @Test
  void withoutImpactNothingIsSaid() {
    DrawnSwing swing = new DrawnSwing();
    swing.seconds = 1.5;
    assertThat(swing.refused()).isEqualTo(new TraceProblem.NoImpact(SwingSegment.ARM));
    DrawnSwing still = new DrawnSwing();
    still.pelvis = still.torso = still.arm = new DrawnSwing.Wave(0.5, 1, 1, 1.5, 0, 0);
    assertThat(still.refused()).isInstanceOf(TraceProblem.NoBackswing.class);
  }

  @Test
  void aPelvisAloneNeedsAMarkedImpactAndSaysNothingOfStopping() {
    DrawnSwing swing = new DrawnSwing();
    MovementSamples alone = DrawnSwing.only(swing.samples(), SwingSegment.PELVIS);
    assertThat(TraceReading.of(alone, AngleUnit.NOT_SAID).problems())
        .containsExactly(new TraceProblem.NoImpact(SwingSegment.PELVIS));
    swing.marked = Optional.of(1.65);
    TraceReading r =
        TraceReading.of(DrawnSwing.only(swing.samples(), SwingSegment.PELVIS), AngleUnit.NOT_SAID)
            .reading()
            .orElseThrow();
    assertThat(r.stop()).isEmpty();
    assertThat(r.ratio()).isEmpty();
    assertThat(r.lags()).isEmpty();
    assertThat(r.events().tops().get(SwingSegment.PELVIS).turn()).isCloseTo(45, within(0.6));
  }

  @Test
  void withoutAnArmTheTorsoTellsImpactAndTop() {
    TraceReading r =
        TraceReading.of(
                DrawnSwing.only(
                    new DrawnSwing().samples(), SwingSegment.PELVIS, SwingSegment.TORSO),
                AngleUnit.NOT_SAID)
            .reading()
            .orElseThrow();
    assertThat(r.events().impact()).isCloseTo(DrawnSwing.TORSO.down(0), within(0.005));
    assertThat(r.lags()).hasSize(1);
  }

  @Test
  void twoSwingsInOneFileAreToldApart() {
    MovementSamples one = new DrawnSwing().samples();
    int n = one.rows();
    DrawnSwing twice = new DrawnSwing();
    twice.seconds = 4.5;
    MovementSamples two = twice.samples();
    two.turns()
        .forEach(
            (segment, values) ->
                System.arraycopy(one.turns().get(segment), 0, values, values.length - n, n));
    TraceProblem problem = TraceReading.of(two, AngleUnit.NOT_SAID).problems().get(0);
    assertThat(((TraceProblem.TwoSwings) problem).at()).isBetween(2.8, 3.4);
  }

  /** A waggle before the swing, and a press forward, are not its start. */
  @Test
  void theStartIsTheOneThatKeepsGoing() {
    DrawnSwing swing = new DrawnSwing();
    MovementSamples samples = swing.samples();
    double[] arm = samples.turns().get(SwingSegment.ARM);
    for (int i = 40; i < 80; i++) {
      arm[i] += 12 * Math.sin(Math.PI * (i - 40) / 40.0);
      samples.turns().get(SwingSegment.TORSO)[i] -= 4 * Math.sin(Math.PI * (i - 40) / 40.0);
    }
    TraceReading r = TraceReading.of(samples, AngleUnit.NOT_SAID).reading().orElseThrow();
    assertThat(r.events().start()).isCloseTo(DrawnSwing.ARM.up(2), within(0.006));
  }

  private static DrawnSwing random(Chance chance) {
    DrawnSwing swing = new DrawnSwing();
    double stands = chance.number(0.85, 1.2);
    swing.pelvis = new DrawnSwing.Wave(0.5, stands, 1.25, 1.60, chance.number(25, 65), 100);
    swing.torso = DrawnSwing.TORSO.to(chance.number(70, 110));
    return swing;
  }

  private static double[] figures(TraceReading r) {
    return new double[] {
      r.stop().orElseThrow().share(),
      r.events().tops().get(SwingSegment.PELVIS).turn(),
      r.events().tops().get(SwingSegment.TORSO).turn(),
      r.separation().orElseThrow().largest(),
      r.lags().get(1).seconds(),
      r.openAtImpact(),
      r.events().impact() - r.events().start()
    };
  }

  /** Neither when the clock began nor how the suit was zeroed changes what a swing is. */
  @Law(tries = 40)
  void clockAndZeroDoNotMatter(Chance chance) {
    DrawnSwing swing = random(chance);
    TraceReading plain = swing.read();
    swing.shift = chance.number(-50, 5000);
    swing.offset = chance.number(-30, 30);
    TraceReading moved = swing.read();
    assertThat(figures(moved)).containsExactly(figures(plain), within(1e-6));
    assertThat(found(moved)).isEqualTo(found(plain));
    assertThat(moved.events().start() - swing.shift)
        .isCloseTo(plain.events().start(), within(1e-6));
  }

  /** More rows a second say the same. */
  @Law(tries = 40)
  void anotherRateSaysTheSame(Chance chance) {
    DrawnSwing swing = random(chance);
    swing.hz = 100;
    double[] slow = figures(swing.read());
    swing.hz = chance.one(List.of(250, 500, 1000));
    double[] fast = figures(swing.read());
    for (int i = 0; i < slow.length; i++) {
      assertThat(slow[i])
          .as("figure " + i)
          .isCloseTo(fast[i], within(i == 0 || i > 3 ? 0.05 : 0.5));
    }
  }

  /** The tremor of a suit, half a degree, moves turns by less than a degree. */
  @Law(tries = 30)
  void noiseIsSmoothedAway(Chance chance) {
    DrawnSwing swing = random(chance);
    double[] clean = figures(swing.read());
    MovementSamples samples = swing.samples();
    Random random = chance.random();
    samples
        .turns()
        .values()
        .forEach(
            values -> {
              for (int i = 0; i < values.length; i++) {
                values[i] += 0.5 * random.nextGaussian();
              }
            });
    double[] noisy = figures(TraceReading.of(samples, AngleUnit.NOT_SAID).reading().orElseThrow());
    for (int i : new int[] {1, 2, 3, 5}) {
      assertThat(noisy[i]).isCloseTo(clean[i], within(1.5));
    }
  }
}
