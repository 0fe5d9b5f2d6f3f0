package loosehip.core.follow;

import java.time.LocalDate;
import java.util.Optional;
import loosehip.core.named.Named;

/** Why a golfer needs a person today, the most pressing first (domain/09). */
public enum Attention implements Named {
  /** Pain stopped something of the plan. */
  STOPPED("stopped"),
  /** A warning sign waits for a clinician. */
  WARNING("warning"),
  /** Three sessions in a row were missed. */
  MISSED("missed"),
  /** The retest is due. */
  RETEST("retest"),
  /** A plan, and no word about it for ten days. */
  SILENT("silent");

  private final String id;

  Attention(String id) {
    this.id = id;
  }

  @Override
  public String id() {
    return id;
  }

  /**
   * Why a golfer needs somebody on a day; the most pressing reason stands.
   *
   * @param waits whether a warning sign waits for a clinician
   * @param retest the day of the retest of the block in force
   */
  public static Optional<Attention> of(
      boolean waits, AtHome home, Optional<LocalDate> retest, LocalDate today) {
    if (home.stoppedOn().isPresent()) {
      return Optional.of(STOPPED);
    } else if (waits) {
      return Optional.of(WARNING);
    }
    boolean over = retest.filter(day -> !day.isAfter(today)).isPresent();
    if (!over && reached(home.missedFrom(), today)) {
      return Optional.of(MISSED);
    } else if (over) {
      return Optional.of(RETEST);
    }
    return reached(home.silentFrom(), today) ? Optional.of(SILENT) : Optional.empty();
  }

  private static boolean reached(Optional<LocalDate> from, LocalDate today) {
    return from.filter(day -> !day.isAfter(today)).isPresent();
  }
}
