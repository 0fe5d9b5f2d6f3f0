package loosehip.app.exercise;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.util.Base64;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import loosehip.app.store.OwnExercises;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.LadderId;
import org.springframework.stereotype.Component;

/** Each practice's catalogue: the shipped exercises and drills, and its own. */
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

  /** The words of an own item by its id in plans, once its practice's catalogue was read. */
  Optional<ExerciseText> text(ItemId planId) {
    return Optional.ofNullable(texts.get(planId));
  }

  /** The own exercises and drills of a practice. */
  public List<OwnItem> own(String practiceId) {
    return read(store.of(practiceId));
  }

  /** An own item as it last stood, in use or not; empty when there never was one. */
  public Optional<OwnItem> last(String practiceId, String id) {
    return read(store.ever(practiceId)).stream().filter(i -> i.id().equals(id)).findFirst();
  }

  /** The id of an own item in plans; it tells practices apart. */
  public static ItemId planId(String practiceId, String exerciseId) {
    return ItemId.of(
        OwnItem.PREFIX + Integer.toHexString(practiceId.hashCode()) + "-" + exerciseId);
  }

  /** The photo of an own item by its id in plans, as a data address; empty without one. */
  public Optional<String> photo(ItemId planId) {
    return Optional.ofNullable(owners.get(planId))
        .flatMap(o -> store.photo(o.practiceId(), o.exerciseId()))
        .map(b -> "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(b));
  }

  private record Owner(String practiceId, String exerciseId) {}

  private Catalogue read(String practiceId) {
    Map<String, OwnItem> inForce = new LinkedHashMap<>();
    own(practiceId).forEach(e -> inForce.put(e.id(), e));
    List<OwnItem> retired =
        read(store.ever(practiceId)).stream().filter(i -> !inForce.containsKey(i.id())).toList();
    Map<String, OwnExercise> ladders =
        exercises(inForce.values())
            .collect(Collectors.toMap(OwnExercise::id, e -> e, (a, b) -> b, LinkedHashMap::new));
    return Catalogue.standard()
        .with(
            ladders.values().stream()
                .map(e -> shelved(practiceId, e, lowest(e, ladders).id(), rung(e, ladders)))
                .toList())
        .withDrills(
            drills(inForce.values())
                .filter(d -> !d.last())
                .map(d -> d.planned(shelved(practiceId, d)))
                .toList(),
            drills(inForce.values())
                .filter(OwnDrill::last)
                .map(d -> d.planned(shelved(practiceId, d)))
                .toList())
        .withRetired(
            exercises(retired).map(e -> shelved(practiceId, e, e.id(), 1)).toList(),
            drills(retired).map(d -> d.planned(shelved(practiceId, d))).toList());
  }

  /** An exercise's rung, counted from the one that begins its ladder. */
  private static int rung(OwnExercise exercise, Map<String, OwnExercise> ladders) {
    return (int) down(exercise, ladders).count();
  }

  private static OwnExercise lowest(OwnExercise exercise, Map<String, OwnExercise> ladders) {
    return down(exercise, ladders).reduce(exercise, (upper, lower) -> lower);
  }

  /** An exercise and those below it; a ladder that turned in a circle ends where all are passed. */
  private static Stream<OwnExercise> down(OwnExercise exercise, Map<String, OwnExercise> ladders) {
    return Stream.iterate(
            Optional.of(exercise),
            Optional::isPresent,
            e -> e.flatMap(OwnExercise::above).map(ladders::get))
        .flatMap(Optional::stream)
        .limit(ladders.size() + 1L);
  }

  private static Stream<OwnExercise> exercises(Collection<OwnItem> items) {
    return items.stream().filter(OwnExercise.class::isInstance).map(OwnExercise.class::cast);
  }

  private static Stream<OwnDrill> drills(Collection<OwnItem> items) {
    return items.stream().filter(OwnDrill.class::isInstance).map(OwnDrill.class::cast);
  }

  private Exercise shelved(String practiceId, OwnExercise own, String ladder, int rung) {
    LadderId on = LadderId.of(planId(practiceId, ladder).id());
    return own.planned(shelved(practiceId, own), on, rung);
  }

  /** Keeps an item's words and owner at hand; its id in plans. */
  private ItemId shelved(String practiceId, OwnItem own) {
    ItemId id = planId(practiceId, own.id());
    owners.put(id, new Owner(practiceId, own.id()));
    texts.put(id, own.text().as(id.id()));
    return id;
  }

  private static List<OwnItem> read(List<OwnExercises.Stored> kept) {
    return kept.stream()
        .map(k -> OwnItemReader.kept(k.content()))
        .flatMap(Optional::stream)
        .toList();
  }
}
