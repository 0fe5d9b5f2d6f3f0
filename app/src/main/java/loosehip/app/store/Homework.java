package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.HOMEWORK;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.store.generated.tables.records.HomeworkRecord;
import loosehip.core.follow.Done;
import loosehip.core.follow.ItemLog;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** What golfers did of the plans given to them. A log stays with the version it was made under. */
@Repository
public class Homework {
  private final Database database;
  private final Clock clock;

  Homework(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /**
   * What was said about one item on one day.
   *
   * @param plan the version of the plan it belongs to
   * @param item the exercise or drill
   * @param log what was done, and how it went
   * @param felt how it felt, in the golfer's words; may be empty
   * @param seen what the trainer or the camera saw; may be empty
   * @param by who put it in
   */
  public record Kept(int plan, String item, ItemLog log, String felt, String seen, String by) {}

  /** Everything in force of a golfer, the oldest day first. */
  public List<Kept> of(String golferId) {
    return inForce(database.read(), HOMEWORK.GOLFER_ID.eq(golferId));
  }

  private static List<Kept> inForce(DSLContext db, Condition which) {
    var later = HOMEWORK.as("later");
    return db.select(HOMEWORK.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(HOMEWORK)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(HOMEWORK.NOTED_BY))
        .where(which)
        .and(HOMEWORK.DONE.isNotNull())
        .andNotExists(DSL.selectOne().from(later).where(later.SUPERSEDES.eq(HOMEWORK.ID)))
        .orderBy(HOMEWORK.ON_DAY, HOMEWORK.NOTED_AT)
        .fetch(Homework::kept);
  }

  private static Kept kept(Record r) {
    return new Kept(
        r.get(HOMEWORK.PLAN_NUMBER),
        r.get(HOMEWORK.ITEM),
        new ItemLog(
            LocalDate.parse(r.get(HOMEWORK.ON_DAY)),
            Done.parse(r.get(HOMEWORK.DONE)).orElseThrow(),
            Optional.ofNullable(r.get(HOMEWORK.EFFORT)),
            Optional.ofNullable(r.get(HOMEWORK.PAIN)),
            r.get(HOMEWORK.GOOD_FORM) == 1,
            r.get(HOMEWORK.LEANED) == 1,
            r.get(HOMEWORK.WORSE_NEXT_DAY) == 1),
        r.get(HOMEWORK.FELT),
        r.get(HOMEWORK.SEEN),
        r.get(ACCOUNT.SHOWN_NAME));
  }

  /** The items of a version that its log has stopped, each with what stopped it. */
  static Map<String, ItemLog> stopped(DSLContext db, String golferId, int plan) {
    Map<String, ItemLog> stopped = new LinkedHashMap<>();
    inForce(db, HOMEWORK.GOLFER_ID.eq(golferId).and(HOMEWORK.PLAN_NUMBER.eq(plan))).stream()
        .filter(k -> k.log().stops())
        .forEach(k -> stopped.put(k.item(), k.log()));
    return stopped;
  }

  /** The last day something was said about, whatever the version; empty when nothing ever was. */
  static Optional<LocalDate> lastDay(DSLContext db, String golferId) {
    return Optional.ofNullable(
            db.select(DSL.max(HOMEWORK.ON_DAY))
                .from(HOMEWORK)
                .where(HOMEWORK.GOLFER_ID.eq(golferId))
                .and(HOMEWORK.DONE.isNotNull())
                .fetchOne(0, String.class))
        .map(LocalDate::parse);
  }

  /** Keeps what is said about an item on a day, in the place of what was said before. */
  public void say(GolferFile file, Account by, Kept said) {
    ItemLog log = said.log();
    database.write(
        db -> {
          HomeworkRecord row = row(db, file, by, said.plan(), said.item(), log.on());
          row.setDone(log.done().id());
          row.setEffort(log.effort().orElse(null));
          row.setPain(log.pain().orElse(null));
          row.setGoodForm(log.goodForm() ? 1 : 0);
          row.setLeaned(log.leaned() ? 1 : 0);
          row.setWorseNextDay(log.worseNextDay() ? 1 : 0);
          row.setFelt(said.felt());
          row.setSeen(said.seen());
          return row.insert();
        });
  }

  /** Takes back what was said about an item on a day; the rows stay. */
  public void takeBack(GolferFile file, Account by, int plan, String item, LocalDate on) {
    database.write(db -> row(db, file, by, plan, item, on).insert());
  }

  private HomeworkRecord row(
      DSLContext db, GolferFile file, Account by, int plan, String item, LocalDate on) {
    var later = HOMEWORK.as("later");
    String before =
        db.select(HOMEWORK.ID)
            .from(HOMEWORK)
            .where(HOMEWORK.GOLFER_ID.eq(file.id()))
            .and(HOMEWORK.PLAN_NUMBER.eq(plan))
            .and(HOMEWORK.ITEM.eq(item))
            .and(HOMEWORK.ON_DAY.eq(on.toString()))
            .andNotExists(DSL.selectOne().from(later).where(later.SUPERSEDES.eq(HOMEWORK.ID)))
            .fetchAny(HOMEWORK.ID);
    HomeworkRecord row = db.newRecord(HOMEWORK);
    row.setId(Ids.fresh());
    row.setGolferId(file.id());
    row.setPlanNumber(plan);
    row.setItem(item);
    row.setOnDay(on.toString());
    row.setGoodForm(1);
    row.setLeaned(0);
    row.setWorseNextDay(0);
    row.setFelt("");
    row.setSeen("");
    row.setSupersedes(before);
    row.setNotedAt(Instant.now(clock).toString());
    row.setNotedBy(by.id());
    return row;
  }
}
