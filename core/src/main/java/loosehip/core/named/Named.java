package loosehip.core.named;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Something that goes by an id in files, addresses and tables. An id never changes, whatever the
 * words shown beside it.
 */
public interface Named {
  /** The id used in files, addresses and tables. */
  String id();

  /**
   * The constant of an enumeration with this id.
   *
   * @return empty when no constant has this id; ids are told apart by the case of their letters
   */
  static <E extends Enum<E> & Named> Optional<E> parse(Class<E> of, String id) {
    return Optional.ofNullable(NamesOf.of(of).byId().get(id));
  }

  /** {@link #parse} as a function, to be handed on. */
  static <E extends Enum<E> & Named> Function<String, Optional<E>> parser(Class<E> of) {
    return id -> parse(of, id);
  }

  /**
   * The constant with this id, where a text of our own is read.
   *
   * @throws IllegalArgumentException when no constant has it, naming those there are
   */
  static <E extends Enum<E> & Named> E require(Class<E> of, String id) {
    return parse(of, id)
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "No " + of.getSimpleName() + " \"" + id + "\"; there are " + ids(of)));
  }

  /** The ids of all constants, in their order. */
  static <E extends Enum<E> & Named> List<String> ids(Class<E> of) {
    return List.copyOf(NamesOf.of(of).byId().keySet());
  }
}
