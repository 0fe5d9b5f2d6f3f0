package loosehip.core.played;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import loosehip.core.trace.MovementSamples;
import loosehip.core.trace.PressureMoment;
import loosehip.core.trace.PressureTrace;
import loosehip.core.trace.SwingSegment;

/**
 * A swing of 2.4 seconds as a suit or a mat would record it. Made up (ours): turns and times of an
 * ordinary full swing, with what its kind does wrong.
 *
 * @param kind which swing
 * @param hz rows a second, 50 to 1000
 * @param noisy whether the device trembles: 0.4° and 0.015 of the weight instead of a tenth of that
 * @param seed of the tremor
 */
public record PlayedSwing(SwingKind kind, double hz, boolean noisy, long seed) {
  /** How long a recording lasts, seconds. */
  public static final double SECONDS = 2.4;

  private static final double TREMOR_DEGREES = 0.4;
  private static final double TREMOR_SHARE = 0.015;
  private static final double QUIET = 0.1;

  private static final double START = 0.4;
  private static final double TOP = 1.2;
  private static final double IMPACT = 1.48;

  private Map<SwingSegment, Knots> turns() {
    Map<SwingSegment, Knots> turns = new EnumMap<>(SwingSegment.class);
    boolean armsFirst = kind == SwingKind.ARMS_FIRST;
    double pelvisTop = armsFirst ? TOP + 0.05 : TOP - 0.10;
    double torsoTop = TOP - 0.04;
    double armTop = armsFirst ? TOP - 0.09 : TOP + 0.02;
    turns.put(
        SwingSegment.PELVIS,
        kind == SwingKind.EARLY_STOP
            ? Knots.of(START, 0, START + 0.42, 39, pelvisTop, 40, pelvisTop + 0.66, -84)
            : Knots.of(START, 0, pelvisTop, 46, pelvisTop + 0.66, -86));
    turns.put(SwingSegment.TORSO, Knots.of(START, 0, torsoTop, 92, torsoTop + 0.62, -92));
    turns.put(SwingSegment.ARM, Knots.of(START - 0.02, 0, armTop, 128, armTop + 0.54, -138));
    return turns;
  }

  private Knots tilt() {
    return kind == SwingKind.EARLY_STOP
        ? Knots.of(START, 0, START + 0.34, 2, START + 0.56, -5, TOP, -6, TOP + 0.3, 5)
        : Knots.of(START, 0, TOP, 3, TOP + 0.3, -6);
  }

  /** What a suit records. */
  public MovementSamples movement() {
    double[] seconds = times();
    Random tremor = new Random(seed);
    double shakes = TREMOR_DEGREES * (noisy ? 1 : QUIET);
    Map<SwingSegment, double[]> turns = new EnumMap<>(SwingSegment.class);
    turns().forEach((segment, way) -> turns.put(segment, along(way, seconds, tremor, shakes)));
    return new MovementSamples(
        seconds, turns, along(tilt(), seconds, tremor, shakes), Optional.empty());
  }

  /** What a mat records, with its moments marked. */
  public PressureTrace pressure() {
    double[] seconds = times();
    Random tremor = new Random(seed + 1);
    double shakes = TREMOR_SHARE * (noisy ? 1 : QUIET);
    boolean falls = kind == SwingKind.TOE_FALL;
    double down = TOP + 0.16;
    Knots lead =
        Knots.of(START, 0.5, TOP - 0.05, 0.27, down, 0.64, IMPACT, 0.80, IMPACT + 0.5, 0.96);
    Knots leadToe =
        Knots.of(
            START,
            0.5,
            TOP,
            0.60,
            down,
            falls ? 0.76 : 0.52,
            IMPACT,
            falls ? 0.72 : 0.42,
            IMPACT + 0.5,
            0.30);
    Knots trailToe = Knots.of(START, 0.5, TOP, 0.30, down, 0.46, IMPACT, 0.60, IMPACT + 0.5, 0.88);
    Map<PressureMoment, Integer> moments = new EnumMap<>(PressureMoment.class);
    moments.put(PressureMoment.ADDRESS, row(START / 2));
    moments.put(PressureMoment.TOP, row(TOP));
    moments.put(PressureMoment.ARM_LEVEL, row(down));
    moments.put(PressureMoment.IMPACT, row(IMPACT));
    moments.put(PressureMoment.FINISH, row(IMPACT + 0.6));
    return new PressureTrace(
        seconds,
        shares(along(lead, seconds, tremor, shakes)),
        shares(along(leadToe, seconds, tremor, shakes)),
        shares(along(trailToe, seconds, tremor, shakes)),
        moments);
  }

  private int row(double at) {
    return (int) Math.round(at * hz);
  }

  private double[] times() {
    double[] times = new double[row(SECONDS) + 1];
    for (int i = 0; i < times.length; i++) {
      times[i] = i / hz;
    }
    return times;
  }

  private static double[] along(Knots way, double[] seconds, Random tremor, double shakes) {
    double[] values = new double[seconds.length];
    for (int i = 0; i < values.length; i++) {
      values[i] = way.at(seconds[i]) + shakes * tremor.nextGaussian();
    }
    return values;
  }

  private static double[] shares(double[] values) {
    for (int i = 0; i < values.length; i++) {
      values[i] = Math.max(0, Math.min(1, values[i]));
    }
    return values;
  }
}
