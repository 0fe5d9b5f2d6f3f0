package loosehip.app.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A session is over after twelve hours, and as soon as its owner's password, position or standing
 * has changed.
 */
class SessionRules extends OncePerRequestFilter {
  /** The longest session. */
  static final Duration LONGEST = Duration.ofHours(12);

  /** When somebody signed in; the session itself may have begun on the page before. */
  static final String SIGNED_IN = "loose-hip.signed-in";

  private static final List<String> SHIPPED =
      List.of("/css/", "/js/", "/fonts/", "/webjars/", "/figures/", "/mark.svg");

  private final Accounts accounts;
  private final Clock clock;

  SessionRules(Accounts accounts, Clock clock) {
    this.accounts = accounts;
    this.clock = clock;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    if (who != null && who.getPrincipal() instanceof SignedIn user && over(request, user)) {
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

  private boolean over(HttpServletRequest request, SignedIn user) {
    Optional<Account> now = accounts.byId(user.account().id());
    if (now.isEmpty() || now.get().disabled()) {
      return true;
    }
    HttpSession session = request.getSession(false);
    if (session == null) {
      return now.get().position() != user.account().position();
    }
    Instant began =
        session.getAttribute(SIGNED_IN) instanceof Instant at
            ? at
            : Instant.ofEpochMilli(session.getCreationTime());
    return began.plus(LONGEST).isBefore(Instant.now(clock))
        || now.get().sessionsFrom().filter(began::isBefore).isPresent();
  }
}
