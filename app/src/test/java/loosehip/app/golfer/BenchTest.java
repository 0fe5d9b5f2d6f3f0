package loosehip.app.golfer;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BenchTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "grown up, consenting | consent=1; who.birth-year=1970 | true | false",
        "grown up, not yet | who.birth-year=1970 | false | false",
        "sixteen without a guardian | consent=1; who.birth-year=2010 | false | true",
        "sixteen with one | consent=1; who.birth-year=2010; who.guardian=Ada | true | false",
        "no year given | consent=1 | true | false",
      })
  void whoMayBeMeasured(String name, String facts, boolean consented, boolean guardianMissing) {
    Bench bench = Files.bench(facts);
    assertThat(bench.consented()).isEqualTo(consented);
    assertThat(bench.guardianMissing()).isEqualTo(guardianMissing);
  }

  @ParameterizedTest
  @CsvSource({"right, trail (R), lead (L)", "left, trail (L), lead (R)"})
  void sidesAreSpokenOfByTheLegTheyAre(String handed, String trail, String lead) {
    Bench bench = Files.bench("who.handed=" + handed);
    assertThat(bench.spoken(Leg.TRAIL)).isEqualTo(trail);
    assertThat(bench.spoken(Leg.LEAD)).isEqualTo(lead);
    assertThat(bench.spoken(Side.RIGHT)).isEqualTo(handed.equals("right") ? trail : lead);
  }

  @Test
  void aCautionNotedSinceStrikesWhatItBlocksInTheGivenPlan() {
    String given = "given 2026-11-11 2026-12-23 seated-knee-drops";
    assertThat(Files.bench(given).struck()).isEmpty();
    Map<String, String> struck = Files.bench("caution.inner-knee=right; " + given).struck();
    assertThat(struck).containsOnlyKeys("seated-knee-drops");
    assertThat(struck.get("seated-knee-drops"))
        .startsWith("caution: pain at the inside of the knee");
    assertThat(Files.bench("caution.wrist=right; " + given).struck()).isEmpty();
    assertThat(
            Files.bench("caution.inner-knee=right; cleared-caution.inner-knee=Dr Imrie; " + given)
                .struck())
        .as("a recorded clearance lifts it")
        .isEmpty();
    assertThat(Files.bench("caution.inner-knee=right").struck()).isEmpty();
  }

  @Test
  void onlyWhatIsBlockedIsNamedInTheOrderAsked() {
    Bench bench = Files.bench("caution.back=yes; caution.balance=yes");
    assertThat(bench.blocked(List.of("hop-hold", "bridge", "posture-tilts", "hip-circles")))
        .containsOnlyKeys("hop-hold", "posture-tilts", "hip-circles");
    assertThat(bench.blocked(List.of("no-such-exercise"))).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Dr Imrie on 1 Oct 2026, look again by 20 Nov 2026 | true",
        "Dr Imrie on 1 Oct 2026, look again by 25 Nov 2026 | true",
        "Dr Imrie on 1 Oct 2026, look again by 26 Nov 2026 | false",
        "Dr Imrie on 1 Oct 2026 | false",
      })
  void aClearanceIsLookedAtAgainWhenItSaysSo(String words, boolean due) {
    assertThat(Files.bench("").reviewDue(words)).isEqualTo(due);
  }

  @Test
  void daysAndTimesAsTheyAreShown() {
    LocalDate day = LocalDate.of(2027, 3, 3);
    assertThat(Dates.day(day)).isEqualTo("3 Mar 2027");
    assertThat(Dates.parse("3 Mar 2027")).isEqualTo(day);
    assertThat(Dates.saved(LocalTime.of(9, 5))).isEqualTo("saved 09:05");
    Instant noon = Instant.parse("2027-03-03T12:00:00Z");
    assertThat(Dates.moment(noon)).startsWith(Dates.day(Dates.of(noon)));
  }

  @ParameterizedTest
  @CsvSource({"24, 24", "24.5, 24.5", "24.04, 24.0", "-3, -3", "0, 0"})
  void numbersAsTheyAreShown(double number, String shown) {
    assertThat(Typed.plain(number)).isEqualTo(shown);
  }
}
