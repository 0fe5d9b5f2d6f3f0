package loosehip.app.store;

import static loosehip.app.store.GolferFile.EARLIER_AT_HAND;
import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.GOLFER;
import static loosehip.app.store.generated.Tables.HOMEWORK_NOW;
import static loosehip.app.store.generated.Tables.OBSERVATION;
import static loosehip.app.store.generated.Tables.PLAN_VERSION;
import static loosehip.app.store.generated.Tables.READING;
import static loosehip.app.store.generated.Tables.VISIT;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import loosehip.core.follow.AtHome;
import loosehip.core.follow.Done;
import loosehip.core.follow.ItemLog;
import loosehip.core.measure.Slot;
import loosehip.core.plan.BlockSpan;
import loosehip.core.plan.ItemId;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Reads a golfer's file as it stands now: rows that something supersedes are left out. */
@Repository
public class GolferFiles {
  /** The visit chosen to compare with is kept under this. */
  static final String BASELINE = "baseline";

  /** How many visits a golfer has, whatever the number of rows asked for. */
  private static final Field<Integer> VISITS = DSL.count().over().as("visits");

  private static final int FILES_AT_HAND = 60;
  private static final int PARTS_AT_HAND = FILES_AT_HAND * (2 + EARLIER_AT_HAND);
  private static final int MINUTES_AT_HAND = 20;

  private final Database database;
  private final Clock clock;

  /** Files as they stood after so many writes; after the next it is asked whether they still do. */
  private final Cache<Of, AtHand> atHand =
      Caffeine.newBuilder()
          .maximumSize(FILES_AT_HAND)
          .expireAfterAccess(MINUTES_AT_HAND, TimeUnit.MINUTES)
          .build();

  private final Kept<String, List<TakenTry>> triesOf = new Kept<>(PARTS_AT_HAND);
  private final Kept<String, Map<String, Noted>> factsOf = new Kept<>(PARTS_AT_HAND);
  private final Kept<String, GolferFile.EarlierVisit> visitsOf = new Kept<>(PARTS_AT_HAND);
  private final Kept<String, Map<String, Noted>> signsOf = new Kept<>(FILES_AT_HAND);
  private final Kept<String, Optional<GolferFile.PlanGiven>> planOf = new Kept<>(FILES_AT_HAND);

  private record Of(String practiceId, String golferId, int earlier) {}

  /**
   * @param stamp everything the data base said when it was asked how the file stands
   */
  private record AtHand(long writes, List<List<Object>> stamp, GolferFile file) {}

