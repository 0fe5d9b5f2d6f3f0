package loosehip.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What can be read, just inside and just outside of each edge. */
class SwingTraceTest {
  private static SwingTrace.Outcome read(MovementSamples samples) {
    return SwingTrace.of(samples, AngleUnit.NOT_SAID);
  }

  private static TraceProblem problem(MovementSamples samples) {
    return read(samples).problems().get(0);
  }

  @ParameterizedTest
  @CsvSource({"49, false", "50, true", "59.94, true", "1000, true", "1010, false", "20, false"})
  void from50To1000RowsASecond(double hz, boolean reads) {
    DrawnSwing swing = new DrawnSwing();
    swing.hz = hz;
    SwingTrace.Outcome outcome = read(swing.samples());
    assertThat(outcome.trace().isPresent()).isEqualTo(reads);
    if (reads) {
      assertThat(outcome.trace().orElseThrow().hz()).isCloseTo(hz, within(hz * 1e-9));
    } else {
      assertThat(((TraceProblem.Rate) outcome.problems().get(0)).hz()).isCloseTo(hz, within(0.01));
    }
  }

  @ParameterizedTest
  @CsvSource({"0.49, false", "0.5, true", "10, true", "10.01, false"})
  void fromHalfASecondToTen(double seconds, boolean reads) {
    DrawnSwing swing = new DrawnSwing();
    swing.seconds = seconds;
    SwingTrace.Outcome outcome = read(swing.samples());
    boolean long_ = outcome.problems().stream().anyMatch(TraceProblem.Length.class::isInstance);
    assertThat(long_).isEqualTo(!reads);
  }

  /** At 1000 rows a second 40 rows missing make 41 ms, one more than is filled. */
  @Test
  void gapsOf40MillisecondsAreFilledAndSaidLongerOnesRefused() {
    DrawnSwing swing = new DrawnSwing();
    swing.hz = 1000;
    MovementSamples whole = swing.samples();
    SwingTrace filled = read(DrawnSwing.without(whole, 901, 940)).trace().orElseThrow();
    assertThat(filled.gaps()).hasSize(1);
    assertThat(filled.gaps().get(0).at()).isCloseTo(0.9, within(1e-9));
    assertThat(filled.gaps().get(0).milliseconds()).isCloseTo(40, within(1e-6));
    assertThat(filled.hz()).isCloseTo(1000, within(1e-6));
    assertThat(filled.size()).isEqualTo(2201);
    assertThat(filled.turn(SwingSegment.PELVIS, 0.92))
        .isCloseTo(DrawnSwing.PELVIS.at(0.92), within(0.3));

    TraceProblem refused = problem(DrawnSwing.without(whole, 901, 941));
    assertThat(refused).isInstanceOf(TraceProblem.LongGap.class);
    assertThat(((TraceProblem.LongGap) refused).milliseconds()).isCloseTo(41, within(1e-6));
    assertThat(((TraceProblem.LongGap) refused).row()).isEqualTo(901);
  }

  @Test
  void timeMustGoOn() {
    MovementSamples samples = new DrawnSwing().samples();
    samples.seconds()[77] = samples.seconds()[76];
    assertThat(problem(samples)).isInstanceOf(TraceProblem.TimeBack.class);
    assertThat(((TraceProblem.TimeBack) problem(samples)).row()).isEqualTo(77);
    samples.seconds()[77] = samples.seconds()[76] - 0.5;
    assertThat(problem(samples)).isInstanceOf(TraceProblem.TimeBack.class);
  }

  /** A clock that rounds to milliseconds at 240 rows a second has no gaps. */
  @Test
  void aRoundedClockIsNoGap() {
    DrawnSwing swing = new DrawnSwing();
    swing.hz = 240;
    MovementSamples samples = swing.samples();
    for (int i = 0; i < samples.rows(); i++) {
      samples.seconds()[i] = Math.round(samples.seconds()[i] * 1000) / 1000.0;
    }
    SwingTrace trace = read(samples).trace().orElseThrow();
    assertThat(trace.gaps()).isEmpty();
    assertThat(trace.hz()).isCloseTo(240, within(0.2));
  }

  @Test
  void radiansAreAskedAboutNeverGuessed() {
    MovementSamples degrees = new DrawnSwing().samples();
    Map<SwingSegment, double[]> small = new EnumMap<>(SwingSegment.class);
    degrees
        .turns()
        .forEach((s, v) -> small.put(s, java.util.Arrays.stream(v).map(Math::toRadians).toArray()));
    MovementSamples radians =
        new MovementSamples(
            degrees.seconds(),
            small,
            java.util.Arrays.stream(degrees.tilt()).map(Math::toRadians).toArray(),
            Optional.empty());
    assertThat(problem(radians)).isInstanceOf(TraceProblem.LooksLikeRadians.class);
    assertThat(((TraceProblem.LooksLikeRadians) problem(radians)).largest())
        .isCloseTo(Math.toRadians(200), within(0.01));
    TraceReading said = TraceReading.of(radians, AngleUnit.RADIANS).reading().orElseThrow();
    assertThat(said.events().tops().get(SwingSegment.TORSO).turn()).isCloseTo(90, within(0.5));
    assertThat(TraceReading.of(radians, AngleUnit.DEGREES).problems().get(0))
        .isInstanceOf(TraceProblem.NoBackswing.class);
    assertThat(read(degrees).trace()).isPresent();
  }

  @ParameterizedTest
  @CsvSource({"50, 10", "55, 11", "59.9, 11.98", "60, 10", "200, 10"})
  void slowRecordingsAreSmoothedAtAFifthOfTheirRate(double hz, double cutOff) {
    DrawnSwing swing = new DrawnSwing();
    swing.hz = hz;
    assertThat(read(swing.samples()).trace().orElseThrow().cutOff())
        .isCloseTo(cutOff, within(1e-6));
  }

  @Test
  void twoRowsAreNoSwing() {
    MovementSamples two = DrawnSwing.without(new DrawnSwing().samples(), 2, 441);
    assertThat(problem(two)).isEqualTo(new TraceProblem.TooFewRows(2));
  }
}
