package loosehip.app.talk;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import loosehip.app.words.SafetyWords;
import loosehip.core.body.Side;
import loosehip.core.measure.Direction;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.Demand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

class TypedClearanceTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 20);

  /** Reads {@code clinician=Dr Imrie; lifts=impact; lifts=fast}. */
  private static TypedClearance typed(String text) {
    MultiValueMap<String, String> form = new LinkedMultiValueMap<>();
    for (String field : text.split(";")) {
      String[] halves = field.split("=", 2);
      form.add(halves[0].strip(), halves[1].strip());
    }
    return new TypedClearance("knee", form, "");
  }

  /** The day it is given decides, not the wall clock of whoever looks. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "profession=surgeon; on=2026-11-20; none=yes                        | needs the clinician's name",
        "clinician=Dr Imrie; on=2026-11-20; none=yes                        | needs what they are",
        "clinician=Dr Imrie; profession=surgeon; none=yes                   | needs its date",
        "clinician=Dr Imrie; profession=surgeon; on=2026-11-21; none=yes    | dated in the future",
        "clinician=Dr Imrie; profession=surgeon; on=2026-11-20              | what limits were given",
        "clinician=Dr Imrie; profession=surgeon; on=2026-11-20; none=yes; limits=no hops | Leave one of them",
        "clinician=Dr Imrie; profession=surgeon; on=2026-11-20; none=yes; blocks=impact  | Leave one of them",
        "clinician=Dr Imrie; profession=surgeon; on=2026-11-20; none=yes; review=2026-11-20 | lies before",
        "clinician=Dr Imrie; profession=surgeon; on=2026-11-20; none=yes; review=soon    | is no date",
        "clinician=Dr Imrie; profession=surgeon; on=2026-11-20; limits=x; left-internal=95 | from 0 to 90",
        "clinician=Dr Imrie; profession=surgeon; on=2026-11-20; limits=x; right-external=a | from 0 to 90",
      })
  void whatIsMissing(String text, String words) {
    assertThat(typed(text).wrong(TODAY).orElseThrow()).contains(words);
  }

  @Test
  void whatIsInTheFutureDependsOnTheDayAskedAbout() {
    TypedClearance later = typed("clinician=Dr Imrie; profession=surgeon; on=2026-11-21; none=yes");
    assertThat(later.wrong(TODAY)).isPresent();
    assertThat(later.wrong(TODAY.plusDays(1))).isEmpty();
  }

  @Test
  void nothingIsLiftedThatIsNotTicked() {
    Clearance plain =
        typed("clinician=Dr Imrie; profession=surgeon; on=2026-11-20; none=yes").clearance();
    assertThat(plain.lifts()).isEmpty();
    assertThat(plain.blocks()).isEmpty();
    assertThat(SafetyWords.clearance(plain)).isEqualTo("Dr Imrie, surgeon, 20 Nov 2026");
  }

  @Test
  void aWholeClearanceIsSpokenWithItsLimits() {
    TypedClearance typed =
        typed(
            "clinician=Dr Imrie; profession=surgeon; on=2026-11-20; review=2027-03-01; limits=slowly;"
                + " blocks=impact; lifts=ir-end; lifts=bogus; left-internal=20; right-external=");
    assertThat(typed.wrong(TODAY)).isEmpty();
    assertThat(typed.clearance().degrees())
        .containsExactly(new Clearance.Degrees(Side.LEFT, Direction.INTERNAL, 20));
    assertThat(typed.clearance().lifts()).containsExactly(Demand.IR_END);
    assertThat(typed.clearance().lookAgainBy()).isEqualTo(Optional.of(LocalDate.of(2027, 3, 1)));
    assertThat(SafetyWords.clearance(typed.clearance()))
        .isEqualTo(
            "Dr Imrie, surgeon, 20 Nov 2026: slowly; not a landing; left hip in to 20° at most;"
                + " allowed: a hip turned in to its end; look again by 1 Mar 2027");
  }
}
