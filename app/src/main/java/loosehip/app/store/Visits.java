package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.OBSERVATION;
import static loosehip.app.store.generated.Tables.READING_NOW;
import static loosehip.app.store.generated.Tables.VISIT;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Visits: started, left open, closed, opened again. */
@Repository
public class Visits {
  /** Under this a visit is marked as a retest. */
  private static final String RETEST = "retest";

  private final Database database;
  private final Clock clock;

  Visits(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /**
   * One visit in a golfer's history.
   *
   * @param id its id
   * @param on its day
   * @param slots how many slots hold a reading
   * @param closed who closed it and when; empty while it is open
   */
  public record Past(String id, LocalDate on, int slots, Optional<Closed> closed) {}

  /** Who closed a visit, and when. */
  public record Closed(Instant at, String by) {}

  /** Every visit of a golfer, the newest first. */
  public List<Past> history(String golferId) {
    var slots =
        DSL.select(DSL.countDistinct(READING_NOW.SLOT))
            .from(READING_NOW)
            .where(READING_NOW.VISIT_ID.eq(VISIT.ID))
            .asField("slots");
    return database
        .read()
        .select(VISIT.asterisk(), ACCOUNT.SHOWN_NAME, slots)
        .from(VISIT)
        .leftJoin(ACCOUNT)
        .on(ACCOUNT.ID.eq(VISIT.CLOSED_BY))
        .where(VISIT.GOLFER_ID.eq(golferId))
        .orderBy(VISIT.STARTED_AT.desc(), VISIT.NUMBER.desc())
        .fetch(r -> past(r, r.get("slots", Integer.class)));
  }

  private Past past(Record r, int slots) {
    return new Past(
        r.get(VISIT.ID),
        LocalDate.ofInstant(Instant.parse(r.get(VISIT.STARTED_AT)), clock.getZone()),
        slots,
        closed(r));
  }

  /** Who closed the visit of this row, when somebody did. */
  static Optional<Closed> closed(Record r) {
    return Optional.ofNullable(r.get(VISIT.CLOSED_AT))
        .map(at -> new Closed(Instant.parse(at), r.get(ACCOUNT.SHOWN_NAME)));
  }

  /** Starts a retest of the golfer; the running order of the last visit is taken along. */
  public void start(Account by, GolferFile file, LocalDate on) {
    database.record(
        db -> {
          String id = add(db, file.id(), on);
          Optional.ofNullable(file.facts().get("order"))
              .map(Noted::value)
              .ifPresent(order -> note(db, file, id, by, "order", order));
          note(db, file, id, by, RETEST, "yes");
          return id;
        });
  }

  private void note(
      DSLContext db, GolferFile file, String visitId, Account by, String topic, String value) {
    db.insertInto(OBSERVATION)
        .set(OBSERVATION.ID, Ids.fresh())
        .set(OBSERVATION.GOLFER_ID, file.id())
        .set(OBSERVATION.VISIT_ID, visitId)
        .set(OBSERVATION.TOPIC, topic)
        .set(OBSERVATION.VALUE, value)
        .set(OBSERVATION.NOTED_AT, Instant.now(clock).toString())
        .set(OBSERVATION.NOTED_BY, by.id())
        .execute();
  }

  /** Adds a visit on a day; answers its id. */
  static String add(DSLContext db, String golferId, LocalDate on) {
    int last =
        db.select(DSL.max(VISIT.NUMBER))
            .from(VISIT)
            .where(VISIT.GOLFER_ID.eq(golferId))
            .fetchOptional(0, Integer.class)
            .orElse(0);
    String id = Ids.fresh();
    db.insertInto(VISIT)
        .set(VISIT.ID, id)
        .set(VISIT.GOLFER_ID, golferId)
        .set(VISIT.NUMBER, last + 1)
        .set(VISIT.STARTED_AT, on.atTime(9, 0).toInstant(ZoneOffset.UTC).toString())
        .execute();
    return id;
  }

  /** Closes the visit in hand. */
  public void close(GolferFile file, Account by) {
    database.record(
        db ->
            db.update(VISIT)
                .set(VISIT.CLOSED_AT, Instant.now(clock).toString())
                .set(VISIT.CLOSED_BY, by.id())
                .where(VISIT.ID.eq(file.visitId()))
                .execute());
  }

  /** Opens the visit in hand again. */
  public void resume(GolferFile file) {
    database.record(
        db ->
            db.update(VISIT)
                .setNull(VISIT.CLOSED_AT)
                .setNull(VISIT.CLOSED_BY)
                .where(VISIT.ID.eq(file.visitId()))
                .execute());
  }
}
