package loosehip.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Side;
import loosehip.core.measure.Slot;
import loosehip.core.named.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TestRuleTest {

  @ParameterizedTest(name = "{0} {1} “{2}”, {3}: {4}")
  @CsvSource({
    "hip-replacement, left, , seated-rotation.left.internal, blocked",
    "hip-replacement, left, no turn past 20, seated-rotation.left.internal, care",
    "hip-replacement, left, , seated-rotation.right.internal, free",
    "hip-replacement, left, , seated-rotation.left.external, free",
    "hip-replacement, left, , hop-hold.left, blocked",
    "hip-replacement, left, , hop-hold.right, blocked",
    "hip-pinch, right, , prone-rotation.right.internal, care",
    "inner-knee, left, , standing-turn.left.external, care",
    "knee, left, , squat-depth, blocked",
    "standing-knee, left, , standing-turn.left.internal, blocked",
    "standing-knee, left, , standing-turn.right.internal, free",
    "back, , , trunk-turn.left, care",
    "back, , , hop-hold.left, blocked",
    "sciatica, , , leg-extension-short.left, blocked",
    "sciatica, , , hinge-contact, care",
    "brittle-bones, , , hinge-contact, care",
    "balance, , , one-leg-stand.left.closed, blocked",
    "balance, , , one-leg-stand.left.open, care",
    "balance, , , reach-down.left, blocked",
    "heart, , , front-hold, care",
    "pregnancy, , , bridge-hold.left, blocked",
    "pregnancy, , week 9, bridge-hold.left, care",
    "pregnancy, , week 9, front-hold, blocked",
    "groin, left, , squat-depth, care",
    "shoulder, left, , overhead-reach, care",
    "wrist, left, , trunk-turn.left, free",
    "wrist, left, , hop-hold.left, blocked",
  })
  void whatACautionAsksOfATest(
      String caution, String side, String note, String slot, String outcome) {
    Health health = health(caution, side, note, false);
    Slot at = Slot.parse(slot).orElseThrow();
    assertThat(outcome(health, at)).isEqualTo(outcome);
    assertThat(outcome(health(caution, side, note, true), at)).isEqualTo("free");
    assertThat(outcome(health.mirrored(), at.mirrored())).isEqualTo(outcome);
  }

  @Test
  void theReasonNamesTheCaution() {
    Slot squat = Slot.parse("squat-depth").orElseThrow();
    Health knee = health("knee", "left", null, false);
    assertThat(knee.blocks(squat.test(), squat.side(), squat.part()))
        .contains(new TestRule(knee.cautions().get(0), TestRule.Advice.NO_DEEP_SQUAT));
  }

  private static Health health(String caution, String side, String note, boolean cleared) {
    return new Health(
        Set.of(),
        Set.of(),
        List.of(
            new NotedCaution(
                Named.parse(Caution.class, caution).orElseThrow(),
                Optional.ofNullable(side).flatMap(Named.parser(Side.class)),
                note == null ? "" : note,
                cleared)));
  }

  private static String outcome(Health health, Slot slot) {
    if (health.blocks(slot.test(), slot.side(), slot.part()).isPresent()) {
      return "blocked";
    }
    return health.cares(slot.test(), slot.side(), slot.part()).isEmpty() ? "free" : "care";
  }
}
