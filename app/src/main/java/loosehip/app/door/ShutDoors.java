package loosehip.app.door;

import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRedirectView;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.Map;
import loosehip.app.fact.Station;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.view.RedirectView;

/**
 * Answers where a door stays shut. A page shows what would open it, on the spot where it can; what
 * is no page, or changes something, leads to the page of the station, which shows the same.
 */
@ControllerAdvice
class ShutDoors {
  private static final String FILES = ".*\\.(pdf|ics)";

  private final Workups workups;
  private final Frames frames;

  ShutDoors(Workups workups, Frames frames) {
    this.workups = workups;
    this.frames = frames;
  }

  @ExceptionHandler(NotYours.class)
  @ResponseStatus(HttpStatus.FORBIDDEN)
  String notYours(NotYours refused, Model model) {
    model.addAttribute("words", refused.words());
    return "error/403";
  }

  /** In the place of what was asked for; a form leads to the page it stands on. */
  @ExceptionHandler(PasswordAgain.NotSaid.class)
  @ResponseStatus(HttpStatus.FORBIDDEN)
  String notSaid(PasswordAgain.NotSaid refused, HttpServletRequest request, Model model) {
    String asked = request.getRequestURI();
    String then = request.getMethod().equals("GET") ? asked : asked.replaceFirst("/[^/]+$", "/");
    String query = request.getQueryString() == null ? "" : "?" + request.getQueryString();
    model.addAttribute("then", request.getMethod().equals("GET") ? then + query : then + "talk");
    model.addAttribute("problem", refused.getMessage());
    return "people/again";
  }

  @ExceptionHandler(DoorShut.class)
  ModelAndView shut(DoorShut shut, HttpServletRequest request, Authentication who) {
    String address = request.getRequestURI();
    String instead = "/golfers/" + shut.golfer() + "/" + station(address).id();
    if (request.getHeader("HX-Request") != null) {
      return new ModelAndView(new HtmxRedirectView(instead));
    } else if (!request.getMethod().equals("GET") || address.matches(FILES)) {
      return new ModelAndView(new RedirectView(instead));
    }
    SignedIn user = (SignedIn) who.getPrincipal();
    Workup workup = workups.open(user.account(), shut.golfer());
    String query = request.getQueryString() == null ? "" : "?" + request.getQueryString();
    return new ModelAndView(
        "door/shut",
        Map.of(
            "frame",
            frames.of(user.account(), workup, station(address)),
            "page",
            ShutPage.of(workup, shut.refusal(), address + query)));
  }

  /** The station an address belongs to; paper and calendar belong to the plan. */
  private static Station station(String address) {
    String[] parts = address.split("/");
    String first = parts.length > 3 ? parts[3] : "";
    return Arrays.stream(Station.values())
        .filter(s -> s.id().equals(first))
        .findFirst()
        .orElse(first.equals("pivot") ? Station.SET_UP : Station.PLAN);
  }
}
