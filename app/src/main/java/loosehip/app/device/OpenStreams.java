package loosehip.app.device;

import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import loosehip.app.document.Documents;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * The streams that pages listen to. A page that went away is noticed within seconds, also when the
 * device is silent, and one whose session ended is cut off as soon; when the program ends they end
 * first, so that nothing waits for them.
 */
@Component
public class OpenStreams {
  private static final long BEAT_SECONDS = 5;

  private final Map<Open, SseEmitter> open = new ConcurrentHashMap<>();
  private final ScheduledExecutorService heart =
      Executors.newSingleThreadScheduledExecutor(
          task -> {
            Thread thread = new Thread(task, "stream-heart");
            thread.setDaemon(true);
            return thread;
          });

  OpenStreams() {
    heart.scheduleWithFixedDelay(this::beat, BEAT_SECONDS, BEAT_SECONDS, TimeUnit.SECONDS);
  }

  /** Ends streams that nobody listens to any more, or nobody may. */
  void beat() {
    open.keySet().forEach(Open::beat);
  }

  /**
   * Opens a stream.
   *
   * @param longest how long it lasts at most, in milliseconds
   * @param over whether the session it was opened in has ended; asked every few seconds
   */
  public Open open(long longest, BooleanSupplier over) {
    SseEmitter emitter = new SseEmitter(longest);
    Open stream = new Open(emitter, over);
    open.put(stream, emitter);
    emitter.onCompletion(stream::stop);
    emitter.onTimeout(emitter::complete);
    emitter.onError(e -> stream.stop());
    return stream;
  }

  @EventListener(ContextClosedEvent.class)
  void end() {
    heart.shutdownNow();
    open.values().forEach(SseEmitter::complete);
  }

  /** A stream to one page. */
  public final class Open {
    private final SseEmitter emitter;
    private final BooleanSupplier over;
    private final AtomicReference<AngleSource.Stream> from = new AtomicReference<>();

    private Open(SseEmitter emitter, BooleanSupplier over) {
      this.emitter = emitter;
      this.over = over;
    }

    /** What the handler answers with. */
    public SseEmitter emitter() {
      return emitter;
    }

    /** What it is fed by; closed when the page goes away. */
    public void fedBy(AngleSource.Stream stream) {
      from.set(stream);
      if (!open.containsKey(this)) {
        stop();
      }
    }

    /** Sends a document; a page that went away ends the stream. */
    public void send(Object document) {
      try {
        emitter.send(SseEmitter.event().data(Documents.JSON.writeValueAsString(document)));
      } catch (IOException | IllegalStateException gone) {
        stop();
      }
    }

    /** Ends it, everything being said. */
    public void complete() {
      emitter.complete();
    }

    private void beat() {
      try {
        if (over.getAsBoolean()) {
          emitter.complete();
          stop();
          return;
        }
        emitter.send(SseEmitter.event().comment("beat"));
      } catch (IOException | RuntimeException gone) {
        stop();
      }
    }

    private void stop() {
      open.remove(this);
      AngleSource.Stream stream = from.getAndSet(null);
      if (stream != null) {
        stream.close();
      }
    }
  }
}
