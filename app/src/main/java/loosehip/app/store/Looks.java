package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.GOLFER;
import static loosehip.app.store.generated.Tables.LOOK;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.core.named.Named;
import org.jooq.Condition;
import org.springframework.stereotype.Repository;

/** Who looked at what, and when. */
@Repository
public class Looks {
  /** How long it is kept (ours): a little over a year. */
  public static final Duration KEPT = Duration.ofDays(400);

  private final Database database;
  private final Clock clock;

  Looks(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** What somebody did. */
  public enum Act implements Named {
    OPENED,
    PRINTED,
    EXPORTED,
    SHARED,
    ERASED,
    CHANGED_PRACTICE,
    CHANGED_PEOPLE,
    SIGNED_IN,
    REFUSED;

    @Override
    public String id() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** In words. */
    public String words() {
      return switch (this) {
        case CHANGED_PRACTICE -> "changed the practice's figures";
        case CHANGED_PEOPLE -> "changed people";
        case SIGNED_IN -> "signed in";
        case REFUSED -> "was refused at the door";
        default -> name().toLowerCase(Locale.ROOT);
      };
    }
  }

  /**
   * A look.
   *
   * @param by who; empty when it is not known
   * @param golfer whom it is about; empty when nobody, or somebody erased
   * @param about what, in few words
   */
  public record Look(
      int id, Instant at, Optional<String> by, Optional<String> golfer, Act act, String about) {}

  /** Notes a look; a full disk keeps nobody from looking. */
  public void note(Account by, Optional<String> golferId, Act act, String about) {
    database.writeIfRoom(
        db ->
            db.insertInto(LOOK)
                .set(LOOK.PRACTICE_ID, by.practiceId())
                .set(LOOK.ACCOUNT_ID, by.id())
                .set(LOOK.GOLFER_ID, golferId.orElse(null))
                .set(LOOK.ACT, act.id())
                .set(LOOK.ABOUT, about)
                .set(LOOK.AT, Instant.now(clock).toString())
                .execute());
  }

  /** The looks of a practice before one of them, the newest first. */
  public List<Look> of(String practiceId, int before, int most) {
    return read(LOOK.PRACTICE_ID.eq(practiceId).and(LOOK.ID.lt(before)), most);
  }

  /** The looks at a golfer, the newest first. */
  public List<Look> at(GolferFile golfer, int most) {
    return read(LOOK.GOLFER_ID.eq(golfer.id()), most);
  }

  private List<Look> read(Condition which, int most) {
    return database
        .read()
        .select(LOOK.asterisk(), ACCOUNT.SHOWN_NAME, GOLFER.NAME)
        .from(LOOK)
        .leftJoin(ACCOUNT)
        .on(ACCOUNT.ID.eq(LOOK.ACCOUNT_ID))
        .leftJoin(GOLFER)
        .on(GOLFER.ID.eq(LOOK.GOLFER_ID))
        .where(which)
        .orderBy(LOOK.ID.desc())
        .limit(most)
        .fetch(
            r ->
                new Look(
                    r.get(LOOK.ID),
                    Instant.parse(r.get(LOOK.AT)),
                    Optional.ofNullable(r.get(ACCOUNT.SHOWN_NAME)),
                    Optional.ofNullable(r.get(GOLFER.NAME)),
                    Named.require(Act.class, r.get(LOOK.ACT)),
                    r.get(LOOK.ABOUT)));
  }

  /** Lets go what is older than is kept. */
  public int rotate() {
    String oldest = Instant.now(clock).minus(KEPT).toString();
    return database.write(db -> db.deleteFrom(LOOK).where(LOOK.AT.lt(oldest)).execute());
  }
}
