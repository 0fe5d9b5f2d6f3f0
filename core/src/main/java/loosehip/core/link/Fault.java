package loosehip.core.link;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import loosehip.core.named.Named;

/** A visible departure: in how the golfer stands, or in how the golfer turns. */
public sealed interface Fault extends Source, Named permits PivotFault, SetupFault {
  /** How it looks. */
  String seen();

  /**
   * How much a fault of this kind counts beside a pivot fault of the same level: what is wrong at
   * address counts half (ours, from practice).
   */
  double weight();

  /** Every fault: those of the set-up, then those of the pivot. */
  static List<Fault> all() {
    return Stream.<Fault>concat(
            Arrays.stream(SetupFault.values()), Arrays.stream(PivotFault.values()))
        .toList();
  }

  /** The fault with this id, or empty. */
  static Optional<Fault> parse(String id) {
    return all().stream().filter(f -> f.id().equals(id)).findFirst();
  }
}
