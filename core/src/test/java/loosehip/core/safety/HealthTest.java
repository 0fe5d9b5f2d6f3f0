package loosehip.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Side;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class HealthTest {

  private static Health of(Caution caution, Side side) {
    return Health.of(Set.of(), List.of(NotedCaution.of(caution, Optional.ofNullable(side))));
  }

  @Test
  void theWarningSignsAndCautionsAreThoseOfTheSafetyTable() {
    assertThat(Arrays.stream(WarningSign.values()).map(WarningSign::id))
        .containsExactlyInAnyOrder(
            "saddle-or-bladder",
            "leg-weakness",
            "after-fall",
            "night-pain",
            "chest-or-faint",
            "hot-joint",
            "hip-gives-way",
            "sudden-neuro");
    assertThat(Arrays.stream(Caution.values()).map(Caution::id))
        .containsExactlyInAnyOrder(
            "hip-replacement",
            "hip-pinch",
            "inner-knee",
            "knee",
            "back",
            "sciatica",
            "brittle-bones",
            "balance",
            "heart",
            "pregnancy",
            "groin",
            "shoulder",
            "wrist",
            "under-18");
  }

  @Test
  void theseHaveASideAndTheOthersNone() {
    assertThat(Arrays.stream(Caution.values()).filter(Caution::sided).map(Caution::id))
        .containsExactly(
            "hip-replacement",
            "hip-pinch",
            "inner-knee",
            "knee",
            "sciatica",
            "groin",
            "shoulder",
            "wrist");
  }

  @Test
  void everythingIsSaidInWords() {
    assertThat(Caution.values()).allMatch(c -> !c.asked().isBlank() && !c.consequence().isBlank());
    assertThat(Demand.values()).allMatch(d -> !d.words().isBlank());
    assertThat(Change.values()).allMatch(c -> !c.words().isBlank());
    assertThat(WarningSign.values()).allMatch(s -> s.question().endsWith("?"));
  }

  @ParameterizedTest
  @EnumSource(WarningSign.class)
  void anyOpenWarningSignRefers(WarningSign sign) {
    assertThat(Health.of(Set.of(sign), List.of()).refer()).isTrue();
    assertThat(Health.CLEAR.refer()).isFalse();
  }

  @Test
  void aCautionConcernsItsSideAndBothWhenNoneIsNamed() {
    Health left = of(Caution.HIP_REPLACEMENT, Side.LEFT);
    assertThat(left.cautions().get(0).concerns(Side.LEFT)).isTrue();
    assertThat(left.cautions().get(0).concerns(Side.RIGHT)).isFalse();
    assertThat(left.active(Caution.HIP_REPLACEMENT)).isTrue();
    Health both = of(Caution.HIP_REPLACEMENT, null);
    assertThat(both.cautions().get(0).concerns(Side.RIGHT)).isTrue();
  }

  @ParameterizedTest
  @CsvSource({"BACK, HOP_HOLD", "BALANCE, HOP_HOLD", "HIP_REPLACEMENT, HOP_HOLD"})
  void landingIsNotTestedWithACaution(Caution caution, ScreenTest test) {
    assertThat(of(caution, null).blocks(test, Optional.of(Side.LEFT), Optional.empty()))
        .contains(new TestRule(of(caution, null).cautions().get(0), TestRule.Advice.NO_HOPS));
  }

  @ParameterizedTest
  @EnumSource(Caution.class)
  void mirroringExchangesTheSideAndNothingElse(Caution caution) {
    Health left = of(caution, caution.sided() ? Side.LEFT : null);
    assertThat(left.mirrored().mirrored()).isEqualTo(left);
    assertThat(left.mirrored().equals(left)).isEqualTo(!caution.sided());
    for (ScreenTest test : ScreenTest.values()) {
      if (test.sided()) {
        for (Optional<Part> part : List.of(Optional.<Part>empty(), Optional.of(Part.INTERNAL))) {
          assertThat(left.blocks(test, Optional.of(Side.LEFT), part).isPresent())
              .isEqualTo(left.mirrored().blocks(test, Optional.of(Side.RIGHT), part).isPresent());
        }
      }
    }
  }
}
