package loosehip.app.golfer;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Clock;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import loosehip.app.exercise.ExerciseShelf;
import loosehip.app.store.Accounts;
import loosehip.app.store.Noted;
import loosehip.app.store.PracticeValues;
import loosehip.app.store.TrySets;
import loosehip.core.measure.OwnRepeatability;
import org.springframework.stereotype.Component;

/**
 * Keeps each practice's standards at hand. Own repeatability moves slowly, so it is worked out anew
 * only every few minutes, when a value is set, or when somebody asks to see it.
 */
@Component
public class StandardsShelf {
  private static final Duration FRESH = Duration.ofMinutes(5);

  private final PracticeValues values;
  private final TrySets sets;
  private final Accounts accounts;
  private final ExerciseShelf exercises;
  private final LoadingCache<String, Standards> shelf;

  StandardsShelf(
      PracticeValues values,
      TrySets sets,
      Accounts accounts,
      ExerciseShelf exercises,
      Clock clock) {
    this.exercises = exercises;
    this.values = values;
    this.sets = sets;
    this.accounts = accounts;
    this.shelf =
        Caffeine.newBuilder()
            .expireAfterWrite(FRESH)
            .ticker(() -> TimeUnit.MILLISECONDS.toNanos(clock.millis()))
            .build(this::read);
  }

  /** The standards of a practice, at most a few minutes old. */
  public Standards of(String practiceId) {
    return shelf.get(practiceId);
  }

  /** The same, worked out anew. */
  public Standards anew(String practiceId) {
    shelf.invalidate(practiceId);
    return of(practiceId);
  }

  private Standards read(String practiceId) {
    Map<String, String> texts =
        values.ofPractice(practiceId).entrySet().stream()
            .collect(Collectors.toMap(Map.Entry::getKey, e -> value(e.getValue())));
    Map<String, Map<OwnRepeatability.Of, OwnRepeatability>> own = new HashMap<>();
    for (String account : accounts.people(practiceId).keySet()) {
      own.put(account, OwnRepeatability.pooled(sets.newestOf(account)));
    }
    return Standards.of(texts, exercises.anew(practiceId), own);
  }

  private static String value(Noted noted) {
    return noted.value();
  }
}
