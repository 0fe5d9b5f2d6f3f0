package loosehip.app.talk;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import loosehip.app.golfer.Dates;

/**
 * A clinician's clearance as typed.
 *
 * @param clinician who gave it
 * @param on the day it was given, as a date field sends it
 * @param limits what was said about limits; may be blank
 */
public record Clearance(String clinician, String on, String limits) {

  /** What is missing or wrong, in words; empty when it can be recorded. */
  public Optional<String> problem() {
    if (clinician.isBlank()) {
      return Optional.of("A clearance needs the clinician's name. Nothing was recorded yet.");
    }
    try {
      return LocalDate.parse(on).isAfter(LocalDate.now())
          ? Optional.of("The clearance is dated in the future; give the day it was given.")
          : Optional.empty();
    } catch (DateTimeParseException e) {
      return Optional.of("A clearance needs its date. Nothing was recorded yet.");
    }
  }

  /** As it is kept and shown. */
  public String words() {
    String said = limits.isBlank() ? "" : ": " + limits;
    return clinician + ", " + Dates.day(LocalDate.parse(on)) + said;
  }
}
