package loosehip.app.device;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import loosehip.app.device.AngleSource.Sample;
import loosehip.core.incline.HoldDetector;
import loosehip.core.incline.InclineAxis;
import loosehip.core.incline.Orientation;
import loosehip.core.incline.YawDrift;

/**
 * A phone joined to one golfer for an hour: how it lies, from which zero, and who listens. A second
 * phone that opens the link takes over from the first.
 */
final class PhoneJoin {
  private static final int ZEROS_MOST = 200;

  private final String title;
  private final Instant ends;
  private final List<Consumer<Sample>> listeners = new CopyOnWriteArrayList<>();
  private final Map<String, Double> zeros = new HashMap<>();

  private Optional<String> phone = Optional.empty();
  private Optional<Double> raw = Optional.empty();
  private String card = "";
  private InclineAxis axis = InclineAxis.SHANK;
  private HoldDetector holds = new HoldDetector();
  private YawDrift drift = new YawDrift();
  private double seconds;
  private double lastUnwound;
  private double held;
  private int taken;
  private Optional<Double> lastTaken = Optional.empty();

  PhoneJoin(String title, Instant ends) {
    this.title = title;
    this.ends = ends;
  }

  /** Whose angle it is, as the phone shows it. */
  String title() {
    return title;
  }

  Instant ends() {
    return ends;
  }

  /**
   * What the phone is told.
   *
   * @param mine whether this phone's angles count; otherwise another one took over
   * @param listening whether a test is open that takes them
   * @param angle degrees from the zero
   * @param held how much of the hold is done, 0 to 1
   * @param ready whether it can be taken
   * @param axis how the phone is to lie, by its name
   * @param laid the same in a sentence
   * @param drift how far it runs away; empty when it does not
   * @param taken how many tries it took
   * @param last the last of them, degrees
   */
  record Told(
      boolean mine,
      boolean listening,
      double angle,
      double held,
      boolean ready,
      String axis,
      String laid,
      String drift,
      int taken,
      Optional<Double> last) {}

  /** A sample as the phone sends it: milliseconds on its own clock, and how it lies. */
  record Sent(double milliseconds, Orientation lies) {}

  synchronized void opened(String by) {
    if (phone.filter(by::equals).isEmpty()) {
      phone = Optional.of(by);
      afresh();
    }
  }

  private void afresh() {
    raw = Optional.empty();
    holds = new HoldDetector();
    drift = new YawDrift();
    held = 0;
    seconds = 0;
  }

  synchronized AngleSource.Stream listen(String to, InclineAxis about, Consumer<Sample> listener) {
    if (!to.equals(card) || about != axis) {
      card = to;
      axis = about;
      afresh();
    }
    listeners.add(listener);
    return () -> listeners.remove(listener);
  }

  /** Takes samples of a phone; those of one that was taken over from are passed by. */
  synchronized Told add(String from, List<Sent> samples) {
    if (phone.filter(from::equals).isEmpty()) {
      return told(false);
    }
    for (Sent sent : samples) {
      double at = sent.milliseconds() / 1000;
      if (at <= seconds && seconds - at < 1) {
        continue;
      }
      if (at < seconds) {
        afresh();
      }
      seconds = at;
      raw = Optional.of(axis.of(sent.lies()));
      drift.add(at, unwound(raw.get()));
      held = holds.add(at, degrees()).held();
      hand(false);
    }
    return told(true);
  }

  /** The same turn without its jump from 180 to −180. */
  private double unwound(double angle) {
    double step = (angle - lastUnwound) % 360;
    lastUnwound += step > 180 ? step - 360 : step < -180 ? step + 360 : step;
    return lastUnwound;
  }

  synchronized Told tap(String from) {
    boolean mine = phone.filter(from::equals).isPresent();
    if (mine && raw.isPresent()) {
      holds.takeNow(degrees());
      hand(true);
    }
    return told(mine);
  }

  synchronized void zero() {
    if (zeros.size() < ZEROS_MOST) {
      raw.ifPresent(now -> zeros.put(key(), now));
    }
    holds = new HoldDetector();
    held = 0;
    drift.zero(seconds);
  }

  synchronized void took(double degrees) {
    taken++;
    lastTaken = Optional.of(degrees);
  }

  private String key() {
    return card + "/" + axis.id();
  }

  private boolean ready() {
    return !axis.drifts() || zeros.containsKey(key());
  }

  private double degrees() {
    double now = raw.orElse(0.0);
    return Math.round(
            InclineAxis.apart(now, zeros.getOrDefault(key(), axis.drifts() ? now : 0)) * 10)
        / 10.0;
  }

  private String driftWords() {
    if (!axis.drifts()) {
      return "";
    }
    return drift
        .perMinute()
        .map(
            rate ->
                String.format(
                    Locale.ROOT,
                    "drifts %.1f° a minute, off by about %.1f° since its zero",
                    Math.abs(rate),
                    drift.off().orElse(0.0)))
        .orElse("drift not known yet: lay it still for two seconds");
  }

  private void hand(boolean tapped) {
    Sample sample = new Sample(seconds, degrees(), tapped, ready(), driftWords());
    listeners.forEach(l -> l.accept(sample));
  }

  private Told told(boolean mine) {
    return new Told(
        mine,
        !listeners.isEmpty(),
        degrees(),
        ready() ? held : 0,
        ready(),
        axis.title(),
        axis.laid(),
        driftWords(),
        taken,
        lastTaken);
  }
}
