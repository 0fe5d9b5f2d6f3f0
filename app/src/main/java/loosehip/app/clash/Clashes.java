package loosehip.app.clash;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import loosehip.app.store.Clash;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;

/**
 * Answers a save that would cover what somebody else said meanwhile: with both, and a choice. A
 * script gets it into the page it is on, a form gets a page.
 */
@ControllerAdvice
class Clashes {
  private final Clock clock;

  Clashes(Clock clock) {
    this.clock = clock;
  }

  @ExceptionHandler(Clash.class)
  String both(Clash clash, HttpServletRequest request, HttpServletResponse response, Model model) {
    model.addAttribute("clash", ClashPage.of(clash.both(), request, clock));
    if (request.getHeader("HX-Request") != null) {
      response.setHeader("HX-Reswap", "none");
      return "clash/here";
    }
    response.setStatus(HttpStatus.CONFLICT.value());
    return "clash/page";
  }
}
