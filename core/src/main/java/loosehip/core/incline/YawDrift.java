package loosehip.core.incline;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;

/**
 * How fast a turn about the vertical runs away by itself: the slope of the angle while the phone
 * lies still, and how far it may be off since its zero was set.
 */
public final class YawDrift {
  /** How long it must lie still before its slope says something, seconds (ours). */
  public static final double STILL = 2;

  /** Faster than this it is being turned, degrees a second (ours). */
  public static final double TURNED = 0.5;

  private static final double LONGEST = 10;
  private static final double GAP = 0.5;

  private final Deque<HoldDetector.Sample> window = new ArrayDeque<>();
  private Optional<Double> perSecond = Optional.empty();
  private double zeroedAt;
  private double now;

  /** A new zero: what ran away before it is gone; how fast it runs is still known. */
  public void zero(double seconds) {
    zeroedAt = seconds;
    window.clear();
  }

  /** Adds a sample; times rise. */
  public void add(double seconds, double degrees) {
    now = seconds;
    if (!window.isEmpty()) {
      HoldDetector.Sample before = window.getLast();
      double step = seconds - before.seconds();
      boolean turned = Math.abs(degrees - window.getFirst().degrees()) > TURNED + allowed(seconds);
      if (step > GAP || step <= 0 || turned) {
        window.clear();
      }
    }
    window.addLast(new HoldDetector.Sample(seconds, degrees));
    while (seconds - window.getFirst().seconds() > LONGEST) {
      window.removeFirst();
    }
    if (seconds - window.getFirst().seconds() >= STILL) {
      perSecond = Optional.of(slope());
    }
  }

  /** What slow running away may have made of it in this window. */
  private double allowed(double seconds) {
    return 0.1 * (seconds - window.getFirst().seconds());
  }

  private double slope() {
    double meanTime = window.stream().mapToDouble(HoldDetector.Sample::seconds).average().orElse(0);
    double mean = window.stream().mapToDouble(HoldDetector.Sample::degrees).average().orElse(0);
    double across = 0;
    double square = 0;
    for (HoldDetector.Sample s : window) {
      across += (s.seconds() - meanTime) * (s.degrees() - mean);
      square += (s.seconds() - meanTime) * (s.seconds() - meanTime);
    }
    return across / square;
  }

  /** Degrees a minute; empty until it lay still for two seconds. */
  public Optional<Double> perMinute() {
    return perSecond.map(s -> s * 60);
  }

  /** How far it may be off since its zero, degrees; empty until its speed is known. */
  public Optional<Double> off() {
    return perSecond.map(s -> Math.abs(s) * (now - zeroedAt));
  }
}
