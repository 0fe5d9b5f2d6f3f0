package loosehip.app.store;

import static loosehip.app.store.GolferFile.EARLIER_AT_HAND;
import static loosehip.app.store.generated.Tables.ACCOUNT;
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
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.store.generated.tables.records.GolferRecord;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Slot;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.SelectLimitStep;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Reads a golfer's file as it stands now: rows that something supersedes are left out. */
@Repository
public class GolferFiles {
  private final Database database;
  private final Clock clock;

  GolferFiles(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** The file at the newest visit; empty when the practice has no such golfer. */
  public Optional<GolferFile> load(String practiceId, String golferId) {
    return load(practiceId, golferId, EARLIER_AT_HAND);
  }

  /** The same without earlier visits: enough to write to, and quicker. */
  public Optional<GolferFile> loadToWrite(String practiceId, String golferId) {
    return load(practiceId, golferId, 0);
  }

  private Optional<GolferFile> load(String practiceId, String golferId, int earlier) {
    DSLContext db = database.read();
    return db.selectFrom(GOLFER)
        .where(GOLFER.ID.eq(golferId))
        .and(GOLFER.PRACTICE_ID.eq(practiceId))
        .fetchOptional()
        .map(golfer -> at(db, golfer, earlier));
  }

  private GolferFile at(DSLContext db, GolferRecord golfer, int atHand) {
    List<Record> visits = visits(db, golfer.getId()).limit(1 + atHand).fetch(r -> r);
    List<String> ids = visits.stream().map(v -> v.get(VISIT.ID)).toList();
    Map<String, List<TakenTry>> tries = tries(db, ids);
    Map<String, Map<String, Noted>> facts = facts(db, golfer.getId(), ids);
    Record visit = visits.get(0);
    Map<String, Noted> now = new HashMap<>(facts.getOrDefault("", Map.of()));
    now.putAll(facts.getOrDefault(ids.get(0), Map.of()));
    List<GolferFile.EarlierVisit> earlier =
        new ArrayList<>(visits.stream().skip(1).map(v -> earlier(v, facts, tries)).toList());
    Optional.ofNullable(now.get("baseline"))
        .map(Noted::value)
        .filter(chosen -> atHand > 0 && !ids.contains(chosen))
        .flatMap(chosen -> visit(golfer.getId(), chosen))
        .ifPresent(earlier::add);
    return new GolferFile(
        golfer.getId(),
        golfer.getName(),
        ids.get(0),
        db.fetchCount(VISIT, VISIT.GOLFER_ID.eq(golfer.getId())),
        day(visit.get(VISIT.STARTED_AT)),
        Visits.closed(visit),
        now,
        tries.getOrDefault(ids.get(0), List.of()),
        lastStep(db, golfer.getId()),
        earlier,
        given(db, golfer.getId()));
  }

  private static Optional<GolferFile.PlanGiven> given(DSLContext db, String golferId) {
    return db.select(
            PLAN_VERSION.NUMBER, PLAN_VERSION.STARTS_ON, PLAN_VERSION.RETEST_ON, PLAN_VERSION.ITEMS)
        .from(PLAN_VERSION)
        .where(PLAN_VERSION.GOLFER_ID.eq(golferId))
        .orderBy(PLAN_VERSION.NUMBER.desc())
        .limit(1)
        .fetchOptional(
            r ->
                new GolferFile.PlanGiven(
                    r.get(PLAN_VERSION.NUMBER),
                    LocalDate.parse(r.get(PLAN_VERSION.STARTS_ON)),
                    LocalDate.parse(r.get(PLAN_VERSION.RETEST_ON)),
                    List.of(r.get(PLAN_VERSION.ITEMS).split(" ")),
                    Homework.stopped(db, golferId, r.get(PLAN_VERSION.NUMBER)),
                    Homework.lastDay(db, golferId)));
  }

  private static SelectLimitStep<? extends Record> visits(DSLContext db, String golferId) {
    return db.select(VISIT.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(VISIT)
        .leftJoin(ACCOUNT)
        .on(ACCOUNT.ID.eq(VISIT.CLOSED_BY))
        .where(VISIT.GOLFER_ID.eq(golferId))
        .orderBy(VISIT.STARTED_AT.desc(), VISIT.NUMBER.desc());
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
        .map(v -> earlier(v, facts(db, golferId, List.of(visitId)), tries(db, List.of(visitId))));
  }

  /**
   * Everything that ever happened to the tries of a slot at this visit, the oldest first.
   *
   * @param at when
   * @param by who
   * @param ordinal which try
   * @param said the number or word
   * @param voided whether it was put in voided
   * @param withdrawn whether it was taken back
   * @param corrects whether it took the place of an earlier row
   */
  public record TryEvent(
      Instant at,
      String by,
      int ordinal,
      String said,
      boolean voided,
      boolean withdrawn,
      boolean corrects) {}

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
                    Optional.ofNullable(r.get(READING.VALUE))
                        .map(String::valueOf)
                        .map(v -> v.replaceFirst("\\.0$", ""))
                        .or(() -> Optional.ofNullable(r.get(READING.WORD)))
                        .orElse(""),
                    r.get(READING.VOIDED) == 1,
                    r.get(READING.WITHDRAWN) == 1,
                    r.get(READING.SUPERSEDES) != null));
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

