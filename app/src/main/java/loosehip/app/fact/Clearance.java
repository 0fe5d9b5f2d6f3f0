package loosehip.app.fact;

import java.time.LocalDate;
import java.util.Optional;
import loosehip.app.words.Dates;

/**
 * A clinician's clearance.
 *
 * @param by who gave it
 * @param on the day it was given; empty in records made before days were kept as data
 * @param limits what was said about limits; may be empty
 * @param lookAgainBy the day it is to be looked at again, when one was named
 */
public record Clearance(
    String by, Optional<LocalDate> on, String limits, Optional<LocalDate> lookAgainBy) {

  /** It in words: {@code Dr Fulmar, 3 Mar 2027: no deep bend; look again by 1 Jun 2027}. */
  public String words() {
    return by
        + on.map(day -> ", " + Dates.day(day)).orElse("")
        + (limits.isBlank() ? "" : ": " + limits)
        + lookAgainBy.map(day -> "; look again by " + Dates.day(day)).orElse("");
  }

  /** Whether the day to look at it again has passed, so that it is in force no more. */
  public boolean lapsed(LocalDate today) {
    return lookAgainBy.filter(today::isAfter).isPresent();
  }

  /** Whether it was to be looked at again by this day. */
  public boolean reviewDue(LocalDate today) {
    return lookAgainBy.filter(day -> !day.isAfter(today)).isPresent();
  }

  /**
   * What is missing or wrong with it, in words; empty when it can be recorded.
   *
   * @param today the day of recording
   */
  public Optional<String> problem(LocalDate today) {
    if (by.isBlank()) {
      return Optional.of("A clearance needs the clinician's name. Nothing was recorded yet.");
    }
    if (on.isEmpty()) {
      return Optional.of("A clearance needs its date. Nothing was recorded yet.");
    }
    if (on.get().isAfter(today)) {
      return Optional.of("The clearance is dated in the future; give the day it was given.");
    }
    return lookAgainBy.filter(day -> !day.isAfter(on.get())).isPresent()
        ? Optional.of("The day to look again lies before the clearance. Nothing was recorded.")
        : Optional.empty();
  }
}
