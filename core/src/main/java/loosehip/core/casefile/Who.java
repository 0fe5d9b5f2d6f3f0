package loosehip.core.casefile;

import java.time.LocalDate;
import java.time.Period;
import java.util.Optional;
import loosehip.core.body.Handed;

/**
 * Who a case is about, without a name.
 *
 * @param ref how whoever made the file tells this golfer from others
 * @param birthYear year of birth
 * @param birthDate date of birth; it goes before the year
 * @param guardian who consents for a minor
 * @param handed which way the golfer stands; empty until somebody says, and then nothing sided is
 *     judged
 * @param heightCm height standing tall, in centimetres
 */
public record Who(
    Optional<String> ref,
    Optional<Integer> birthYear,
    Optional<LocalDate> birthDate,
    Optional<Guardian> guardian,
    Optional<Handed> handed,
    Optional<Double> heightCm) {
  private static final int GROWN_UP = 18;

  /** A guardian's consent: by whom, and since when where that is known. */
  public record Guardian(String name, Optional<LocalDate> on) {}

  /** Somebody of whom only the hand is known. */
  public static Who of(Handed handed) {
    return new Who(
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.of(handed),
        Optional.empty());
  }

  /** Somebody of whom nothing is known, not even the hand. */
  public static Who unknown() {
    return new Who(
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  /** Whole years on a day, by the year alone where the date is not known; empty when neither is. */
  public Optional<Integer> years(LocalDate today) {
    return birthDate
        .map(born -> Period.between(born, today).getYears())
        .or(() -> birthYear.map(year -> today.getYear() - year));
  }

  /** Whether they are under 18 on a day, or could be by the year alone. */
  public boolean couldBeMinor(LocalDate today) {
    return birthDate
        .or(() -> birthYear.map(year -> LocalDate.of(year, 12, 31)))
        .filter(born -> born.plusYears(GROWN_UP).isAfter(today))
        .isPresent();
  }

  /** The same standing the other way. */
  Who mirrored() {
    return new Who(
        ref,
        birthYear,
        birthDate,
        guardian,
        handed.map(h -> h == Handed.RIGHT ? Handed.LEFT : Handed.RIGHT),
        heightCm);
  }
}
