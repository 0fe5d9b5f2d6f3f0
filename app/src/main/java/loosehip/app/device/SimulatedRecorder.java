package loosehip.app.device;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import loosehip.core.played.PlayedSwing;
import loosehip.core.trace.MovementSamples;
import loosehip.core.trace.PressureTrace;
import loosehip.core.trace.RecordingKind;
import loosehip.core.trace.SwingSegment;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * Stands in for a motion suit and a pressure mat: plays a made-up swing as fast as a golfer swings,
 * twenty-five pictures a second.
 */
@Component
public class SimulatedRecorder implements DisposableBean {
  private static final long EVERY_MS = 40;

  private final ScheduledExecutorService clock =
      Executors.newSingleThreadScheduledExecutor(
          task -> {
            Thread thread = new Thread(task, "recorder");
            thread.setDaemon(true);
            return thread;
          });

  /**
   * What a device shows while it records.
   *
   * @param seconds since it began
   * @param values of the suit: pelvis, torso and arm in degrees; of the mat: share of the lead
   *     foot, toes of the lead foot, toes of the trail foot
   * @param last whether the swing is over
   */
  public record Shown(double seconds, List<Double> values, boolean last) {}

  /** Plays a swing to a listener; closed, it stops at once. */
  public AngleSource.Stream play(PlayedSwing swing, RecordingKind kind, Consumer<Shown> listener) {
    List<double[]> columns = columns(swing, kind);
    int rows = columns.get(0).length;
    AtomicReference<ScheduledFuture<?>> ticking = new AtomicReference<>();
    Runnable stop =
        () -> {
          ScheduledFuture<?> running = ticking.get();
          if (running != null) {
            running.cancel(false);
          }
        };
    long began = System.nanoTime();
    ticking.set(
        clock.scheduleAtFixedRate(
            () -> {
              double seconds = (System.nanoTime() - began) / 1e9;
              int row = (int) Math.min(rows - 1L, Math.round(seconds * swing.hz()));
              List<Double> values = new ArrayList<>();
              columns.forEach(c -> values.add(Math.round(c[row] * 1000) / 1000.0));
              boolean last = row == rows - 1;
              listener.accept(new Shown(row / swing.hz(), values, last));
              if (last) {
                stop.run();
              }
            },
            0,
            EVERY_MS,
            TimeUnit.MILLISECONDS));
    return stop::run;
  }

  private static List<double[]> columns(PlayedSwing swing, RecordingKind kind) {
    if (kind == RecordingKind.PRESSURE) {
      PressureTrace trace = swing.pressure();
      return List.of(trace.lead(), trace.leadToe(), trace.trailToe());
    }
    MovementSamples samples = swing.movement();
    List<double[]> columns = new ArrayList<>();
    for (SwingSegment segment : SwingSegment.values()) {
      columns.add(samples.turns().get(segment));
    }
    return columns;
  }

  @Override
  public void destroy() {
    clock.shutdownNow();
  }
}
