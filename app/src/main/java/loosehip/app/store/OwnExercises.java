package loosehip.app.store;

import static loosehip.app.store.generated.Tables.OWN_EXERCISE;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import loosehip.app.store.generated.tables.records.OwnExerciseRecord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** The practices' own exercises, as text, with a photo. Nothing is overwritten. */
@Repository
public class OwnExercises {
  private final Database database;
  private final Clock clock;

  OwnExercises(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** An exercise as kept. */
  public record Kept(String exerciseId, String content, boolean photo) {}

  /** The exercises in force of a practice. */
  public List<Kept> of(String practiceId) {
    var later = OWN_EXERCISE.as("later");
    return newestFirst(
        practiceId,
        DSL.notExists(DSL.selectOne().from(later).where(later.SUPERSEDES.eq(OWN_EXERCISE.ID))));
  }

  /** Those of a practice that have content, by exercise, the newest of each first. */
  private List<Kept> newestFirst(String practiceId, Condition which) {
    return database
        .read()
        .select(
            OWN_EXERCISE.EXERCISE_ID, OWN_EXERCISE.CONTENT, OWN_EXERCISE.PHOTO.isNotNull().as("p"))
        .from(OWN_EXERCISE)
        .where(OWN_EXERCISE.PRACTICE_ID.eq(practiceId))
        .and(OWN_EXERCISE.CONTENT.isNotNull())
        .and(which)
        .orderBy(OWN_EXERCISE.EXERCISE_ID, OWN_EXERCISE.MADE_AT.desc())
        .fetch(OwnExercises::kept);
  }

  private static Kept kept(Record r) {
    return new Kept(
        r.get(OWN_EXERCISE.EXERCISE_ID), r.get(OWN_EXERCISE.CONTENT), r.get("p", Boolean.class));
  }

  /** Every exercise a practice ever had, as it last stood: plans may still hold it. */
  public List<Kept> ever(String practiceId) {
    return newestFirst(practiceId, DSL.noCondition()).stream()
        .collect(
            Collectors.toMap(Kept::exerciseId, k -> k, (newest, older) -> newest, TreeMap::new))
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
    var later = OWN_EXERCISE.as("later");
    return db.selectFrom(OWN_EXERCISE)
        .where(OWN_EXERCISE.PRACTICE_ID.eq(practiceId))
        .and(OWN_EXERCISE.EXERCISE_ID.eq(exerciseId))
        .andNotExists(DSL.selectOne().from(later).where(later.SUPERSEDES.eq(OWN_EXERCISE.ID)))
        .fetchOptional();
  }
}
