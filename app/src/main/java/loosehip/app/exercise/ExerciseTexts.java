package loosehip.app.exercise;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import loosehip.app.words.PlanWords;
import loosehip.core.plan.ItemId;
import loosehip.core.shipped.ShippedText;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/** The words of all exercises and drills. */
@Component
public class ExerciseTexts {
  private final Map<ItemId, ExerciseText> byId = new HashMap<>();

  private final Optional<ExerciseShelf> shelf;

  /** The shipped words alone. */
  public ExerciseTexts() {
    this(Optional.empty());
  }

  /** The shipped words and those of the practices' own exercises. */
  @Autowired
  ExerciseTexts(Optional<ExerciseShelf> shelf) {
    this.shelf = shelf;
    ShippedText.rows(ExerciseTexts.class, "texts.txt")
        .forEach(c -> byId.put(ItemId.of(c[0]), text(c)));
  }

  private static ExerciseText text(String[] c) {
    return new ExerciseText(
        c[0],
        c[1],
        c[2],
        c[3],
        Arrays.stream(c[4].split(";")).map(ExerciseTexts::sentence).toList(),
        c[5],
        c[6],
        c[7],
        c[8],
        c[9]);
  }

  private static String sentence(String step) {
    String words = step.strip();
    String end = words.endsWith(".") ? "" : ".";
    return Character.toUpperCase(words.charAt(0)) + words.substring(1) + end;
  }

  /** The words of an exercise or drill, or empty when nothing is written about it. */
  public Optional<ExerciseText> find(ItemId id) {
    return Optional.ofNullable(byId.get(id)).or(() -> shelf.flatMap(s -> s.text(id)));
  }

  /**
   * The words of an exercise or drill.
   *
   * @throws IllegalArgumentException when nothing is written about it
   */
  public ExerciseText of(ItemId id) {
    return find(id)
        .orElseThrow(() -> new IllegalArgumentException("Nothing is written about " + id));
  }

  /** What an exercise or drill is called within a sentence; its id when nothing is written. */
  public String named(ItemId id) {
    return find(id).map(t -> t.name().toLowerCase(Locale.ROOT)).orElse(id.id());
  }

  /** Words that call exercises and drills by their names. */
  public PlanWords words() {
    return new PlanWords(this::named);
  }

  /** The photo of a practice's own exercise, as a data address; empty without one. */
  public Optional<String> photo(ItemId id) {
    return shelf.filter(s -> id.id().startsWith(OwnItem.PREFIX)).flatMap(s -> s.photo(id));
  }
}