  GolferFiles(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** The file at the newest visit; empty when the practice has no such golfer. */
  public Optional<GolferFile> load(String practiceId, String golferId) {
    return load(practiceId, golferId, EARLIER_AT_HAND);
  }

  /** The same, perhaps without earlier visits: enough to write to, and quicker. */
  public Optional<GolferFile> loadToWrite(String practiceId, String golferId) {
    boolean whole = atHand.getIfPresent(new Of(practiceId, golferId, EARLIER_AT_HAND)) != null;
    return load(practiceId, golferId, whole ? EARLIER_AT_HAND : 0);
  }

  /** The file as the data base has it this moment, whatever is at hand. */
  public Optional<GolferFile> loadAnew(String practiceId, String golferId) {
    Of of = new Of(practiceId, golferId, EARLIER_AT_HAND);
    return asked(of, Optional.ofNullable(atHand.getIfPresent(of)));
  }

  private Optional<GolferFile> load(String practiceId, String golferId, int earlier) {
    Of of = new Of(practiceId, golferId, earlier);
    Optional<AtHand> known = Optional.ofNullable(atHand.getIfPresent(of));
    return known
        .filter(k -> k.writes() == database.writes())
        .map(AtHand::file)
        .or(() -> asked(of, known));
  }

  /** Moves on with every write: while it stands, whatever was worked out from files holds. */
  public long edition() {
    return database.writes();
  }

  /** Files at hand are let go, as when one of them is erased. */
  public void forget() {
    atHand.invalidateAll();
    triesOf.forget();
    factsOf.forget();
    visitsOf.forget();
    signsOf.forget();
    planOf.forget();
  }

  /** Asks how a file stands; where it stands as it did, the one at hand is it. */
  private Optional<GolferFile> asked(Of of, Optional<AtHand> known) {
    long writes = database.writes();
    DSLContext db = database.read();
    List<Record> visits = standing(db, of);
    if (visits.isEmpty()) {
      atHand.invalidate(of);
      return Optional.empty();
    }
    List<List<Object>> stamp = visits.stream().map(r -> Arrays.asList(r.intoArray())).toList();
    GolferFile file =
        known
            .filter(k -> k.stamp().equals(stamp))
            .map(AtHand::file)
            .filter(f -> f.earlier().size() < visits.size())
            .orElseGet(() -> read(db, visits, of.earlier() > 0));
    atHand.put(of, new AtHand(writes, stamp, file));
    return Optional.of(file);
  }

  /** The golfer with the newest visits, one a row, and the editions of all that is kept of them. */
  private static List<Record> standing(DSLContext db, Of of) {
    return db.select(
            GOLFER.ID,
            GOLFER.NAME,
            GOLFER.FACTS_EDITION,
            GOLFER.SIGNS_EDITION,
            GOLFER.PLAN_EDITION,
            VISIT.ID,
            VISIT.STARTED_AT,
            VISIT.CLOSED_AT,
            VISIT.FACTS_EDITION,
            VISIT.TRIES_EDITION,
            ACCOUNT.SHOWN_NAME,
            VISITS)
        .from(GOLFER)
        .join(VISIT)
        .on(VISIT.GOLFER_ID.eq(GOLFER.ID))
        .leftJoin(ACCOUNT)
        .on(ACCOUNT.ID.eq(VISIT.CLOSED_BY))
        .where(GOLFER.ID.eq(of.golferId()))
        .and(GOLFER.PRACTICE_ID.eq(of.practiceId()))
        .orderBy(VISIT.STARTED_AT.desc(), VISIT.NUMBER.desc())
        .limit(1 + of.earlier())
        .fetch(r -> r);
  }

  private GolferFile read(DSLContext db, List<Record> visits, boolean baseline) {
    Record visit = visits.get(0);
    String golfer = visit.get(GOLFER.ID);
    Map<String, Long> tryEditions = new LinkedHashMap<>();
    Map<String, Long> factEditions = new LinkedHashMap<>();
    factEditions.put(golfer, visit.get(GOLFER.FACTS_EDITION).longValue());
    for (Record each : visits) {
      tryEditions.put(each.get(VISIT.ID), each.get(VISIT.TRIES_EDITION).longValue());
      factEditions.put(each.get(VISIT.ID), each.get(VISIT.FACTS_EDITION).longValue());
    }
    Map<String, List<TakenTry>> tries =
        triesOf.all(tryEditions, ids -> FileRows.tries(db, ids), List.of());
    Map<String, Map<String, Noted>> facts =
        factsOf.all(factEditions, ids -> FileRows.facts(db, golfer, ids), Map.of());
    Map<String, Noted> now = new HashMap<>(facts.get(golfer));
    now.putAll(facts.get(visit.get(VISIT.ID)));
    List<GolferFile.EarlierVisit> earlier = new ArrayList<>();
    for (Record before : visits.subList(1, visits.size())) {
      String id = before.get(VISIT.ID);
      long both = (tryEditions.get(id) << Integer.SIZE) + factEditions.get(id);
      earlier.add(visitsOf.get(id, both, () -> earlier(before, facts, tries)));
    }
    Optional.ofNullable(now.get(BASELINE))
        .map(Noted::value)
        .filter(chosen -> baseline && !tries.containsKey(chosen))
        .flatMap(chosen -> visit(golfer, chosen))
        .ifPresent(earlier::add);
    return new GolferFile(
        golfer,
        visit.get(GOLFER.NAME),
        visit.get(VISIT.ID),
        visit.get(VISITS),
        day(visit.get(VISIT.STARTED_AT)),
        Visits.closed(visit),
        now,
        signsOf.get(
            golfer, visit.get(GOLFER.SIGNS_EDITION).longValue(), () -> FileRows.signs(db, golfer)),
        tries.get(visit.get(VISIT.ID)),
        earlier,
        planOf.get(golfer, visit.get(GOLFER.PLAN_EDITION).longValue(), () -> given(db, golfer)));
  }

  private Optional<GolferFile.PlanGiven> given(DSLContext db, String golferId) {
    return db.select(
            PLAN_VERSION.NUMBER,
            PLAN_VERSION.STARTS_ON,
            PLAN_VERSION.RETEST_ON,
            PLAN_VERSION.ITEMS,
            PLAN_VERSION.SESSION_DAYS,
            PLAN_VERSION.MADE_AT)
        .from(PLAN_VERSION)
        .where(PLAN_VERSION.GOLFER_ID.eq(golferId))
        .orderBy(PLAN_VERSION.NUMBER.desc())
        .limit(1)
        .fetchOptional(r -> given(db, golferId, r));
  }

  private GolferFile.PlanGiven given(DSLContext db, String golferId, Record r) {
    Map<ItemId, ItemLog> stopped =
        Homework.stopped(
            db, golferId, r.get(PLAN_VERSION.NUMBER), Instant.parse(r.get(PLAN_VERSION.MADE_AT)));
    Optional<LocalDate> logged = Homework.lastDay(db, golferId, HOMEWORK_NOW.DONE.isNotNull());
    return new GolferFile.PlanGiven(
        r.get(PLAN_VERSION.NUMBER),
        new BlockSpan(
            LocalDate.parse(r.get(PLAN_VERSION.STARTS_ON)),
            LocalDate.parse(r.get(PLAN_VERSION.RETEST_ON))),
        PlanVersions.items(r.get(PLAN_VERSION.ITEMS)),
        stopped,
        logged,
        AtHome.of(
            PlanVersions.days(r.get(PLAN_VERSION.SESSION_DAYS)),
            day(r.get(PLAN_VERSION.MADE_AT)),
            Homework.lastDay(db, golferId, HOMEWORK_NOW.DONE.ne(Done.UNDER.id())),
            logged,
            stopped.values().stream().map(ItemLog::on).max(LocalDate::compareTo)));
  }

  private GolferFile.EarlierVisit earlier(
      Record visit, Map<String, Map<String, Noted>> facts, Map<String, List<TakenTry>> tries) {
    String id = visit.get(VISIT.ID);
    return new GolferFile.EarlierVisit(
        id,
        day(visit.get(VISIT.STARTED_AT)),
        facts.getOrDefault(id, Map.of()),
        tries.getOrDefault(id, List.of()));
  }

  /** Any visit of a golfer, to be looked back at; empty when the golfer has no such visit. */
  public Optional<GolferFile.EarlierVisit> visit(String golferId, String visitId) {
    DSLContext db = database.read();
    return db.select(VISIT.asterisk())
        .from(VISIT)
        .where(VISIT.ID.eq(visitId))
        .and(VISIT.GOLFER_ID.eq(golferId))
        .fetchOptional()
        .map(
            v ->
                earlier(
                    v,
                    FileRows.facts(db, golferId, Set.of(visitId)),
                    FileRows.tries(db, Set.of(visitId))));
  }

  /**
   * Everything that ever happened to the tries of a slot at this visit, the oldest first.
   *
   * @param at when
   * @param by who
   * @param ordinal which try
   * @param value the number; empty when a word was told
   * @param word the word; empty when a number was read
   * @param voided whether it was put in voided
   * @param withdrawn whether it was taken back
   * @param corrects whether it took the place of an earlier row
   */
  public record TryEvent(
      Instant at,
      String by,
      int ordinal,
      Optional<Double> value,
      String word,
      boolean voided,
      boolean withdrawn,
      boolean corrects,
      boolean byPhone) {}

  /** The history of a slot at this visit. */
  public List<TryEvent> history(GolferFile file, Slot slot) {
    return database
        .read()
        .select(READING.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(READING)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(READING.TAKEN_BY))
        .where(READING.VISIT_ID.eq(file.visitId()))
        .and(READING.SLOT.eq(slot.key()))
        .orderBy(READING.TAKEN_AT, READING.ORDINAL)
        .fetch(
            r ->
                new TryEvent(
                    Instant.parse(r.get(READING.TAKEN_AT)),
                    r.get(ACCOUNT.SHOWN_NAME),
                    r.get(READING.ORDINAL),
                    Optional.ofNullable(r.get(READING.VALUE)),
                    Optional.ofNullable(r.get(READING.WORD)).orElse(""),
                    r.get(READING.VOIDED) == 1,
                    r.get(READING.WITHDRAWN) == 1,
                    r.get(READING.SUPERSEDES) != null,
                    TrySets.byPhone(r.get(READING.SUBMIT_KEY))));
  }

  /** Every value a fact of the golfer ever had, the newest first; taken back is empty. */
  public List<Noted> factHistory(GolferFile file, String topic) {
    return database
        .read()
        .select(OBSERVATION.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(OBSERVATION)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(OBSERVATION.NOTED_BY))
        .where(OBSERVATION.GOLFER_ID.eq(file.id()))
        .and(OBSERVATION.TOPIC.eq(topic))
        .orderBy(OBSERVATION.NOTED_AT.desc())
        .fetch(
            r ->
                new Noted(
                    r.get(OBSERVATION.ID),
                    Optional.ofNullable(r.get(OBSERVATION.VALUE)).orElse(""),
                    Instant.parse(r.get(OBSERVATION.NOTED_AT)),
                    r.get(ACCOUNT.SHOWN_NAME)));
  }

  /** The newest thing somebody else wrote at this visit, if anything: who and when. */
  public Optional<Golfers.LastAccess> newestByOthers(GolferFile file, String accountId) {
    return database
        .read()
        .select(READING.TAKEN_AT, ACCOUNT.SHOWN_NAME)
        .from(READING)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(READING.TAKEN_BY))
        .where(READING.VISIT_ID.eq(file.visitId()))
        .and(READING.TAKEN_BY.ne(accountId))
        .unionAll(
            DSL.select(OBSERVATION.NOTED_AT, ACCOUNT.SHOWN_NAME)
                .from(OBSERVATION)
                .join(ACCOUNT)
                .on(ACCOUNT.ID.eq(OBSERVATION.NOTED_BY))
                .where(OBSERVATION.GOLFER_ID.eq(file.id()))
                .and(OBSERVATION.NOTED_BY.ne(accountId)))
        .orderBy(DSL.inline(1).desc())
        .limit(1)
        .fetchOptional(r -> new Golfers.LastAccess(Instant.parse(r.value1()), r.value2()));
  }

  private LocalDate day(String at) {
    return LocalDate.ofInstant(Instant.parse(at), clock.getZone());
  }
}
