package loosehip.app.store;

import static loosehip.app.store.generated.Tables.OBSERVATION;
import static loosehip.app.store.generated.Tables.OBSERVATION_NEWEST;
import static loosehip.app.store.generated.Tables.READING;
import static loosehip.app.store.generated.Tables.READING_NOW;
import static loosehip.app.store.generated.Tables.STEP;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.app.store.generated.tables.records.ObservationRecord;
import loosehip.app.store.generated.tables.records.ReadingRecord;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Reading;
import loosehip.core.measure.Slot;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/**
 * Writes readings and facts. Nothing is overwritten: a change adds a row that supersedes the old
 * one, and every write is a step that undo can take back by adding one more row.
 */
@Repository
public class Journal {
  /** How many steps of a golfer undo reaches back. */
  public static final int UNDO_REACH = 10;

  /** Readings that supersede one another. */
  static final Lineage<ReadingRecord> READINGS =
      new Lineage<>(READING, READING.ID, READING.SUPERSEDES);

  /** Facts that supersede one another. */
  static final Lineage<ObservationRecord> OBSERVATIONS =
      new Lineage<>(OBSERVATION, OBSERVATION.ID, OBSERVATION.SUPERSEDES);

  private final Database database;
  private final Clock clock;

  Journal(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /**
   * What a try holds. Exactly one of value and word is present.
   *
   * @param blind whether the earlier tries of the set were out of sight
   * @param laidOut the floor angle that was reached, with the shafts that made it
   */
  public record NewTry(
      Slot slot,
      Optional<Double> value,
      Optional<String> word,
      Optional<Method> method,
      Set<Compensation> compensations,
      boolean voided,
      boolean blind,
      Optional<String> laidOut) {

    /** A try taken in sight of the others, with no floor angle laid out. */
    public NewTry(
        Slot slot,
        Optional<Double> value,
        Optional<String> word,
        Optional<Method> method,
        Set<Compensation> compensations,
        boolean voided) {
      this(slot, value, word, method, compensations, voided, false, Optional.empty());
    }
  }

  /** How a write ended. */
  public enum Outcome {
    SAVED,
    /** The same form came twice; the first is kept, the second is not added. */
    ALREADY_TAKEN,
    /** Five tries are there already. */
    FULL,
    /** Somebody changed it meanwhile; nothing was saved. */
    CHANGED_MEANWHILE
  }

  /** Adds a try after those of its slot. The submit key makes a repeated form harmless. */
  public Outcome take(GolferFile file, Account by, NewTry taken, String submitKey, String label) {
    return database.record(
        db -> {
          Condition sameForm =
              READING.SUBMIT_KEY.eq(submitKey).and(READING.VISIT_ID.eq(file.visitId()));
          if (db.fetchExists(READING, sameForm)) {
            return Outcome.ALREADY_TAKEN;
          }
          int last = lastOrdinal(db, file.visitId(), taken.slot());
          if (last >= Reading.MOST_TRIES) {
            return Outcome.FULL;
          }
          ReadingRecord row = row(db, file.visitId(), by, taken, last + 1);
          row.setSubmitKey(submitKey);
          row.insert();
          step(db, file, Steps.Kind.READING, row.getId(), label, "measure", by);
          return Outcome.SAVED;
        });
  }

  /** Puts a corrected try in the place of one; says so when that one is no longer current. */
  public Outcome correct(
      GolferFile file, Account by, String rowId, NewTry corrected, String label) {
    return correct(file, by, rowId, corrected, label, Seen.ANYTHING);
  }

  /**
   * Puts another word in the place of one.
   *
   * @throws Clash when somebody else said that one and this one could not see it
   */
  public Outcome correct(
      GolferFile file, Account by, String rowId, NewTry corrected, String label, Seen seen) {
    return database.record(
        db -> {
          ReadingRecord old = db.fetchOne(READING, READING.ID.eq(rowId));
          boolean current =
              old != null
                  && old.getVisitId().equals(file.visitId())
                  && old.getWithdrawn() == 0
                  && READINGS.laterThan(db, rowId).isEmpty();
          if (!current) {
            return Outcome.CHANGED_MEANWHILE;
          }
          Optional<String> word = Optional.ofNullable(old.getWord());
          if (seen.missed(rowId, old.getTakenBy(), old.getTakenAt(), by)
              && !word.equals(corrected.word())) {
            throw new Clash(
                new Clash.Both(
                    old.getSlot(),
                    rowId,
                    Accounts.shownName(db, old.getTakenBy()),
                    Instant.parse(old.getTakenAt()),
                    word,
                    corrected.word()));
          }
          ReadingRecord row = row(db, file.visitId(), by, corrected, old.getOrdinal());
          row.setSupersedes(rowId);
          row.insert();
          step(db, file, Steps.Kind.READING, row.getId(), label, "measure", by);
          return Outcome.SAVED;
        });
  }

  private int lastOrdinal(DSLContext db, String visitId, Slot slot) {
    return db.select(DSL.max(READING_NOW.ORDINAL))
        .from(READING_NOW)
        .where(READING_NOW.VISIT_ID.eq(visitId))
        .and(READING_NOW.SLOT.eq(slot.key()))
        .fetchOptional(0, Integer.class)
        .orElse(0);
  }

  private ReadingRecord row(DSLContext db, String visitId, Account by, NewTry taken, int ordinal) {
    ReadingRecord row = db.newRecord(READING);
    row.setId(Ids.fresh());
    row.setVisitId(visitId);
    row.setSlot(taken.slot().key());
    row.setOrdinal(ordinal);
    row.setValue(taken.value().orElse(null));
    row.setWord(taken.word().orElse(null));
    row.setMethod(taken.method().map(Method::id).orElse(null));
    row.setCompensations(
        taken.compensations().stream().map(Compensation::id).collect(Collectors.joining(" ")));
    row.setVoided(taken.voided() ? 1 : 0);
    row.setBlind(taken.blind() ? 1 : 0);
    row.setLaidOut(taken.laidOut().orElse(null));
    row.setWithdrawn(0);
    row.setTakenAt(now());
    row.setTakenBy(by.id());
    return row;
  }

  /** Notes a fact, or takes it back; nothing is written when nothing changes. */
  public void note(GolferFile file, Account by, Note note) {
    note(file, by, note, Seen.ANYTHING);
  }

  /**
   * Notes a fact, or takes it back.
   *
   * @throws Clash when it would cover what somebody else said and this one could not see
   */
  public void note(GolferFile file, Account by, Note note, Seen seen) {
    database.record(
        db -> {
          Optional<ObservationRecord> old = current(db, file, note.topic(), note.ofVisit());
          Optional<String> stands = old.map(ObservationRecord::getValue);
          if (stands.equals(note.value())) {
            return null;
          }
          old.filter(o -> seen.missed(o.getId(), o.getNotedBy(), o.getNotedAt(), by))
              .ifPresent(
                  o -> {
                    throw new Clash(
                        new Clash.Both(
                            note.topic(),
                            o.getId(),
                            Accounts.shownName(db, o.getNotedBy()),
                            Instant.parse(o.getNotedAt()),
                            stands,
                            note.value()));
                  });
          String id = addObservation(db, file, by.id(), note, old);
          step(db, file, Steps.Kind.OBSERVATION, id, note.label(), note.station(), by);
          return null;
        });
  }

  /**
   * Notes several facts of one place as one step, which one undo takes back.
   *
   * @param label what undo calls it
   */
  public void note(GolferFile file, Account by, List<Note> notes, String label) {
    database.record(
        db -> {
          List<String> ids = new ArrayList<>();
          for (Note note : notes) {
            Optional<ObservationRecord> old = current(db, file, note.topic(), note.ofVisit());
            if (!old.map(ObservationRecord::getValue).equals(note.value())) {
              ids.add(addObservation(db, file, by.id(), note, old));
            }
          }
          if (!ids.isEmpty()) {
            String station = notes.get(0).station();
            step(db, file, Steps.Kind.OBSERVATION, String.join(" ", ids), label, station, by);
          }
          return null;
        });
  }

  /** Keeps what a golfer told, which is no step of the trainer's that undo would take back. */
  public void keep(GolferFile file, Account inTheNameOf, List<Note> told) {
    database.record(
        db -> {
          for (Note note : told) {
            Optional<ObservationRecord> old = current(db, file, note.topic(), note.ofVisit());
            if (!old.map(ObservationRecord::getValue).equals(note.value())) {
              addObservation(db, file, inTheNameOf.id(), note, old);
            }
          }
          return told.size();
        });
  }

  private static Optional<ObservationRecord> current(
      DSLContext db, GolferFile file, String topic, boolean ofVisit) {
    return current(db, new At(file.id(), file.visitId()), topic, ofVisit);
  }

  /** Where something is kept: whose it is, and at which visit. */
  record At(String golferId, String visitId) {}

  private static Optional<ObservationRecord> current(
      DSLContext db, At at, String topic, boolean ofVisit) {
    Condition scope =
        ofVisit ? OBSERVATION.VISIT_ID.eq(at.visitId()) : OBSERVATION.VISIT_ID.isNull();
    return db.select(OBSERVATION.asterisk())
        .from(OBSERVATION)
        .join(OBSERVATION_NEWEST)
        .on(OBSERVATION_NEWEST.ID.eq(OBSERVATION.ID))
        .where(OBSERVATION.GOLFER_ID.eq(at.golferId()))
        .and(scope)
        .and(OBSERVATION.TOPIC.eq(topic))
        .fetchOptionalInto(OBSERVATION);
  }

  private String addObservation(
      DSLContext db, GolferFile file, String by, Note note, Optional<ObservationRecord> old) {
    return addObservation(db, new At(file.id(), file.visitId()), by, note, old);
  }

  /** Adds a fact where it says something else than what stands; the id of the row. */
  Optional<String> add(DSLContext db, At at, Account by, Note note) {
    Optional<ObservationRecord> old = current(db, at, note.topic(), note.ofVisit());
    return old.map(ObservationRecord::getValue).equals(note.value())
        ? Optional.empty()
        : Optional.of(addObservation(db, at, by.id(), note, old));
  }

  /** Adds a try that came with a file. */
  void add(
      DSLContext db,
      At at,
      Account by,
      NewTry taken,
      int ordinal,
      Optional<Double> scatter,
      String key) {
    ReadingRecord row = row(db, at.visitId(), by, taken, ordinal);
    row.setScatter(scatter.orElse(null));
    row.setSubmitKey(key);
    row.insert();
  }

  /** Takes a fact back unless it was changed since. */
  void takeBackUnchanged(DSLContext db, String rowId, Account by) {
    if (OBSERVATIONS.newest(db, rowId).equals(rowId)) {
      takeBackObservation(db, rowId, by);
    }
  }

  private String addObservation(
      DSLContext db, At at, String by, Note note, Optional<ObservationRecord> old) {
    ObservationRecord row = db.newRecord(OBSERVATION);
    row.setId(Ids.fresh());
    row.setGolferId(at.golferId());
    row.setVisitId(note.ofVisit() ? at.visitId() : null);
    row.setTopic(note.topic());
    row.setValue(note.value().orElse(null));
    row.setSupersedes(old.map(ObservationRecord::getId).orElse(null));
    row.setNotedAt(now());
    row.setNotedBy(by);
    row.insert();
    return row.getId();
  }

  /** What undo would take back next for somebody. */
  public Optional<UndoneStep> next(String golferId, Account by) {
    DSLContext db = database.read();
    return UndoSteps.next(db, golferId, by.id()).map(step -> told(db, step, by));
  }

  private static UndoneStep told(DSLContext db, UndoSteps.Found step, Account by) {
    return new UndoneStep(step.label(), step.station(), UndoSteps.whose(db, step, by.id()));
  }

  /** Takes back a step of this golfer, within reach, one's own first; says what was taken back. */
  public Optional<UndoneStep> undo(GolferFile file, Account by) {
    return database.record(
        db -> {
          Optional<UndoSteps.Found> next = UndoSteps.next(db, file.id(), by.id());
          next.ifPresent(step -> takeBack(db, step, by));
          return next.map(step -> told(db, step, by));
        });
  }

  private void takeBack(DSLContext db, UndoSteps.Found step, Account by) {
    switch (step.kind()) {
      case READING ->
          takeBackReading(db, db.fetchSingle(READING, READING.ID.eq(step.rows())), by, now());
      case OBSERVATION -> {
        for (String row : step.rows().split(" ")) {
          takeBackObservation(db, row, by);
        }
      }
      case HOMEWORK -> Homework.undo(db, step.rows(), by, clock.instant());
    }
    db.update(STEP).set(STEP.UNDONE_AT, now()).where(STEP.ID.eq(step.id())).execute();
  }

  /**
   * A step that was or can be taken back.
   *
   * @param label what it was
   * @param station where it was done
   * @param whose whose it was; empty when it was one's own
   */
  public record UndoneStep(String label, String station, Optional<String> whose) {}

  /** Takes a reading back: what stood before it stands again. */
  static void takeBackReading(DSLContext db, ReadingRecord row, Account by, String at) {
    READINGS.takeBack(
        db,
        row,
        back -> back.setWithdrawn(1),
        back -> {
          back.setSubmitKey(null);
          back.setTakenAt(at);
          back.setTakenBy(by.id());
        });
  }

  private void takeBackObservation(DSLContext db, String rowId, Account by) {
    OBSERVATIONS.takeBack(
        db,
        db.fetchSingle(OBSERVATION, OBSERVATION.ID.eq(rowId)),
        back -> back.setValue(null),
        back -> {
          back.setNotedAt(now());
          back.setNotedBy(by.id());
        });
  }

  private void step(
      DSLContext db,
      GolferFile file,
      Steps.Kind kind,
      String rowId,
      String label,
      String station,
      Account by) {
    Steps.add(db, file.id(), kind, rowId, label, station, by.id(), clock.instant());
  }

  private String now() {
    return Instant.now(clock).toString();
  }
}
