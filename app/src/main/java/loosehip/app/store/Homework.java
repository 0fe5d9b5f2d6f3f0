package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.HOMEWORK;
import static loosehip.app.store.generated.Tables.HOMEWORK_NEWEST;
import static loosehip.app.store.generated.Tables.HOMEWORK_NOW;
import static loosehip.app.store.generated.Tables.PHONE_ENTRY;

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
import loosehip.core.follow.Skip;
import loosehip.core.named.Named;
import loosehip.core.plan.ItemId;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** What golfers did of the plans given to them. A log stays with the version it was made under. */
@Repository
public class Homework {
  static final Lineage<HomeworkRecord> LINEAGE =
      new Lineage<>(HOMEWORK, HOMEWORK.ID, HOMEWORK.SUPERSEDES);

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
   * @param words what was said beside it
   * @param by who put it in
   */
  public record Said(int plan, ItemId item, ItemLog log, Words words, String by) {
    /** How it felt, in the golfer's words; may be empty. */
    public String felt() {
      return words.felt();
    }

    /** What the trainer or the camera saw; may be empty. */
    public String seen() {
      return words.seen();
    }

    /** Whether it says anything of the rung: what was passed over for want of time does not. */
    public boolean saysOfRung() {
      return words.skipped().filter(s -> !s.tooMuch()).isEmpty();
    }
  }

  /**
   * What was said beside how much was done.
   *
   * @param felt how it felt, in the golfer's words; may be empty
   * @param seen what the trainer or the camera saw; may be empty
   * @param site where it hurt; may be empty
   * @param skipped why it was passed over; empty when it was not
   * @param byPhone whether the golfer's own phone said so
   */
  public record Words(
      String felt, String seen, String site, Optional<Skip> skipped, boolean byPhone) {
    /** Nothing beside it. */
    public static final Words NONE = new Words("", "", "", Optional.empty(), false);

    /** How it felt beside what was seen. */
    public static Words of(String felt, String seen) {
      return new Words(felt, seen, "", Optional.empty(), false);
    }

    /** The same of something done after all. */
    public Words notSkipped() {
      return new Words(felt, seen, site, Optional.empty(), byPhone);
    }

    /** The same with where it hurt. */
    public Words at(String where) {
      return new Words(felt, seen, where, skipped, byPhone);
    }

    /** This with what was said later; nothing said later makes an earlier word disappear. */
    Words then(Words later) {
      return new Words(
          either(later.felt, felt),
          either(later.seen, seen),
          either(later.site, site),
          later.skipped,
          byPhone || later.byPhone);
    }

    private static String either(String one, String other) {
      return one.isEmpty() ? other : one;
    }
  }

  /** Everything in force of a golfer, the oldest day first. */
  public List<Said> of(String golferId) {
    return inForce(database.read(), HOMEWORK_NOW.GOLFER_ID.eq(golferId));
  }

  private static List<Said> inForce(DSLContext db, Condition which) {
    return db.select(HOMEWORK_NOW.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(HOMEWORK_NOW)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(HOMEWORK_NOW.NOTED_BY))
        .where(which)
        .orderBy(HOMEWORK_NOW.ON_DAY, HOMEWORK_NOW.NOTED_AT)
        .fetch(Homework::kept);
  }

  private static Said kept(Record r) {
    return new Said(
        r.get(HOMEWORK_NOW.PLAN_NUMBER),
        ItemId.of(r.get(HOMEWORK_NOW.ITEM)),
        new ItemLog(
            LocalDate.parse(r.get(HOMEWORK_NOW.ON_DAY)),
            Named.parse(Done.class, r.get(HOMEWORK_NOW.DONE)).orElseThrow(),
            Optional.ofNullable(r.get(HOMEWORK_NOW.EFFORT)),
            Optional.ofNullable(r.get(HOMEWORK_NOW.PAIN)),
            r.get(HOMEWORK_NOW.GOOD_FORM) == 1,
            r.get(HOMEWORK_NOW.LEANED) == 1,
            r.get(HOMEWORK_NOW.WORSE_NEXT_DAY) == 1),
        new Words(
            r.get(HOMEWORK_NOW.FELT),
            r.get(HOMEWORK_NOW.SEEN),
            r.get(HOMEWORK_NOW.SITE),
            Named.parse(Skip.class, r.get(HOMEWORK_NOW.SKIPPED)),
            r.get(HOMEWORK_NOW.BY_PHONE) == 1),
        r.get(ACCOUNT.SHOWN_NAME));
  }

