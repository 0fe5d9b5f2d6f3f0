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

  /** The last day something is said about, whatever the version; empty when nothing is. */
  static Optional<LocalDate> lastDay(DSLContext db, String golferId) {
    var later = HOMEWORK.as("later");
    return Optional.ofNullable(
            db.select(DSL.max(HOMEWORK.ON_DAY))
                .from(HOMEWORK)
                .where(HOMEWORK.GOLFER_ID.eq(golferId))
                .and(HOMEWORK.DONE.isNotNull())
                .andNotExists(DSL.selectOne().from(later).where(later.SUPERSEDES.eq(HOMEWORK.ID)))
                .fetchOne(0, String.class))
        .map(LocalDate::parse);
  }

  /**
   * Keeps what is said about items, in the place of what was said before; one step, taken back at
   * once.
   *
   * @param label what undo calls it
   */
  public void say(GolferFile file, Account by, List<Kept> said, String label) {
    database.write(
        db -> {
          String together = Ids.fresh();
          for (Kept each : said) {
            ItemLog log = each.log();
            HomeworkRecord row =
                row(db, file.id(), by, together, new About(each.plan(), each.item(), log.on()));
            row.setDone(log.done().id());
            row.setEffort(log.effort().orElse(null));
            row.setPain(log.pain().orElse(null));
            row.setGoodForm(log.goodForm() ? 1 : 0);
            row.setLeaned(log.leaned() ? 1 : 0);
            row.setWorseNextDay(log.worseNextDay() ? 1 : 0);
            row.setFelt(each.felt());
            row.setSeen(each.seen());
            row.insert();
          }
          Steps.add(db, file.id(), Steps.Kind.HOMEWORK, together, label, "follow", clock.instant());
          return said.size();
        });
  }

  /** Takes back what was said about an item on a day; the rows stay. */
  public void takeBack(
      GolferFile file, Account by, int plan, String item, LocalDate on, String label) {
    database.write(
        db -> {
          String together = Ids.fresh();
          row(db, file.id(), by, together, new About(plan, item, on)).insert();
          Steps.add(db, file.id(), Steps.Kind.HOMEWORK, together, label, "follow", clock.instant());
          return null;
        });
  }

  /** Puts everything said in one step back to what was said before it. */
  static void undo(DSLContext db, String together, Account by, Instant at) {
    for (HomeworkRecord row : db.fetch(HOMEWORK, HOMEWORK.SAID_WITH.eq(together))) {
      HomeworkRecord before =
          row.getSupersedes() == null
              ? null
              : db.fetchOne(HOMEWORK, HOMEWORK.ID.eq(row.getSupersedes()));
      HomeworkRecord back = (before == null ? row : before).copy();
      if (before == null) {
        back.setDone(null);
      }
      back.setId(Ids.fresh());
      back.setSaidWith(Ids.fresh());
      back.setSupersedes(
          newest(db, row.getGolferId(), new About(row.getPlanNumber(), row.getItem(), on(row)))
              .orElse(null));
      back.setNotedAt(at.toString());
      back.setNotedBy(by.id());
      back.insert();
    }
  }

  private static LocalDate on(HomeworkRecord row) {
    return LocalDate.parse(row.getOnDay());
  }

  /** What a row is about. */
  private record About(int plan, String item, LocalDate on) {}

  private static Optional<String> newest(DSLContext db, String golferId, About about) {
    var later = HOMEWORK.as("later");
    return db.select(HOMEWORK.ID)
        .from(HOMEWORK)
        .where(HOMEWORK.GOLFER_ID.eq(golferId))
        .and(HOMEWORK.PLAN_NUMBER.eq(about.plan()))
        .and(HOMEWORK.ITEM.eq(about.item()))
        .and(HOMEWORK.ON_DAY.eq(about.on().toString()))
        .andNotExists(DSL.selectOne().from(later).where(later.SUPERSEDES.eq(HOMEWORK.ID)))
        .fetchOptional(HOMEWORK.ID);
  }

  private HomeworkRecord row(
      DSLContext db, String golferId, Account by, String together, About about) {
    HomeworkRecord row = db.newRecord(HOMEWORK);
    row.setId(Ids.fresh());
    row.setGolferId(golferId);
    row.setPlanNumber(about.plan());
    row.setItem(about.item());
    row.setOnDay(about.on().toString());
    row.setGoodForm(1);
    row.setLeaned(0);
    row.setWorseNextDay(0);
    row.setFelt("");
    row.setSeen("");
    row.setSaidWith(together);
    row.setSupersedes(newest(db, golferId, about).orElse(null));
    row.setNotedAt(Instant.now(clock).toString());
    row.setNotedBy(by.id());
    return row;
  }
}
