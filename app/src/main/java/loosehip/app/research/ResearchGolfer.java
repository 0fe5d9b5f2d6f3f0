package loosehip.app.research;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import loosehip.app.golfer.Workup;

/**
 * A golfer as a researcher sees them.
 *
 * @param code a number by lot, another one at each export
 * @param ageBand ten years of age at the first visit; empty when not known
 * @param handed right or left; empty when not known
 * @param first the day of the first visit, which is told to nobody
 */
record ResearchGolfer(String code, String ageBand, String handed, LocalDate first) {
  private static final int BAND = 10;
  private static final int OLDEST_BAND = 80;

  static ResearchGolfer of(String code, Workup now, LocalDate first) {
    Optional<Integer> born =
        now.golfer()
            .who()
            .birthDate()
            .map(LocalDate::getYear)
            .or(() -> now.golfer().who().birthYear());
    return new ResearchGolfer(
        code,
        born.map(year -> band(first.getYear() - year)).orElse(""),
        now.golfer().who().handed().map(h -> h.id()).orElse(""),
        first);
  }

  private static String band(int age) {
    int from = Math.min(OLDEST_BAND, age / BAND * BAND);
    return from == OLDEST_BAND ? OLDEST_BAND + " and over" : from + " to " + (from + BAND - 1);
  }

  /** The same in a group that is too small to be told. */
  ResearchGolfer untold() {
    return new ResearchGolfer(code, "", "", first);
  }

  /** Whole weeks from the first visit to a day; negative before it. */
  String weeks(LocalDate day) {
    return String.valueOf(Math.floorDiv(ChronoUnit.DAYS.between(first, day), 7L));
  }
}
