package loosehip.app.today;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.fact.Facts;
import loosehip.app.store.Golfers;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.WarningSign;

/** Golfers whose clearance was to be looked at again by a day that has passed: they wait again. */
final class LapsedClearances {
  private LapsedClearances() {}

  /** Since when each golfer of a practice waits again; whoever does not is left out. */
  static Map<String, LocalDate> of(Golfers golfers, String practiceId, LocalDate today) {
    Map<String, LocalDate> since = new HashMap<>();
    golfers
        .clearances(practiceId)
        .forEach(
            (golfer, kept) ->
                earliest(kept.values(), today).ifPresent(day -> since.put(golfer, day)));
    return since;
  }

  private static Optional<LocalDate> earliest(Collection<String> kept, LocalDate today) {
    List<Clearance> read =
        kept.stream()
            .map(Facts.CLEARED_WARNING.about(WarningSign.NIGHT_PAIN).codec().read())
            .flatMap(Optional::stream)
            .toList();
    return read.stream()
        .filter(c -> c.lapsed(today))
        .flatMap(c -> c.lookAgainBy().stream())
        .min(Comparator.naturalOrder());
  }
}
