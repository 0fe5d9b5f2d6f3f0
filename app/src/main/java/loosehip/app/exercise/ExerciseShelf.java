package loosehip.app.exercise;

import java.util.ArrayList;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import loosehip.app.store.OwnExercises;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Exercise;
import org.springframework.stereotype.Component;

/** Each practice's catalogue: the shipped exercises and its own. */
@Component
public class ExerciseShelf {
  private final OwnExercises store;
  private final Map<String, Catalogue> catalogues = new ConcurrentHashMap<>();
  private final Map<String, ExerciseText> texts = new ConcurrentHashMap<>();
  private final Map<String, Owner> owners = new ConcurrentHashMap<>();

  ExerciseShelf(OwnExercises store) {
    this.store = store;
  }

  /** The catalogue of a practice. */
  public Catalogue of(String practiceId) {
    return catalogues.computeIfAbsent(practiceId, this::read);
  }

  /** The same, read anew after a change. */
  public Catalogue anew(String practiceId) {
    catalogues.remove(practiceId);
    return of(practiceId);
  }

  /** The words of an own exercise by its id in plans, once its practice's catalogue was read. */
  Optional<ExerciseText> text(String planId) {
    return Optional.ofNullable(texts.get(planId));
  }

  /** The own exercises of a practice. */
  public List<OwnExercise> own(String practiceId) {
    return store.of(practiceId).stream()
        .map(k -> OwnExerciseReader.kept(k.content()))
        .flatMap(Optional::stream)
        .toList();
  }

  /** The id of an own exercise in plans; it tells practices apart. */
  public static String planId(String practiceId, String exerciseId) {
    return OwnExercise.PREFIX + Integer.toHexString(practiceId.hashCode()) + "-" + exerciseId;
  }

  /** The photo of an own exercise by its id in plans, as a data address; empty without one. */
  public Optional<String> photo(String planId) {
    return Optional.ofNullable(owners.get(planId))
        .flatMap(o -> store.photo(o.practiceId(), o.exerciseId()))
        .map(b -> "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(b));
  }

  private record Owner(String practiceId, String exerciseId) {}

  private Catalogue read(String practiceId) {
    Map<String, OwnExercise> byId = new LinkedHashMap<>();
    own(practiceId).forEach(e -> byId.put(e.id(), e));
    List<Exercise> exercises = new ArrayList<>();
    for (OwnExercise own : byId.values()) {
      String id = planId(practiceId, own.id());
      int rung = 1;
      OwnExercise at = own;
      while (at.above().isPresent() && byId.containsKey(at.above().get()) && rung <= byId.size()) {
        at = byId.get(at.above().get());
        rung++;
      }
      exercises.add(
          new Exercise(
              id,
              planId(practiceId, at.id()),
              rung,
              own.kind(),
              own.serves(),
              own.also(),
              own.dose(),
              own.tools(),
              own.cautions()));
      owners.put(id, new Owner(practiceId, own.id()));
      ExerciseText t = own.text();
      texts.put(
          id,
          new ExerciseText(
              id,
              t.name(),
              t.purpose(),
              t.start(),
              t.steps(),
              t.feel(),
              t.spoils(),
              t.harder(),
              t.easier(),
              t.stop()));
    }
    return Catalogue.standard().with(exercises);
  }
}
