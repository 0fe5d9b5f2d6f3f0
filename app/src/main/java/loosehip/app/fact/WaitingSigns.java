package loosehip.app.fact;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Noted;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.WarningSign;

/**
 * The warning signs that wait for a clinician. A yes waits at whatever visit it was said, until a
 * clearance noted after it; when that was to be looked at again by a day that has passed, it waits
 * again.
 */
public final class WaitingSigns {
  private WaitingSigns() {}

  /** The signs of a golfer that wait on a day. */
  public static Set<WarningSign> of(GolferFile file, LocalDate today) {
    Set<WarningSign> waiting = EnumSet.noneOf(WarningSign.class);
    for (WarningSign sign : WarningSign.values()) {
      Optional<Noted> yes = newest(file, Facts.WARNING.about(sign));
      if (yes.isPresent() && !inForce(file, sign, yes.get(), today)) {
        waiting.add(sign);
      }
    }
    return waiting;
  }

  /** The clearances of warning signs in force on a day: what they forbid stays forbidden. */
  public static Map<WarningSign, Clearance> cleared(GolferFile file, LocalDate today) {
    Map<WarningSign, Clearance> cleared = new EnumMap<>(WarningSign.class);
    for (WarningSign sign : WarningSign.values()) {
      clearance(file, sign).filter(c -> !c.lapsed(today)).ifPresent(c -> cleared.put(sign, c));
    }
    return cleared;
  }

  private static boolean inForce(GolferFile file, WarningSign sign, Noted yes, LocalDate today) {
    return newest(file, Facts.CLEARED_WARNING.about(sign))
        .filter(noted -> !noted.at().isBefore(yes.at()))
        .flatMap(noted -> clearance(file, sign))
        .filter(clearance -> !clearance.lapsed(today))
        .isPresent();
  }

  private static Optional<Clearance> clearance(GolferFile file, WarningSign sign) {
    Fact<Clearance> fact = Facts.CLEARED_WARNING.about(sign);
    return newest(file, fact).map(Noted::value).flatMap(fact.codec().read());
  }

  private static Optional<Noted> newest(GolferFile file, Fact<?> fact) {
    return Optional.ofNullable(file.signs().get(fact.key()));
  }
}