  /**
   * What the log has stopped and no later version has settled, each with what stopped it: said of
   * this version, or said after it was given of one before it, as by a phone that was out of reach.
   *
   * @param given when the version was given
   */
  static Map<ItemId, ItemLog> stopped(DSLContext db, String golferId, int plan, Instant given) {
    Map<ItemId, ItemLog> stopped = new LinkedHashMap<>();
    db.select(HOMEWORK_NOW.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(HOMEWORK_NOW)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(HOMEWORK_NOW.NOTED_BY))
        .where(HOMEWORK_NOW.GOLFER_ID.eq(golferId))
        .orderBy(HOMEWORK_NOW.ON_DAY, HOMEWORK_NOW.NOTED_AT)
        .forEach(
            r -> {
              Said said = kept(r);
              boolean unsettled =
                  said.plan() == plan || Instant.parse(r.get(HOMEWORK_NOW.NOTED_AT)).isAfter(given);
              if (unsettled && said.log().stops()) {
                stopped.put(said.item(), said.log());
              }
            });
    return stopped;
  }

  /** The last day something of this kind is said about, whatever the version. */
  static Optional<LocalDate> lastDay(DSLContext db, String golferId, Condition which) {
    return Optional.ofNullable(
            db.select(DSL.max(HOMEWORK_NOW.ON_DAY))
                .from(HOMEWORK_NOW)
                .where(HOMEWORK_NOW.GOLFER_ID.eq(golferId))
                .and(which)
                .fetchOne(0, String.class))
        .map(LocalDate::parse);
  }

  /**
   * Keeps what is said about items, in the place of what was said before; one step, taken back at
   * once.
   *
   * @param label what undo calls it
   */
  public void say(GolferFile file, Account by, List<Said> said, String label) {
    say(file, by, said, label, Seen.ANYTHING);
  }

  /**
   * Keeps what is said about items, in the place of what was said before it; one step.
   *
   * @throws Clash when it would cover what somebody else said and this one could not see
   */
  public void say(GolferFile file, Account by, List<Said> said, String label, Seen seen) {
    database.record(
        db -> {
          for (Said each : said) {
            About about = new About(each.plan(), each.item(), each.log().on());
            covers(db, file.id(), by, about, seen, Optional.of(told(each.log())));
          }
          String together = Ids.fresh();
          for (Said each : said) {
            insert(db, file.id(), by, together, each);
          }
          Steps.add(
              db,
              file.id(),
              Steps.Kind.HOMEWORK,
              together,
              label,
              "follow",
              by.id(),
              clock.instant());
          return said.size();
        });
  }

  private void insert(DSLContext db, String golferId, Account by, String together, Said said) {
    ItemLog log = said.log();
    HomeworkRecord row =
        row(db, golferId, by, together, new About(said.plan(), said.item(), log.on()));
    row.setDone(log.done().id());
    row.setEffort(log.effort().orElse(null));
    row.setPain(log.pain().orElse(null));
    row.setGoodForm(log.goodForm() ? 1 : 0);
    row.setLeaned(log.leaned() ? 1 : 0);
    row.setWorseNextDay(log.worseNextDay() ? 1 : 0);
    row.setFelt(said.words().felt());
    row.setSeen(said.words().seen());
    row.setSite(said.words().site());
    row.setSkipped(said.words().skipped().map(Skip::id).orElse(null));
    row.setByPhone(said.words().byPhone() ? 1 : 0);
    row.insert();
  }

  /**
   * Keeps what a golfer's phone sent. Each entry counts once, however often it is sent; what stands
   * already is gone on from, so that two phones of one golfer do not take pain away from each
   * other. It is no step of the trainer's that undo would take back.
   *
   * @param sent what was said, by the key the phone gave it, in order
   * @return how many were new
   */
  public int take(String golferId, Account by, Map<String, Said> sent) {
    return database.record(
        db -> {
          int fresh = 0;
          String together = Ids.fresh();
          for (Map.Entry<String, Said> each : sent.entrySet()) {
            boolean first =
                db.insertInto(PHONE_ENTRY)
                        .set(PHONE_ENTRY.GOLFER_ID, golferId)
                        .set(PHONE_ENTRY.ENTRY_KEY, each.getKey())
                        .set(PHONE_ENTRY.GOT_AT, clock.instant().toString())
                        .onConflictDoNothing()
                        .execute()
                    == 1;
            if (first) {
              insert(db, golferId, by, together, goneOn(db, golferId, each.getValue()));
              fresh++;
            }
          }
          return fresh;
        });
  }

