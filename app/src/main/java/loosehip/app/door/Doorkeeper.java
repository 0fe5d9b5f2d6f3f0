package loosehip.app.door;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.core.safety.Guard;
import loosehip.core.safety.Refusal;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;

/** Asks the guard before any address of a golfer is answered. */
@Component
class Doorkeeper implements HandlerInterceptor {
  private final Workups workups;

  Doorkeeper(Workups workups) {
    this.workups = workups;
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    if (!(handler instanceof HandlerMethod method)) {
      return true;
    }
    Door door =
        Optional.ofNullable(method.getMethodAnnotation(Door.class))
            .orElseThrow(
                () -> new IllegalStateException("No door on " + method.getShortLogMessage()));
    if (!door.asksItself()) {
      String golfer = golfer(request);
      Guard guard = workups.guard(user().account(), golfer);
      Optional<Refusal> refusal = guard.refuses(door.value());
      if (refusal.isPresent()) {
        throw new DoorShut(golfer, refusal.get());
      }
    }
    return true;
  }

  private static String golfer(HttpServletRequest request) {
    Map<?, ?> variables =
        (Map<?, ?>) request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
    return String.valueOf(variables.get("id"));
  }

  /** Security has let nobody through to here who is not signed in. */
  private static SignedIn user() {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    return (SignedIn) who.getPrincipal();
  }
}
