package loosehip.app.casefile;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;

/** The ids of an enumeration, for messages. */
final class KnownIds {
  private KnownIds() {}

  static <T> List<String> of(T[] values, Function<T, String> id) {
    return Arrays.stream(values).map(id).toList();
  }
}
