package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.PRACTICE;
import static loosehip.app.store.generated.Tables.SET_UP_LINK;

import java.time.Clock;
import java.time.Instant;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import loosehip.core.named.Named;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Practices, their people, and the owner's one-time set-up link. */
@Repository
public class Accounts {
  private static final int KEPT_AT_MOST = 60;

  private final Database database;
  private final Clock clock;
  private final Kept<String, Optional<Account>> byId = new Kept<>(KEPT_AT_MOST);
  private final Kept<String, Map<String, String>> people = new Kept<>(KEPT_AT_MOST);

  Accounts(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** Whether nobody can sign in yet. */
  public boolean none() {
    return !database.read().fetchExists(ACCOUNT);
  }

  /** The account with this sign-in name, in any case of letters. */
  public Optional<Account> bySignInName(String name) {
    return one(ACCOUNT.SIGN_IN_NAME.eq(name));
  }

  /** The account of this id. */
  public Optional<Account> byId(String id) {
    return byId.get(id, database::practiceWrites, () -> one(ACCOUNT.ID.eq(id)));
  }

  private Optional<Account> one(Condition which) {
    return database
        .read()
        .select(ACCOUNT.asterisk(), PRACTICE.NAME)
        .from(ACCOUNT)
        .join(PRACTICE)
        .on(PRACTICE.ID.eq(ACCOUNT.PRACTICE_ID))
        .where(which)
        .fetchOptional(
            r ->
                new Account(
                    r.get(ACCOUNT.ID),
                    r.get(ACCOUNT.PRACTICE_ID),
                    r.get(PRACTICE.NAME),
                    r.get(ACCOUNT.SIGN_IN_NAME),
                    r.get(ACCOUNT.SHOWN_NAME),
                    r.get(ACCOUNT.PASSWORD_HASH),
                    Named.require(Position.class, r.get(ACCOUNT.POSITION)),
                    r.get(ACCOUNT.DISABLED_AT) != null,
                    Optional.ofNullable(r.get(ACCOUNT.SESSIONS_FROM)).map(Instant::parse)));
  }

  /** Makes a one-time set-up token; earlier unused ones stop working. */
  public String freshSetUpToken() {
    String token = Ids.fresh();
    database.write(
        db -> {
          db.deleteFrom(SET_UP_LINK).where(SET_UP_LINK.USED_AT.isNull()).execute();
          return db.insertInto(SET_UP_LINK)
              .set(SET_UP_LINK.TOKEN_HASH, Ids.hash(token))
              .set(SET_UP_LINK.CREATED_AT, now())
              .execute();
        });
    return token;
  }

  /** Whether a set-up token can still be used. */
  public boolean setUpOpen(String token) {
    return database
        .read()
        .fetchExists(
            SET_UP_LINK,
            SET_UP_LINK.TOKEN_HASH.eq(Ids.hash(token)).and(SET_UP_LINK.USED_AT.isNull()));
  }

  /** Uses up the token and makes the practice with its owner; false when the token is spent. */
  public boolean setUp(
      String token, String practice, String shownName, String signInName, String passwordHash) {
    return database.write(
        db -> {
          int used =
              db.update(SET_UP_LINK)
                  .set(SET_UP_LINK.USED_AT, now())
                  .where(SET_UP_LINK.TOKEN_HASH.eq(Ids.hash(token)))
                  .and(SET_UP_LINK.USED_AT.isNull())
                  .execute();
          if (used == 1) {
            String id = addPractice(db, practice);
            addAccount(db, id, signInName, shownName, passwordHash, Position.OWNER);
          }
          return used == 1;
        });
  }

  /** Makes a practice with one owner, without a link. */
  public Account addPractice(
      String practice, String shownName, String signInName, String passwordHash) {
    database.write(
        db ->
            addAccount(
                db,
                addPractice(db, practice),
                signInName,
                shownName,
                passwordHash,
                Position.OWNER));
    return bySignInName(signInName).orElseThrow();
  }

  /** Adds a helper to the practice of somebody. */
  public Account addHelper(
      Account owner, String shownName, String signInName, String passwordHash) {
    return add(owner, shownName, signInName, passwordHash, Position.HELPER);
  }

  /** Adds somebody to the practice of somebody. */
  Account add(
      Account owner, String shownName, String signInName, String passwordHash, Position position) {
    database.write(
        db -> addAccount(db, owner.practiceId(), signInName, shownName, passwordHash, position));
    return bySignInName(signInName).orElseThrow();
  }

  /** How somebody is called. */
  static String shownName(DSLContext db, String id) {
    return db.select(ACCOUNT.SHOWN_NAME)
        .from(ACCOUNT)
        .where(ACCOUNT.ID.eq(id))
        .fetchOptional(ACCOUNT.SHOWN_NAME)
        .orElse("somebody");
  }

  /** Everybody who signs in to the practice: id and shown name. */
  public Map<String, String> people(String practiceId) {
    return people.get(
        practiceId,
        database::practiceWrites,
        () ->
            Collections.unmodifiableMap(
                database
                    .read()
                    .select(ACCOUNT.ID, ACCOUNT.SHOWN_NAME)
                    .from(ACCOUNT)
                    .where(ACCOUNT.PRACTICE_ID.eq(practiceId))
                    .orderBy(ACCOUNT.CREATED_AT)
                    .fetchMap(ACCOUNT.ID, ACCOUNT.SHOWN_NAME)));
  }

  private String addPractice(DSLContext db, String name) {
    String id = Ids.fresh();
    db.insertInto(PRACTICE)
        .set(PRACTICE.ID, id)
        .set(PRACTICE.NAME, name)
        .set(PRACTICE.CREATED_AT, now())
        .execute();
    return id;
  }

  private int addAccount(
      DSLContext db,
      String practiceId,
      String signInName,
      String shownName,
      String hash,
      Position position) {
    return db.insertInto(ACCOUNT)
        .set(ACCOUNT.ID, Ids.fresh())
        .set(ACCOUNT.PRACTICE_ID, practiceId)
        .set(ACCOUNT.SIGN_IN_NAME, signInName)
        .set(ACCOUNT.SHOWN_NAME, shownName)
        .set(ACCOUNT.PASSWORD_HASH, hash)
        .set(ACCOUNT.ROLE, position == Position.OWNER ? "owner" : "helper")
        .set(ACCOUNT.POSITION, position.id())
        .set(ACCOUNT.CREATED_AT, now())
        .execute();
  }

  private String now() {
    return Instant.now(clock).toString();
  }
}
