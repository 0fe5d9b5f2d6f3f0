package loosehip.app.golfer;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.words.Dates;
import loosehip.app.words.Numbers;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.Reason;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Demand;
import loosehip.core.safety.NotedCaution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WorkupTest {

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
    Workup workup = GolferText.workup(facts);
    assertThat(workup.consented()).isEqualTo(consented);
    assertThat(workup.guardianMissing()).isEqualTo(guardianMissing);
  }

  @ParameterizedTest
  @CsvSource({"right, trail (R), lead (L)", "left, trail (L), lead (R)"})
  void sidesAreSpokenOfByTheLegTheyAre(String handed, String trail, String lead) {
    Workup workup = GolferText.workup("who.handed=" + handed);
    assertThat(workup.spoken(Leg.TRAIL)).isEqualTo(trail);
    assertThat(workup.spoken(Leg.LEAD)).isEqualTo(lead);
    assertThat(workup.spoken(Side.RIGHT)).isEqualTo(handed.equals("right") ? trail : lead);
  }

  @Test
  void aCautionNotedSinceStrikesWhatItBlocksInTheGivenPlan() {
    String given = "given 2026-11-11 2026-12-23 seated-knee-drops";
    assertThat(GolferText.workup(given).struck()).isEmpty();
    Workup knee = GolferText.workup("caution.inner-knee=right; " + given);
    assertThat(knee.struck())
        .isEqualTo(
            Map.of(
                ItemId.of("seated-knee-drops"),
                new Workup.ByCaution(
                    new Reason.ByCaution(
                        NotedCaution.of(Caution.INNER_KNEE, Side.RIGHT),
                        Optional.of(Demand.KNEE_TWIST)))));
    assertThat(GolferText.workup("caution.wrist=right; " + given).struck()).isEmpty();
    assertThat(
            GolferText.workup(
                    "caution.inner-knee=right; cleared-caution.inner-knee="
                        + lifting("\"knee-twist\"")
                        + "; "
                        + given)
                .struck())
        .as("a recorded clearance lifts it")
        .isEmpty();
    assertThat(
            GolferText.workup(
                    "caution.inner-knee=right; cleared-caution.inner-knee="
                        + lifting("\"impact\"")
                        + "; "
                        + given)
                .struck())
        .as("one that does not name it does not")
        .isNotEmpty();
    assertThat(GolferText.workup("caution.inner-knee=right").struck()).isEmpty();
  }

  private static String lifting(String demands) {
    return "{\"by\":\"Dr Imrie\",\"profession\":\"surgeon\",\"limits\":\"\",\"lifts\":["
        + demands
        + "],\"blocks\":[],\"degrees\":[]}";
  }

  @Test
  void onlyWhatIsBlockedIsNamedInTheOrderAsked() {
    Workup workup = GolferText.workup("caution.back=yes; caution.balance=yes");
    assertThat(workup.blocked(items("hop-hold", "bridge", "posture-tilts", "hip-circles")))
        .containsOnlyKeys(items("hop-hold", "posture-tilts"));
    assertThat(workup.blocked(items("no-such-exercise"))).isEmpty();
  }

  private static List<ItemId> items(String... ids) {
    return Arrays.stream(ids).map(ItemId::of).toList();
  }

  @Test
  void daysAndTimesAsTheyAreShown() {
    LocalDate day = LocalDate.of(2027, 3, 3);
    assertThat(Dates.day(day)).isEqualTo("3 Mar 2027");
    assertThat(Dates.saved(LocalTime.of(9, 5))).isEqualTo("saved 09:05");
    Instant noon = Instant.parse("2027-03-03T12:00:00Z");
    assertThat(Dates.moment(noon)).startsWith(Dates.day(Dates.of(noon)));
  }

  @ParameterizedTest
  @CsvSource({"24, 24", "24.5, 24.5", "24.04, 24.0", "-3, -3", "0, 0"})
  void numbersAsTheyAreShown(double number, String shown) {
    assertThat(Numbers.plain(number)).isEqualTo(shown);
  }
}
