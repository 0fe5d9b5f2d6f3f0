package loosehip.app.device;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import loosehip.app.document.Documents;
import loosehip.app.signin.LinkGuesses;
import loosehip.app.signin.LinkGuesses.LeadsNowhere;
import loosehip.core.incline.Orientation;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import tools.jackson.core.JacksonException;

/**
 * The page of the trainer's phone, and the angles it sends. It shows a first name and an angle; an
 * address that leads nowhere, was cut or has run out is answered alike.
 */
@Controller
@RequestMapping("/i/{token}")
class PhoneAngleController {
  private static final int BYTES_MOST = 16 * 1024;
  private static final int SAMPLES_MOST = 120;
  private static final int PHONE_MOST = 60;

  private final PhoneInclinometer phones;
  private final LinkGuesses guesses;

  PhoneAngleController(PhoneInclinometer phones, LinkGuesses guesses) {
    this.phones = phones;
    this.guesses = guesses;
  }

  @ExceptionHandler(LeadsNowhere.class)
  @ResponseStatus(HttpStatus.GONE)
  String ended(Model model) {
    model.addAttribute("measures", true);
    return "phone/ended";
  }

  private PhoneJoin joined(String token, HttpServletRequest request) {
    return guesses
        .found(String.valueOf(request.getRemoteAddr()), () -> phones.byToken(token))
        .orElseThrow(LeadsNowhere::new);
  }

  @GetMapping
  String page(@PathVariable String token, HttpServletRequest request, Model model) {
    PhoneJoin join = joined(token, request);
    model.addAttribute("base", "/i/" + token);
    model.addAttribute("title", join.title());
    return "device/phone";
  }

  /** This phone is the one that counts from now on. */
  @PostMapping("/here")
  ResponseEntity<PhoneJoin.Told> here(
      @PathVariable String token,
      @RequestParam(defaultValue = "") String phone,
      HttpServletRequest request) {
    PhoneJoin join = joined(token, request);
    join.opened(shortened(phone));
    return told(join.add(shortened(phone), List.of()));
  }

  /** Takes how the phone lay: rows of milliseconds, alpha, beta, gamma. */
  @PostMapping(value = "/angles", consumes = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<PhoneJoin.Told> angles(
      @PathVariable String token,
      @RequestParam(defaultValue = "") String phone,
      HttpServletRequest request)
      throws IOException {
    PhoneJoin join = joined(token, request);
    byte[] body = request.getInputStream().readNBytes(BYTES_MOST + 1);
    if (body.length > BYTES_MOST) {
      return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE).build();
    }
    try {
      double[][] rows = Documents.JSON.readValue(body, double[][].class);
      return told(join.add(shortened(phone), samples(rows)));
    } catch (JacksonException unreadable) {
      return ResponseEntity.badRequest().build();
    }
  }

  /** Those rows that are angles; whatever else came is passed by. */
  private static List<PhoneJoin.Sent> samples(double[][] rows) {
    List<PhoneJoin.Sent> samples = new ArrayList<>();
    for (double[] row : rows) {
      boolean angles =
          row != null
              && row.length == 4
              && Double.isFinite(row[0])
              && within(row[1], 360)
              && within(row[2], 180)
              && within(row[3], 90);
      if (angles && samples.size() < SAMPLES_MOST) {
        samples.add(new PhoneJoin.Sent(row[0], new Orientation(row[1], row[2], row[3])));
      }
    }
    return samples;
  }

  private static boolean within(double angle, double most) {
    return Math.abs(angle) <= most;
  }

  /** A tap takes the angle at once. */
  @PostMapping("/take")
  ResponseEntity<PhoneJoin.Told> take(
      @PathVariable String token,
      @RequestParam(defaultValue = "") String phone,
      HttpServletRequest request) {
    return told(joined(token, request).tap(shortened(phone)));
  }

  /** Takes how the phone lies now for nought. */
  @PostMapping("/zero")
  ResponseEntity<PhoneJoin.Told> zero(
      @PathVariable String token,
      @RequestParam(defaultValue = "") String phone,
      HttpServletRequest request) {
    PhoneJoin join = joined(token, request);
    PhoneJoin.Told told = join.add(shortened(phone), List.of());
    if (told.mine()) {
      join.zero();
    }
    return told(join.add(shortened(phone), List.of()));
  }

  private static String shortened(String phone) {
    return phone.length() > PHONE_MOST ? phone.substring(0, PHONE_MOST) : phone;
  }

  private static ResponseEntity<PhoneJoin.Told> told(PhoneJoin.Told told) {
    return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(told);
  }
}
