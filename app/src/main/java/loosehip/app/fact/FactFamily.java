package loosehip.app.fact;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import loosehip.app.store.GolferFile;

/**
 * Facts of one kind, each about something: a warning sign, a figure, a slot.
 *
 * @param <S> what they are about
 * @param <T> what their value is
 */
public final class FactFamily<S, T> {
  private final String prefix;
  private final Fact.Scope scope;
  private final Station station;
  private final Function<S, String> id;
  private final Function<String, Optional<S>> subject;
  private final Function<S, String> label;
  private final Function<S, Codec<T>> codec;

  FactFamily(
      String prefix,
      Fact.Scope scope,
      Station station,
      Function<S, String> id,
      Function<String, Optional<S>> subject,
      Function<S, String> label,
      Function<S, Codec<T>> codec) {
    this.prefix = prefix;
    this.scope = scope;
    this.station = station;
    this.id = id;
    this.subject = subject;
    this.label = label;
    this.codec = codec;
  }

  /** The fact about this. */
  public Fact<T> about(S what) {
    return new Fact<>(
        prefix + id.apply(what), scope, station, label.apply(what), codec.apply(what));
  }

  /** What a key is about, or empty when it is not of this family. */
  public Optional<S> subject(String key) {
    return key.startsWith(prefix)
        ? subject.apply(key.substring(prefix.length()))
        : Optional.empty();
  }

  /** The fact of a key, or empty when the key is not of this family. */
  Optional<Fact<?>> parse(String key) {
    return subject(key).map(this::about);
  }

  /** What these keys are about, as far as they are of this family. */
  public List<S> subjects(Collection<String> keys) {
    return keys.stream().map(this::subject).flatMap(Optional::stream).toList();
  }

  /** Everything of this family that is noted in a file. */
  public Map<S, T> in(GolferFile file) {
    Map<S, T> all = new LinkedHashMap<>();
    file.facts().keySet().stream()
        .sorted()
        .forEach(
            key ->
                subject(key)
                    .ifPresent(what -> about(what).in(file).ifPresent(v -> all.put(what, v))));
    return all;
  }
}
