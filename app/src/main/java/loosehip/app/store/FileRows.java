package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.OBSERVATION_NOW;
import static loosehip.app.store.generated.Tables.READING_NOW;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Slot;
import loosehip.core.named.Named;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;

/** The rows a golfer's file is made of, as what they say now. */
final class FileRows {
  private FileRows() {}

  /** A no says nothing here: it does not close what was a yes before. */
  static Map<String, Noted> signs(DSLContext db, String golferId) {
    Map<String, Noted> newest = new HashMap<>();
    db.select(OBSERVATION_NOW.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(OBSERVATION_NOW)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(OBSERVATION_NOW.NOTED_BY))
        .where(OBSERVATION_NOW.GOLFER_ID.eq(golferId))
        .and(
            OBSERVATION_NOW
                .TOPIC
                .startsWith("cleared-warning.")
                .or(
                    OBSERVATION_NOW
                        .TOPIC
                        .startsWith("warning.")
                        .and(OBSERVATION_NOW.VALUE.eq("yes"))))
        .orderBy(OBSERVATION_NOW.NOTED_AT)
        .forEach(r -> newest.put(r.get(OBSERVATION_NOW.TOPIC), noted(r)));
    return newest;
  }

  /** Facts of visits by visit and topic, or under the golfer the golfer's own, for good. */
  static Map<String, Map<String, Noted>> facts(DSLContext db, String golferId, Set<String> of) {
    Condition visits = OBSERVATION_NOW.VISIT_ID.in(of);
    Map<String, Map<String, Noted>> facts = new HashMap<>();
    db.select(OBSERVATION_NOW.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(OBSERVATION_NOW)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(OBSERVATION_NOW.NOTED_BY))
        .where(OBSERVATION_NOW.GOLFER_ID.eq(golferId))
        .and(of.contains(golferId) ? visits.or(OBSERVATION_NOW.VISIT_ID.isNull()) : visits)
        .forEach(
            r ->
                facts
                    .computeIfAbsent(
                        Optional.ofNullable(r.get(OBSERVATION_NOW.VISIT_ID)).orElse(golferId),
                        v -> new HashMap<>())
                    .put(r.get(OBSERVATION_NOW.TOPIC), noted(r)));
    return facts;
  }

  private static Noted noted(Record r) {
    return new Noted(
        r.get(OBSERVATION_NOW.ID),
        r.get(OBSERVATION_NOW.VALUE),
        Instant.parse(r.get(OBSERVATION_NOW.NOTED_AT)),
        r.get(ACCOUNT.SHOWN_NAME));
  }

  /** Tries as they stand, by visit. */
  static Map<String, List<TakenTry>> tries(DSLContext db, Collection<String> visitIds) {
    Map<String, List<TakenTry>> byVisit = new LinkedHashMap<>();
    db.select(READING_NOW.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(READING_NOW)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(READING_NOW.TAKEN_BY))
        .where(READING_NOW.VISIT_ID.in(visitIds))
        .orderBy(READING_NOW.SLOT, READING_NOW.ORDINAL)
        .forEach(
            r ->
                Slot.parse(r.get(READING_NOW.SLOT))
                    .ifPresent(
                        slot ->
                            byVisit
                                .computeIfAbsent(
                                    r.get(READING_NOW.VISIT_ID), v -> new ArrayList<>())
                                .add(taken(slot, r, r.get(ACCOUNT.SHOWN_NAME)))));
    return byVisit;
  }

  /** The try of a row. */
  static TakenTry taken(Slot slot, Record r, String by) {
    return new TakenTry(
        r.get(READING_NOW.ID),
        slot,
        r.get(READING_NOW.ORDINAL),
        Optional.ofNullable(r.get(READING_NOW.VALUE)).map(Number::doubleValue),
        Optional.ofNullable(r.get(READING_NOW.WORD)),
        Optional.ofNullable(r.get(READING_NOW.METHOD)).flatMap(Named.parser(Method.class)),
        compensations(r.get(READING_NOW.COMPENSATIONS)),
        r.get(READING_NOW.VOIDED) == 1,
        r.get(READING_NOW.BLIND) == 1,
        Optional.ofNullable(r.get(READING_NOW.LAID_OUT)),
        Optional.ofNullable(r.get(READING_NOW.SCATTER)),
        Instant.parse(r.get(READING_NOW.TAKEN_AT)),
        Optional.ofNullable(r.get(READING_NOW.SUBMIT_KEY))
            .filter(key -> key.startsWith(TrySets.FROM_FILE))
            .map(key -> "")
            .orElseGet(() -> r.get(READING_NOW.TAKEN_BY)),
        by);
  }

  private static Set<Compensation> compensations(String ids) {
    Set<Compensation> all = new LinkedHashSet<>();
    for (String id : ids.split(" ")) {
      Named.parse(Compensation.class, id).ifPresent(all::add);
    }
    return all;
  }
}
