package loosehip.app.store;

import java.time.Instant;
import java.util.Optional;

/**
 * Somebody who signs in.
 *
 * @param id their id
 * @param practiceId the practice whose golfers they see
 * @param practiceName its name
 * @param signInName what they type to sign in
 * @param shownName what others see
 * @param passwordHash encoded password
 * @param position what they may do
 * @param disabled whether they cannot sign in any more
 * @param sessionsFrom sessions begun before this are over; empty when none are
 */
public record Account(
    String id,
    String practiceId,
    String practiceName,
    String signInName,
    String shownName,
    String passwordHash,
    Position position,
    boolean disabled,
    Optional<Instant> sessionsFrom) {

  /** Whether they own the practice. */
  public boolean owner() {
    return position == Position.OWNER;
  }

  /** Without the password hash, so that it never reaches a log. */
  @Override
  public String toString() {
    return "Account[" + id + ", " + position.id() + "]";
  }
}
