package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.RECORDING;
import static loosehip.app.store.generated.Tables.VISIT;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import loosehip.core.named.Named;
import loosehip.core.trace.AngleUnit;
import loosehip.core.trace.RecordingKind;
import org.jooq.Record;
import org.jooq.SelectConditionStep;
import org.springframework.stereotype.Repository;

/** The recordings of golfers' swings, each as it came. */
@Repository
public class Recordings {
  /** Most recordings a visit holds (domain: traces). */
  public static final int A_VISIT_MOST = 10;

  private final Database database;
  private final Clock clock;

  Recordings(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /**
   * A recording without its rows.
   *
   * @param id its id
   * @param visitId the visit it belongs to
   * @param day the day of that visit
   * @param kind what it follows
   * @param name of the file, or of what was played
   * @param played whether a simulated device made it
   * @param unit what its angles are written in, as far as somebody said
   * @param by who brought it
   */
  public record Kept(
      String id,
      String visitId,
      LocalDate day,
      RecordingKind kind,
      String name,
      boolean played,
      AngleUnit unit,
      String by) {}

  /** A recording that is to be kept. */
  public record New(RecordingKind kind, String name, boolean played, byte[] raw) {
    private String source() {
      return played ? PLAYED : "file";
    }
  }

  private static final String PLAYED = "played";

  /**
   * Keeps a recording at the newest visit.
   *
   * @return its id; empty when the visit holds {@value #A_VISIT_MOST} already
   */
  public Optional<String> add(GolferFile file, Account by, New recording) {
    return database.write(
        db -> {
          int held = db.fetchCount(RECORDING, RECORDING.VISIT_ID.eq(file.visitId()));
          if (held >= A_VISIT_MOST) {
            return Optional.empty();
          }
          String id = Ids.fresh();
          db.insertInto(RECORDING)
              .set(RECORDING.ID, id)
              .set(RECORDING.GOLFER_ID, file.id())
              .set(RECORDING.VISIT_ID, file.visitId())
              .set(RECORDING.KIND, recording.kind().id())
              .set(RECORDING.NAME, recording.name())
              .set(RECORDING.SOURCE, recording.source())
              .set(RECORDING.UNIT, AngleUnit.NOT_SAID.id())
              .set(RECORDING.ADDED_AT, Instant.now(clock).toString())
              .set(RECORDING.ADDED_BY, by.id())
              .set(RECORDING.RAW, recording.raw())
              .execute();
          return Optional.of(id);
        });
  }

  /** All recordings of a golfer, the newest first. */
  public List<Kept> of(GolferFile file) {
    return select(file.id())
        .orderBy(VISIT.STARTED_AT.desc(), RECORDING.ADDED_AT.desc(), RECORDING.ID)
        .fetch(this::kept);
  }

  /** One recording of a golfer. */
  public Optional<Kept> one(GolferFile file, String id) {
    return select(file.id()).and(RECORDING.ID.eq(id)).fetchOptional(this::kept);
  }

  private SelectConditionStep<? extends Record> select(String golferId) {
    return database
        .read()
        .select(
            RECORDING.ID,
            RECORDING.VISIT_ID,
            VISIT.STARTED_AT,
            RECORDING.KIND,
            RECORDING.NAME,
            RECORDING.SOURCE,
            RECORDING.UNIT,
            ACCOUNT.SHOWN_NAME)
        .from(RECORDING)
        .join(VISIT)
        .on(VISIT.ID.eq(RECORDING.VISIT_ID))
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(RECORDING.ADDED_BY))
        .where(RECORDING.GOLFER_ID.eq(golferId));
  }

  private Kept kept(Record r) {
    return new Kept(
        r.get(RECORDING.ID),
        r.get(RECORDING.VISIT_ID),
        LocalDate.ofInstant(Instant.parse(r.get(VISIT.STARTED_AT)), clock.getZone()),
        Named.require(RecordingKind.class, r.get(RECORDING.KIND)),
        r.get(RECORDING.NAME),
        r.get(RECORDING.SOURCE).equals(PLAYED),
        Named.require(AngleUnit.class, r.get(RECORDING.UNIT)),
        r.get(ACCOUNT.SHOWN_NAME));
  }

  /** The file of a recording, byte for byte as it came. */
  public Optional<byte[]> raw(GolferFile file, String id) {
    return database
        .read()
        .select(RECORDING.RAW)
        .from(RECORDING)
        .where(RECORDING.ID.eq(id))
        .and(RECORDING.GOLFER_ID.eq(file.id()))
        .fetchOptional(RECORDING.RAW);
  }

  /** Says what the angles of a recording are written in. */
  public void say(GolferFile file, String id, AngleUnit unit) {
    database.write(
        db ->
            db.update(RECORDING)
                .set(RECORDING.UNIT, unit.id())
                .where(RECORDING.ID.eq(id))
                .and(RECORDING.GOLFER_ID.eq(file.id()))
                .execute());
  }

  /** Deletes a recording. */
  public void delete(GolferFile file, String id) {
    database.write(
        db ->
            db.deleteFrom(RECORDING)
                .where(RECORDING.ID.eq(id))
                .and(RECORDING.GOLFER_ID.eq(file.id()))
                .execute());
  }
}
