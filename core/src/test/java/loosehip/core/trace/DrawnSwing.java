package loosehip.core.trace;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/**
 * A swing drawn by half waves of a cosine, whose moments have closed forms: each segment rises from
 * its address to its top, may stand there, and falls.
 */
final class DrawnSwing {
  /** One segment: when it rises, from when it stands, when it falls and has fallen, how far. */
  record Wave(double rises, double stands, double falls, double fallen, double top, double drop) {
    double at(double t) {
      if (t <= rises) {
        return 0;
      }
      if (t < stands) {
        return top * (1 - Math.cos(Math.PI * (t - rises) / (stands - rises))) / 2;
      }
      if (t <= falls) {
        return top;
      }
      if (t < fallen) {
        return top - drop * (1 - Math.cos(Math.PI * (t - falls) / (fallen - falls))) / 2;
      }
      return top - drop;
    }

    /** When it passes a turn going up. */
    double up(double turn) {
      return rises + (stands - rises) / Math.PI * Math.acos(1 - 2 * turn / top);
    }

    /** When it passes a turn coming down. */
    double down(double turn) {
      return falls + (fallen - falls) / Math.PI * Math.acos(1 - 2 * (top - turn) / drop);
    }

    Wave to(double newTop) {
      return new Wave(rises, stands, falls, fallen, newTop, drop);
    }
  }

  static final Wave PELVIS = new Wave(0.5, 1.25, 1.25, 1.60, 45, 90);
  static final Wave TORSO = new Wave(0.5, 1.31, 1.31, 1.70, 90, 135);
  static final Wave ARM = new Wave(0.5, 1.37, 1.37, 1.75, 130, 200);

  Wave pelvis = PELVIS;
  Wave torso = TORSO;
  Wave arm = ARM;
  DoubleUnaryOperator tilt = t -> 0;
  double hz = 200;
  double seconds = 2.2;
  double shift = 0;
  double offset = 0;
  Optional<Double> marked = Optional.empty();

  MovementSamples samples() {
    int n = (int) Math.round(seconds * hz) + 1;
    double[] t = new double[n];
    Map<SwingSegment, double[]> turns = new EnumMap<>(SwingSegment.class);
    for (SwingSegment segment : SwingSegment.values()) {
      turns.put(segment, new double[n]);
    }
    double[] tilts = new double[n];
    for (int i = 0; i < n; i++) {
      double at = i / hz;
      t[i] = at + shift;
      turns.get(SwingSegment.PELVIS)[i] = pelvis.at(at) + offset;
      turns.get(SwingSegment.TORSO)[i] = torso.at(at) + offset;
      turns.get(SwingSegment.ARM)[i] = arm.at(at) + offset;
      tilts[i] = tilt.applyAsDouble(at) + offset;
    }
    return new MovementSamples(t, turns, tilts, marked.map(m -> (int) Math.round(m * hz)));
  }

  TraceReading read() {
    return TraceReading.of(samples(), AngleUnit.NOT_SAID).reading().orElseThrow();
  }

  TraceProblem refused() {
    return TraceReading.of(samples(), AngleUnit.NOT_SAID).problems().get(0);
  }

  /** Rows without some of them. */
  static MovementSamples without(MovementSamples of, int from, int to) {
    Map<SwingSegment, double[]> turns = new EnumMap<>(SwingSegment.class);
    of.turns().forEach((s, v) -> turns.put(s, without(v, from, to)));
    return new MovementSamples(
        without(of.seconds(), from, to), turns, without(of.tilt(), from, to), of.impactRow());
  }

  private static double[] without(double[] values, int from, int to) {
    double[] left = Arrays.copyOf(values, values.length - (to - from));
    System.arraycopy(values, to, left, from, values.length - to);
    return left;
  }

  /** Rows with only some of the segments. */
  static MovementSamples only(MovementSamples of, SwingSegment... segments) {
    Map<SwingSegment, double[]> turns = new EnumMap<>(of.turns());
    turns.keySet().retainAll(Arrays.asList(segments));
    return new MovementSamples(of.seconds(), turns, of.tilt(), of.impactRow());
  }
}
