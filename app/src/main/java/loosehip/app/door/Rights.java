package loosehip.app.door;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import loosehip.app.signin.SignedIn;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;

/** Asks what somebody may do before an address that needs more is answered. */
@Component
class Rights implements HandlerInterceptor {
  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    if (handler instanceof HandlerMethod method) {
      Needs needs = method.getMethodAnnotation(Needs.class);
      if (needs != null && !atLeast(needs)) {
        throw new NotYours(needs.value());
      }
    }
    return true;
  }

  private static boolean atLeast(Needs needs) {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    return who != null
        && who.getPrincipal() instanceof SignedIn user
        && user.account().position().atLeast(needs.value());
  }
}