  private static Said goneOn(DSLContext db, String golferId, Said said) {
    return inForce(
            db,
            HOMEWORK_NOW
                .GOLFER_ID
                .eq(golferId)
                .and(HOMEWORK_NOW.PLAN_NUMBER.eq(said.plan()))
                .and(HOMEWORK_NOW.ITEM.eq(said.item().id()))
                .and(HOMEWORK_NOW.ON_DAY.eq(said.log().on().toString())))
        .stream()
        .findFirst()
        .map(
            before ->
                new Said(
                    said.plan(),
                    said.item(),
                    before.log().then(said.log()),
                    before.words().then(said.words()),
                    said.by()))
        .orElse(said);
  }

  /** Takes back what was said about an item on a day; the rows stay. */
  public void takeBack(
      GolferFile file, Account by, int plan, ItemId item, LocalDate on, String label, Seen seen) {
    database.record(
        db -> {
          covers(db, file.id(), by, new About(plan, item, on), seen, Optional.empty());
          String together = Ids.fresh();
          row(db, file.id(), by, together, new About(plan, item, on)).insert();
          Steps.add(
              db,
              file.id(),
              Steps.Kind.HOMEWORK,
              together,
              label,
              "follow",
              by.id(),
              clock.instant());
          return null;
        });
  }

  /** Puts everything said in one step back to what was said before it. */
  static void undo(DSLContext db, String together, Account by, Instant at) {
    for (HomeworkRecord row : db.fetch(HOMEWORK, HOMEWORK.SAID_WITH.eq(together))) {
      LINEAGE.takeBack(
          db,
          row,
          back -> back.setDone(null),
          back -> {
            back.setSaidWith(Ids.fresh());
            back.setNotedAt(at.toString());
            back.setNotedBy(by.id());
          });
    }
  }

  private static void covers(
      DSLContext db, String golferId, Account by, About about, Seen seen, Optional<String> mine) {
    Optional<HomeworkRecord> old =
        newest(db, golferId, about).map(id -> db.fetchSingle(HOMEWORK, HOMEWORK.ID.eq(id)));
    if (old.filter(o -> seen.missed(o.getId(), o.getNotedBy(), o.getNotedAt(), by)).isPresent()) {
      Optional<String> theirs =
          inForce(db, HOMEWORK_NOW.ID.eq(old.get().getId())).stream()
              .findFirst()
              .map(s -> told(s.log()));
      if (!theirs.equals(mine)) {
        throw new Clash(
            new Clash.Both(
                about.item().id(),
                old.get().getId(),
                Accounts.shownName(db, old.get().getNotedBy()),
                Instant.parse(old.get().getNotedAt()),
                theirs,
                mine));
      }
    }
  }

  /** What was said, as somebody reads it who has to choose. */
  private static String told(ItemLog log) {
    String much =
        switch (log.done()) {
          case TOP -> "all of it";
          case BETWEEN -> "part of it";
          case UNDER -> "less than asked";
        };
    return much
        + log.effort().map(e -> ", effort " + e).orElse("")
        + log.pain().map(p -> ", pain " + p).orElse("")
        + (log.goodForm() ? "" : ", form lost")
        + (log.leaned() ? ", leaned" : "")
        + (log.worseNextDay() ? ", worse the day after" : "");
  }

  /** What a row is about. */
  private record About(int plan, ItemId item, LocalDate on) {}

  private static Optional<String> newest(DSLContext db, String golferId, About about) {
    return db.select(HOMEWORK_NEWEST.ID)
        .from(HOMEWORK_NEWEST)
        .where(HOMEWORK_NEWEST.GOLFER_ID.eq(golferId))
        .and(HOMEWORK_NEWEST.PLAN_NUMBER.eq(about.plan()))
        .and(HOMEWORK_NEWEST.ITEM.eq(about.item().id()))
        .and(HOMEWORK_NEWEST.ON_DAY.eq(about.on().toString()))
        .fetchOptional(HOMEWORK_NEWEST.ID);
  }

  private HomeworkRecord row(
      DSLContext db, String golferId, Account by, String together, About about) {
    HomeworkRecord row = db.newRecord(HOMEWORK);
    row.setId(Ids.fresh());
    row.setGolferId(golferId);
    row.setPlanNumber(about.plan());
    row.setItem(about.item().id());
    row.setOnDay(about.on().toString());
    row.setGoodForm(1);
    row.setLeaned(0);
    row.setWorseNextDay(0);
    row.setFelt("");
    row.setSeen("");
    row.setSite("");
    row.setByPhone(0);
    row.setSaidWith(together);
    row.setSupersedes(newest(db, golferId, about).orElse(null));
    row.setNotedAt(Instant.now(clock).toString());
    row.setNotedBy(by.id());
    return row;
  }
}
