package loosehip.app.unit;

import java.time.DayOfWeek;

/**
 * What a practice enters, reads and prints in. What is kept is always centimetres, metres and
 * kilograms; these stand between the page and what is kept.
 *
 * @param length of bodies and rooms
 * @param distance of a ball's flight
 * @param mass of bodies and weights
 * @param paper what is printed on
 * @param firstDay the day a week of a calendar starts with
 * @param dayOrder the order of a date's parts
 */
public record Units(
    Length length,
    Distance distance,
    Mass mass,
    Paper paper,
    DayOfWeek firstDay,
    DayOrder dayOrder) {
  /** What holds until a practice says otherwise. */
  public static final Units METRIC =
      new Units(
          Length.CENTIMETRES,
          Distance.METRES,
          Mass.KILOGRAMS,
          Paper.A4,
          DayOfWeek.MONDAY,
          DayOrder.DAY_FIRST);

  /** Those of the practice this thread answers, as a locale is held for a request. */
  private static final ThreadLocal<Units> HELD = new ThreadLocal<>();

  /** Those of the practice that is being answered; {@link #METRIC} where none is. */
  public static Units now() {
    Units held = HELD.get();
    return held == null ? METRIC : held;
  }

  /** From here on this thread answers a practice with these. */
  public static void hold(Units units) {
    HELD.set(units);
  }

  /** This thread has answered. */
  public static void release() {
    HELD.remove();
  }

  /** What a height looks like in these. */
  public String heightHint() {
    return length == Length.INCHES ? "5'7\"" : "171";
  }

  /** What a weight looks like in these. */
  public String weightHint() {
    return mass == Mass.POUNDS ? "175" : "80";
  }

  /** How far other people and things keep from a swung club: 2 m, said so that it is never less. */
  public String clearOfAClub() {
    return length == Length.INCHES ? "seven feet" : "two metres";
  }
}
