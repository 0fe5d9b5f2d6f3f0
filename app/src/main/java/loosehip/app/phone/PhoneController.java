package loosehip.app.phone;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import loosehip.app.document.Documents;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.practice.UnitsShelf;
import loosehip.app.signin.LinkGuesses;
import loosehip.app.signin.LinkGuesses.LeadsNowhere;
import loosehip.app.store.PhoneLinks;
import loosehip.app.unit.Units;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import tools.jackson.core.JacksonException;

/**
 * The golfer's own page. An address that leads nowhere, was cut, or has ended is answered alike and
 * says nothing about anybody.
 */
@Controller
@RequestMapping("/r/{token}")
class PhoneController {
  private static final int BYTES_MOST = 96 * 1024;

  private final PhoneLinks links;
  private final LinkGuesses guesses;
  private final Workups workups;
  private final PhonePages pages;
  private final PhoneLog log;
  private final PhoneFiles files;
  private final UnitsShelf units;
  private final Clock clock;

  PhoneController(
      PhoneLinks links,
      LinkGuesses guesses,
      Workups workups,
      PhonePages pages,
      PhoneLog log,
      PhoneFiles files,
      UnitsShelf units,
      Clock clock) {
    this.units = units;
    this.links = links;
    this.guesses = guesses;
    this.workups = workups;
    this.pages = pages;
    this.log = log;
    this.files = files;
    this.clock = clock;
  }

  @ExceptionHandler({LeadsNowhere.class, Workups.UnknownGolfer.class})
  @ResponseStatus(HttpStatus.GONE)
  String ended() {
    return "phone/ended";
  }

  private PhoneLinks.Opened opened(String token, HttpServletRequest request) {
    PhoneLinks.Opened opened =
        guesses
            .found(String.valueOf(request.getRemoteAddr()), () -> links.find(token))
            .filter(o -> o.link().open(LocalDate.now(clock)))
            .orElseThrow(LeadsNowhere::new);
    Units.hold(units.of(opened.by().practiceId()));
    return opened;
  }

  /** Without the slash at its end: what the page keeps on the phone lies below it. */
  @GetMapping("")
  String slash(@PathVariable String token, HttpServletRequest request) {
    opened(token, request);
    return "redirect:/r/{token}/";
  }

  @GetMapping("/")
  String page(@PathVariable String token, HttpServletRequest request, Model model) {
    PhoneLinks.Opened opened = opened(token, request);
    Workup workup = workups.openToWrite(opened.by(), opened.link().golferId());
    links.opened(opened.link());
    model.addAttribute("page", pages.of(workup, opened.by(), "/r/" + token + "/"));
    return "phone/phone";
  }

  /**
   * Takes what the phone kept; what cannot be read is refused as a whole, and the phone keeps it.
   */
  @PostMapping(value = "/log", consumes = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<SentLog.Answer> log(@PathVariable String token, HttpServletRequest request)
      throws IOException {
    PhoneLinks.Opened opened = opened(token, request);
    byte[] body = request.getInputStream().readNBytes(BYTES_MOST + 1);
    if (body.length > BYTES_MOST) {
      return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE).build();
    }
    try {
      SentLog sent = Documents.JSON.readValue(body, SentLog.class);
      Workup workup = workups.openToWrite(opened.by(), opened.link().golferId());
      return ResponseEntity.ok()
          .cacheControl(CacheControl.noStore())
          .body(log.take(workup, opened.by(), sent));
    } catch (JacksonException unreadable) {
      return ResponseEntity.badRequest().build();
    }
  }

  /** What lets the page be put on the home screen. */
  @GetMapping(value = "/routine.webmanifest")
  ResponseEntity<Map<String, Object>> manifest(
      @PathVariable String token, HttpServletRequest request) {
    opened(token, request);
    String base = "/r/" + token + "/";
    return ResponseEntity.ok()
        .contentType(MediaType.valueOf("application/manifest+json"))
        .body(
            Map.of(
                "name",
                "Your routine",
                "short_name",
                "Routine",
                "start_url",
                base,
                "scope",
                base,
                "display",
                "standalone",
                "background_color",
                "#f5f1e7",
                "theme_color",
                "#20302f",
                "icons",
                List.of(Map.of("src", "/mark.svg", "sizes", "any", "type", "image/svg+xml"))));
  }

  /** What keeps the page on the phone, so that it opens where there is no line. */
  @GetMapping("/worker.js")
  ResponseEntity<String> worker(@PathVariable String token, HttpServletRequest request) {
    opened(token, request);
    return ResponseEntity.ok()
        .contentType(MediaType.valueOf("text/javascript"))
        .cacheControl(CacheControl.noCache())
        .body(files.worker());
  }
}
