package loosehip.app.device;

import java.io.IOException;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicReference;
import loosehip.app.signin.SignedIn;
import loosehip.app.words.Typed;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Streams the angle to the page as server-sent events, with the readings that holds make. */
@Controller
@RequestMapping("/device/inclinometer")
class InclinometerController {
  private static final long LONGEST_MS = 15 * 60 * 1000L;

  private final AngleSource source;
  private final SimulatedInclinometer simulated;

  InclinometerController(AngleSource source, SimulatedInclinometer simulated) {
    this.source = source;
    this.simulated = simulated;
  }

  @GetMapping(produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter stream(@AuthenticationPrincipal SignedIn user) {
    SseEmitter emitter = new SseEmitter(LONGEST_MS);
    AtomicReference<AngleSource.Stream> running = new AtomicReference<>();
    Runnable stop =
        () -> {
          AngleSource.Stream stream = running.getAndSet(null);
          if (stream != null) {
            stream.close();
          }
        };
    emitter.onCompletion(stop);
    emitter.onTimeout(emitter::complete);
    emitter.onError(e -> stop.run());
    HoldDetector holds = new HoldDetector();
    running.set(
        source.listen(
            user.account().id(),
            sample -> {
              try {
                emitter.send(SseEmitter.event().data(words(sample, holds.add(sample))));
              } catch (IOException | IllegalStateException gone) {
                stop.run();
              }
            }));
    return emitter;
  }

  private static String words(AngleSource.Sample sample, HoldDetector.State state) {
    return String.format(
        Locale.ROOT,
        "{\"angle\":%.1f,\"held\":%.2f,\"reading\":%s}",
        sample.degrees(),
        state.held(),
        state.reading().map(r -> String.format(Locale.ROOT, "%.1f", r)).orElse("null"));
  }

  /** Moves the simulated device. */
  @PostMapping("/move")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void move(@RequestParam(defaultValue = "") String to, @AuthenticationPrincipal SignedIn user) {
    Typed.number(to).ifPresent(degrees -> simulated.move(user.account().id(), degrees));
  }
}
