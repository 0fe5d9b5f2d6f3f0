package loosehip.app.store;

/**
 * Somebody who signs in.
 *
 * @param id their id
 * @param practiceId the practice whose golfers they see
 * @param practiceName its name
 * @param signInName what they type to sign in
 * @param shownName what others see
 * @param passwordHash encoded password
 * @param role {@code owner} or {@code helper}
 */
public record Account(
    String id,
    String practiceId,
    String practiceName,
    String signInName,
    String shownName,
    String passwordHash,
    String role) {

  /** Whether they own the practice. */
  public boolean owner() {
    return role.equals("owner");
  }

  /** Without the password hash, so that it never reaches a log. */
  @Override
  public String toString() {
    return "Account[" + id + ", " + role + "]";
  }
}
