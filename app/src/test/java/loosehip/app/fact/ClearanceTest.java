package loosehip.app.fact;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClearanceTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 20);

  private static Clearance clearance(String by, LocalDate on, String limits, LocalDate review) {
    return new Clearance(by, Optional.ofNullable(on), limits, Optional.ofNullable(review));
  }

  /** The day it is given decides, not the wall clock of whoever looks. */
  @ParameterizedTest
  @CsvSource({
    "'', 2026-11-20, , needs the clinician's name",
    "Dr Imrie, , , needs its date",
    "Dr Imrie, 2026-11-21, , dated in the future",
    "Dr Imrie, 2026-11-20, 2026-11-20, lies before",
  })
  void whatIsMissing(String by, LocalDate on, LocalDate review, String words) {
    assertThat(clearance(by, on, "", review).problem(TODAY).orElseThrow()).contains(words);
  }

  @Test
  void whatIsInTheFutureDependsOnTheDayAskedAbout() {
    Clearance later = clearance("Dr Imrie", TODAY.plusDays(1), "", null);
    assertThat(later.problem(TODAY)).isPresent();
    assertThat(later.problem(TODAY.plusDays(1))).isEmpty();
  }

  @Test
  void aWholeClearanceIsSpokenWithItsLimits() {
    Clearance whole = clearance("Dr Imrie", TODAY, "no hops", LocalDate.of(2027, 3, 1));
    assertThat(whole.problem(TODAY)).isEmpty();
    assertThat(whole.words()).isEqualTo("Dr Imrie, 20 Nov 2026: no hops; look again by 1 Mar 2027");
    assertThat(clearance("Dr Imrie", TODAY, "", null).words()).isEqualTo("Dr Imrie, 20 Nov 2026");
  }
}
