package loosehip.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Screens;
import loosehip.core.body.Side;
import loosehip.core.measure.Slot;
import loosehip.core.named.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TestRuleTest {

  @ParameterizedTest(name = "{0} {1} ({2}), {3}: {4}")
  @CsvSource({
    "hip-replacement, left, , seated-rotation.left.internal, LIMITS_NOT_NOTED",
    "hip-replacement, left, , standing-turn.left.internal, LIMITS_NOT_NOTED",
    "hip-replacement, left, cleared, seated-rotation.left.internal, WITHIN_LIMITS",
    "hip-replacement, left, , seated-rotation.right.internal, -",
    "hip-replacement, left, , seated-rotation.left.external, -",
    "hip-replacement, left, , hop-hold.left, NO_HOPS",
    "hip-replacement, left, , hop-hold.right, NO_HOPS",
    "hip-replacement, left, , squat-depth, NO_DEEP_SQUAT",
    "hip-replacement, left, , leg-extension-short.left, NO_NERVE_STRETCH",
    "hip-pinch, right, , prone-rotation.right.internal, SHORT_OF_PINCH",
    "hip-pinch, right, , prone-rotation.right.external, -",
    "hip-pinch, right, , squat-depth, NO_DEEP_SQUAT",
    "inner-knee, left, , standing-turn.left.external, FIRST_PULL",
    "inner-knee, left, , seated-rotation.left.internal, FIRST_PULL",
    "inner-knee, left, , squat-depth, -",
    "knee, left, , squat-depth, NO_DEEP_SQUAT",
    "knee, left, , standing-turn.left.internal, -",
    "knee, left, new knee, standing-turn.left.internal, HAND_ON_SOMETHING",
    "knee, left, new knee, standing-turn.right.internal, -",
    "back, , , trunk-turn.left, TOO_SORE",
    "back, , pain 4, tilt-control.arch, TOO_SORE",
    "back, , pain 4, hinge-contact, TOO_SORE",
    "back, , pain 3, hinge-contact, NEUTRAL_FIRST",
    "back, , pain 3, trunk-turn.left, NEUTRAL_FIRST",
    "back, , pain 9, seated-rotation.left.internal, -",
    "back, , pain 9, reach-down.left, NEUTRAL_FIRST",
    "back, , pain 0, hop-hold.left, NO_HOPS",
    "sciatica, , , leg-extension-short.left, NO_NERVE_STRETCH",
    "sciatica, , , hinge-contact, SHORT_OF_END",
    "brittle-bones, , , hinge-contact, SLOW_AND_SUPPORTED",
    "brittle-bones, , , one-leg-stand.left.open, HAND_ON_SOMETHING",
    "balance, , , one-leg-stand.left.closed, NO_CLOSED_EYES",
    "balance, , , one-leg-stand.left.open, WITH_HELPER",
    "balance, , , reach-down.left, NO_FREE_ONE_LEG",
    "balance, , , standing-turn.left.internal, WITH_HELPER",
    "balance, , , trunk-turn.left, -",
    "heart, , , front-hold, TEN_SECONDS",
    "heart, , , bridge-hold.left, TEN_SECONDS",
    "heart, , , trunk-turn.left, -",
    "pregnancy, , , bridge-hold.left, NOT_ON_BACK",
    "pregnancy, , week 9, bridge-hold.left, NO_LONG_HOLD",
    "pregnancy, , week 9, front-hold, NOT_ON_FRONT",
    "pregnancy, , week 15, hip-flexor-length.left, -",
    "pregnancy, , week 16, hip-flexor-length.left, NOT_ON_BACK",
    "pregnancy, , , hip-flexor-length.left, NOT_ON_BACK",
    "pregnancy, , after 3, hip-flexor-length.left, -",
    "groin, left, , squat-depth, GROIN_QUIET",
    "shoulder, left, , overhead-reach, NO_ARM_UP",
    "shoulder, left, , front-hold, NO_LOADED_ARM",
    "wrist, left, , trunk-turn.left, -",
    "wrist, left, , hop-hold.left, NO_HOPS",
    "under-18, , , trunk-turn.left, -",
  })
  void whatACautionAsksOfATest(
      String caution, String side, String more, String slot, String advice) {
    Health health = health(caution, side, more == null ? "" : more);
    Slot at = Slot.parse(slot).orElseThrow();
    assertThat(advice(health, at)).isEqualTo(advice);
    assertThat(advice(health.mirrored(), at.mirrored())).isEqualTo(advice);
  }

  private static Health health(String caution, String side, String more) {
    NotedCaution.Detail detail =
        new NotedCaution.Detail(
            after(more, "pain "),
            after(more, "week "),
            after(more, "after "),
            more.equals("new knee"),
            false,
            false);
    Optional<Clearance> clearance =
        more.equals("cleared")
            ? Optional.of(Clearance.of("Dr Imrie", Optional.empty(), "", Optional.empty()))
            : Optional.empty();
    return Health.of(
        Set.of(),
        List.of(
            new NotedCaution(
                Named.parse(Caution.class, caution).orElseThrow(),
                Optional.ofNullable(side).flatMap(Named.parser(Side.class)),
                "",
                detail,
                clearance)));
  }

  private static Optional<Integer> after(String more, String what) {
    return more.startsWith(what)
        ? Optional.of(Integer.parseInt(more.substring(what.length())))
        : Optional.empty();
  }

  private static String advice(Health health, Slot slot) {
    Optional<TestRule> blocks = health.blocks(slot.test(), slot.side(), slot.part());
    List<TestRule> cares = health.cares(slot.test(), slot.side(), slot.part());
    blocks.ifPresent(rule -> assertThat(rule.blocks()).isTrue());
    assertThat(cares).noneMatch(TestRule::blocks);
    return blocks
        .or(() -> cares.stream().findFirst())
        .map(rule -> rule.advice().name())
        .orElse("-");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "one-leg-stand.left.open 12; one-leg-stand.right.open 10 | -",
        "one-leg-stand.left.open 12; one-leg-stand.right.open 9 | StandFirst",
        "one-leg-stand.left.open 12 | StandFirst",
        "trunk-turn.left 40 | StandFirst",
      })
  void hopsAndClosedEyesWaitForTheStand(String sheet, String stop) {
    for (String slot : List.of("hop-hold.left", "one-leg-stand.right.closed")) {
      assertThat(stop(Health.CLEAR, sheet, slot)).as(slot).isEqualTo(stop);
    }
    assertThat(stop(Health.CLEAR, sheet, "one-leg-stand.right.open")).isEqualTo("-");
    assertThat(stop(health("wrist", "left", ""), sheet, "hop-hold.left")).isEqualTo("ByCaution");
  }

  private static String stop(Health health, String sheet, String slot) {
    Slot at = Slot.parse(slot).orElseThrow();
    return TryRefusal.stop(health, Screens.of(sheet), at.test(), at.side(), at.part())
        .map(stop -> stop.getClass().getSimpleName())
        .orElse("-");
  }

  @Test
  void everyBlockSaysWhatItIsInWords() {
    for (TestRule.Advice advice : TestRule.Advice.values()) {
      assertThat(advice.words()).isNotBlank();
    }
  }
}
