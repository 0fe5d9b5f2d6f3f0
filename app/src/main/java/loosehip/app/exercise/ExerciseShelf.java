package loosehip.app.exercise;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.util.ArrayList;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import loosehip.app.store.OwnExercises;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.LadderId;
import loosehip.core.plan.Tools;
import org.springframework.stereotype.Component;

/** Each practice's catalogue: the shipped exercises and its own. */
@Component
public class ExerciseShelf {
  private final OwnExercises store;
  private final LoadingCache<String, Catalogue> catalogues =
      Caffeine.newBuilder().build(this::read);
  private final Map<ItemId, ExerciseText> texts = new ConcurrentHashMap<>();
  private final Map<ItemId, Owner> owners = new ConcurrentHashMap<>();

  ExerciseShelf(OwnExercises store) {
    this.store = store;
  }

  /** The catalogue of a practice. */
  public Catalogue of(String practiceId) {
    return catalogues.get(practiceId);
  }

  /** The same, read anew after a change. */
  public Catalogue anew(String practiceId) {
    catalogues.invalidate(practiceId);
    return of(practiceId);
  }

  /** The words of an own exercise by its id in plans, once its practice's catalogue was read. */
  Optional<ExerciseText> text(ItemId planId) {
    return Optional.ofNullable(texts.get(planId));
  }

  /** The own exercises of a practice. */
  public List<OwnExercise> own(String practiceId) {
    return read(store.of(practiceId));
  }

  /** The id of an own exercise in plans; it tells practices apart. */
  public static ItemId planId(String practiceId, String exerciseId) {
    return ItemId.of(
        OwnExercise.PREFIX + Integer.toHexString(practiceId.hashCode()) + "-" + exerciseId);
  }

  /** The photo of an own exercise by its id in plans, as a data address; empty without one. */
  public Optional<String> photo(ItemId planId) {
    return Optional.ofNullable(owners.get(planId))
        .flatMap(o -> store.photo(o.practiceId(), o.exerciseId()))
        .map(b -> "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(b));
  }

  private record Owner(String practiceId, String exerciseId) {}

  private Catalogue read(String practiceId) {
    Map<String, OwnExercise> inForce = new LinkedHashMap<>();
    own(practiceId).forEach(e -> inForce.put(e.id(), e));
    List<Exercise> exercises = new ArrayList<>();
    for (OwnExercise own : inForce.values()) {
      int rung = 1;
      OwnExercise at = own;
      while (at.above().isPresent()
          && inForce.containsKey(at.above().get())
          && rung <= inForce.size()) {
        at = inForce.get(at.above().get());
        rung++;
      }
      exercises.add(shelved(practiceId, own, at.id(), rung));
    }
    List<Exercise> retired = new ArrayList<>();
    for (OwnExercise own : read(store.ever(practiceId))) {
      if (!inForce.containsKey(own.id())) {
        retired.add(shelved(practiceId, own, own.id(), 1));
      }
    }
    return Catalogue.standard().with(exercises).withRetired(retired);
  }

  /** The exercise as planned; its words and its owner are kept at hand. */
  private Exercise shelved(String practiceId, OwnExercise own, String ladder, int rung) {
    ItemId id = planId(practiceId, own.id());
    owners.put(id, new Owner(practiceId, own.id()));
    texts.put(id, own.text().as(id.id()));
    return new Exercise(
        id,
        LadderId.of(planId(practiceId, ladder).id()),
        rung,
        own.kind(),
        own.serves(),
        own.also(),
        own.dose(),
        own.position(),
        Tools.each(own.tools()),
        own.demands(),
        Set.of());
  }

  private static List<OwnExercise> read(List<OwnExercises.Stored> kept) {
    return kept.stream()
        .map(k -> OwnExerciseReader.kept(k.content()))
        .flatMap(Optional::stream)
        .toList();
  }
}
