package loosehip.core.named;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * The constants of one enumeration by their ids, worked out once.
 *
 * @param byId constants by id, in their order
 */
record NamesOf<E>(Map<String, E> byId) {
  private static final ClassValue<NamesOf<?>> ALL =
      new ClassValue<>() {
        @Override
        protected NamesOf<?> computeValue(Class<?> of) {
          return made(of);
        }
      };

  @SuppressWarnings("unchecked")
  static <E extends Enum<E> & Named> NamesOf<E> of(Class<E> of) {
    return (NamesOf<E>) ALL.get(of);
  }

  private static NamesOf<Object> made(Class<?> of) {
    Map<String, Object> byId = new LinkedHashMap<>();
    for (Object constant : of.getEnumConstants()) {
      String id = ((Named) constant).id();
      if (byId.put(id, constant) != null) {
        throw new IllegalStateException(of.getSimpleName() + " has the id " + id + " twice");
      }
    }
    return new NamesOf<>(Collections.unmodifiableMap(byId));
  }
}
