package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.GOLFER;
import static loosehip.app.store.generated.Tables.LINE_UP;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Who is next on a clinic day, and who was asked to go on with whom. */
@Repository
public class LineUp {
  private final Database database;
  private final Clock clock;

  LineUp(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /**
   * Somebody in the line.
   *
   * @param golferId who
   * @param heldById who was asked to go on with them; empty when anybody may
   * @param heldBy their name
   */
  public record Place(String golferId, Optional<String> heldById, Optional<String> heldBy) {}

  /** The line of today, the first first. A line of another day is over. */
  public List<Place> today(String practiceId) {
    return database
        .read()
        .select(LINE_UP.GOLFER_ID, LINE_UP.HELD_BY, ACCOUNT.SHOWN_NAME)
        .from(LINE_UP)
        .join(GOLFER)
        .on(GOLFER.ID.eq(LINE_UP.GOLFER_ID))
        .leftJoin(ACCOUNT)
        .on(ACCOUNT.ID.eq(LINE_UP.HELD_BY))
        .where(GOLFER.PRACTICE_ID.eq(practiceId))
        .and(LINE_UP.ON_DAY.eq(day()))
        .orderBy(LINE_UP.SINCE)
        .fetch(
            r ->
                new Place(
                    r.value1(), Optional.ofNullable(r.value2()), Optional.ofNullable(r.value3())));
  }

  /** Puts a golfer at the end of today's line; one who stands there already stays. */
  public void join(Account by, GolferFile golfer) {
    put(by, golfer, Optional.empty());
  }

  /** Asks somebody of the practice to go on with a golfer; their place in the line is kept. */
  public void handTo(Account by, GolferFile golfer, String account) {
    put(by, golfer, Optional.of(account));
  }

  private void put(Account by, GolferFile golfer, Optional<String> heldBy) {
    database.record(
        db -> {
          db.deleteFrom(LINE_UP)
              .where(LINE_UP.GOLFER_ID.eq(golfer.id()))
              .and(LINE_UP.ON_DAY.ne(day()))
              .execute();
          return db.insertInto(LINE_UP)
              .set(LINE_UP.GOLFER_ID, golfer.id())
              .set(LINE_UP.ON_DAY, day())
              .set(LINE_UP.SINCE, Instant.now(clock).toString())
              .set(LINE_UP.HELD_BY, heldBy.orElse(null))
              .set(LINE_UP.PUT_BY, by.id())
              .onConflict(LINE_UP.GOLFER_ID)
              .doUpdate()
              .set(LINE_UP.HELD_BY, heldBy.orElse(null))
              .set(LINE_UP.PUT_BY, by.id())
              .execute();
        });
  }

  /** Takes a golfer out of the line. */
  public void leave(GolferFile golfer) {
    database.record(
        db -> db.deleteFrom(LINE_UP).where(LINE_UP.GOLFER_ID.eq(golfer.id())).execute());
  }

  private String day() {
    return LocalDate.now(clock).toString();
  }
}
