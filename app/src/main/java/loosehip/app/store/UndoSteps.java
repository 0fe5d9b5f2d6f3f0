package loosehip.app.store;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static loosehip.app.store.generated.Tables.HOMEWORK;
import static loosehip.app.store.generated.Tables.STEP;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.app.store.generated.tables.records.HomeworkRecord;
import loosehip.core.named.Named;
import org.jooq.DSLContext;
import org.jooq.Record;

/**
 * Which step undo takes back next. One's own come first, the newest first; where none of one's own
 * is left, the newest of somebody else. What others have changed since is not taken back with it.
 */
final class UndoSteps {
  /** How many steps are looked through for one of one's own. */
  private static final int LOOKED_AT = 60;

  /** Among so many it is nearly always found. */
  private static final int LOOKED_AT_FIRST = 8;

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
    return own(db, within(db, golferId, LOOKED_AT_FIRST), accountId)
        .or(
            () -> {
              List<Found> all = within(db, golferId, LOOKED_AT + Journal.UNDO_REACH);
              return own(db, all, accountId).or(() -> others(db, all, accountId));
            });
  }

  private static Optional<Found> own(DSLContext db, List<Found> within, String accountId) {
    return within.stream()
        .filter(s -> s.by().isEmpty() || s.by().get().equals(accountId))
        .filter(s -> !changedSince(db, s, accountId))
        .findFirst();
  }

  /** Somebody else's. */
  private static Optional<Found> others(DSLContext db, List<Found> within, String accountId) {
    return within.stream()
        .filter(s -> s.by().filter(by -> !by.equals(accountId)).isPresent())
        .filter(s -> !changedSince(db, s, s.by().get()))
        .findFirst();
  }

  /** The newest steps that can be taken back, the newest first; those beyond reach are left out. */
  private static List<Found> within(DSLContext db, String golferId, int lookedAt) {
    List<Record> newest =
        db.select(
                STEP.ID,
                STEP.KIND,
                STEP.ROW_ID,
                STEP.LABEL,
                STEP.STATION,
                STEP.DONE_BY,
                STEP.UNDONE_AT)
            .from(STEP)
            .where(STEP.GOLFER_ID.eq(golferId))
            .orderBy(STEP.ID.desc())
            .limit(LOOKED_AT)
            .fetch(r -> r);
    List<Found> within = new ArrayList<>();
    int undone = 0;
    for (Record r : newest) {
      if (r.get(STEP.UNDONE_AT) == null) {
        within.add(found(r));
      } else if (++undone == Journal.UNDO_REACH) {
        break;
      }
    }
    return within;
  }

  private static Found found(Record r) {
    return new Found(
        r.get(STEP.ID),
        Named.require(Steps.Kind.class, r.get(STEP.KIND)),
        r.get(STEP.ROW_ID),
        r.get(STEP.LABEL),
        r.get(STEP.STATION),
        Optional.ofNullable(r.get(STEP.DONE_BY)));
  }

  /** Whether what stands in the place of a step's rows now was said by somebody else. */
  private static boolean changedSince(DSLContext db, Found step, String accountId) {
    List<String> rows = List.of(step.rows().split(" "));
    return switch (step.kind()) {
      case READING ->
          Journal.READINGS.newest(db, rows).stream()
              .anyMatch(r -> !accountId.equals(r.getTakenBy()));
      case OBSERVATION ->
          Journal.OBSERVATIONS.newest(db, rows).stream()
              .anyMatch(r -> !accountId.equals(r.getNotedBy()));
      case HOMEWORK ->
          db.fetch(HOMEWORK, HOMEWORK.SAID_WITH.eq(step.rows())).stream()
              .collect(
                  groupingBy(HomeworkRecord::getByPhone, mapping(HomeworkRecord::getId, toList())))
              .entrySet()
              .stream()
              .anyMatch(said -> toldSince(db, said.getValue(), said.getKey() == 1, accountId));
    };
  }

  /** What the golfer's phone told since stands in the name of whoever gave the link. */
  private static boolean toldSince(
      DSLContext db, List<String> rows, boolean byPhone, String accountId) {
    return Homework.LINEAGE.newest(db, rows).stream()
        .anyMatch(r -> !accountId.equals(r.getNotedBy()) || r.getByPhone() == 1 && !byPhone);
  }

  /** How somebody is called; empty when it is the one who asks, or nobody knows. */
  static Optional<String> whose(DSLContext db, Found step, String accountId) {
    return step.by().filter(by -> !by.equals(accountId)).map(by -> Accounts.shownName(db, by));
  }
}
