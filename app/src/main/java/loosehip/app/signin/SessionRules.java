package loosehip.app.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.List;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Asks at every address whether the session still stands. */
class SessionRules extends OncePerRequestFilter {
  private static final List<String> SHIPPED =
      List.of("/css/", "/js/", "/fonts/", "/webjars/", "/figures/", "/mark.svg");

  private final SessionStanding standing;

  SessionRules(SessionStanding standing) {
    this.standing = standing;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    if (who != null
        && who.getPrincipal() instanceof SignedIn user
        && standing.over(request.getSession(false), user)) {
      HttpSession session = request.getSession(false);
      if (session != null) {
        session.invalidate();
      }
      SecurityContextHolder.clearContext();
      if (request.getHeader("HX-Request") != null) {
        response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
      } else {
        response.sendRedirect("/sign-in?expired");
      }
      return;
    }
    chain.doFilter(request, response);
  }

  /** What ships looks the same for everybody. */
  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return SHIPPED.stream().anyMatch(request.getRequestURI()::startsWith);
  }
}
