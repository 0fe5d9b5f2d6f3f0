package loosehip.core.incline;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;

/**
 * Tells a held angle from a moving one: for a second no sample lies half a degree or more from the
 * middle of them (domain: the phone as an inclinometer); the reading is their mean. Another reading
 * needs a movement of 3° first, and a gap in the stream begins anew (ours).
 */
public final class HoldDetector {
  /** How long the angle must be held, in seconds. */
  public static final double HOLD = 1.0;

  /** How far from its middle it may wander while held, in degrees. */
  public static final double STEADY = 0.5;

  /** How far it must move before another reading, in degrees. */
  public static final double MOVE_ON = 3;

  /** Samples further apart than this are no hold, in seconds. */
  public static final double GAP = 0.5;

  private final Deque<Sample> window = new ArrayDeque<>();
  private Optional<Double> last = Optional.empty();
  private boolean movedOn = true;

  /** A sample: seconds since some beginning, and degrees. */
  public record Sample(double seconds, double degrees) {}

  /** What a sample amounts to: how much of the hold is done, and the reading when it is. */
  public record State(double held, Optional<Double> reading) {}

  /** Adds a sample; times rise. */
  public State add(double seconds, double degrees) {
    if (!window.isEmpty() && seconds - window.getLast().seconds() > GAP) {
      window.clear();
    }
    window.addLast(new Sample(seconds, degrees));
    while (spread() >= 2 * STEADY) {
      window.removeFirst();
    }
    while (window.size() > 1 && seconds - second() >= HOLD) {
      window.removeFirst();
    }
    if (last.filter(l -> Math.abs(degrees - l) >= MOVE_ON).isPresent()) {
      movedOn = true;
    }
    double held = Math.min(1, (seconds - window.getFirst().seconds()) / HOLD);
    if (held < 1 || !movedOn) {
      return new State(movedOn ? held : 0, Optional.empty());
    }
    return new State(1, Optional.of(taken(mean())));
  }

  /** Takes what stands now, held or not: a tap. */
  public double takeNow(double degrees) {
    return taken(degrees);
  }

  private double taken(double degrees) {
    last = Optional.of(degrees);
    movedOn = false;
    return degrees;
  }

  private double mean() {
    return window.stream().mapToDouble(Sample::degrees).average().orElseThrow();
  }

  private double second() {
    var samples = window.iterator();
    samples.next();
    return samples.next().seconds();
  }

  private double spread() {
    var range = window.stream().mapToDouble(Sample::degrees).summaryStatistics();
    return range.getMax() - range.getMin();
  }
}
