package loosehip.app.device;

import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import loosehip.core.incline.InclineAxis;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * Stands in for a phone inclinometer: follows where its owner moves it, with the tremor of a hand.
 */
@Component
class SimulatedInclinometer implements AngleSource, DisposableBean {
  private static final long EVERY_MS = 100;
  private static final double FOLLOWS = 0.45;
  private static final double TREMOR = 0.1;

  private static final int REMEMBERED = 1000;

  private final Map<String, Double> targets = remembered();
  private final Map<Place, Double> zeros = remembered();
  private final ScheduledExecutorService clock =
      Executors.newSingleThreadScheduledExecutor(
          task -> {
            Thread thread = new Thread(task, "inclinometer");
            thread.setDaemon(true);
            return thread;
          });

  /** The newest of them; a day on a bench needs a few dozen. */
  private static <K> Map<K, Double> remembered() {
    return Caffeine.newBuilder().maximumSize(REMEMBERED).<K, Double>build().asMap();
  }

  @Override
  public String id() {
    return "simulated";
  }

  @Override
  public String title() {
    return "Simulated";
  }

  @Override
  public boolean simulated() {
    return true;
  }

  /** Moves the device of an owner towards an angle, −45 to 180 degrees. */
  void move(String owner, double degrees) {
    targets.put(owner, Math.max(-45, Math.min(180, degrees)));
  }

  @Override
  public Stream listen(Place place, InclineAxis axis, Consumer<Sample> listener) {
    Hand hand = new Hand(place, listener);
    ScheduledFuture<?> ticking =
        clock.scheduleAtFixedRate(hand, 0, EVERY_MS, TimeUnit.MILLISECONDS);
    return () -> ticking.cancel(false);
  }

  @Override
  public void zero(Place place) {
    zeros.put(place, targets.getOrDefault(place.account(), 0.0));
  }

  @Override
  public void took(Place place, double degrees) {
    // It has no screen of its own.
  }

  @Override
  public void destroy() {
    clock.shutdownNow();
  }

  /** One stream: the angle drifts after its target and trembles. */
  private final class Hand implements Runnable {
    private final Place place;
    private final Consumer<Sample> listener;
    private final Random tremor = new Random(7);
    private double angle;
    private long ticks;

    Hand(Place place, Consumer<Sample> listener) {
      this.place = place;
      this.listener = listener;
      this.angle = targets.getOrDefault(place.account(), 0.0);
    }

    @Override
    public void run() {
      double target = targets.getOrDefault(place.account(), 0.0);
      angle += FOLLOWS * (target - angle);
      double shown = angle - zeros.getOrDefault(place, 0.0) + TREMOR * tremor.nextGaussian();
      listener.accept(Sample.plain(ticks * EVERY_MS / 1000.0, Math.round(shown * 10) / 10.0));
      ticks++;
    }
  }
}
