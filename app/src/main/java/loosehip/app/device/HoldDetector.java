package loosehip.app.device;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;

/**
 * Tells a held angle from a moving one: still within 1.5° for one second makes a reading, the mean
 * of that second. Another reading needs a movement of 3° first. All figures ours.
 */
public final class HoldDetector {
  /** How long the angle must be held, in seconds. */
  public static final double HOLD = 1.0;

  /** How far it may wander while held, in degrees. */
  public static final double WANDER = 1.5;

  /** How far it must move before another reading, in degrees. */
  public static final double MOVE_ON = 3;

  private final Deque<AngleSource.Sample> window = new ArrayDeque<>();
  private Optional<Double> last = Optional.empty();
  private boolean movedOn = true;

  /** What a sample amounts to: how much of the hold is done, and the reading when it is. */
  public record State(double held, Optional<Double> reading) {}

  /** Adds a sample; times rise. */
  public State add(AngleSource.Sample sample) {
    window.addLast(sample);
    while (!window.isEmpty() && spread() > WANDER) {
      window.removeFirst();
    }
    while (window.size() > 1 && sample.seconds() - second() >= HOLD) {
      window.removeFirst();
    }
    if (last.filter(l -> Math.abs(sample.degrees() - l) >= MOVE_ON).isPresent()) {
      movedOn = true;
    }
    double held = Math.min(1, (sample.seconds() - window.getFirst().seconds()) / HOLD);
    if (held < 1 || !movedOn) {
      return new State(movedOn ? held : 0, Optional.empty());
    }
    double mean = window.stream().mapToDouble(AngleSource.Sample::degrees).average().orElseThrow();
    last = Optional.of(mean);
    movedOn = false;
    return new State(1, Optional.of(mean));
  }

  private double second() {
    var samples = window.iterator();
    samples.next();
    return samples.next().seconds();
  }

  private double spread() {
    var range = window.stream().mapToDouble(AngleSource.Sample::degrees).summaryStatistics();
    return range.getMax() - range.getMin();
  }
}
