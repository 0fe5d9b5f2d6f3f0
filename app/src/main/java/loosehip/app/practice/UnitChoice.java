package loosehip.app.practice;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import loosehip.app.unit.DayOrder;
import loosehip.app.unit.Distance;
import loosehip.app.unit.Length;
import loosehip.app.unit.Mass;
import loosehip.app.unit.Paper;
import loosehip.app.unit.Units;
import loosehip.app.words.Dates;
import loosehip.core.named.Named;

/**
 * Something a practice chooses once.
 *
 * @param what what it is kept under
 * @param words what it is
 * @param options what can be chosen
 */
public record UnitChoice(String what, String words, List<Option> options) {
  private static final LocalDate EXAMPLE = LocalDate.of(2027, 3, 4);

  /** A choice with an example of it. */
  public record Option(String id, String words, String example, boolean chosen) {}

  static Option of(Named option, Named now, String words, String example) {
    return new Option(option.id(), words, example, option.equals(now));
  }

  /** Everything that can be chosen, with what holds now. */
  public static List<UnitChoice> all(Units now) {
    return List.of(
        new UnitChoice(
            "length",
            "Lengths of bodies and rooms",
            List.of(
                of(Length.CENTIMETRES, now.length(), "centimetres", "171 cm"),
                of(Length.INCHES, now.length(), "feet and inches", "5'7.3\""))),
        new UnitChoice(
            "distance",
            "How far a ball carries",
            List.of(
                of(Distance.METRES, now.distance(), "metres", "180 m"),
                of(Distance.YARDS, now.distance(), "yards", "197 yd"))),
        new UnitChoice(
            "mass",
            "Weights",
            List.of(
                of(Mass.KILOGRAMS, now.mass(), "kilograms", "80 kg"),
                of(Mass.POUNDS, now.mass(), "pounds", "176 lb"))),
        new UnitChoice(
            "paper",
            "Paper in the printer",
            List.of(
                of(Paper.A4, now.paper(), "A4", "210 × 297 mm"),
                of(Paper.LETTER, now.paper(), "Letter", "8.5 × 11 in"))),
        new UnitChoice(
            "day-order",
            "Dates",
            List.of(
                date(DayOrder.DAY_FIRST, now),
                date(DayOrder.MONTH_FIRST, now),
                date(DayOrder.YEAR_FIRST, now))),
        new UnitChoice(
            "first-day",
            "Calendars start with",
            List.of("monday", "sunday", "saturday").stream()
                .map(
                    day ->
                        new Option(
                            day,
                            day.substring(0, 1).toUpperCase(Locale.ROOT) + day.substring(1),
                            "",
                            UnitsShelf.day(day).filter(now.firstDay()::equals).isPresent()))
                .toList()));
  }

  private static Option date(DayOrder order, Units now) {
    return of(order, now.dayOrder(), Dates.day(EXAMPLE, order), "");
  }
}
