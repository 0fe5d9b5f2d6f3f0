package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.GOLFER;
import static loosehip.app.store.generated.Tables.OBSERVATION;
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
import loosehip.app.store.generated.tables.records.VisitRecord;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Slot;
import org.jooq.DSLContext;
import org.jooq.Record;
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
    DSLContext db = database.read();
    return db.selectFrom(GOLFER)
        .where(GOLFER.ID.eq(golferId))
        .and(GOLFER.PRACTICE_ID.eq(practiceId))
        .fetchOptional()
        .map(
            golfer -> {
              List<VisitRecord> visits =
                  db.selectFrom(VISIT)
                      .where(VISIT.GOLFER_ID.eq(golferId))
                      .orderBy(VISIT.NUMBER.desc())
                      .fetch();
              VisitRecord visit = visits.get(0);
              Map<String, List<TakenTry>> tries = tries(db, golferId);
              return new GolferFile(
                  golfer.getId(),
                  golfer.getName(),
                  visit.getId(),
                  visit.getNumber(),
                  day(visit.getStartedAt()),
                  facts(db, golferId, visit.getId()),
                  tries.getOrDefault(visit.getId(), List.of()),
                  lastStep(db, golferId),
                  visits.stream()
                      .skip(1)
                      .map(
                          v ->
                              new GolferFile.EarlierVisit(
                                  v.getId(),
                                  day(v.getStartedAt()),
                                  tries.getOrDefault(v.getId(), List.of())))
                      .toList());
            });
  }

  private LocalDate day(String at) {
    return LocalDate.ofInstant(Instant.parse(at), clock.getZone());
  }

  private static Map<String, Noted> facts(DSLContext db, String golferId, String visitId) {
    var later = OBSERVATION.as("later");
    Map<String, Noted> facts = new HashMap<>();
    db.select(OBSERVATION.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(OBSERVATION)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(OBSERVATION.NOTED_BY))
        .where(OBSERVATION.GOLFER_ID.eq(golferId))
        .and(OBSERVATION.VISIT_ID.isNull().or(OBSERVATION.VISIT_ID.eq(visitId)))
        .and(OBSERVATION.VALUE.isNotNull())
        .andNotExists(DSL.selectOne().from(later).where(later.SUPERSEDES.eq(OBSERVATION.ID)))
        .forEach(
            r ->
                facts.put(
                    r.get(OBSERVATION.TOPIC),
                    new Noted(
                        r.get(OBSERVATION.ID),
                        r.get(OBSERVATION.VALUE),
                        Instant.parse(r.get(OBSERVATION.NOTED_AT)),
                        r.get(ACCOUNT.SHOWN_NAME))));
    return facts;
  }

  private static Map<String, List<TakenTry>> tries(DSLContext db, String golferId) {
    var later = READING.as("later");
    Map<String, List<TakenTry>> byVisit = new LinkedHashMap<>();
    db.select(READING.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(READING)
        .join(VISIT)
        .on(VISIT.ID.eq(READING.VISIT_ID))
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(READING.TAKEN_BY))
        .where(VISIT.GOLFER_ID.eq(golferId))
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
                                .add(taken(slot, r))));
    return byVisit;
  }

  private static TakenTry taken(Slot slot, Record r) {
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
        r.get(ACCOUNT.SHOWN_NAME));
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
