package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.limit.Body;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PreRoundResetTest {
  private static final Body STEADY =
      new Body(Screens.of("one-leg-stand.left.open 12; one-leg-stand.right.open 12"), Handed.RIGHT);

  /** Untested counts as not yet, on the card too. */
  @Test
  void whatWaitsForTheStandIsNotOnTheCard() {
    PreRoundReset card =
        PreRoundReset.of(
            Catalogue.standard(), Health.CLEAR, Body.unmeasured(Handed.RIGHT), Map.of());
    assertThat(card.out())
        .containsExactly(
            new LeftOut(ItemId.of("one-leg-turn-held"), new Reason.NotYet(Gate.STAND_5)));
    assertThat(card.parts())
        .extracting(PreRoundReset.Part::exercise)
        .contains(ItemId.of("kneeling-hip-circles"));
  }

  private static PreRoundReset with(Caution... cautions) {
    List<NotedCaution> noted = Stream.of(cautions).map(NotedCaution::of).toList();
    return PreRoundReset.of(Catalogue.standard(), Health.of(Set.of(), noted), STEADY, Map.of());
  }

  @Test
  void whatTheLogStoppedIsNotOnTheCard() {
    LocalDate day = LocalDate.of(2027, 1, 14);
    PreRoundReset card =
        PreRoundReset.of(
            Catalogue.standard(), Health.CLEAR, STEADY, Map.of(ItemId.of("long-lunge"), day));
    assertThat(card.out())
        .containsExactly(new LeftOut(ItemId.of("long-lunge"), new Reason.Stopped(day)));
    assertThat(card.parts()).hasSize(6);
  }

  @Test
  void theWholeOfItInOrderTakesEightToTenMinutes() {
    PreRoundReset whole = with();
    assertThat(whole.parts().stream().map(p -> p.exercise() + " " + p.reps() + " " + p.counted()))
        .containsExactly(
            "lying-tilts 8 TIMES",
            "four-point-arch-round 8 BREATHS",
            "club-hinge 10 TIMES",
            "one-leg-turn-held 10 EACH_SIDE",
            "side-squat-foot-sweeps 5 EACH_SIDE",
            "low-side-steps 10 TIMES",
            "long-lunge 10 EACH_SIDE");
    assertThat(whole.out()).isEmpty();
    // 40 + 64 + 30 + 65 + 35 + 60 + 65, six pauses of 15, up twice, 30 to set up
    assertThat(whole.seconds()).isEqualTo(359 + 90 + 20 + 30).isBetween(8 * 60, 10 * 60);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "INNER_KNEE | side-squat-foot-sweeps side-squat-foot-press | ''",
        "KNEE | four-point-arch-round side-squat-foot-sweeps side-squat-foot-press long-lunge | ''",
        "SCIATICA | club-hinge | wall-taps",
        "PREGNANCY | lying-tilts | standing-tilts",
        "BALANCE | '' | ''",
        "WRIST | four-point-arch-round | ''",
        "SHOULDER | '' | ''",
      })
  void whatDropsOutIsReplacedByTheRungBelow(Caution caution, String out, String instead) {
    PreRoundReset card = with(caution);
    assertThat(String.join(" ", card.out().stream().map(o -> o.item().id()).toList()))
        .isEqualTo(out);
    assertThat(card.out())
        .allSatisfy(o -> assertThat(o.because()).isInstanceOf(Reason.ByCaution.class));
    List<String> usual = with().parts().stream().map(p -> p.exercise().id()).toList();
    assertThat(
            card.parts().stream()
                .map(p -> p.exercise().id())
                .filter(id -> !usual.contains(id))
                .reduce((a, b) -> a + " " + b)
                .orElse(""))
        .isEqualTo(instead);
    assertThat(card.parts()).extracting(PreRoundReset.Part::exercise).doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @EnumSource(Caution.class)
  void fewerThingsNeverTakeLonger(Caution caution) {
    assertThat(with(caution).seconds()).isLessThanOrEqualTo(with().seconds());
    assertThat(with(caution, Caution.KNEE).parts().size())
        .isLessThanOrEqualTo(with(caution).parts().size());
  }
}
