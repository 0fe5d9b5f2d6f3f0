package loosehip.core.pivot;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Schools beside each other, and what a search offers. */
class SchoolFitTest {

  private static SetupOption option(double score, double back, double impact, double finish) {
    return new SetupOption(
        Setup.PLAIN, score, 0, SetupOption.Lever.NONE, false, false, back, 0, impact, finish);
  }

  private static SetupSearch.Found found(School school, SetupOption today, SetupOption best) {
    return new SetupSearch.Found(school, today, best, List.of(option(9, 1, 1, 1)), 10);
  }

  @Test
  void aSchoolIsHeldAgainstTheBest() {
    SetupOption best = option(10, 3, 5, 0);
    List<SchoolFit> fits =
        SchoolFit.of(
            List.of(
                found(School.SHIFT_AND_TURN, best, best),
                found(School.SETTLED_BASE, best, option(34.9, 2, -1, 0)),
                found(School.ROTATION_FIRST, best, option(35, -7, -7, 0))),
            Coefficients.SHIPPED);
    assertThat(fits).extracting(SchoolFit::behind).containsExactly(0.0, 24.9, 25.0);
    assertThat(fits).extracting(SchoolFit::loses).containsExactly(false, false, true);
    assertThat(fits).extracting(SchoolFit::shortBack).containsExactly(true, false, false);
    assertThat(fits).extracting(SchoolFit::margin).containsExactly(3.0, -1.0, -7.0);
    assertThat(fits.get(2).found().school()).isEqualTo(School.ROTATION_FIRST);
  }

  /** Nothing is needed at margins of 0 and a finish that lacks its ten degrees of grace. */
  @ParameterizedTest(name = "back {0}, impact {1}, finish {2}: nothing needed {3}")
  @CsvSource({
    "0, 0, -10, true",
    "5, 5, 5, true",
    "-0.1, 5, 5, false",
    "5, -0.1, 5, false",
    "5, 5, -10.1, false",
  })
  void nothingIsOfferedWhereNothingIsNeeded(
      double back, double impact, double finish, boolean nothing) {
    SetupOption today = option(0, back, impact, finish);
    SetupOption best = option(3, 2, 2, 2);
    SetupSearch.Found found = found(School.FREE_TURN, today, best);
    assertThat(found.nothingNeeded()).isEqualTo(nothing);
    assertThat(found.options()).isEqualTo(nothing ? List.of() : List.of(best, option(9, 1, 1, 1)));
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "1, ALMOST_SURELY_SHORT",
    "0.9, ALMOST_SURELY_SHORT",
    "0.899, LIKELY_SHORT",
    "0.85, LIKELY_SHORT",
    "0.65, LIKELY_SHORT",
    "0.649, EITHER",
    "0.5, EITHER",
    "0.351, EITHER",
    "0.35, LIKELY_ENOUGH",
    "0.101, LIKELY_ENOUGH",
    "0.1, ALMOST_SURELY_ENOUGH",
    "0, ALMOST_SURELY_ENOUGH",
  })
  void aChanceOfBeingShortInWords(double chance, ShortChance words) {
    assertThat(ShortChance.of(chance)).isEqualTo(words);
  }
}
