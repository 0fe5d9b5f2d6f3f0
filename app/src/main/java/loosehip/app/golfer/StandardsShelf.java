package loosehip.app.golfer;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import loosehip.app.exercise.ExerciseShelf;
import loosehip.app.store.Accounts;
import loosehip.app.store.Noted;
import loosehip.app.store.PracticeValues;
import loosehip.app.store.TrySets;
import loosehip.core.measure.Method;
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
  private final Clock clock;
  private final Map<String, Kept> kept = new ConcurrentHashMap<>();

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
    this.clock = clock;
  }

  private record Kept(Standards standards, Instant until) {}

  /** The standards of a practice, at most a few minutes old. */
  public Standards of(String practiceId) {
    Kept now = kept.get(practiceId);
    if (now == null || now.until().isBefore(clock.instant())) {
      now = new Kept(read(practiceId), clock.instant().plus(FRESH));
      kept.put(practiceId, now);
    }
    return now.standards();
  }

  /** The same, worked out anew. */
  public Standards anew(String practiceId) {
    kept.remove(practiceId);
    return of(practiceId);
  }

  private Standards read(String practiceId) {
    Map<String, String> texts =
        values.ofPractice(practiceId).entrySet().stream()
            .collect(Collectors.toMap(Map.Entry::getKey, e -> value(e.getValue())));
    Map<String, Map<Method, OwnRepeatability>> own = new HashMap<>();
    for (String account : accounts.people(practiceId).keySet()) {
      own.put(account, OwnRepeatability.pooled(sets.newestOf(account)));
    }
    return Standards.of(texts, exercises.anew(practiceId), own);
  }

  private static String value(Noted noted) {
    return noted.value();
  }
}
