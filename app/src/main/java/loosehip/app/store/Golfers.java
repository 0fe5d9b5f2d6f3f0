package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.GLANCE;
import static loosehip.app.store.generated.Tables.GOLFER;
import static loosehip.app.store.generated.Tables.OBSERVATION_NOW;

import java.text.Normalizer;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import loosehip.core.body.Handed;
import loosehip.core.follow.AtHome;
import loosehip.core.follow.TodayGroup;
import loosehip.core.named.Named;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The golfers of a practice, as lists show them. */
@Repository
public class Golfers {
  /** Nobody has more words in a name; what is typed beyond is not looked at. */
  private static final int WORDS_LOOKED_AT = 12;

  private static final int FOUND_AT_MOST = 12;
  private static final int PRACTICES_AT_HAND = 20;

  private final Database database;
  private final Clock clock;

  /** Glances by golfer, in the order of names; also what keeps them and the data base in step. */
  private final Kept<String, Map<String, Glance>> atHand = new Kept<>(PRACTICES_AT_HAND);

  Golfers(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** Kept in the place of a hand that nobody said. */
  private static final String HAND_UNKNOWN = "";

  /** Every golfer of the practice at a glance, by name. */
  public List<Glance> all(String practiceId) {
    synchronized (atHand) {
      return List.copyOf(
          atHand.get(practiceId, database::practiceWrites, () -> read(practiceId)).values());
    }
  }

  private Map<String, Glance> read(String practiceId) {
    Map<String, Glance> all = new LinkedHashMap<>();
    select(GOLFER.PRACTICE_ID.eq(practiceId), Integer.MAX_VALUE)
        .forEach(glance -> all.put(glance.golferId(), glance));
    return all;
  }

  /** Golfers whose name holds all the words typed, accents and case aside. */
  public List<Glance> find(String practiceId, String typed) {
    Condition match = GOLFER.PRACTICE_ID.eq(practiceId);
    for (String word : Arrays.stream(key(typed).split(" ")).limit(WORDS_LOOKED_AT).toList()) {
      match = match.and(GOLFER.NAME_KEY.contains(word));
    }
    return select(match, FOUND_AT_MOST);
  }

  private List<Glance> select(Condition condition, int limit) {
    return database
        .read()
        .select(GOLFER.ID, GOLFER.NAME, GLANCE.asterisk())
        .from(GOLFER)
        .join(GLANCE)
        .on(GLANCE.GOLFER_ID.eq(GOLFER.ID))
        .where(condition)
        .orderBy(GOLFER.NAME_KEY)
        .limit(limit)
        .fetch(Golfers::glance);
  }

  private static Glance glance(Record r) {
    return new Glance(
        r.get(GOLFER.ID),
        r.get(GOLFER.NAME),
        Named.parse(Handed.class, r.get(GLANCE.HANDED)),
        Optional.ofNullable(r.get(GLANCE.BIRTH_YEAR)),
        number(r.get(GLANCE.TRAIL_INTERNAL)),
        number(r.get(GLANCE.TRAIL_EXTERNAL)),
        number(r.get(GLANCE.LEAD_INTERNAL)),
        number(r.get(GLANCE.LEAD_EXTERNAL)),
        Named.parse(TodayGroup.class, r.get(GLANCE.STANDING)).orElse(TodayGroup.QUIET),
        r.get(GLANCE.WORDS),
        LocalDate.parse(r.get(GLANCE.SEEN_ON)),
        day(r.get(GLANCE.DUE_ON)),
        new AtHome(
            day(r.get(GLANCE.STOPPED_ON)),
            day(r.get(GLANCE.MISSED_FROM)),
            day(r.get(GLANCE.SILENT_FROM))));
  }

  private static Optional<LocalDate> day(@Nullable String kept) {
    return Optional.ofNullable(kept).map(LocalDate::parse);
  }

  private static @Nullable String kept(Optional<LocalDate> day) {
    return day.map(LocalDate::toString).orElse(null);
  }

  private static Optional<Double> number(@Nullable Double value) {
    return Optional.ofNullable(value);
  }

  /** The newest clearance of each warning sign ever cleared in a practice, by golfer and topic. */
  public Map<String, Map<String, String>> clearances(String practiceId) {
    Map<String, Map<String, String>> newest = new HashMap<>();
    database
        .read()
        .select(OBSERVATION_NOW.GOLFER_ID, OBSERVATION_NOW.TOPIC, OBSERVATION_NOW.VALUE)
        .from(OBSERVATION_NOW)
        .join(GOLFER)
        .on(GOLFER.ID.eq(OBSERVATION_NOW.GOLFER_ID))
        .where(GOLFER.PRACTICE_ID.eq(practiceId))
        .and(OBSERVATION_NOW.TOPIC.ge(DSL.inline("cleared-warning.")))
        .and(OBSERVATION_NOW.TOPIC.lt(DSL.inline("cleared-warning/")))
        .orderBy(OBSERVATION_NOW.NOTED_AT)
        .forEach(
            r ->
                newest
                    .computeIfAbsent(r.value1(), g -> new HashMap<>())
                    .put(r.value2(), r.value3()));
    return newest;
  }

  /** Adds a golfer with a first visit; the name is not blank. */
  public String add(Account by, String name) {
    return add(by, name, LocalDate.now(clock));
  }

  /** Adds a golfer whose first visit was on this day. */
  public String add(Account by, String name, LocalDate on) {
    return database.write(db -> add(db, by, name, on, Instant.now(clock)).golferId());
  }

  /** Adds a golfer with a first visit. */
  static Journal.At add(DSLContext db, Account by, String name, LocalDate on, Instant now) {
    String id = Ids.fresh();
    db.insertInto(GOLFER)
        .set(GOLFER.ID, id)
        .set(GOLFER.PRACTICE_ID, by.practiceId())
        .set(GOLFER.NAME, name)
        .set(GOLFER.NAME_KEY, key(name))
        .set(GOLFER.CREATED_AT, now.toString())
        .execute();
    String visit = Visits.add(db, id, on);
    db.insertInto(GLANCE)
        .set(GLANCE.GOLFER_ID, id)
        .set(GLANCE.HANDED, HAND_UNKNOWN)
        .set(GLANCE.STANDING, "bench")
        .set(GLANCE.WORDS, "new: start with the talk")
        .set(GLANCE.SEEN_ON, on.toString())
        .execute();
    return new Journal.At(id, visit);
  }

  /** Gives a golfer another name. */
  public void rename(GolferFile file, String name) {
    database.write(
        db ->
            db.update(GOLFER)
                .set(GOLFER.NAME, name)
                .set(GOLFER.NAME_KEY, key(name))
                .where(GOLFER.ID.eq(file.id()))
                .execute());
  }

  /** Remembers who looked at a golfer's data, and when; a full disk keeps nobody from looking. */
  public void opened(String golferId, Account by) {
    database.writeIfRoom(
        db ->
            db.update(GOLFER)
                .set(GOLFER.OPENED_AT, Instant.now(clock).toString())
                .set(GOLFER.OPENED_BY, by.id())
                .where(GOLFER.ID.eq(golferId))
                .execute());
  }

  /** Who last looked at a golfer's data, and when. */
  public Optional<LastAccess> lastAccess(String golferId) {
    return database
        .read()
        .select(GOLFER.OPENED_AT, ACCOUNT.SHOWN_NAME)
        .from(GOLFER)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(GOLFER.OPENED_BY))
        .where(GOLFER.ID.eq(golferId))
        .fetchOptional(
            r -> new LastAccess(Instant.parse(r.get(GOLFER.OPENED_AT)), r.get(ACCOUNT.SHOWN_NAME)));
  }

