package loosehip.app.store;

import static loosehip.app.store.generated.Tables.GOLFER;
import static loosehip.app.store.generated.Tables.HOMEWORK;
import static loosehip.app.store.generated.Tables.OBSERVATION;
import static loosehip.app.store.generated.Tables.PHONE_LINK;
import static loosehip.app.store.generated.Tables.PLAN_VERSION;
import static loosehip.app.store.generated.Tables.READING;
import static loosehip.app.store.generated.Tables.RECORDING;
import static loosehip.app.store.generated.Tables.STILL;
import static loosehip.app.store.generated.Tables.VISIT;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.OrderField;
import org.jooq.Record;
import org.jooq.Table;
import org.springframework.stereotype.Repository;

/** Everything ever kept about a golfer, superseded and withdrawn rows included. */
@Repository
public class GolferExports {
  private final Database database;

  GolferExports(Database database) {
    this.database = database;
  }

  /** All of it as nested maps and lists; empty when the practice has no such golfer. */
  public Optional<Map<String, Object>> everything(String practiceId, String golferId) {
    DSLContext db = database.read();
    return db.selectFrom(GOLFER)
        .where(GOLFER.ID.eq(golferId))
        .and(GOLFER.PRACTICE_ID.eq(practiceId))
        .fetchOptional()
        .map(
            golfer -> {
              Map<String, Object> all = new LinkedHashMap<>();
              all.put("name", golfer.getName());
              all.put("createdAt", golfer.getCreatedAt());
              all.put(
                  "visits",
                  rows(
                      db.select(VISIT.ID, VISIT.NUMBER, VISIT.STARTED_AT, VISIT.CLOSED_AT)
                          .from(VISIT)
                          .where(VISIT.GOLFER_ID.eq(golferId))
                          .orderBy(VISIT.NUMBER)
                          .fetch()));
              all.put(
                  "readings",
                  rows(
                      db.select(READING.asterisk())
                          .from(READING)
                          .join(VISIT)
                          .on(VISIT.ID.eq(READING.VISIT_ID))
                          .where(VISIT.GOLFER_ID.eq(golferId))
                          .orderBy(READING.TAKEN_AT)
                          .fetch()));
              all.put(
                  "facts",
                  rows(db, OBSERVATION, OBSERVATION.GOLFER_ID.eq(golferId), OBSERVATION.NOTED_AT));
              all.put(
                  "plans",
                  rows(db, PLAN_VERSION, PLAN_VERSION.GOLFER_ID.eq(golferId), PLAN_VERSION.NUMBER));
              all.put(
                  "homework",
                  rows(db, HOMEWORK, HOMEWORK.GOLFER_ID.eq(golferId), HOMEWORK.NOTED_AT));
              all.put("stills", rows(db, STILL, STILL.GOLFER_ID.eq(golferId), STILL.TAKEN_AT));
              all.put(
                  "recordings",
                  rows(db, RECORDING, RECORDING.GOLFER_ID.eq(golferId), RECORDING.ADDED_AT));
              all.put(
                  "phoneLinks",
                  rows(
                      db.select(
                              PHONE_LINK.ENDS_ON,
                              PHONE_LINK.MADE_AT,
                              PHONE_LINK.OPENED_AT,
                              PHONE_LINK.CUT_AT)
                          .from(PHONE_LINK)
                          .where(PHONE_LINK.GOLFER_ID.eq(golferId))
                          .orderBy(PHONE_LINK.MADE_AT)
                          .fetch()));
              return all;
            });
  }

  private static List<Map<String, Object>> rows(
      DSLContext db, Table<?> table, Condition whose, OrderField<?> order) {
    return rows(db.selectFrom(table).where(whose).orderBy(order).fetch());
  }

  private static List<Map<String, Object>> rows(List<? extends Record> records) {
    return records.stream().map(Record::intoMap).toList();
  }
}
