package loosehip.app.device;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.device.AngleSource.Place;
import loosehip.app.device.AngleSource.Sample;
import loosehip.app.door.Door;
import loosehip.app.frame.NotHere;
import loosehip.app.golfer.Workups;
import loosehip.app.lan.Lan;
import loosehip.app.phone.QrCode;
import loosehip.app.signin.SessionStanding;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.words.Dates;
import loosehip.app.words.Typed;
import loosehip.core.incline.HoldDetector;
import loosehip.core.incline.InclineAxis;
import loosehip.core.measure.TestCard;
import loosehip.core.named.Named;
import loosehip.core.safety.Passage;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/**
 * Streams the angle of a device to the test that is open, as server-sent events, with the readings
 * that holds and taps make; joins a phone and cuts it off.
 */
@Controller
@RequestMapping("/golfers/{id}/inclinometer")
class InclinometerController {
  private static final long LONGEST_MS = 15 * 60 * 1000L;

  private final List<AngleSource> sources;
  private final SimulatedInclinometer simulated;
  private final PhoneInclinometer phone;
  private final OpenStreams streams;
  private final Workups workups;
  private final Lan lan;
  private final SessionStanding standing;
  private final Clock clock;

  InclinometerController(
      List<AngleSource> sources,
      SimulatedInclinometer simulated,
      PhoneInclinometer phone,
      OpenStreams streams,
      Workups workups,
      Lan lan,
      SessionStanding standing,
      Clock clock) {
    this.standing = standing;
    this.sources = sources;
    this.simulated = simulated;
    this.phone = phone;
    this.streams = streams;
    this.workups = workups;
    this.lan = lan;
    this.clock = clock;
  }

  private AngleSource source(String id) {
    return sources.stream()
        .filter(s -> s.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new NotHere("There is no such device."));
  }

  private static InclineAxis axis(String card, String chosen) {
    return Named.parse(InclineAxis.class, chosen)
        .or(() -> TestCard.parse(card).flatMap(c -> InclineAxis.of(c.test())))
        .orElse(InclineAxis.SHANK);
  }

  @Door(Passage.SIDED)
  @GetMapping(produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter stream(
      @PathVariable String id,
      @RequestParam(defaultValue = "simulated") String source,
      @RequestParam(defaultValue = "") String card,
      @RequestParam(defaultValue = "") String axis,
      @AuthenticationPrincipal SignedIn user,
      HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    GolferFile file = workups.fileToWrite(user.account(), id);
    AngleSource from = source(source);
    InclineAxis about = axis(card, axis);
    Place place = new Place(user.account().id(), file.id(), card);
    OpenStreams.Open stream = streams.open(LONGEST_MS, () -> standing.over(session, user));
    stream.send(state(from, file.id(), about));
    Bench bench = new Bench(from, place);
    stream.fedBy(from.listen(place, about, sample -> stream.send(bench.shown(sample))));
    return stream.emitter();
  }

  /** What the page is told of a device before its first angle. */
  private Map<String, Object> state(AngleSource from, String golfer, InclineAxis about) {
    Map<String, Object> state = new LinkedHashMap<>();
    state.put("axis", about.id());
    state.put("laid", about.laid());
    if (from == phone) {
      Optional<PhoneJoin> join = phone.of(golfer);
      state.put("joined", join.isPresent());
      join.ifPresent(j -> state.put("ends", clockTime(j)));
    } else {
      state.put("joined", true);
    }
    return state;
  }

  private String clockTime(PhoneJoin join) {
    ZoneId zone = clock.getZone();
    return Dates.clock(join.ends().atZone(zone).toLocalTime());
  }

  /** One test that listens: what a sample amounts to there. */
  private static final class Bench {
    private final AngleSource from;
    private final Place place;
    private final HoldDetector holds = new HoldDetector();

    Bench(AngleSource from, Place place) {
      this.from = from;
      this.place = place;
    }

    synchronized Map<String, Object> shown(Sample sample) {
      Map<String, Object> shown = new LinkedHashMap<>();
      shown.put("angle", tenth(sample.degrees()));
      shown.put("ready", sample.ready());
      shown.put("drift", sample.drift());
      Optional<Double> reading = Optional.empty();
      double held = 0;
      if (sample.ready() && sample.tapped()) {
        reading = Optional.of(holds.takeNow(sample.degrees()));
      } else if (sample.ready()) {
        HoldDetector.State state = holds.add(sample.seconds(), sample.degrees());
        reading = state.reading();
        held = state.held();
      }
      shown.put("held", Math.round(held * 100) / 100.0);
      reading.ifPresent(
          r -> {
            shown.put("reading", tenth(r));
            from.took(place, tenth(r));
          });
      return shown;
    }

    private static double tenth(double degrees) {
      return Math.round(degrees * 10) / 10.0;
    }
  }

  /** Takes how the device lies now for nought. */
  @Door(Passage.SIDED)
  @PostMapping("/zero")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void zero(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String source,
      @RequestParam(defaultValue = "") String card,
      @AuthenticationPrincipal SignedIn user) {
    GolferFile file = workups.fileToWrite(user.account(), id);
    source(source).zero(new Place(user.account().id(), file.id(), card));
  }

  /** Moves the simulated device. */
  @Door(Passage.SIDED)
  @PostMapping("/move")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void move(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String to,
      @AuthenticationPrincipal SignedIn user) {
    workups.fileToWrite(user.account(), id);
    Typed.number(to).ifPresent(degrees -> simulated.move(user.account().id(), degrees));
  }

  /** Joins a phone: a link for an hour, shown once, as a code and as text. */
  @Door(Passage.SIDED)
  @PostMapping("/join")
  String join(
      @PathVariable String id,
      @AuthenticationPrincipal SignedIn user,
      HttpServletRequest request,
      Model model) {
    GolferFile file = workups.fileToWrite(user.account(), id);
    String token = phone.join(file.id(), file.name().strip().split("\\s+")[0]);
    String own = ServletUriComponentsBuilder.fromContextPath(request).build().toUriString();
    String address = lan.bases().stream().findFirst().orElse(own) + "/i/" + token;
    model.addAttribute("golfer", file.id());
    model.addAttribute("address", address);
    model.addAttribute("code", QrCode.of(address));
    model.addAttribute("reached", lan.on() && !lan.bases().isEmpty());
    model.addAttribute("ends", phone.of(file.id()).map(this::clockTime).orElse(""));
    return "device/join";
  }

  /** Cuts a joined phone off at once. */
  @Door(Passage.OPEN)
  @PostMapping("/cut")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void cut(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    phone.cut(workups.fileToWrite(user.account(), id).id());
  }
}
