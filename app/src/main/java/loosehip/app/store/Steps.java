package loosehip.app.store;

import static loosehip.app.store.generated.Tables.STEP;

import java.time.Instant;
import java.util.Locale;
import loosehip.core.named.Named;
import org.jooq.DSLContext;

/** Remembers what was done to a golfer's file, in order, so that it can be taken back. */
final class Steps {
  private Steps() {}

  /** What a step added rows to. */
  enum Kind implements Named {
    READING,
    /** What was noted at once; its rows are named one after the other. */
    OBSERVATION,
    /** All that was said about homework at once. */
    HOMEWORK;

    @Override
    public String id() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /**
   * Adds a step.
   *
   * @param row what undo takes back
   * @param label what undo calls it
   * @param station where it was done
   * @param by id of who did it
   */
  static void add(
      DSLContext db,
      String golferId,
      Kind kind,
      String row,
      String label,
      String station,
      String by,
      Instant at) {
    db.insertInto(STEP)
        .set(STEP.GOLFER_ID, golferId)
        .set(STEP.KIND, kind.id())
        .set(STEP.ROW_ID, row)
        .set(STEP.LABEL, label)
        .set(STEP.STATION, station)
        .set(STEP.DONE_BY, by)
        .set(STEP.DONE_AT, at.toString())
        .execute();
  }
}
