package loosehip.app.store;

import static loosehip.app.store.generated.Tables.OWN_EXERCISE;
import static loosehip.app.store.generated.Tables.OWN_EXERCISE_NEWEST;
import static loosehip.app.store.generated.Tables.OWN_EXERCISE_NOW;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import loosehip.app.store.generated.tables.records.OwnExerciseRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The practices' own exercises, as text, with a photo. Nothing is overwritten. */
@Repository
public class OwnExercises {
  private static final String PHOTO = "has_photo";

  private final Database database;
  private final Clock clock;

  OwnExercises(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** An exercise as kept. */
  public record Stored(String exerciseId, String content, boolean photo) {}

  /** The exercises in force of a practice. */
  public List<Stored> of(String practiceId) {
    return database
        .read()
        .select(
            OWN_EXERCISE_NOW.EXERCISE_ID,
            OWN_EXERCISE_NOW.CONTENT,
            OWN_EXERCISE_NOW.PHOTO.isNotNull().as(PHOTO))
        .from(OWN_EXERCISE_NOW)
        .where(OWN_EXERCISE_NOW.PRACTICE_ID.eq(practiceId))
        .orderBy(OWN_EXERCISE_NOW.EXERCISE_ID)
        .fetch(r -> stored(r.value1(), r.value2(), r.get(PHOTO, Boolean.class)));
  }

  private static Stored stored(String exerciseId, String content, boolean photo) {
    return new Stored(exerciseId, content, photo);
  }

  /** Every exercise a practice ever had, as it last stood: plans may still hold it. */
  public List<Stored> ever(String practiceId) {
    return database
        .read()
        .select(
            OWN_EXERCISE.EXERCISE_ID,
            OWN_EXERCISE.CONTENT,
            OWN_EXERCISE.PHOTO.isNotNull().as(PHOTO))
        .from(OWN_EXERCISE)
        .where(OWN_EXERCISE.PRACTICE_ID.eq(practiceId))
        .and(OWN_EXERCISE.CONTENT.isNotNull())
        .orderBy(OWN_EXERCISE.EXERCISE_ID, OWN_EXERCISE.MADE_AT.desc())
        .fetch(r -> stored(r.value1(), r.value2(), r.get(PHOTO, Boolean.class)))
        .stream()
        .collect(
            Collectors.toMap(Stored::exerciseId, k -> k, (newest, older) -> newest, TreeMap::new))
        .values()
        .stream()
        .toList();
  }

  /** The photo of an exercise in force, or empty. */
  public Optional<byte[]> photo(String practiceId, String exerciseId) {
    return newest(database.read(), practiceId, exerciseId).map(OwnExerciseRecord::getPhoto);
  }

  /**
   * Keeps an exercise; without a new photo the old one stays. Empty content takes it out of use.
   */
  public void keep(
      Account by, String exerciseId, Optional<String> content, Optional<byte[]> photo) {
    database.write(
        db -> {
          Optional<OwnExerciseRecord> old = newest(db, by.practiceId(), exerciseId);
          OwnExerciseRecord row = db.newRecord(OWN_EXERCISE);
          row.setId(Ids.fresh());
          row.setPracticeId(by.practiceId());
          row.setExerciseId(exerciseId);
          row.setContent(content.orElse(null));
          row.setPhoto(photo.or(() -> old.map(OwnExerciseRecord::getPhoto)).orElse(null));
          row.setSupersedes(old.map(OwnExerciseRecord::getId).orElse(null));
          row.setMadeAt(Instant.now(clock).toString());
          row.setMadeBy(by.id());
          return row.insert();
        });
  }

  private static Optional<OwnExerciseRecord> newest(
      DSLContext db, String practiceId, String exerciseId) {
    return db.select(OWN_EXERCISE.asterisk())
        .from(OWN_EXERCISE)
        .join(OWN_EXERCISE_NEWEST)
        .on(OWN_EXERCISE_NEWEST.ID.eq(OWN_EXERCISE.ID))
        .where(OWN_EXERCISE.PRACTICE_ID.eq(practiceId))
        .and(OWN_EXERCISE.EXERCISE_ID.eq(exerciseId))
        .fetchOptionalInto(OWN_EXERCISE);
  }
}
