package loosehip.app.store;

import static loosehip.app.store.generated.Tables.HOMEWORK;
import static loosehip.app.store.generated.Tables.OBSERVATION;
import static loosehip.app.store.generated.Tables.READING;
import static loosehip.app.store.generated.Tables.STEP;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.app.store.generated.tables.records.HomeworkRecord;
import loosehip.core.named.Named;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;

/**
 * Which step undo takes back next. One's own come first, the newest first; where none of one's own
 * is left, the newest of somebody else. What others have changed since is not taken back with it.
 */
final class UndoSteps {
  /** How many steps are looked through for one of one's own. */
  private static final int LOOKED_AT = 60;

  private UndoSteps() {}

  /**
   * A step that can be taken back.
   *
   * @param by whose it was; empty when that is not known
   */
  record Found(
      int id, Steps.Kind kind, String rows, String label, String station, Optional<String> by) {}

  /** The next one for somebody; empty when nothing is left within reach. */
  static Optional<Found> next(DSLContext db, String golferId, String accountId) {
    List<Found> left =
        db.select(STEP.ID, STEP.KIND, STEP.ROW_ID, STEP.LABEL, STEP.STATION, STEP.DONE_BY)
            .from(STEP)
            .where(STEP.GOLFER_ID.eq(golferId))
            .and(STEP.UNDONE_AT.isNull())
            .orderBy(STEP.ID.desc())
            .limit(LOOKED_AT)
            .fetch(
                r ->
                    new Found(
                        r.value1(),
                        Named.require(Steps.Kind.class, r.value2()),
                        r.value3(),
                        r.value4(),
                        r.value5(),
                        Optional.ofNullable(r.value6())));
    return left.stream()
        .filter(s -> s.by().isEmpty() || s.by().get().equals(accountId))
        .filter(s -> !changedSince(db, s, accountId))
        .findFirst()
        .or(
            () ->
                left.stream()
                    .filter(s -> s.by().filter(by -> !by.equals(accountId)).isPresent())
                    .filter(s -> !changedSince(db, s, s.by().get()))
                    .findFirst())
        .filter(s -> undoneAfter(db, golferId, s.id()) < Journal.UNDO_REACH);
  }

  private static int undoneAfter(DSLContext db, String golferId, int step) {
    return db.fetchCount(
        STEP, STEP.GOLFER_ID.eq(golferId).and(STEP.UNDONE_AT.isNotNull()).and(STEP.ID.gt(step)));
  }

  /** Whether what stands in the place of a step's rows now was said by somebody else. */
  private static boolean changedSince(DSLContext db, Found step, String accountId) {
    return switch (step.kind()) {
      case READING ->
          changed(
              db.select(READING.TAKEN_BY)
                  .from(READING)
                  .where(READING.ID.eq(Journal.READINGS.newest(db, step.rows())))
                  .fetchOne(READING.TAKEN_BY),
              accountId);
      case OBSERVATION ->
          Arrays.stream(step.rows().split(" "))
              .anyMatch(
                  row ->
                      changed(
                          db.select(OBSERVATION.NOTED_BY)
                              .from(OBSERVATION)
                              .where(OBSERVATION.ID.eq(Journal.OBSERVATIONS.newest(db, row)))
                              .fetchOne(OBSERVATION.NOTED_BY),
                          accountId));
      case HOMEWORK ->
          db.fetch(HOMEWORK, HOMEWORK.SAID_WITH.eq(step.rows())).stream()
              .anyMatch(row -> toldSince(db, row, accountId));
    };
  }

  private static boolean changed(@Nullable String by, String accountId) {
    return !accountId.equals(by);
  }

  /** What the golfer's phone told since stands in the name of whoever gave the link. */
  private static boolean toldSince(DSLContext db, HomeworkRecord row, String accountId) {
    HomeworkRecord newest =
        db.fetchSingle(HOMEWORK, HOMEWORK.ID.eq(Homework.LINEAGE.newest(db, row.getId())));
    return changed(newest.getNotedBy(), accountId)
        || newest.getByPhone() == 1 && row.getByPhone() == 0;
  }

  /** How somebody is called; empty when it is the one who asks, or nobody knows. */
  static Optional<String> whose(DSLContext db, Found step, String accountId) {
    return step.by().filter(by -> !by.equals(accountId)).map(by -> Accounts.shownName(db, by));
  }
}
