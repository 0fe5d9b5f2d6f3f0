package loosehip.app.store;

import static loosehip.app.store.generated.Tables.GOLFER;
import static loosehip.app.store.generated.Tables.OBSERVATION;
import static loosehip.app.store.generated.Tables.OBSERVATION_NOW;
import static loosehip.app.store.generated.Tables.READING;
import static loosehip.app.store.generated.Tables.READING_FILE_ROW;
import static loosehip.app.store.generated.Tables.READING_NOW;
import static loosehip.app.store.generated.Tables.VISIT;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import loosehip.app.store.generated.tables.records.ReadingFileRowRecord;
import loosehip.app.store.generated.tables.records.ReadingRecord;
import loosehip.core.measure.Slot;
import org.jooq.Condition;
import org.jooq.Cursor;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** Moves readings between files and visits, a few hundred rows a transaction. */
@Repository
public class FileReadings {
  private static final int AT_ONCE = 500;

  private final Database database;
  private final Clock clock;

  FileReadings(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** Golfers of the practice whose data may be kept, by id: name key, and whether consent is on. */
  public Map<String, Known> golfers(String practiceId) {
    Map<String, Known> known = new HashMap<>();
    database
        .read()
        .select(GOLFER.ID, GOLFER.NAME_KEY, OBSERVATION_NOW.VALUE)
        .from(GOLFER)
        .leftJoin(OBSERVATION_NOW)
        .on(OBSERVATION_NOW.GOLFER_ID.eq(GOLFER.ID))
        .and(OBSERVATION_NOW.TOPIC.eq("consent"))
        .where(GOLFER.PRACTICE_ID.eq(practiceId))
        .forEach(r -> known.put(r.value1(), new Known(r.value2(), r.value3() != null)));
    return known;
  }

  /** A golfer as far as a file needs to know. */
  public record Known(String nameKey, boolean consented) {}

  /** A name as it is compared. */
  public static String key(String name) {
    return Golfers.key(name);
  }

  /** What stands in each slot and try of a golfer's visit on a day. */
  public Map<String, TakenTry> standing(String golferId, LocalDate on) {
    Map<String, TakenTry> standing = new HashMap<>();
    DSLContext db = database.read();
    visit(db, golferId, on)
        .map(id -> FileRows.tries(db, List.of(id)).getOrDefault(id, List.of()))
        .orElse(List.of())
        .forEach(t -> standing.put(t.slot().key() + " " + t.ordinal(), t));
    return standing;
  }

  private static Optional<String> visit(DSLContext db, String golferId, LocalDate on) {
    return db.select(VISIT.ID)
        .from(VISIT)
        .where(VISIT.GOLFER_ID.eq(golferId))
        .and(VISIT.STARTED_AT.startsWith(on.toString()))
        .orderBy(VISIT.NUMBER.desc())
        .limit(1)
        .fetchOptional(VISIT.ID);
  }

  /** Takes every new and correcting row of a file; tells after each few hundred how many. */
  public void take(String fileId, Account by, Consumer<Integer> progress) {
    int after = 0;
    int done = 0;
    while (true) {
      int from = after;
      List<ReadingFileRowRecord> rows =
          database
              .read()
              .selectFrom(READING_FILE_ROW)
              .where(READING_FILE_ROW.FILE_ID.eq(fileId))
              .and(READING_FILE_ROW.OUTCOME.in("new", "corrects"))
              .and(READING_FILE_ROW.READING_ID.isNull())
              .and(READING_FILE_ROW.LINE.gt(from))
              .orderBy(READING_FILE_ROW.LINE)
              .limit(AT_ONCE)
              .fetch();
      if (rows.isEmpty()) {
        return;
      }
      database.write(
          db -> {
            Map<String, String> visits = new HashMap<>();
            rows.forEach(row -> takeRow(db, fileId, by, row, visits));
            return rows.size();
          });
      after = rows.get(rows.size() - 1).getLine();
      done += rows.size();
      progress.accept(done);
    }
  }

  private void takeRow(
      DSLContext db,
      String fileId,
      Account by,
      ReadingFileRowRecord row,
      Map<String, String> visits) {
    LocalDate on = LocalDate.parse(row.getVisitOn());
    String visitId =
        visits.computeIfAbsent(
            row.getGolferId() + " " + on,
            k ->
                visit(db, row.getGolferId(), on)
                    .orElseGet(() -> newVisit(db, fileId, by, row.getGolferId(), on)));
    ReadingRecord old = current(db, visitId, row);
    if (old != null && same(old, row)) {
      return;
    }
    ReadingRecord reading = db.newRecord(READING);
    reading.setId(Ids.fresh());
    reading.setVisitId(visitId);
    reading.setSlot(row.getSlot());
    reading.setOrdinal(row.getOrdinal());
    reading.setValue(row.getValue());
    reading.setWord(row.getWord());
    reading.setMethod(row.getMethod());
    reading.setCompensations(row.getCompensations());
    reading.setVoided(row.getVoided());
    reading.setWithdrawn(0);
    reading.setSubmitKey(TrySets.FROM_FILE + fileId + ":" + row.getLine());
    reading.setSupersedes(old == null ? null : old.getId());
    reading.setTakenAt(now());
    reading.setTakenBy(by.id());
    reading.insert();
    row.setReadingId(reading.getId());
    row.attach(db.configuration());
    row.update();
  }

  private static boolean same(ReadingRecord old, ReadingFileRowRecord row) {
    return Objects.equals(old.getValue(), row.getValue())
        && Objects.equals(old.getWord(), row.getWord())
        && Objects.equals(old.getMethod(), row.getMethod())
        && old.getVoided().equals(row.getVoided())
        && old.getCompensations().equals(row.getCompensations());
  }

  private String newVisit(DSLContext db, String fileId, Account by, String golferId, LocalDate on) {
    String id = Visits.add(db, golferId, on);
    db.update(VISIT)
        .set(VISIT.FROM_FILE, fileId)
        .set(VISIT.CLOSED_AT, now())
        .set(VISIT.CLOSED_BY, by.id())
        .where(VISIT.ID.eq(id))
        .execute();
    return id;
  }

  private static @Nullable ReadingRecord current(
      DSLContext db, String visitId, ReadingFileRowRecord row) {
    return db.select(READING.asterisk())
        .from(READING)
        .join(READING_NOW)
        .on(READING_NOW.ID.eq(READING.ID))
        .where(READING.VISIT_ID.eq(visitId))
        .and(READING.SLOT.eq(row.getSlot()))
        .and(READING.ORDINAL.eq(row.getOrdinal()))
        .fetchAnyInto(READING);
  }

  /**
   * Takes back what a file brought. What was corrected since stays as corrected.
   *
   * @return how many readings had been changed since and were left
   */
  public int undo(String fileId, Account by, Consumer<Integer> progress) {
    int after = 0;
    int done = 0;
    int left = 0;
    while (true) {
      int from = after;
      List<ReadingFileRowRecord> rows =
          database
              .read()
              .selectFrom(READING_FILE_ROW)
              .where(READING_FILE_ROW.FILE_ID.eq(fileId))
              .and(READING_FILE_ROW.READING_ID.isNotNull())
              .and(READING_FILE_ROW.LINE.gt(from))
              .orderBy(READING_FILE_ROW.LINE)
              .limit(AT_ONCE)
              .fetch();
      if (rows.isEmpty()) {
        database.write(db -> emptyVisitsOf(db, fileId));
        return left;
      }
      left +=
          database.write(
              db -> rows.stream().mapToInt(row -> takeBack(db, row.getReadingId(), by)).sum());
      after = rows.get(rows.size() - 1).getLine();
      done += rows.size();
      progress.accept(done);
    }
  }

  /** Takes one reading back; 1 when it had been changed since and was left. */
  private int takeBack(DSLContext db, String readingId, Account by) {
    ReadingRecord brought = db.fetchOne(READING, READING.ID.eq(readingId));
    if (brought == null) {
      return 0;
    }
    if (Journal.READINGS.laterThan(db, readingId).isPresent()) {
      return 1;
    }
    Journal.takeBackReading(db, brought, by, now());
    return 0;
  }

  private static int emptyVisitsOf(DSLContext db, String fileId) {
    Condition holdsReadings =
        DSL.exists(DSL.selectOne().from(READING_NOW).where(READING_NOW.VISIT_ID.eq(VISIT.ID)));
    Condition holdsFacts =
        DSL.exists(DSL.selectOne().from(OBSERVATION).where(OBSERVATION.VISIT_ID.eq(VISIT.ID)));
    return db.deleteFrom(VISIT)
        .where(VISIT.FROM_FILE.eq(fileId))
        .and(DSL.not(holdsReadings))
        .and(DSL.not(holdsFacts))
        .execute();
  }

  /** The golfers a file touches. */
  public List<String> touched(String fileId) {
    return database
        .read()
        .selectDistinct(READING_FILE_ROW.GOLFER_ID)
        .from(READING_FILE_ROW)
        .where(READING_FILE_ROW.FILE_ID.eq(fileId))
        .and(READING_FILE_ROW.OUTCOME.in("new", "corrects"))
        .fetch(READING_FILE_ROW.GOLFER_ID);
  }

  /**
   * One reading on its way out.
   *
   * @param golferId whose
   * @param golfer their name
   * @param on the day of the visit
   * @param taken the try
   */
  public record Outgoing(String golferId, String golfer, LocalDate on, TakenTry taken) {}

  /** Hands out every reading of the practice, or of one golfer, row by row. */
  public void each(String practiceId, Optional<String> golferId, Consumer<Outgoing> to) {
    try (Cursor<? extends Record> rows =
        database
            .read()
            .select(
                READING_NOW.asterisk(),
                GOLFER.ID,
                GOLFER.NAME,
                VISIT.STARTED_AT,
                DSL.inline("").as("shown_name"))
            .from(GOLFER)
            .join(VISIT)
            .on(VISIT.GOLFER_ID.eq(GOLFER.ID))
            .join(READING_NOW)
            .on(READING_NOW.VISIT_ID.eq(VISIT.ID))
            .where(GOLFER.PRACTICE_ID.eq(practiceId))
            .and(golferId.map(GOLFER.ID::eq).orElse(DSL.noCondition()))
            .orderBy(
                GOLFER.NAME_KEY, GOLFER.ID, VISIT.STARTED_AT, READING_NOW.SLOT, READING_NOW.ORDINAL)
            .fetchLazy()) {
      rows.forEach(
          r ->
              Slot.parse(r.get(READING_NOW.SLOT))
                  .ifPresent(
                      slot ->
                          to.accept(
                              new Outgoing(
                                  r.get(GOLFER.ID),
                                  r.get(GOLFER.NAME),
                                  LocalDate.ofInstant(
                                      Instant.parse(r.get(VISIT.STARTED_AT)), clock.getZone()),
                                  FileRows.taken(slot, r, "")))));
    }
  }

  private String now() {
    return Instant.now(clock).toString();
  }
}
