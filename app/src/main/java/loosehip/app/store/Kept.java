package loosehip.app.store;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.function.LongSupplier;
import java.util.function.Supplier;

/**
 * What was read of the data base, kept while the edition it was read at stands. The edition is
 * asked before reading: what is kept can be newer than its edition, never older.
 *
 * @param <K> what it is kept under
 * @param <V> what was read
 */
final class Kept<K, V> {
  private static final int MINUTES = 20;

  private final Cache<K, At<V>> kept;

  private record At<V>(long edition, V value) {}

  Kept(int most) {
    this.kept =
        Caffeine.newBuilder()
            .maximumSize(most)
            .expireAfterAccess(MINUTES, TimeUnit.MINUTES)
            .build();
  }

  /** What is kept of this edition; empty when it must be read. */
  Optional<V> at(K key, long edition) {
    return Optional.ofNullable(kept.getIfPresent(key))
        .filter(at -> at.edition() == edition)
        .map(At::value);
  }

  /** What is kept of this edition, else what is read now. */
  V get(K key, long edition, Supplier<V> read) {
    return at(key, edition)
        .orElseGet(
            () -> {
              V value = read.get();
              kept.put(key, new At<>(edition, value));
              return value;
            });
  }

  /**
   * The same of several at once: what is not kept is read with one question.
   *
   * @param editions of each of them
   * @param read all that must be read; what it leaves out is kept as nothing
   */
  Map<K, V> all(Map<K, Long> editions, Function<Set<K>, Map<K, V>> read, V nothing) {
    Map<K, V> all = new HashMap<>();
    Set<K> missing = new LinkedHashSet<>();
    editions.forEach(
        (key, edition) -> {
          at(key, edition).ifPresentOrElse(value -> all.put(key, value), () -> missing.add(key));
        });
    if (!missing.isEmpty()) {
      Map<K, V> now = read.apply(missing);
      for (K key : missing) {
        V value = now.getOrDefault(key, nothing);
        kept.put(key, new At<>(editions.get(key), value));
        all.put(key, value);
      }
    }
    return all;
  }

  /** The same of whatever edition there is now. */
  V get(K key, LongSupplier edition, Supplier<V> read) {
    return get(key, edition.getAsLong(), read);
  }

  void forget() {
    kept.invalidateAll();
  }
}
