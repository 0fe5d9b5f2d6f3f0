package loosehip.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import loosehip.core.body.Handed;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnPaceTest {
  private static final Instant NINE = Instant.parse("2026-11-26T09:00:00Z");

  /** Visits of a tilt that lasts so many seconds each, and a hinge after it. */
  private static List<OwnPace.Begun> visits(int... seconds) {
    List<OwnPace.Begun> begun = new ArrayList<>();
    for (int i = 0; i < seconds.length; i++) {
      Instant start = NINE.plusSeconds(3600L * i);
      begun.add(new OwnPace.Begun("v" + i, ScreenTest.TILT_CONTROL, start));
      begun.add(
          new OwnPace.Begun("v" + i, ScreenTest.HINGE_CONTACT, start.plusSeconds(seconds[i])));
    }
    return begun;
  }

  /** The middle of 60 … 150 s is 105 s; nine of them are not enough. */
  @Test
  void tenOfOnesOwnTakeThePlaceOfTheShippedMinutes() {
    int[] ten = {60, 70, 80, 90, 100, 110, 120, 130, 140, 150};
    OwnPace pace = OwnPace.of(visits(ten));
    assertThat(pace.minutes(ScreenTest.TILT_CONTROL)).isEqualTo(105 / 60.0);
    assertThat(pace.minutes(ScreenTest.HINGE_CONTACT)).as("nothing came after it").isEqualTo(1);
    OwnPace nine = OwnPace.of(visits(60, 70, 80, 90, 100, 110, 120, 130, 140));
    assertThat(nine.minutes(ScreenTest.TILT_CONTROL)).isEqualTo(1);
  }

  /** A pause is no test, and one visit says nothing about the next. */
  @Test
  void aPauseDoesNotCount() {
    int[] nineAndAPause = {60, 60, 60, 60, 60, 60, 60, 60, 60, 700};
    assertThat(OwnPace.of(visits(nineAndAPause)).minutes()).isEmpty();
    assertThat(OwnPace.of(visits(60, 60, 60, 60, 60, 60, 60, 60, 60, 600)).minutes())
        .containsOnlyKeys(ScreenTest.TILT_CONTROL);
  }

  /** Quick with nothing taken: 10 minutes as shipped; a tilt of three minutes makes it 12. */
  @ParameterizedTest
  @CsvSource({"0, 10", "180, 12"})
  void minutesLeftGoByTheOwnPace(int seconds, int left) {
    int[] all = new int[10];
    java.util.Arrays.fill(all, seconds);
    OwnPace pace = seconds == 0 ? OwnPace.UNKNOWN : OwnPace.of(visits(all));
    assertThat(RunningOrder.QUICK.minutesLeft(Screen.empty(), Handed.RIGHT, Set.of(), pace))
        .isEqualTo(left);
  }

  @ParameterizedTest
  @CsvSource({
    "20, 28, CONTROL",
    "20, 27.9, RANGE",
    "20, 20, RANGE",
    "24, 18, RANGE",
    "10.5, 40, CONTROL"
  })
  void betterByEightWithTheChestHeldIsControl(double free, double held, String limit) {
    assertThat(new QuietChest(free, held).limit()).isEqualTo(QuietChest.Limit.valueOf(limit));
  }
}
