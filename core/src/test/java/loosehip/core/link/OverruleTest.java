package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.measure.Band;
import loosehip.core.measure.Screen;
import org.junit.jupiter.api.Test;

class OverruleTest {
  private static final Screen SCREEN = Screens.of("seated-rotation.right.internal 22");
  private static final Seen SWAY =
      new Seen(Map.of(), Map.of(PivotFault.SWAY, Level.CLEAR), Map.of(), Set.of());
  private static final List<Link> LINKS =
      new Evidence(RuleBook.standard(), SCREEN, Handed.RIGHT, SWAY, Optional.empty()).links();

  private static CauseChance trailHip() {
    return LINKS.get(0).causes().stream()
        .filter(c -> c.cause().id().equals("trail-ir"))
        .findFirst()
        .orElseThrow();
  }

  private static Overrule decided(Overrule.Verdict verdict) {
    return new Overrule(PivotFault.SWAY, Overrule.key(trailHip().cause()), verdict, "");
  }

  private static Optional<Need> need(Overrule.Verdict verdict) {
    return Needs.of(
            LINKS, List.of(decided(verdict)), Set.of(), Optional.empty(), SCREEN, Handed.RIGHT)
        .stream()
        .filter(n -> n.limit().kind() == LimitKind.TRAIL_IR)
        .findFirst();
  }

  /** Odds .35/.65 × 4 for short = 2.15: chance .68, likely. */
  @Test
  void onlyWhatGoesAgainstTheSumIsMarked() {
    assertThat(trailHip().chance()).isBetween(0.5, 0.75);
    assertThat(decided(Overrule.Verdict.REJECTED).against(trailHip())).isTrue();
    assertThat(decided(Overrule.Verdict.ACCEPTED).against(trailHip())).isFalse();
    assertThat(decided(Overrule.Verdict.DOUBTED).against(trailHip())).isFalse();
  }

  @Test
  void aRejectedCauseCallsForNoWorkAndTheSumStays() {
    assertThat(need(Overrule.Verdict.REJECTED)).isEmpty();
    assertThat(need(Overrule.Verdict.DOUBTED)).isPresent();
    assertThat(need(Overrule.Verdict.ACCEPTED)).isPresent();
    assertThat(trailHip().factors()).isNotEmpty();
  }

  @Test
  void everyCauseOfAFaultHasAKeyOfItsOwn() {
    for (PivotFault fault : PivotFault.values()) {
      assertThat(RuleBook.standard().causes(fault).stream().map(Overrule::key))
          .as(fault.id())
          .doesNotHaveDuplicates();
    }
  }

  /** Both are short; the hip-only turn is the one that decided. */
  @Test
  void theWordsNameTheTestThatDecided() {
    Screen both =
        Screens.of("standing-turn.right.internal 43; seated-rotation.right.internal 25 25");
    assertThat(new FindingWords(both, Handed.RIGHT).of(Limit.of(LimitKind.TRAIL_IR), Band.SHORT))
        .isEqualTo("seated hip turn 25.0 ± 2.9: short");
  }

  @Test
  void anotherFaultIsNotMeant() {
    Overrule overrule = decided(Overrule.Verdict.REJECTED);
    assertThat(overrule.about(PivotFault.SWAY, trailHip().cause())).isTrue();
    assertThat(overrule.about(PivotFault.EARLY_STOP, trailHip().cause())).isFalse();
    assertThat(Overrule.Verdict.parse("maybe")).isEmpty();
  }
}
