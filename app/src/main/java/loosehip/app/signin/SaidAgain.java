package loosehip.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Somebody signed in says their password again, before what cannot be taken back and before data
 * leave by the armful: a laptop left open in a club room is still signed in.
 */
@Component
public class SaidAgain {
  /** How long it holds (ours): long enough for an export and the erasing after it. */
  public static final Duration HOLDS = Duration.ofMinutes(5);

  /** Where a session keeps when it was last said, at the sign-in or since. */
  public static final String AT = "loose-hip.said-again";

  private final Accounts accounts;
  private final PasswordEncoder passwords;
  private final SignInThrottle throttle;
  private final Clock clock;

  SaidAgain(Accounts accounts, PasswordEncoder passwords, SignInThrottle throttle, Clock clock) {
    this.accounts = accounts;
    this.passwords = passwords;
    this.throttle = throttle;
    this.clock = clock;
  }

  /** Whether it was said lately in this session. */
  public boolean lately(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    return session != null
        && session.getAttribute(AT) instanceof Instant at
        && at.plus(HOLDS).isAfter(Instant.now(clock));
  }

  /**
   * Looks at a password said again; guesses count and wait like those at the sign-in.
   *
   * @return what is wrong with it, in words; empty when it is theirs, and then it holds for a while
   */
  public Optional<String> problem(Account whose, String password, HttpServletRequest request) {
    String source = request.getRemoteAddr();
    Duration wait = throttle.ask(whose.signInName(), source);
    if (!wait.isZero()) {
      return Optional.of(
          "Too many tries; wait " + (wait.toSeconds() + 1) + " seconds. Nothing was changed.");
    }
    Account now = accounts.byId(whose.id()).orElseThrow();
    if (!passwords.matches(password, now.passwordHash())) {
      return Optional.of("Your password is another one. Nothing was changed.");
    }
    throttle.succeeded(whose.signInName(), source);
    request.getSession().setAttribute(AT, Instant.now(clock));
    return Optional.empty();
  }
}
