package loosehip.app.fact;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import loosehip.app.golfer.GolferText;
import loosehip.core.safety.WarningSign;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WaitingSignsTest {
  private static final String YES = "warning.hot-joint=yes";

  /** The day after the day to look again the block is back. */
  @ParameterizedTest
  @CsvSource({
    "2026-11-24, true",
    "2026-11-25, false",
    "2026-11-26, false",
    ", false",
  })
  void aClearanceHoldsUntilItIsToBeLookedAtAgain(LocalDate lookAgain, boolean waits) {
    String until = lookAgain == null ? "" : "\"lookAgainBy\":\"" + lookAgain + "\",";
    String cleared =
        "cleared-warning.hot-joint={\"by\":\"Dr Imrie\",\"profession\":\"doctor\",\"limits\":\"\","
            + until
            + "\"lifts\":[],\"blocks\":[],\"degrees\":[]}";
    var file = GolferText.of(YES + "; " + cleared);
    assertThat(WaitingSigns.of(file, GolferText.TODAY).contains(WarningSign.HOT_JOINT))
        .isEqualTo(waits);
    assertThat(WaitingSigns.cleared(file, GolferText.TODAY).containsKey(WarningSign.HOT_JOINT))
        .isEqualTo(!waits);
    assertThat(WaitingSigns.of(GolferText.of(YES), GolferText.TODAY))
        .containsExactly(WarningSign.HOT_JOINT);
  }
}