  /** Facts by visit and topic; the golfer's own for good stand under the empty visit. */
  private static Map<String, Map<String, Noted>> facts(
      DSLContext db, String golferId, List<String> visitIds) {
    var later = OBSERVATION.as("later");
    Map<String, Map<String, Noted>> facts = new HashMap<>();
    db.select(OBSERVATION.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(OBSERVATION)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(OBSERVATION.NOTED_BY))
        .where(OBSERVATION.GOLFER_ID.eq(golferId))
        .and(OBSERVATION.VISIT_ID.isNull().or(OBSERVATION.VISIT_ID.in(visitIds)))
        .and(OBSERVATION.VALUE.isNotNull())
        .andNotExists(DSL.selectOne().from(later).where(later.SUPERSEDES.eq(OBSERVATION.ID)))
        .forEach(
            r ->
                facts
                    .computeIfAbsent(
                        Optional.ofNullable(r.get(OBSERVATION.VISIT_ID)).orElse(""),
                        v -> new HashMap<>())
                    .put(
                        r.get(OBSERVATION.TOPIC),
                        new Noted(
                            r.get(OBSERVATION.ID),
                            r.get(OBSERVATION.VALUE),
                            Instant.parse(r.get(OBSERVATION.NOTED_AT)),
                            r.get(ACCOUNT.SHOWN_NAME))));
    return facts;
  }

  /** Tries as they stand, by visit. */
  static Map<String, List<TakenTry>> tries(DSLContext db, List<String> visitIds) {
    var later = READING.as("later");
    Map<String, List<TakenTry>> byVisit = new LinkedHashMap<>();
    db.select(
            READING.ID,
            READING.VISIT_ID,
            READING.SLOT,
            READING.ORDINAL,
            READING.VALUE,
            READING.WORD,
            READING.METHOD,
            READING.COMPENSATIONS,
            READING.VOIDED,
            READING.SUBMIT_KEY,
            READING.TAKEN_AT,
            READING.TAKEN_BY,
            ACCOUNT.SHOWN_NAME)
        .from(READING)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(READING.TAKEN_BY))
        .where(READING.VISIT_ID.in(visitIds))
        .and(READING.WITHDRAWN.eq(0))
        .andNotExists(DSL.selectOne().from(later).where(later.SUPERSEDES.eq(READING.ID)))
        .orderBy(READING.SLOT, READING.ORDINAL)
        .forEach(
            r ->
                Slot.parse(r.get(READING.SLOT))
                    .ifPresent(
                        slot ->
                            byVisit
                                .computeIfAbsent(r.get(READING.VISIT_ID), v -> new ArrayList<>())
                                .add(taken(slot, r, r.get(ACCOUNT.SHOWN_NAME)))));
    return byVisit;
  }

  /** The try of a row. */
  static TakenTry taken(Slot slot, Record r, String by) {
    return new TakenTry(
        r.get(READING.ID),
        slot,
        r.get(READING.ORDINAL),
        Optional.ofNullable(r.get(READING.VALUE)).map(Number::doubleValue),
        Optional.ofNullable(r.get(READING.WORD)),
        Optional.ofNullable(r.get(READING.METHOD)).flatMap(Method::parse),
        compensations(r.get(READING.COMPENSATIONS)),
        r.get(READING.VOIDED) == 1,
        Instant.parse(r.get(READING.TAKEN_AT)),
        Optional.ofNullable(r.get(READING.SUBMIT_KEY))
            .filter(key -> key.startsWith(TrySets.FROM_FILE))
            .map(key -> "")
            .orElseGet(() -> r.get(READING.TAKEN_BY)),
        by);
  }

  private static Set<Compensation> compensations(String ids) {
    Set<Compensation> all = new LinkedHashSet<>();
    for (String id : ids.split(" ")) {
      Compensation.parse(id).ifPresent(all::add);
    }
    return all;
  }

  private static Optional<String> lastStep(DSLContext db, String golferId) {
    return db.select(STEP.LABEL)
        .from(STEP)
        .where(STEP.GOLFER_ID.eq(golferId))
        .and(STEP.UNDONE_AT.isNull())
        .orderBy(STEP.ID.desc())
        .limit(1)
        .fetchOptional(STEP.LABEL);
  }
}
