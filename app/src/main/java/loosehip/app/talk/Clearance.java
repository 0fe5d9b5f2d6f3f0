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
 * @param review the day it is to be looked at again, as a date field sends it; may be blank
 */
public record Clearance(String clinician, String on, String limits, String review) {

  /** What is missing or wrong, in words; empty when it can be recorded. */
  public Optional<String> problem() {
    if (clinician.isBlank()) {
      return Optional.of("A clearance needs the clinician's name. Nothing was recorded yet.");
    }
    try {
      if (!review.isBlank() && !LocalDate.parse(review).isAfter(LocalDate.parse(on))) {
        return Optional.of(
            "The day to look again lies before the clearance. Nothing was recorded.");
      }
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
    String again = review.isBlank() ? "" : "; look again by " + Dates.day(LocalDate.parse(review));
    return clinician + ", " + Dates.day(LocalDate.parse(on)) + said + again;
  }
}
