package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.STILL;
import static loosehip.app.store.generated.Tables.VISIT;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import loosehip.core.named.Named;
import loosehip.core.still.Checkpoint;
import loosehip.core.still.StillView;
import org.jooq.Record;
import org.jooq.SelectConditionStep;
import org.jooq.TableField;
import org.springframework.stereotype.Repository;

/** The stills of golfers: pictures with what was marked on them. */
@Repository
public class Stills {
  /** Most stills a visit holds. */
  public static final int A_VISIT_MOST = 24;

  /** Pixels along the longer side of a picture as it is listed. */
  public static final int LISTED_SIDE_MOST = 480;

  private final Database database;
  private final Clock clock;

  Stills(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /**
   * A still without its picture.
   *
   * @param id its id
   * @param visitId the visit it belongs to
   * @param day the day of that visit
   * @param view from where
   * @param checkpoint when
   * @param source {@code file}, {@code camera} or {@code clip}
   * @param clipSeconds where in the clip, seconds; empty when it is no frame of one
   * @param width pixels
   * @param height pixels
   * @param by who took it
   * @param marks what was marked on it, as a document
   */
  public record Kept(
      String id,
      String visitId,
      LocalDate day,
      StillView view,
      Checkpoint checkpoint,
      String source,
      Optional<Double> clipSeconds,
      int width,
      int height,
      String by,
      String marks) {}

  /** A picture that is to be kept, whole and as it is listed. */
  public record New(
      StillView view,
      Checkpoint checkpoint,
      String source,
      Optional<Double> clipSeconds,
      byte[] picture,
      byte[] small,
      int width,
      int height) {}

  /**
   * Keeps a still at the newest visit.
   *
   * @return its id; empty when the visit holds {@value #A_VISIT_MOST} already
   */
  public Optional<String> add(GolferFile file, Account by, New still) {
    return database.write(
        db -> {
          if (db.fetchCount(STILL, STILL.VISIT_ID.eq(file.visitId())) >= A_VISIT_MOST) {
            return Optional.empty();
          }
          String id = Ids.fresh();
          db.insertInto(STILL)
              .set(STILL.ID, id)
              .set(STILL.GOLFER_ID, file.id())
              .set(STILL.VISIT_ID, file.visitId())
              .set(STILL.VIEW, still.view().id())
              .set(STILL.CHECKPOINT, still.checkpoint().id())
              .set(STILL.SOURCE, still.source())
              .set(STILL.CLIP_SECONDS, still.clipSeconds().orElse(null))
              .set(STILL.WIDTH, still.width())
              .set(STILL.HEIGHT, still.height())
              .set(STILL.TAKEN_AT, Instant.now(clock).toString())
              .set(STILL.TAKEN_BY, by.id())
              .set(STILL.MARKS, "{}")
              .set(STILL.PICTURE, still.picture())
              .set(STILL.SMALL, still.small())
              .execute();
          return Optional.of(id);
        });
  }

  /** All stills of a golfer, those of the newest visit first, each visit's in the order taken. */
  public List<Kept> of(GolferFile file) {
    return select(file.id())
        .orderBy(VISIT.STARTED_AT.desc(), STILL.TAKEN_AT, STILL.ID)
        .fetch(this::kept);
  }

  /** One still of a golfer. */
  public Optional<Kept> one(GolferFile file, String id) {
    return select(file.id()).and(STILL.ID.eq(id)).fetchOptional(this::kept);
  }

  private SelectConditionStep<? extends Record> select(String golferId) {
    return database
        .read()
        .select(
            STILL.ID,
            STILL.VISIT_ID,
            VISIT.STARTED_AT,
            STILL.VIEW,
            STILL.CHECKPOINT,
            STILL.SOURCE,
            STILL.CLIP_SECONDS,
            STILL.WIDTH,
            STILL.HEIGHT,
            ACCOUNT.SHOWN_NAME,
            STILL.MARKS)
        .from(STILL)
        .join(VISIT)
        .on(VISIT.ID.eq(STILL.VISIT_ID))
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(STILL.TAKEN_BY))
        .where(STILL.GOLFER_ID.eq(golferId));
  }

  private Kept kept(Record r) {
    return new Kept(
        r.get(STILL.ID),
        r.get(STILL.VISIT_ID),
        LocalDate.ofInstant(Instant.parse(r.get(VISIT.STARTED_AT)), clock.getZone()),
        Named.require(StillView.class, r.get(STILL.VIEW)),
        Named.require(Checkpoint.class, r.get(STILL.CHECKPOINT)),
        r.get(STILL.SOURCE),
        Optional.ofNullable(r.get(STILL.CLIP_SECONDS)),
        r.get(STILL.WIDTH),
        r.get(STILL.HEIGHT),
        r.get(ACCOUNT.SHOWN_NAME),
        r.get(STILL.MARKS));
  }

  /** The picture of a still, as JPEG. */
  public Optional<byte[]> picture(GolferFile file, String id) {
    return bytes(file, id, STILL.PICTURE);
  }

  /** The picture of a still as it is listed, as JPEG. */
  public Optional<byte[]> small(GolferFile file, String id) {
    return bytes(file, id, STILL.SMALL);
  }

  private Optional<byte[]> bytes(GolferFile file, String id, TableField<?, byte[]> which) {
    return database
        .read()
        .select(which)
        .from(STILL)
        .where(STILL.ID.eq(id))
        .and(STILL.GOLFER_ID.eq(file.id()))
        .fetchOptional(which);
  }

  /** Keeps what was marked on a still. */
  public void mark(GolferFile file, String id, String marks) {
    database.write(
        db ->
            db.update(STILL)
                .set(STILL.MARKS, marks)
                .where(STILL.ID.eq(id))
                .and(STILL.GOLFER_ID.eq(file.id()))
                .execute());
  }

  /** Says anew what a still shows. */
  public void show(GolferFile file, String id, StillView view, Checkpoint checkpoint) {
    database.write(
        db ->
            db.update(STILL)
                .set(STILL.VIEW, view.id())
                .set(STILL.CHECKPOINT, checkpoint.id())
                .where(STILL.ID.eq(id))
                .and(STILL.GOLFER_ID.eq(file.id()))
                .execute());
  }

  /** Deletes one still with its picture. */
  public void delete(GolferFile file, String id) {
    database.write(
        db ->
            db.deleteFrom(STILL)
                .where(STILL.ID.eq(id))
                .and(STILL.GOLFER_ID.eq(file.id()))
                .execute());
  }

  /** Deletes every still of a golfer, as when consent to pictures is withdrawn. */
  public int deleteAll(GolferFile file) {
    return database.write(
        db -> db.deleteFrom(STILL).where(STILL.GOLFER_ID.eq(file.id())).execute());
  }
}
