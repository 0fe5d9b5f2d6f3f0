package loosehip.app.talk;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClearanceTest {
  @ParameterizedTest
  @CsvSource({
    "'', 2026-11-20, needs the clinician's name",
    "Dr Imrie, '', needs its date",
    "Dr Imrie, yesterday, needs its date",
    "Dr Imrie, 2999-01-01, dated in the future",
  })
  void whatIsMissing(String clinician, String on, String words) {
    assertThat(new Clearance(clinician, on, "", "").problem().orElseThrow()).contains(words);
  }

  @Test
  void theDayToLookAgainComesAfterTheClearance() {
    assertThat(new Clearance("Dr Imrie", "2026-11-20", "", "2026-11-20").problem().orElseThrow())
        .contains("lies before");
    assertThat(new Clearance("Dr Imrie", "2026-11-20", "", "soon").problem()).isPresent();
  }

  @Test
  void aWholeClearanceIsSpokenWithItsLimits() {
    String today = LocalDate.of(2026, 11, 20).toString();
    Clearance clearance = new Clearance("Dr Imrie", today, "no hops", "2027-03-01");
    assertThat(clearance.problem()).isEmpty();
    assertThat(clearance.words())
        .isEqualTo("Dr Imrie, 20 Nov 2026: no hops; look again by 1 Mar 2027");
    assertThat(new Clearance("Dr Imrie", today, "", "").words()).isEqualTo("Dr Imrie, 20 Nov 2026");
  }
}
