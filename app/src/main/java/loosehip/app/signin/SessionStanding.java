package loosehip.app.signin;

import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * How long a session stands: twelve hours, and only until its owner's password, position or
 * standing has changed.
 */
@Component
public class SessionStanding {
  /** The longest session. */
  static final Duration LONGEST = Duration.ofHours(12);

  /** When somebody signed in; the session itself may have begun on the page before. */
  static final String SIGNED_IN = "loose-hip.signed-in";

  private final Accounts accounts;
  private final Clock clock;

  SessionStanding(Accounts accounts, Clock clock) {
    this.accounts = accounts;
    this.clock = clock;
  }

  /** Whether it is over for somebody; a session ended in the meantime is. */
  public boolean over(@Nullable HttpSession session, SignedIn user) {
    Optional<Account> now = accounts.byId(user.account().id());
    if (now.isEmpty() || now.get().disabled()) {
      return true;
    }
    if (session == null) {
      return now.get().position() != user.account().position();
    }
    try {
      Instant began =
          session.getAttribute(SIGNED_IN) instanceof Instant at
              ? at
              : Instant.ofEpochMilli(session.getCreationTime());
      return began.plus(LONGEST).isBefore(Instant.now(clock))
          || now.get().sessionsFrom().filter(began::isBefore).isPresent();
    } catch (IllegalStateException ended) {
      return true;
    }
  }
}
