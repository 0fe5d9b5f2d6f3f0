package loosehip.app.door;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import loosehip.app.signin.SaidAgain;
import loosehip.app.signin.SignedIn;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;

/** Asks for the password again before an address that needs it is answered. */
@Component
class PasswordAgain implements HandlerInterceptor {
  private final SaidAgain said;

  PasswordAgain(SaidAgain said) {
    this.said = said;
  }

  /** The password has to be said first. */
  static final class NotSaid extends RuntimeException {
    private static final long serialVersionUID = 1L;

    NotSaid(String problem) {
      super(problem, null, false, false);
    }
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    if (handler instanceof HandlerMethod method
        && method.hasMethodAnnotation(AsksAgain.class)
        && !said.lately(request)) {
      String problem =
          Optional.ofNullable(request.getParameter("password"))
              .filter(typed -> !typed.isEmpty())
              .map(typed -> said.problem(who(), typed, request).orElse(""))
              .orElse("Nothing was changed.");
      if (!problem.isEmpty()) {
        throw new NotSaid(problem);
      }
    }
    return true;
  }

  /** Security has let nobody through to here who is not signed in. */
  private static loosehip.app.store.Account who() {
    return ((SignedIn) SecurityContextHolder.getContext().getAuthentication().getPrincipal())
        .account();
  }
}
