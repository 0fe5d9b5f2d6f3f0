package loosehip.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.golfer.GolferText;
import loosehip.core.safety.Caution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ConsequencesTest {
  private static final Consequences CONSEQUENCES = new Consequences(new ExerciseTexts());

  private static Consequences.Consequence one(String file) {
    List<Consequences.Consequence> all = CONSEQUENCES.of(GolferText.workup(file));
    assertThat(all).hasSize(1);
    return all.get(0);
  }

  @Test
  void aKneeThatHurtsInsideNamesTestsAndExercises() {
    Consequences.Consequence knee = one("caution.inner-knee=right");
    assertThat(knee.caution()).isEqualTo("Pain at the inside of the knee, trail (R)");
    assertThat(knee.leftOut()).containsExactly("Hop and hold");
    assertThat(knee.withCare())
        .containsExactly("Standing turn, Seated hip turn (stop at the first pull inside the knee)");
    assertThat(knee.notPlanned()).contains("seated knee drops");
  }

  @Test
  void onlyTheClosedEyesAreLeftOutForBalance() {
    Consequences.Consequence balance = one("caution.balance=yes");
    assertThat(balance.leftOut())
        .contains("One-leg stand, eyes closed", "One-leg reach down", "Hop and hold");
    assertThat(balance.withCare().get(0)).contains("One-leg stand, eyes open");
  }

  /** Facts of these files were noted long ago. */
  @Test
  void whatIsForAClinicianIsSaid() {
    assertThat(one("caution.hip-pinch=left").advice()).contains("still there: advise a clinician");
    assertThat(one("caution.sciatica=yes; sciatica.new=yes").advice())
        .isEqualTo("new: advise a clinician before a plan");
    assertThat(one("caution.sciatica=yes").advice()).isEmpty();
    assertThat(one("caution.wrist=left").advice()).isEmpty();
  }

  @Test
  void aClearanceLiftsWhatItNames() {
    Consequences.Consequence without = one("caution.hip-replacement=left");
    assertThat(without.cleared()).isEmpty();
    assertThat(without.notPlanned())
        .contains("straighten the knee, thigh a little across", "hop and hold");
    assertThat(without.changed()).anyMatch(c -> c.endsWith("(only inside the surgeon's limit)"));
    Consequences.Consequence hip =
        one(
            "caution.hip-replacement=left; cleared-caution.hip-replacement={\"by\":\"Dr"
                + " Imrie\",\"profession\":\"surgeon\",\"limits\":\"slowly\",\"lifts\":[\"hip-cross\"],\"blocks\":[],\"degrees\":[]}");
    assertThat(hip.cleared())
        .contains("Dr Imrie, surgeon: slowly; allowed: a thigh across the midline");
    assertThat(hip.notPlanned())
        .contains("hop and hold")
        .doesNotContain("straighten the knee, thigh a little across");
  }

  @ParameterizedTest
  @EnumSource(Caution.class)
  void everyCautionLeavesOutTheHop(Caution caution) {
    String value = caution.sided() ? "left" : "yes";
    assertThat(one("caution." + caution.id() + "=" + value).leftOut()).contains("Hop and hold");
  }
}
