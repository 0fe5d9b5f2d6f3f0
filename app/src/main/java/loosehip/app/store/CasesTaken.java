package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.CASE_TAKEN;
import static loosehip.app.store.generated.Tables.GOLFER;
import static loosehip.app.store.generated.Tables.OBSERVATION;
import static loosehip.app.store.generated.Tables.PLAN_VERSION;
import static loosehip.app.store.generated.Tables.READING;
import static loosehip.app.store.generated.Tables.STEP;
import static loosehip.app.store.generated.Tables.VISIT;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

/** Takes what a case file says, all of it or none, and all of it back again in one step. */
@Repository
public class CasesTaken {
  private static final int NEWEST = 20;

  private final Database database;
  private final Journal journal;
  private final Clock clock;

  CasesTaken(Database database, Journal journal, Clock clock) {
    this.database = database;
    this.journal = journal;
    this.clock = clock;
  }

  /** A try with the deviation of one try it is judged by, where that is not the usual one. */
  public record Try(Journal.NewTry taken, Optional<Double> scatter) {}

  /**
   * What is taken.
   *
   * @param earlier what was measured on earlier days, each a visit of its own
   */
  public record Contents(
      String fileName, List<Note> notes, List<Try> tries, List<EarlierDay> earlier) {}

  /** An earlier day. */
  public record EarlierDay(LocalDate on, List<Note> notes, List<Try> tries) {}

  /**
   * A file that was taken.
   *
   * @param golferId whom it is about
   * @param golfer their name
   * @param madeGolfer whether they came with it
   */
  public record Taken(
      String id,
      String fileName,
      String golferId,
      String golfer,
      boolean madeGolfer,
      Instant at,
      String by) {}

  /**
   * Takes a file as a new golfer.
   *
   * @param consent the wording the golfer consented to
   * @return the golfer's id
   */
  public String asNew(Account by, String name, Note consent, LocalDate on, Contents contents) {
    return database.write(
        db -> {
          Journal.At at = Golfers.add(db, by, name, on, clock.instant());
          journal.add(db, at, by, consent);
          keep(db, by, at, true, contents);
          return at.golferId();
        });
  }

  /** Takes a file as a visit of a golfer there already. */
  public void asVisit(Account by, GolferFile file, LocalDate on, Contents contents) {
    database.write(
        db -> {
          Journal.At at = new Journal.At(file.id(), Visits.add(db, file.id(), on));
          keep(db, by, at, false, contents);
          return at.visitId();
        });
  }

  private void keep(
      DSLContext db, Account by, Journal.At at, boolean madeGolfer, Contents contents) {
    String id = Ids.fresh();
    List<String> rows = new ArrayList<>();
    contents.notes().forEach(note -> journal.add(db, at, by, note).ifPresent(rows::add));
    keep(db, by, at, contents.tries(), id, 0);
    List<String> visits = new ArrayList<>(List.of(at.visitId()));
    int line = contents.tries().size();
    for (EarlierDay day : contents.earlier()) {
      Journal.At then = new Journal.At(at.golferId(), Visits.add(db, at.golferId(), day.on()));
      day.notes().forEach(note -> journal.add(db, then, by, note).ifPresent(rows::add));
      keep(db, by, then, day.tries(), id, line);
      line += day.tries().size();
      visits.add(then.visitId());
    }
    db.insertInto(CASE_TAKEN)
        .set(CASE_TAKEN.ID, id)
        .set(CASE_TAKEN.PRACTICE_ID, by.practiceId())
        .set(CASE_TAKEN.FILE_NAME, contents.fileName())
        .set(CASE_TAKEN.GOLFER_ID, at.golferId())
        .set(CASE_TAKEN.VISIT_ID, String.join(" ", visits))
        .set(CASE_TAKEN.MADE_GOLFER, madeGolfer ? 1 : 0)
        .set(CASE_TAKEN.OBSERVATIONS, String.join(" ", rows))
        .set(CASE_TAKEN.TAKEN_AT, clock.instant().toString())
        .set(CASE_TAKEN.TAKEN_BY, by.id())
        .execute();
  }

  private void keep(
      DSLContext db, Account by, Journal.At at, List<Try> tries, String takenId, int from) {
    Map<String, Integer> ordinals = new HashMap<>();
    int line = from;
    for (Try each : tries) {
      int ordinal = ordinals.merge(each.taken().slot().key(), 1, Integer::sum);
      String key = TrySets.FROM_FILE + takenId + ":" + line++;
      journal.add(db, at, by, each.taken(), ordinal, each.scatter(), key);
    }
  }