  /** Who looked, and when. */
  public record LastAccess(Instant at, String by) {}

  /**
   * Golfers of the practice of whom something was written since their glance was, with how many
   * writes that were.
   */
  public Map<String, Integer> behind(String practiceId) {
    return database
        .read()
        .select(GLANCE.GOLFER_ID, GLANCE.BEHIND)
        .from(GLANCE)
        .join(GOLFER)
        .on(GOLFER.ID.eq(GLANCE.GOLFER_ID))
        .where(GLANCE.BEHIND.gt(DSL.inline(0)))
        .and(GOLFER.PRACTICE_ID.eq(practiceId))
        .fetchMap(GLANCE.GOLFER_ID, GLANCE.BEHIND);
  }

  /**
   * Writes what lists show of a golfer.
   *
   * @param behind how many writes this glance has seen; with more, it stays behind
   */
  public void show(String practiceId, Glance glance, int behind) {
    synchronized (atHand) {
      write(glance, behind);
      atHand
          .at(practiceId, database.practiceWrites())
          .ifPresent(all -> all.replace(glance.golferId(), glance));
    }
  }

  private void write(Glance glance, int behind) {
    database.writeIfRoom(
        db ->
            db.update(GLANCE)
                .set(GLANCE.HANDED, glance.handed().map(Handed::id).orElse(HAND_UNKNOWN))
                .set(GLANCE.BIRTH_YEAR, glance.birthYear().orElse(null))
                .set(GLANCE.TRAIL_INTERNAL, real(glance.trailInternal()))
                .set(GLANCE.TRAIL_EXTERNAL, real(glance.trailExternal()))
                .set(GLANCE.LEAD_INTERNAL, real(glance.leadInternal()))
                .set(GLANCE.LEAD_EXTERNAL, real(glance.leadExternal()))
                .set(GLANCE.STANDING, glance.group().id())
                .set(GLANCE.WORDS, glance.words())
                .set(GLANCE.SEEN_ON, glance.seenOn().toString())
                .set(GLANCE.DUE_ON, kept(glance.dueOn()))
                .set(GLANCE.STOPPED_ON, kept(glance.home().stoppedOn()))
                .set(GLANCE.MISSED_FROM, kept(glance.home().missedFrom()))
                .set(GLANCE.SILENT_FROM, kept(glance.home().silentFrom()))
                .set(GLANCE.BEHIND, DSL.when(GLANCE.BEHIND.eq(behind), 0).otherwise(GLANCE.BEHIND))
                .where(GLANCE.GOLFER_ID.eq(glance.golferId()))
                .execute());
  }

  private static @Nullable Double real(Optional<Double> value) {
    return value.orElse(null);
  }

  /**
   * Erases a golfer with everything kept about them; no byte of it is left in the file afterwards.
   *
   * @return whether that is so already; otherwise it will be from the next start on
   */
  public boolean erase(GolferFile file) {
    database.write(db -> erase(db, file));
    return database.forgetDeleted();
  }

  static int erase(DSLContext db, GolferFile file) {
    Remains.mark(db);
    ReadingFiles.forget(db, file);
    ColumnMeanings.forget(db, file);
    return db.deleteFrom(GOLFER).where(GOLFER.ID.eq(file.id())).execute();
  }

  /** A name without accents and capitals, for finding. */
  static String key(String name) {
    return Normalizer.normalize(name.strip(), Normalizer.Form.NFD)
        .replaceAll("\\p{M}+", "")
        .replaceAll("\\s+", " ")
        .toLowerCase(Locale.ROOT);
  }
}
