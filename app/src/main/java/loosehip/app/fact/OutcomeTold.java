package loosehip.app.fact;

import java.time.LocalDate;
import java.util.Optional;
import loosehip.app.words.Dates;
import loosehip.app.words.Typed;
import loosehip.core.follow.Outcome;
import loosehip.core.named.Named;

/**
 * An outcome on a day.
 *
 * @param value in the unit of the outcome
 */
public record OutcomeTold(double value) {
  private static final int PARTS = 3;

  /**
   * Which outcome, on which day.
   *
   * @param club which club it was; empty where none is meant
   */
  public record About(Outcome what, LocalDate on, String club) {
    private String id() {
      return what.id() + "." + on + (club.isEmpty() ? "" : "." + club);
    }

    private static Optional<About> parse(String id) {
      String[] parts = id.split("\\.", PARTS);
      return parts.length < 2
          ? Optional.empty()
          : Named.parse(Outcome.class, parts[0])
              .flatMap(
                  what ->
                      Typed.day(parts[1])
                          .map(on -> new About(what, on, parts.length < PARTS ? "" : parts[2])));
    }

    /** What it is called, with the club. */
    public String title() {
      return what.title() + (club.isEmpty() ? "" : ", " + club);
    }
  }

  /** The outcome of a day. */
  public static final FactFamily<About, OutcomeTold> ON =
      new FactFamily<>(
          "outcome.",
          Fact.Scope.GOLFER,
          Station.FOLLOW,
          About::id,
          About::parse,
          about -> about.title() + ", " + Dates.day(about.on()),
          about -> Codecs.json(OutcomeTold.class));
}
