package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.PRACTICE_VALUE;
import static loosehip.app.store.generated.Tables.PRACTICE_VALUE_NEWEST;
import static loosehip.app.store.generated.Tables.PRACTICE_VALUE_NOW;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.store.generated.tables.records.PracticeValueRecord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

/** What a practice, or one person of it, has set for itself; nothing is overwritten. */
@Repository
public class PracticeValues {
  private static final int KEPT_AT_MOST = 60;

  private final Database database;
  private final Clock clock;
  private final Kept<Whose, Map<String, Noted>> kept = new Kept<>(KEPT_AT_MOST);

  private record Whose(String practiceId, Optional<String> accountId) {}

  PracticeValues(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** Under this a trainer keeps how golfers reach them. */
  public static final String CONTACT = "contact";

  /** How golfers reach a trainer, in their own words; empty when they gave nothing. */
  public String contact(Account trainer) {
    return Optional.ofNullable(ofPerson(trainer).get(CONTACT)).map(Noted::value).orElse("");
  }

  /** The practice's own values in force, by topic, in the order they were first set. */
  public Map<String, Noted> ofPractice(String practiceId) {
    return current(new Whose(practiceId, Optional.empty()));
  }

  /** One person's own values in force, by topic. */
  public Map<String, Noted> ofPerson(Account account) {
    return current(new Whose(account.practiceId(), Optional.of(account.id())));
  }

  private Map<String, Noted> current(Whose whose) {
    return kept.get(whose, database::practiceWrites, () -> read(whose));
  }

  private Map<String, Noted> read(Whose whose) {
    Condition theirs =
        whose
            .accountId()
            .map(PRACTICE_VALUE_NOW.ACCOUNT_ID::eq)
            .orElseGet(PRACTICE_VALUE_NOW.ACCOUNT_ID::isNull);
    Map<String, Noted> values = new LinkedHashMap<>();
    database
        .read()
        .select(PRACTICE_VALUE_NOW.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(PRACTICE_VALUE_NOW)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(PRACTICE_VALUE_NOW.NOTED_BY))
        .where(PRACTICE_VALUE_NOW.PRACTICE_ID.eq(whose.practiceId()))
        .and(theirs)
        .orderBy(PRACTICE_VALUE_NOW.NOTED_AT, PRACTICE_VALUE_NOW.ID)
        .forEach(
            r ->
                values.put(
                    r.get(PRACTICE_VALUE_NOW.TOPIC),
                    new Noted(
                        r.get(PRACTICE_VALUE_NOW.ID),
                        r.get(PRACTICE_VALUE_NOW.VALUE),
                        Instant.parse(r.get(PRACTICE_VALUE_NOW.NOTED_AT)),
                        r.get(ACCOUNT.SHOWN_NAME))));
    return Collections.unmodifiableMap(values);
  }

  private static Noted noted(Record r) {
    return new Noted(
        r.get(PRACTICE_VALUE.ID),
        Optional.ofNullable(r.get(PRACTICE_VALUE.VALUE)).orElse(""),
        Instant.parse(r.get(PRACTICE_VALUE.NOTED_AT)),
        r.get(ACCOUNT.SHOWN_NAME));
  }

  /** Every value a topic of the practice ever had, the newest first; a reset has an empty value. */
  public List<Noted> history(String practiceId, String topic) {
    return new ArrayList<>(
        database
            .read()
            .select(PRACTICE_VALUE.asterisk(), ACCOUNT.SHOWN_NAME)
            .from(PRACTICE_VALUE)
            .join(ACCOUNT)
            .on(ACCOUNT.ID.eq(PRACTICE_VALUE.NOTED_BY))
            .where(PRACTICE_VALUE.PRACTICE_ID.eq(practiceId))
            .and(PRACTICE_VALUE.ACCOUNT_ID.isNull())
            .and(PRACTICE_VALUE.TOPIC.eq(topic))
            .orderBy(PRACTICE_VALUE.NOTED_AT.desc(), PRACTICE_VALUE.ID.desc())
            .fetch(PracticeValues::noted));
  }

  /** Sets a value of the whole practice; empty resets it. */
  public void set(Account by, String topic, Optional<String> value) {
    set(by, topic, value, Seen.ANYTHING);
  }

  /**
   * Sets a value of the whole practice; empty resets it.
   *
   * @throws Clash when it would cover what somebody else set and this one could not see
   */
  public void set(Account by, String topic, Optional<String> value, Seen seen) {
    database.write(db -> set(db, by, topic, value, false, seen));
  }

  /** Sets a value of this person alone; empty resets it. */
  public void setOwn(Account by, String topic, Optional<String> value) {
    database.write(db -> set(db, by, topic, value, true, Seen.ANYTHING));
  }

  private boolean set(
      DSLContext db, Account by, String topic, Optional<String> value, boolean own, Seen seen) {
    PracticeValueRecord old =
        db.select(PRACTICE_VALUE.asterisk())
            .from(PRACTICE_VALUE)
            .join(PRACTICE_VALUE_NEWEST)
            .on(PRACTICE_VALUE_NEWEST.ID.eq(PRACTICE_VALUE.ID))
            .where(PRACTICE_VALUE.PRACTICE_ID.eq(by.practiceId()))
            .and(own ? PRACTICE_VALUE.ACCOUNT_ID.eq(by.id()) : PRACTICE_VALUE.ACCOUNT_ID.isNull())
            .and(PRACTICE_VALUE.TOPIC.eq(topic))
            .fetchAnyInto(PRACTICE_VALUE);
    Optional<String> before = Optional.ofNullable(old).map(PracticeValueRecord::getValue);
    if (before.equals(value)) {
      return false;
    }
    if (old != null && seen.missed(old.getId(), old.getNotedBy(), old.getNotedAt(), by)) {
      throw new Clash(
          new Clash.Both(
              topic,
              old.getId(),
              Accounts.shownName(db, old.getNotedBy()),
              Instant.parse(old.getNotedAt()),
              before,
              value));
    }
    PracticeValueRecord row = db.newRecord(PRACTICE_VALUE);
    row.setId(Ids.fresh());
    row.setPracticeId(by.practiceId());
    row.setAccountId(own ? by.id() : null);
    row.setTopic(topic);
    row.setValue(value.orElse(null));
    row.setSupersedes(old == null ? null : old.getId());
    row.setNotedAt(Instant.now(clock).toString());
    row.setNotedBy(by.id());
    row.insert();
    return true;
  }
}