  /** The files taken last. */
  public List<Taken> newest(String practiceId) {
    return database
        .read()
        .select(CASE_TAKEN.asterisk(), GOLFER.NAME, ACCOUNT.SHOWN_NAME)
        .from(CASE_TAKEN)
        .join(GOLFER)
        .on(GOLFER.ID.eq(CASE_TAKEN.GOLFER_ID))
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(CASE_TAKEN.TAKEN_BY))
        .where(CASE_TAKEN.PRACTICE_ID.eq(practiceId))
        .orderBy(CASE_TAKEN.TAKEN_AT.desc())
        .limit(NEWEST)
        .fetch(CasesTaken::taken);
  }

  private static Taken taken(Record r) {
    return new Taken(
        r.get(CASE_TAKEN.ID),
        r.get(CASE_TAKEN.FILE_NAME),
        r.get(CASE_TAKEN.GOLFER_ID),
        r.get(GOLFER.NAME),
        r.get(CASE_TAKEN.MADE_GOLFER) == 1,
        Instant.parse(r.get(CASE_TAKEN.TAKEN_AT)),
        r.get(ACCOUNT.SHOWN_NAME));
  }

  /** How taking a file back ended. */
  public enum Undone {
    DONE,
    /** Somebody went on with what it brought; nothing was changed. */
    GONE_ON_WITH,
    /** There is no such file, or it was taken back before. */
    NOT_THERE
  }

  /** Takes all of a file back, unless somebody has gone on with what it brought. */
  public Undone undo(Account by, String takenId) {
    Undone undone =
        database.write(
            db ->
                db.selectFrom(CASE_TAKEN)
                    .where(CASE_TAKEN.ID.eq(takenId))
                    .and(CASE_TAKEN.PRACTICE_ID.eq(by.practiceId()))
                    .fetchOptional()
                    .map(
                        row -> {
                          boolean made = row.getMadeGolfer() == 1;
                          List<String> visits = List.of(row.getVisitId().split(" "));
                          boolean goneOn =
                              made
                                  ? goneOnWithGolfer(db, row.getGolferId(), visits.size())
                                  : visits.stream()
                                      .anyMatch(
                                          visit ->
                                              goneOnWithVisit(
                                                  db, visit, takenId, row.getObservations()));
                          if (goneOn) {
                            return Undone.GONE_ON_WITH;
                          }
                          if (made) {
                            Remains.mark(db);
                            db.deleteFrom(GOLFER).where(GOLFER.ID.eq(row.getGolferId())).execute();
                          } else {
                            for (String note : row.getObservations().split(" ")) {
                              if (isOfGolfer(db, note)) {
                                journal.takeBackUnchanged(db, note, by);
                              }
                            }
                            db.deleteFrom(VISIT).where(VISIT.ID.in(visits)).execute();
                            row.delete();
                          }
                          return Undone.DONE;
                        })
                    .orElse(Undone.NOT_THERE));
    if (undone == Undone.DONE) {
      database.forgetDeleted();
    }
    return undone;
  }

  private static boolean isOfGolfer(DSLContext db, String observation) {
    return db.fetchExists(
        OBSERVATION, OBSERVATION.ID.eq(observation).and(OBSERVATION.VISIT_ID.isNull()));
  }

  private static boolean goneOnWithGolfer(DSLContext db, String golferId, int brought) {
    return db.fetchExists(STEP, STEP.GOLFER_ID.eq(golferId))
        || db.fetchExists(PLAN_VERSION, PLAN_VERSION.GOLFER_ID.eq(golferId))
        || db.fetchCount(VISIT, VISIT.GOLFER_ID.eq(golferId)) > brought;
  }

  private static boolean goneOnWithVisit(
      DSLContext db, String visitId, String takenId, String observations) {
    Condition others =
        READING
            .VISIT_ID
            .eq(visitId)
            .and(
                READING
                    .SUBMIT_KEY
                    .isNull()
                    .or(READING.SUBMIT_KEY.startsWith(TrySets.FROM_FILE + takenId).not()));
    List<String> brought = List.of(observations.split(" "));
    return db.fetchExists(READING, others)
        || db
            .select(OBSERVATION.ID)
            .from(OBSERVATION)
            .where(OBSERVATION.VISIT_ID.eq(visitId))
            .fetch(OBSERVATION.ID)
            .stream()
            .anyMatch(id -> !brought.contains(id));
  }
}
