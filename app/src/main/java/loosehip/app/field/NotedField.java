package loosehip.app.field;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Typing;
import loosehip.app.store.GolferFile;
import loosehip.core.named.Named;

/**
 * A fact as a field of a page: what stands in it, and where it is saved as soon as it changes.
 *
 * @param golfer whose fact it is
 * @param key of the fact
 * @param label what it is, for those who hear the page
 * @param typing how it is typed
 * @param value as it stands in the field; empty text when nothing is noted
 * @param choices what can be chosen; empty when it is typed
 * @param takesBack whether a second tap on what is chosen takes it back
 * @param locked whether something else decides it for now
 */
public record NotedField(
    String golfer,
    String key,
    String label,
    Typing typing,
    String value,
    List<Choice> choices,
    boolean takesBack,
    boolean locked) {

  /** One thing that can be chosen. */
  public record Choice(String id, String value, String words, String title, boolean chosen) {}

  /** A field to type in. */
  public static NotedField typed(GolferFile file, Fact<?> fact) {
    return new NotedField(
        file.id(),
        fact.key(),
        fact.label(),
        fact.codec().typing(),
        fact.typed(file),
        List.of(),
        false,
        false);
  }

  /** A box to tick. */
  public static NotedField mark(GolferFile file, Fact<String> fact, String words) {
    String id = id(fact.key());
    return chosen(file, fact, List.of(new Choice(id, "yes", words, "", fact.isIn(file))), true);
  }

  /** One of a few; nothing is chosen while nothing is noted. */
  public static <E extends Named> NotedField oneOf(
      GolferFile file, Fact<?> fact, List<E> all, Function<E, String> words) {
    return oneOf(file, fact, all, words, fact.typed(file), false);
  }

  /** One of a few, with a second tap taking it back. */
  public static <E extends Named> NotedField oneOrNone(
      GolferFile file, Fact<?> fact, List<E> all, Function<E, String> words, String now) {
    return oneOf(file, fact, all, words, now, true);
  }

  /** One of a few; this one is in force while nothing is noted. */
  public static <E extends Named> NotedField oneOf(
      GolferFile file, Fact<?> fact, E[] all, Function<E, String> words, E inForce) {
    return oneOf(file, fact, Arrays.asList(all), words, inForce.id(), false);
  }

  /** The same of some of them. */
  public static <E extends Named> NotedField oneOf(
      GolferFile file, Fact<?> fact, List<E> all, Function<E, String> words, E inForce) {
    return oneOf(file, fact, all, words, inForce.id(), false);
  }

  private static <E extends Named> NotedField oneOf(
      GolferFile file,
      Fact<?> fact,
      List<E> all,
      Function<E, String> words,
      String now,
      boolean takesBack) {
    String id = id(fact.key());
    return chosen(
        file,
        fact,
        all.stream()
            .map(e -> new Choice(id + "-" + e.id(), e.id(), words.apply(e), "", e.id().equals(now)))
            .toList(),
        takesBack);
  }

  /**
   * A number chosen from a few; any other can be typed elsewhere.
   *
   * @param inForce what counts while nothing is noted
   */
  public static NotedField steps(
      GolferFile file,
      Fact<?> fact,
      List<Integer> steps,
      Function<Integer, String> words,
      String inForce) {
    String id = id(fact.key());
    String now = fact.typed(file).isEmpty() ? inForce : fact.typed(file);
    return chosen(
        file,
        fact,
        steps.stream()
            .map(String::valueOf)
            .map(
                s ->
                    new Choice(id + "-" + s, s, words.apply(Integer.valueOf(s)), "", s.equals(now)))
            .toList(),
        false);
  }

  /** Yes or no. */
  public static NotedField yesOrNo(GolferFile file, Fact<Boolean> fact) {
    String id = id(fact.key());
    String now = fact.typed(file);
    return chosen(
        file,
        fact,
        List.of(
            new Choice(id + "-no", "no", "no", "", now.equals("no")),
            new Choice(id + "-yes", "yes", "yes", "", now.equals("yes"))),
        false);
  }

  private static NotedField chosen(
      GolferFile file, Fact<?> fact, List<Choice> choices, boolean takesBack) {
    return new NotedField(
        file.id(),
        fact.key(),
        fact.label(),
        fact.codec().typing(),
        fact.typed(file),
        choices,
        takesBack,
        false);
  }

  /** The same with a hint over its only choice. */
  public NotedField hinted(String title) {
    Choice c = choices.get(0);
    return new NotedField(
        golfer,
        key,
        label,
        typing,
        value,
        List.of(new Choice(c.id(), c.value(), c.words(), title, c.chosen())),
        takesBack,
        locked);
  }

  /** The same with nothing noted. */
  public NotedField emptied() {
    return new NotedField(golfer, key, label, typing, "", choices, takesBack, locked);
  }

  /** The same, locked or not. */
  public NotedField locked(boolean now) {
    return new NotedField(golfer, key, label, typing, value, choices, takesBack, now);
  }

  /** Its id on the page. */
  public String id() {
    return id(key);
  }

  /** The id of a fact's field on a page. */
  public static String id(String key) {
    return key.replace('.', '-');
  }
}
