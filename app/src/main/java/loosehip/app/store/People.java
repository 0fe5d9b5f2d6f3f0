package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.PERSON_LINK;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import loosehip.core.named.Named;
import org.jooq.Condition;
import org.springframework.stereotype.Repository;

/** The people of a practice: who they are, what they may do, and how they come in. */
@Repository
public class People {
  /** How long a link to set a password lasts (ours). */
  public static final Duration LINK_LASTS = Duration.ofDays(3);

  /** No password is this one's hash. */
  private static final String NONE = "!";

  private final Database database;
  private final Accounts accounts;
  private final Clock clock;

  People(Database database, Accounts accounts, Clock clock) {
    this.database = database;
    this.accounts = accounts;
    this.clock = clock;
  }

  /**
   * Somebody of the practice.
   *
   * @param disabled whether they cannot sign in any more
   * @param waiting whether they have no password yet
   */
  public record Person(
      String id,
      String shownName,
      String signInName,
      Position position,
      boolean disabled,
      boolean waiting) {}

  /** Everybody, in the order they came. */
  public List<Person> of(String practiceId) {
    return database
        .read()
        .selectFrom(ACCOUNT)
        .where(ACCOUNT.PRACTICE_ID.eq(practiceId))
        .orderBy(ACCOUNT.CREATED_AT, ACCOUNT.ID)
        .fetch(
            r ->
                new Person(
                    r.getId(),
                    r.getShownName(),
                    r.getSignInName(),
                    Named.require(Position.class, r.getPosition()),
                    r.getDisabledAt() != null,
                    r.getPasswordHash().equals(NONE)));
  }

  /** Adds somebody who has no password yet; empty when the sign-in name is taken. */
  public Optional<Account> add(
      Account owner, String shownName, String signInName, Position position) {
    if (accounts.bySignInName(signInName).isPresent()) {
      return Optional.empty();
    }
    return Optional.of(accounts.add(owner, shownName, signInName, NONE, position));
  }

  /** Makes a link to set a password; links made before stop working. What it says is told once. */
  public String link(String accountId) {
    String token = Ids.fresh();
    Instant now = Instant.now(clock);
    database.write(
        db -> {
          db.deleteFrom(PERSON_LINK).where(PERSON_LINK.ACCOUNT_ID.eq(accountId)).execute();
          return db.insertInto(PERSON_LINK)
              .set(PERSON_LINK.TOKEN_HASH, Ids.hash(token))
              .set(PERSON_LINK.ACCOUNT_ID, accountId)
              .set(PERSON_LINK.MADE_AT, now.toString())
              .set(PERSON_LINK.ENDS_AT, now.plus(LINK_LASTS).toString())
              .execute();
        });
    return token;
  }

  private Condition open(String token) {
    return PERSON_LINK
        .TOKEN_HASH
        .eq(Ids.hash(token))
        .and(PERSON_LINK.USED_AT.isNull())
        .and(PERSON_LINK.ENDS_AT.gt(Instant.now(clock).toString()));
  }

  /** Whose link this is, while it can be used. */
  public Optional<Account> byLink(String token) {
    return database
        .read()
        .select(PERSON_LINK.ACCOUNT_ID)
        .from(PERSON_LINK)
        .where(open(token))
        .fetchOptional(PERSON_LINK.ACCOUNT_ID)
        .flatMap(accounts::byId)
        .filter(account -> !account.disabled());
  }

  /** Uses a link up and sets the password; false when it is spent. */
  public boolean use(String token, String passwordHash) {
    Optional<Account> whose = byLink(token);
    return whose.isPresent()
        && database.write(
            db -> {
              int used =
                  db.update(PERSON_LINK)
                      .set(PERSON_LINK.USED_AT, Instant.now(clock).toString())
                      .where(open(token))
                      .execute();
              if (used == 1) {
                db.update(ACCOUNT)
                    .set(ACCOUNT.PASSWORD_HASH, passwordHash)
                    .set(ACCOUNT.SESSIONS_FROM, Instant.now(clock).toString())
                    .where(ACCOUNT.ID.eq(whose.get().id()))
                    .execute();
              }
              return used == 1;
            });
  }

  /** Sets somebody's password; whatever sessions they had are over. */
  public void password(String accountId, String passwordHash) {
    database.write(
        db ->
            db.update(ACCOUNT)
                .set(ACCOUNT.PASSWORD_HASH, passwordHash)
                .set(ACCOUNT.SESSIONS_FROM, Instant.now(clock).toString())
                .where(ACCOUNT.ID.eq(accountId))
                .execute());
  }

  /** Says what somebody may do; owners stay owners. */
  public void position(Account owner, String accountId, Position position) {
    if (position == Position.OWNER) {
      return;
    }
    database.write(
        db ->
            db.update(ACCOUNT)
                .set(ACCOUNT.POSITION, position.id())
                .set(ACCOUNT.SESSIONS_FROM, Instant.now(clock).toString())
                .where(colleague(owner, accountId))
                .execute());
  }

  /** Shuts somebody out, or lets them in again; owners stay. */
  public void disable(Account owner, String accountId, boolean disabled) {
    database.write(
        db ->
            db.update(ACCOUNT)
                .set(ACCOUNT.DISABLED_AT, disabled ? Instant.now(clock).toString() : null)
                .set(ACCOUNT.SESSIONS_FROM, Instant.now(clock).toString())
                .where(colleague(owner, accountId))
                .execute());
  }

  private static Condition colleague(Account owner, String accountId) {
    return ACCOUNT
        .ID
        .eq(accountId)
        .and(ACCOUNT.PRACTICE_ID.eq(owner.practiceId()))
        .and(ACCOUNT.POSITION.ne(Position.OWNER.id()));
  }

  /** Whether somebody of this practice, not an owner, has this id. */
  public boolean colleagues(Account owner, String accountId) {
    return database.read().fetchExists(ACCOUNT, colleague(owner, accountId));
  }
}
